import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import sharp from 'sharp';
import { createWorker } from 'tesseract.js';
import { evenLight } from '../../../src/core/photo/even-light.ts';
import { type PhotoLine, photoLines } from '../../../src/core/photo/photo-lines.ts';
import { inFirstSize, SECOND_LOOK } from '../../../src/core/photo/second-look.ts';
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
      const raw = { raw: { width, height, channels: 1 as const } };
      const inSize = (scale: number) =>
        sharp(shades, raw)
          .resize(Math.round(width * scale))
          .png()
          .toBuffer();
      const first = await recognisePage(worker, await inSize(1));
      const second = await recognisePage(worker, await inSize(SECOND_LOOK));
      return photoLines(first.lines, inFirstSize(second.lines));
    },
    end: () => worker.terminate(),
  };
}
