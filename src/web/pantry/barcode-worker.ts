import { expose } from 'comlink';
import { prepareZXingModule, readBarcodes } from 'zxing-wasm/reader';
import wasmUrl from 'zxing-wasm/reader/zxing_reader.wasm?url';

// Its own copy ships with the application: nothing is fetched from elsewhere.
prepareZXingModule({ overrides: { locateFile: () => wasmUrl } });

/** Reads the barcodes of packages off a picture, away from the page. */
const barcodes = {
  /** What the bars say, in digits; empty where no bars are seen. */
  async in(picture: Blob): Promise<string[]> {
    const found = await readBarcodes(picture, { formats: ['EAN13', 'EAN8', 'UPCA'], tryHarder: true });
    return found.filter((b) => b.isValid).map((b) => b.text);
  },
};
export type BarcodeWorker = typeof barcodes;

expose(barcodes);
