import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import sharp from 'sharp';
import { createWorker } from 'tesseract.js';
import { evenLight } from '../../../src/core/photo/even-light.ts';
import { type PhotoLine, photoLines } from '../../../src/core/photo/photo-lines.ts';
import { recognisePage } from '../../../src/web/photo/recognise-page.ts';

const { resolve } = createRequire(import.meta.url);

/** Reads photographs as the browser does, with what ships: the letters' recogniser, its language, and the core. */
export async function paperReader() {
  const worker = await createWorker('eng', 1, {
    langPath: join(dirname(resolve('@tesseract.js-data/eng/package.json')), '4.0.0_best_int'),
    gzip: true,
    cacheMethod: 'none',
  });
  return {
    async read(picture: Buffer): Promise<PhotoLine[]> {
      const { data, info } = await sharp(picture).greyscale().raw().toBuffer({ resolveWithObject: true });
      const { width, height, shades } = evenLight({
        width: info.width,
        height: info.height,
        shades: new Uint8Array(data),
      });
      const even = await sharp(shades, { raw: { width, height, channels: 1 } })
        .png()
        .toBuffer();
      return photoLines((await recognisePage(worker, even)).lines);
    },
    end: () => worker.terminate(),
  };
}
