import { exactly, type Interval } from '../quantity/interval.ts';
import type { Nutrient } from './nutrients.ts';

/** Whose rounding rules a label follows. */
export type LabelRules = 'us' | 'eu' | 'exact';

/** A step of rounding that holds up to a printed value. */
interface Band {
  readonly upTo: number;
  readonly step: number;
}

interface LabelRounding {
  /** Amounts below this may be printed 0. */
  readonly zeroBelow: number;
  readonly bands: readonly Band[];
}

const US_GRAMS: LabelRounding = { zeroBelow: 0.5, bands: [{ upTo: Number.POSITIVE_INFINITY, step: 1 }] };
const US_FAT: LabelRounding = {
  zeroBelow: 0.5,
  bands: [
    { upTo: 5, step: 0.5 },
    { upTo: Number.POSITIVE_INFINITY, step: 1 },
  ],
};
const fine = (zeroBelow: number): LabelRounding => ({
  zeroBelow,
  bands: [
    { upTo: 10, step: 0.1 },
    { upTo: Number.POSITIVE_INFINITY, step: 1 },
  ],
});

/** 21 CFR 101.9(c), from memory. */
const US: Partial<Record<Nutrient, LabelRounding>> = {
  kcal: {
    zeroBelow: 5,
    bands: [
      { upTo: 50, step: 5 },
      { upTo: Number.POSITIVE_INFINITY, step: 10 },
    ],
  },
  fat: US_FAT,
  satFat: US_FAT,
  transFat: US_FAT,
  carbs: US_GRAMS,
  sugars: US_GRAMS,
  addedSugars: US_GRAMS,
  fibre: US_GRAMS,
  protein: US_GRAMS,
  sodium: {
    zeroBelow: 5,
    bands: [
      { upTo: 140, step: 5 },
      { upTo: Number.POSITIVE_INFINITY, step: 10 },
    ],
  },
};

/** The Commission's guidance on tolerances and rounding under Regulation (EU) 1169/2011, from memory. */
const EU: Partial<Record<Nutrient, LabelRounding>> = {
  kcal: { zeroBelow: 0.5, bands: [{ upTo: Number.POSITIVE_INFINITY, step: 1 }] },
  fat: fine(0.5),
  satFat: fine(0.1),
  transFat: fine(0.1),
  carbs: fine(0.5),
  sugars: fine(0.5),
  addedSugars: fine(0.5),
  fibre: fine(0.5),
  protein: fine(0.5),
  // Printed as salt, 2.5 times the sodium: by 0.01 g up to 1 g of salt, above by 0.1 g.
  sodium: {
    zeroBelow: 5,
    bands: [
      { upTo: 400, step: 4 },
      { upTo: Number.POSITIVE_INFINITY, step: 40 },
    ],
  },
};

const rulesOf = (rules: LabelRules, nutrient: Nutrient): LabelRounding | null =>
  rules === 'exact' ? null : ((rules === 'us' ? US : EU)[nutrient] ?? null);

/** What a label prints for an amount. */
export function printedOnLabel(amount: number, nutrient: Nutrient, rules: LabelRules): number {
  const r = rulesOf(rules, nutrient);
  if (r === null) return amount;
  if (amount < r.zeroBelow) return 0;
  const band = r.bands.find((b) => amount <= b.upTo)!;
  return Number((Math.round(amount / band.step) * band.step).toFixed(6));
}

/** The amounts that a label prints as `printed`: the interval its rounding may hide. */
export function hiddenByLabel(printed: number, nutrient: Nutrient, rules: LabelRules): Interval {
  const r = rulesOf(rules, nutrient);
  if (r === null) return exactly(printed);
  if (printed <= 0) return { low: 0, high: r.zeroBelow };
  const below = r.bands.find((b) => printed <= b.upTo)!;
  // At the border of two bands the value may have come from above, rounded by the coarser step.
  const above = r.bands.find((b) => printed < b.upTo)!;
  return { low: Math.max(r.zeroBelow, printed - below.step / 2), high: printed + above.step / 2 };
}
