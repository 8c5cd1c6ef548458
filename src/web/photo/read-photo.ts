import languageUrl from '@tesseract.js-data/eng/4.0.0_best_int/eng.traineddata.gz?url';
import { wrap } from 'comlink';
import workerUrl from 'tesseract.js/dist/worker.min.js?url';
import coreUrl from 'tesseract.js-core/tesseract-core-simd-lstm.wasm.js?url';
import { type PhotoLine, photoLines } from '../../core/photo/photo-lines.ts';
import { inFirstSize } from '../../core/photo/second-look.ts';
import type { PhotoWorker, ReadyPhoto } from './photo-worker.ts';
import { recognisePage } from './recognise-page.ts';

/** A photograph as it was read. */
export interface ReadPhoto {
  readonly lines: readonly PhotoLine[];
  /** Straight and in even light: the boxes of the lines are of this one. A PNG, as a data URL. */
  readonly picture: string;
}

/**
 * Reads the lines of a photograph on this device: nothing of it leaves. Its parts are large and come only now.
 *
 * @param onShare how much of it is done, 0 to 1
 * @param signal stops it
 * @throws when the file is no picture, or the browser cannot do it
 */
export async function readPhoto(
  photo: Blob,
  onShare: (share: number) => void,
  signal: AbortSignal,
): Promise<ReadPhoto> {
  const ready = await readyPhoto(photo);
  const { createWorker } = await import('tesseract.js');
  let looks = 0;
  const worker = await createWorker('eng', 1, {
    langPath: languageUrl.slice(0, languageUrl.lastIndexOf('/')),
    gzip: true,
    workerPath: workerUrl,
    corePath: coreUrl,
    workerBlobURL: false,
    cacheMethod: 'none',
    logger: ({ status, progress }) => {
      if (status === 'recognizing text') onShare(Math.min(1, (looks + progress) / 2));
    },
  });
  // Whoever waits for a stopped worker waits for good: the page forgets it.
  signal.addEventListener('abort', () => void worker.terminate());
  try {
    if (signal.aborted) throw new Error('It was stopped.');
    const first = await recognisePage(worker, ready.first);
    looks = 1;
    const second = await recognisePage(worker, ready.second);
    return { lines: photoLines(first.lines, inFirstSize(second.lines)), picture: first.turned };
  } finally {
    await worker.terminate();
  }
}

async function readyPhoto(photo: Blob): Promise<ReadyPhoto> {
  const worker = new Worker(new URL('./photo-worker.ts', import.meta.url), { type: 'module' });
  try {
    return await wrap<PhotoWorker>(worker).ready(photo);
  } finally {
    worker.terminate();
  }
}
