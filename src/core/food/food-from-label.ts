import type { Interval } from '../quantity/interval.ts';
import { millilitersOf } from '../quantity/measure-system.ts';
import { findUnit } from '../quantity/units.ts';
import type { Allergen, Food, FoodKind, Measure, Role } from './food.ts';
import { hiddenByLabel, type LabelRules } from './label-rounding.ts';
import { mostPer100g, NUTRIENTS, type Nutrient, profileOf, type StatedNutrients, withinMost } from './nutrients.ts';

/** What a cook copies from a package. */
export interface LabelInput {
  readonly id: string;
  readonly revision: number;
  readonly name: string;
  /** Grams the printed values are for: the serving, or 100. */
  readonly basisGrams: number;
  /** The serving in household words, such as 1 tablespoon, when the label states one. */
  readonly household: { readonly quantity: number; readonly unit: string; readonly grams: number } | null;
  /** As printed; null for what the label does not say. */
  readonly printed: StatedNutrients;
  readonly rules: LabelRules;
  readonly kinds: readonly FoodKind[];
  readonly roles: readonly Role[];
  readonly allergens: readonly Allergen[];
}

/**
 * The food that a label describes, per 100 g, each value with the interval that the label's rounding may hide.
 * What the label does not say is unknown, not zero.
 */
export function foodFromLabel(input: LabelInput): Food {
  const per = 100 / input.basisGrams;
  const stated: Partial<Record<Nutrient, number | null>> = {};
  const ranges: Partial<Record<Nutrient, Interval>> = {};
  for (const n of NUTRIENTS) {
    const printed = input.printed[n];
    if (printed === undefined) continue;
    stated[n] = printed === null ? null : printed * per;
    if (printed !== null) {
      const hidden = hiddenByLabel(printed, n, input.rules);
      ranges[n] = { low: hidden.low * per, high: hidden.high * per };
    }
  }
  if (input.rules === 'eu') countFibreIn(stated, ranges);
  const measures: Measure[] = [];
  if (input.household !== null) {
    const unit = findUnit(input.household.unit)?.name ?? input.household.unit;
    measures.push({ unit, form: null, grams: input.household.grams / input.household.quantity });
  }
  return {
    id: input.id,
    revision: input.revision,
    name: input.name,
    group: 'own foods',
    state: 'as is',
    per100g: withinMost(profileOf(stated, ranges)),
    measures,
    kinds: input.kinds,
    roles: input.roles,
    allergens: input.allergens,
    synonyms: [],
    source: 'the label',
    energyNote: null,
  };
}

/**
 * European labels print carbohydrate without fibre (Regulation (EU) 1169/2011, annex I); ours is with it, as US tables
 * have it. Fibre that the label does not state is bounded by the energy that nothing else explains, at 2 kcal a gram
 * (annex XIV).
 */
function countFibreIn(
  stated: Partial<Record<Nutrient, number | null>>,
  ranges: Partial<Record<Nutrient, Interval>>,
): void {
  const carbs = stated.carbs;
  const carbRange = ranges.carbs;
  if (carbs == null || carbRange === undefined) return;
  const fibre = stated.fibre;
  if (fibre != null) {
    const fibreRange = ranges.fibre ?? { low: fibre, high: fibre };
    stated.carbs = carbs + fibre;
    ranges.carbs = { low: carbRange.low + fibreRange.low, high: carbRange.high + fibreRange.high };
    return;
  }
  const least = (n: Nutrient): number => ranges[n]?.low ?? 0;
  const unexplained =
    ((ranges.kcal?.high ?? 0) - 9 * least('fat') - 4 * carbRange.low - 4 * least('protein') - 7 * least('alcohol')) / 2;
  ranges.carbs = { low: carbRange.low, high: Math.min(100, carbRange.high + Math.max(0, unexplained)) };
}

/**
 * What on a label cannot be, whatever the food: the field and what is wrong with it. More than 100 g can hold, beyond
 * what the label's rounding explains, or a measure of next to nothing or of a cartload.
 */
export function labelImpossible(
  input: Pick<LabelInput, 'basisGrams' | 'household' | 'printed' | 'rules'>,
): { readonly field: readonly string[]; readonly message: string }[] {
  const out: { readonly field: readonly string[]; readonly message: string }[] = [];
  if (!(input.basisGrams > 0)) return out;
  if (input.household !== null && input.household.quantity > 0) {
    const grams = input.household.grams / input.household.quantity;
    if (!(grams >= 0.001 && grams <= 100_000)) {
      out.push({
        field: ['household', 'quantity'],
        message: `must fit the grams: "that is" says how many ${input.household.unit} the ${input.household.grams} g are`,
      });
    }
  }
  for (const n of NUTRIENTS) {
    const printed = input.printed[n];
    if (printed === null || printed === undefined) continue;
    const least = (hiddenByLabel(printed, n, input.rules).low * 100) / input.basisGrams;
    if (least > mostPer100g(n)) {
      out.push({
        field: ['printed', n],
        message: `must be less: ${input.basisGrams} g of nothing hold so much. Check what the values are for`,
      });
    }
  }
  return out;
}

/** What on a label contradicts itself, in words for the cook. */
export function labelContradictions(input: LabelInput): string[] {
  const p = input.printed;
  const out: string[] = [];
  const known = (n: Nutrient): number | null => p[n] ?? null;
  const over = (child: Nutrient, parent: Nutrient, words: string) => {
    const c = known(child);
    const whole = known(parent);
    if (
      c !== null &&
      whole !== null &&
      hiddenByLabel(c, child, input.rules).low > hiddenByLabel(whole, parent, input.rules).high
    ) {
      out.push(words);
    }
  };
  over('sugars', 'carbs', 'There is more sugar than carbohydrate. One of the two is mistyped.');
  over('satFat', 'fat', 'There is more saturated fat than fat. One of the two is mistyped.');
  over('addedSugars', 'sugars', 'There is more added sugar than sugar. One of the two is mistyped.');
  if (input.rules !== 'eu') {
    over(
      'fibre',
      'carbs',
      'There is more fibre than carbohydrate. If the label counts fibre apart, choose "the European Union".',
    );
  }
  const [kcal, fat, carbs, protein] = [known('kcal'), known('fat'), known('carbs'), known('protein')];
  if (kcal !== null && fat !== null && carbs !== null && protein !== null) {
    const fibre = known('fibre') ?? 0;
    const apart = input.rules === 'eu' ? 2 * fibre : 0;
    const sum = 9 * fat + 4 * carbs + 4 * protein + 7 * (known('alcohol') ?? 0) + apart;
    const lowest = input.rules === 'eu' ? sum : sum - 4 * fibre;
    if (kcal > sum * 1.2 + 20 || kcal < lowest * 0.8 - 20) {
      out.push(
        `The energy (${kcal} kcal) does not fit fat, carbohydrate and protein, which make about ${Math.round(sum)}.`,
      );
    }
    const grams = fat + carbs + protein;
    if (grams > input.basisGrams * 1.05) {
      out.push(
        `Fat, carbohydrate and protein weigh ${Math.round(grams)} g together, more than the ${input.basisGrams} g they are in.`,
      );
    }
  }
  if (input.household !== null) {
    const ml = millilitersOf(findUnit(input.household.unit)?.name ?? '', 'us');
    const density = ml === null ? null : input.household.grams / (ml * input.household.quantity);
    if (density !== null && (density > 1.6 || density < 0.03)) {
      out.push('The grams do not fit the household measure. Check the serving size.');
    }
  }
  return out;
}
