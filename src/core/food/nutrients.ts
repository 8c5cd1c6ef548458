import { exactly, type Interval, scale } from '../quantity/interval.ts';

/** What a rule may count: kilocalories, grams, and milligrams for sodium. */
export const NUTRIENTS = [
  'kcal',
  'fat',
  'satFat',
  'transFat',
  'carbs',
  'sugars',
  'addedSugars',
  'fibre',
  'protein',
  'sodium',
  'alcohol',
] as const;
export type Nutrient = (typeof NUTRIENTS)[number];

/** The nutrients in words, with the unit they are counted in. */
export const NUTRIENT_WORDS: Record<Nutrient, { readonly name: string; readonly unit: 'kcal' | 'g' | 'mg' }> = {
  kcal: { name: 'energy', unit: 'kcal' },
  fat: { name: 'fat', unit: 'g' },
  satFat: { name: 'saturated fat', unit: 'g' },
  transFat: { name: 'trans fat', unit: 'g' },
  carbs: { name: 'carbohydrate', unit: 'g' },
  sugars: { name: 'sugars', unit: 'g' },
  addedSugars: { name: 'added sugars', unit: 'g' },
  fibre: { name: 'fibre', unit: 'g' },
  protein: { name: 'protein', unit: 'g' },
  sodium: { name: 'sodium', unit: 'mg' },
  alcohol: { name: 'alcohol', unit: 'g' },
};

/**
 * One nutrient's amount: a best value, or null when nobody knows it, and the interval it lies in either way.
 * Unknown is not zero: an unknown amount has `value: null` and the widest interval its parents allow.
 */
export interface NutrientAmount extends Interval {
  readonly value: number | null;
}

export type NutrientProfile = Readonly<Record<Nutrient, NutrientAmount>>;

/** Stated values per 100 g; null or missing means unknown, a pair is an interval that a label's rounding leaves. */
export type StatedNutrients = Readonly<Partial<Record<Nutrient, number | null>>>;

/** The nutrient whose amount bounds another's: sugars and fibre lie within carbohydrate, and so on. */
const PARENT: Partial<Record<Nutrient, Nutrient>> = {
  satFat: 'fat',
  transFat: 'fat',
  sugars: 'carbs',
  addedSugars: 'sugars',
  fibre: 'carbs',
};
/** Energy per gram at least, general Atwater factors: bounds an unknown parent by the energy that is there. */
const KCAL_PER_G: Partial<Record<Nutrient, number>> = { fat: 9, carbs: 4, protein: 4, alcohol: 7 };
const ORDER: readonly Nutrient[] = [
  'kcal',
  'fat',
  'carbs',
  'protein',
  'alcohol',
  'sodium',
  'satFat',
  'transFat',
  'sugars',
  'addedSugars',
  'fibre',
];

/**
 * The most that 100 g of anything can hold: energy of pure fat (kcal), the sodium of pure table salt (mg), and 100 g of
 * everything else.
 */
export const mostPer100g = (n: Nutrient): number => (n === 'kcal' ? 902 : n === 'sodium' ? 39_340 : 100);

/** A profile per 100 g within what 100 g can hold. The label of a pinch states more than that by its rounding alone. */
export function withinMost(p: NutrientProfile): NutrientProfile {
  const out = {} as Record<Nutrient, NutrientAmount>;
  for (const n of NUTRIENTS) {
    const most = (x: number): number => Math.min(x, mostPer100g(n));
    const { value, low, high } = p[n];
    out[n] = { value: value === null ? null : most(value), low: most(low), high: most(high) };
  }
  return out;
}

/**
 * Builds a profile per 100 g from stated values; what is not stated gets `value: null` and the interval that its
 * parents and the mass of the food leave. Alcohol and trans fat that nobody states are taken as none, as labels do.
 *
 * @param ranges intervals for stated values (a label's rounding); each must contain its value.
 */
export function profileOf(stated: StatedNutrients, ranges: Partial<Record<Nutrient, Interval>> = {}): NutrientProfile {
  const out: Partial<Record<Nutrient, NutrientAmount>> = {};
  for (const n of ORDER) {
    const v = stated[n];
    if (v !== null && v !== undefined) {
      const r = ranges[n] ?? exactly(v);
      out[n] = { value: v, low: Math.max(0, Math.min(r.low, v)), high: Math.max(r.high, v) };
    } else if (v === undefined && (n === 'alcohol' || n === 'transFat')) {
      out[n] = { value: 0, low: 0, high: 0 };
    } else {
      out[n] = { value: null, low: 0, high: upperBound(n, out) };
    }
  }
  // Added sugars of a food without any sugars are a known 0.
  if (out.addedSugars!.value === null && out.sugars!.high === 0) out.addedSugars = { value: 0, low: 0, high: 0 };
  return out as NutrientProfile;
}

function upperBound(n: Nutrient, known: Partial<Record<Nutrient, NutrientAmount>>): number {
  if (n === 'kcal') return 900;
  if (n === 'sodium') return 39340; // pure table salt
  const parent = PARENT[n];
  if (parent !== undefined) return known[parent]!.high;
  const factor = KCAL_PER_G[n];
  const byEnergy = factor === undefined ? 100 : (known.kcal?.high ?? 900) / factor;
  return Math.min(100, byEnergy * 1.12);
}

/** A profile times a factor of 0 or more. */
export function scaleProfile(p: NutrientProfile, by: number): NutrientProfile {
  const out = {} as Record<Nutrient, NutrientAmount>;
  for (const n of NUTRIENTS) {
    const a = p[n];
    out[n] = { value: a.value === null ? null : a.value * by, low: a.low * by, high: a.high * by };
  }
  return out;
}

/** A profile times an uncertain factor: the value by `mid`, the interval by the factor's ends. */
export function scaleProfileBy(p: NutrientProfile, mid: number, range: Interval): NutrientProfile {
  const out = {} as Record<Nutrient, NutrientAmount>;
  for (const n of NUTRIENTS) {
    const a = p[n];
    out[n] = {
      value: a.value === null ? null : a.value * mid,
      low: scale(a, range.low).low,
      high: scale(a, range.high).high,
    };
  }
  return out;
}

/** The sum of profiles. A nutrient unknown in one part stays a sum of the known parts, with the interval of all. */
export function sumProfiles(parts: readonly NutrientProfile[]): NutrientProfile {
  const out = {} as Record<Nutrient, NutrientAmount>;
  for (const n of NUTRIENTS) {
    let value: number | null = parts.length === 0 ? 0 : null;
    let low = 0;
    let high = 0;
    for (let i = 0; i < parts.length; i++) {
      const a = parts[i]![n];
      if (a.value !== null) value = (value ?? 0) + a.value;
      low += a.low;
      high += a.high;
    }
    out[n] = { value, low, high };
  }
  return out;
}

/** A profile as bare numbers, for sums that are made at every key: value, low and high of each nutrient, NaN for unknown. */
export type FlatProfile = Float64Array;

export function flatProfile(p: NutrientProfile): FlatProfile {
  const flat = new Float64Array(NUTRIENTS.length * 3);
  NUTRIENTS.forEach((n, i) => {
    const { value, low, high } = p[n];
    flat.set([value ?? Number.NaN, low, high], i * 3);
  });
  return flat;
}

/** As `sumProfiles`, to the last bit. */
export function sumFlatProfiles(parts: readonly FlatProfile[]): NutrientProfile {
  const sums = new Float64Array(NUTRIENTS.length * 3);
  const known = new Uint8Array(NUTRIENTS.length);
  for (let k = 0; k < parts.length; k++) {
    const part = parts[k]!;
    for (let i = 0; i < known.length; i++) {
      const at = i * 3;
      const value = part[at]!;
      if (!Number.isNaN(value)) {
        sums[at]! += value;
        known[i] = 1;
      }
      sums[at + 1]! += part[at + 1]!;
      sums[at + 2]! += part[at + 2]!;
    }
  }
  const out = {} as Record<Nutrient, NutrientAmount>;
  NUTRIENTS.forEach((n, i) => {
    const isKnown = known[i] === 1 || parts.length === 0;
    out[n] = { value: isKnown ? sums[i * 3]! : null, low: sums[i * 3 + 1]!, high: sums[i * 3 + 2]! };
  });
  return out;
}
