import type { Interval } from '../quantity/interval.ts';
import { millilitersOf } from '../quantity/measure-system.ts';
import { findUnit } from '../quantity/units.ts';
import type { Allergen, Food, FoodKind, Measure, Role } from './food.ts';
import { hiddenByLabel, type LabelRules } from './label-rounding.ts';
import { NUTRIENTS, type Nutrient, profileOf, type StatedNutrients } from './nutrients.ts';

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
    per100g: profileOf(stated, ranges),
    measures,
    kinds: input.kinds,
    roles: input.roles,
    allergens: input.allergens,
    synonyms: [],
    source: 'the label',
    energyNote: null,
  };
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
  over(
    'fibre',
    'carbs',
    'There is more fibre than carbohydrate. If the label counts fibre apart, add it to the carbohydrate.',
  );
  const [kcal, fat, carbs, protein] = [known('kcal'), known('fat'), known('carbs'), known('protein')];
  if (kcal !== null && fat !== null && carbs !== null && protein !== null) {
    const sum = 9 * fat + 4 * carbs + 4 * protein + 7 * (known('alcohol') ?? 0);
    const lowest = sum - 4 * (known('fibre') ?? 0);
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
