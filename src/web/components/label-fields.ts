import { v7 as uuid } from 'uuid';
import { z } from 'zod';
import { type Label, LabelSchema } from '../../contract/food.ts';
import type { Allergen, FoodKind } from '../../core/food/food.ts';
import { trimmed } from '../../core/quantity/format-amount.ts';

export const PRINTED = [
  'kcal',
  'fat',
  'satFat',
  'carbs',
  'sugars',
  'addedSugars',
  'fibre',
  'protein',
  'sodium',
] as const;
export type Printed = (typeof PRINTED)[number];

/** What a packaged food is, as far as uncounted lists ask. */
export const LABEL_SORTS: ReadonlyArray<readonly [string, readonly FoodKind[]]> = [
  ['anything else, it counts', []],
  ['vegetable without additions', ['veg', 'plant']],
  ['starchy vegetable without additions', ['starchy', 'plant']],
  ['whole fruit without additions', ['fruit', 'plant']],
  ['plain fat-free yogurt, quark or the like', ['dairy', 'cultured0']],
  ['lentils or beans without additions', ['legume', 'plant']],
  ['whole grain without additions', ['wholegrain', 'plant']],
  ['fish or shellfish without additions', ['fish']],
  ['skinless poultry breast', ['poultrybreast', 'poultry']],
  ['a drink', ['drink']],
  ['something with added sugar', ['addedsugar']],
];
/** The sort of a food whose kinds a lookup knows better than the list says. */
export const AS_KNOWN = 'as known';

/** A label as it is typed: all in words, empty where it says nothing. */
export interface TypedLabel {
  name: string;
  basisGrams: string;
  household: { quantity: string; unit: string };
  rules: Label['rules'];
  /** The place of a sort in LABEL_SORTS, or AS_KNOWN. */
  sort: string;
  printed: Record<Printed, string>;
  allergens: Allergen[];
}

/** The sort whose kinds these are; what a lookup knows better stays as it is known. */
export function sortOf(kinds: readonly FoodKind[]): string {
  const key = (ks: readonly FoodKind[]) => [...ks].sort().join();
  const at = LABEL_SORTS.findIndex(([, ks]) => key(ks) === key(kinds));
  return at === -1 ? AS_KNOWN : String(at);
}

/** Milligrams of sodium in a gram of salt, as European labels take it. */
const SODIUM_PER_SALT = 400;
/** A European label prints salt where others print sodium. */
const printsSalt = (n: Printed, rules: Label['rules']): boolean => n === 'sodium' && rules === 'eu';

const typedNumber = (text: string): number | null => {
  const t = text.trim().replace(',', '.');
  return t === '' ? null : Number(t);
};

/** What the fields show of a label that is known, or of a name alone. */
export function fieldsOfLabel(name: string, known: Label | null, rules: Label['rules']): TypedLabel {
  const shown = (n: Printed): string => {
    const value = known?.printed[n] ?? null;
    if (value === null) return '';
    return trimmed(printsSalt(n, known!.rules) ? value / SODIUM_PER_SALT : value, 3);
  };
  return {
    name: known?.name ?? name,
    basisGrams: String(known?.basisGrams ?? 100),
    household: {
      quantity: known?.household ? String(known.household.quantity) : '',
      unit: known?.household?.unit ?? '',
    },
    rules: known?.rules ?? rules,
    sort: sortOf(known?.kinds ?? []),
    printed: Object.fromEntries(PRINTED.map((n) => [n, shown(n)])) as TypedLabel['printed'],
    allergens: [...(known?.allergens ?? [])],
  };
}

/** The label that fields say: what is left empty is unknown, not zero. What cannot be is said at its field. */
export const labelFromFields = (known: Label | null) =>
  z
    .custom<TypedLabel>()
    .transform((f): z.input<typeof LabelSchema> => {
      const basisGrams = typedNumber(f.basisGrams) ?? Number.NaN;
      const quantity = typedNumber(f.household.quantity);
      const unit = f.household.unit.trim();
      const printed = (n: Printed): number | null => {
        const value = typedNumber(f.printed[n]);
        return value !== null && printsSalt(n, f.rules) ? value * SODIUM_PER_SALT : value;
      };
      return {
        id: uuid(),
        name: f.name,
        basisGrams,
        household: quantity !== null && unit !== '' ? { quantity, unit, grams: basisGrams } : null,
        printed: Object.fromEntries(PRINTED.map((n) => [n, printed(n)])) as Label['printed'],
        rules: f.rules,
        kinds: f.sort === AS_KNOWN ? [...(known?.kinds ?? [])] : [...LABEL_SORTS[Number(f.sort)]![1]],
        roles: [],
        allergens: f.allergens,
      };
    })
    .pipe(LabelSchema);

/** What is wrong with a field, in words; what is no number is asked for as one. */
export const wrongWithField = (message: string): string =>
  /^(?:is(?! not a number)|must|cannot)/.test(message) ? `This ${message}.` : 'Write a number, such as 12.5.';
