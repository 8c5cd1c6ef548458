import { BarcodeSchema } from '../../contract/documents.ts';
import { BARCODE_KIND, type KnownBarcode } from '../../core/documents/document-kinds.ts';
import { notFound } from '../../core/errors.ts';
import { foodOwner } from './food-owner.ts';
import { rowShelf } from './row-shelf.ts';

/** The barcodes that the household knows from an earlier scan. */
export const BARCODES = rowShelf<KnownBarcode, 'barcode'>({
  name: 'barcodes',
  what: 'barcode',
  kind: BARCODE_KIND,
  schema: BarcodeSchema,
  first: 1,
  isPair: true,
  table: 'barcode',
  keys: (code) => ({ code }),
  read: (r) => BarcodeSchema.parse({ code: r.code, foodId: r.food_id }),
  columns: (b) => ({ food_id: b.foodId }),
  check: async (s, _id, barcode) => {
    if (!(await foodOwner(s, barcode.foodId))) throw notFound('food');
  },
});
