import { wrap } from 'comlink';
import type { BarcodeWorker } from './barcode-worker.ts';

/** The digits of the first barcode on a picture; null where none is seen. */
export async function barcodeOfPicture(picture: Blob): Promise<string | null> {
  const worker = new Worker(new URL('./barcode-worker.ts', import.meta.url), { type: 'module' });
  try {
    return (await wrap<BarcodeWorker>(worker).in(picture))[0] ?? null;
  } finally {
    worker.terminate();
  }
}
