import type { Food } from '../food/food.ts';
import { CAUTION_RULES, type Dish } from './rules.ts';

/** A usual caution with where it comes from. */
export interface Caution {
  readonly id: string;
  readonly words: string;
  readonly source: string;
}

/**
 * The cautions that a dish of these foods and steps calls for, and none that it does not. Official advice and the
 * maker's manual go first.
 *
 * @param text all steps as one text
 * @param lines the lines as they are written: "1 cup oil for deep-frying"
 */
export function cautionsFor(foods: readonly Food[], text: string, lines = ''): Caution[] {
  const dish: Dish = { foods, steps: text.toLowerCase(), lines: lines.toLowerCase() };
  return CAUTION_RULES.filter((rule) => rule.applies(dish)).map(({ id, words, source }) => ({
    id,
    words: typeof words === 'string' ? words : words(dish),
    source,
  }));
}

/** How hot the middle has to be by a caution, °F, as its source has it; null where it is about no heat. */
export const insideOf = (cautionId: string): number | null =>
  CAUTION_RULES.find((r) => r.id === cautionId)?.insideF ?? null;

/** What stands under every count. */
export const MEDICAL_CAUTION =
  'Counts are estimates and no medical advice. If you are pregnant, breastfeeding, under 18, have diabetes or take glucose-lowering medicine, or have had an eating disorder, talk to a clinician or dietitian first.';
