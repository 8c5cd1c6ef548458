import type { VersionCount } from '../counting/count-version.ts';
import { printedOnLabel } from '../food/label-rounding.ts';
import type { Nutrient } from '../food/nutrients.ts';
import { trimmed } from '../quantity/format-amount.ts';

/** Thermochemical: 1 kcal is 4.184 kJ. */
const KJ_PER_KCAL = 4.184;
/** g of salt for 1 g of sodium. Regulation (EU) No 1169/2011, Annex I, from memory. */
const SALT_OF_SODIUM = 2.5;

/** What a label tells, g, and energy in kcal; null where nobody knows it. */
export type LabelValues = Readonly<
  Record<'kcal' | 'fat' | 'satFat' | 'carbs' | 'sugars' | 'fibre' | 'protein' | 'salt', number | null>
>;

/** The nutrition of a card as a European label tells it. */
export interface CardLabel {
  /** Of what 100 g are weighed: as it goes into the pot, or as it is dished up. */
  readonly of: 'raw' | 'cooked';
  readonly per100: LabelValues;
  readonly serving: LabelValues;
}

/** @param cookedGrams what a serving weighs dished up, where somebody weighed it; null where nobody did */
export function cardLabel(now: VersionCount, cookedGrams: number | null): CardLabel {
  const grams = cookedGrams ?? now.servingGrams;
  const serving = valuesOf(now.perServing, 1);
  return {
    of: cookedGrams === null ? 'raw' : 'cooked',
    per100: grams > 0 ? valuesOf(now.perServing, 100 / grams) : valuesOf(null, 1),
    serving,
  };
}

function valuesOf(profile: VersionCount['perServing'] | null, factor: number): LabelValues {
  const of = (nutrient: Nutrient, each = 1): number | null => {
    const value = profile?.[nutrient].value ?? null;
    return value === null ? null : value * factor * each;
  };
  return {
    kcal: of('kcal'),
    fat: of('fat'),
    satFat: of('satFat'),
    carbs: of('carbs'),
    sugars: of('sugars'),
    fibre: of('fibre'),
    protein: of('protein'),
    salt: of('sodium', SALT_OF_SODIUM / 1000),
  };
}

const LABEL_ROWS = [
  ['fat', 'fat'],
  ['satFat', 'of which saturates'],
  ['carbs', 'carbohydrate'],
  ['sugars', 'of which sugars'],
  ['fibre', 'fibre'],
  ['protein', 'protein'],
] as const;
const UNKNOWN = 'not known';

/** A label's rows in the order of the regulation, rounded as the guidance to it has it. */
export function labelRows({ per100, serving }: CardLabel): { name: string; per100: string; serving: string }[] {
  const row = (name: string, say: (v: LabelValues) => string | null) => ({
    name,
    per100: say(per100) ?? UNKNOWN,
    serving: say(serving) ?? UNKNOWN,
  });
  return [
    row('energy', ({ kcal }) =>
      kcal === null ? null : `${Math.round(kcal * KJ_PER_KCAL)} kJ / ${Math.round(kcal)} kcal`,
    ),
    ...LABEL_ROWS.map(([key, name]) =>
      row(name, (v) => (v[key] === null ? null : `${trimmed(printedOnLabel(v[key], key, 'eu'), 1)} g`)),
    ),
    row('salt', ({ salt }) =>
      salt === null
        ? null
        : `${trimmed((printedOnLabel((salt * 1000) / SALT_OF_SODIUM, 'sodium', 'eu') * SALT_OF_SODIUM) / 1000, 2)} g`,
    ),
  ];
}
