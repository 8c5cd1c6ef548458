import { ProductSchema } from '../../contract/product.ts';
import { gtinCheckDigit } from '../../core/food/barcode.ts';
import type { Allergen, FoodKind } from '../../core/food/food.ts';
import type { ProductLookup } from './product-lookup.ts';
import { products } from './products.data.ts';

/**
 * A product of a row `number | name | maker | package g | serving g | amount unit | kcal fat satFat carbs sugars
 * addedSugars fibre protein sodium | rules | kinds | allergens`, values as printed for the serving.
 * Codes are GTIN-13 that begin with 20: GS1 leaves them to a shop's own use, so they are no real product's.
 */
function productOf(row: string) {
  const [number, name, maker, packageGrams, basis, household, values, rules, kinds, allergens] = row
    .split('|')
    .map((c) => c.trim()) as [string, string, string, string, string, string, string, string, string, string];
  const [kcal, fat, satFat, carbs, sugars, addedSugars, fibre, protein, sodium] = values
    .split(/\s+/)
    .map((v) => (v === '?' ? null : Number(v)));
  const [quantity, ...unit] = household.split(' ');
  const body = `20${number.padStart(10, '0')}`;
  return ProductSchema.parse({
    code: `${body}${gtinCheckDigit(body)}`,
    maker,
    packageGrams: Number(packageGrams),
    label: {
      name: `${name}, ${maker}`,
      basisGrams: Number(basis),
      household: household === '' ? null : { quantity: Number(quantity), unit: unit.join(' '), grams: Number(basis) },
      printed: { kcal, fat, satFat, carbs, sugars, addedSugars, fibre, protein, sodium },
      rules,
      kinds: kinds.split(' ').filter(Boolean) as FoodKind[],
      roles: [],
      allergens: allergens.split(' ').filter(Boolean) as Allergen[],
    },
  });
}

/** Every product that the shipped lookup knows. */
export const SHIPPED_PRODUCTS = products.trim().split('\n').map(productOf);

const byCode = new Map(SHIPPED_PRODUCTS.map((p) => [p.code, p]));

/** The stand-in: made-up products, answered from memory. */
export const shippedLookup: ProductLookup = { find: async (code) => byCode.get(code) ?? null };
