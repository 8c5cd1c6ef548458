import type { Food, Measure } from './food.ts';

/** What a household says of a food beside its values: what they call it, and what their own measures of it weigh. */
export interface FoodCorrection {
  readonly foodId: string;
  readonly synonyms: readonly string[];
  readonly measures: readonly Measure[];
}

const sameMeasure = (a: Measure, b: Measure): boolean => a.unit === b.unit && a.form === b.form;

/** The food with the household's words and weights; theirs beat the food's own. Values and revision stay. */
export function withCorrection(food: Food, correction: FoodCorrection | undefined): Food {
  if (correction === undefined) return food;
  const known = new Set(food.synonyms.map((s) => s.toLowerCase()));
  return {
    ...food,
    ...(correction.synonyms.length > 0 && { ownNames: correction.synonyms }),
    synonyms: [...food.synonyms, ...correction.synonyms.filter((s) => !known.has(s.toLowerCase()))],
    measures: [
      ...correction.measures,
      ...food.measures.filter((m) => !correction.measures.some((own) => sameMeasure(own, m))),
    ],
  };
}

/** The correction with one more measure, in place of an earlier one of that unit and form. */
export const withMeasure = (correction: FoodCorrection, measure: Measure): FoodCorrection => ({
  ...correction,
  measures: [...correction.measures.filter((m) => !sameMeasure(m, measure)), measure],
});
