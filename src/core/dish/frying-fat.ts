import type { Food } from '../food/food.ts';
import type { Line, Version } from '../version/version.ts';

/** Words of a line that say that its fat is for frying in. */
const FOR_FRYING =
  /\b(?:for|to) (?:deep[- ]?|shallow[- ]?)?fry(?:ing)?\b|\bfrying (?:oil|fat)\b|\bdeep[- ]?fr(?:y|ying)\b/i;
/** Steps in which food swims in fat. */
const DEEP =
  /\bdeep[- ]?fr(?:y|ied|ying)\b|\bheat (?:the )?(?:oil|fat|lard) to \d{3}|\b\d ?(?:inch(?:es)?|cm) of (?:hot )?(?:oil|fat)\b|\bin (?:the )?hot (?:oil|fat)\b/i;
/** Less than this is for a pan, g. */
const SWIMS_IN_G = 60;

/** Whether a fat is for the pan by the line's own words: "2 tbsp oil for frying". */
export const saysFrying = (line: Pick<Line, 'text' | 'note' | 'item'>): boolean =>
  FOR_FRYING.test(`${line.text} ${line.note ?? ''} ${line.item}`);

/**
 * Whether food is fried swimming in this line's fat. No part of it is replaced by anything with water in it, which would
 * spit and burn: an oven and a spray stand in for all of it.
 */
export function isDeepFryingFat(
  line: Line,
  version: Version,
  isFat: (food: Food) => boolean,
  food: Food | null,
): boolean {
  if (food === null || !isFat(food) || (line.weight?.grams ?? 0) < SWIMS_IN_G) return false;
  return (
    saysFrying(line) || version.steps.some((s) => DEEP.test(s.text) && /\b(?:oil|fat|lard|shortening)\b/i.test(s.text))
  );
}
