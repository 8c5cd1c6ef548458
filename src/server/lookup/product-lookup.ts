import type { Product } from '../../contract/product.ts';

/** Finds packaged products by barcode. The one that ships with Imbiss knows made-up products; a real one fits here. */
export interface ProductLookup {
  /** The product of a GTIN; null when it is not known. Rejects when the lookup cannot be asked. */
  find(code: string): Promise<Product | null>;
}
