import { z } from 'zod';
import { LabelFields } from './food.ts';
import { Words } from './primitives.ts';

/** A packaged product as a lookup knows it: its label as printed, and what is in the package. */
export const ProductSchema = z.object({
  /** GTIN digits, 8 to 14. */
  code: z.string().regex(/^\d{8,14}$/, 'is not a barcode'),
  maker: Words(80),
  packageGrams: z.number().gt(0),
  label: LabelFields.omit({ id: true }),
});
export type Product = z.infer<typeof ProductSchema>;
