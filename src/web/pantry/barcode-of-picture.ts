import { wrap } from 'comlink';
import type { BarcodeWorker } from './barcode-worker.ts';

/** Reads barcodes off pictures, one after the other, until it is ended. */
export function barcodeReader() {
  const worker = new Worker(new URL('./barcode-worker.ts', import.meta.url), { type: 'module' });
  const reader = wrap<BarcodeWorker>(worker);
  return {
    /** The digits of the first barcode on a picture; null where none is seen. */
    of: async (picture: Blob): Promise<string | null> => (await reader.in(picture))[0] ?? null,
    end: () => worker.terminate(),
  };
}

/** The digits of the first barcode on a picture; null where none is seen. */
export async function barcodeOfPicture(picture: Blob): Promise<string | null> {
  const reader = barcodeReader();
  try {
    return await reader.of(picture);
  } finally {
    reader.end();
  }
}
