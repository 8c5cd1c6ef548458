import { trimmed } from '../quantity/format-amount.ts';
import { NUTRIENT_WORDS, type Nutrient } from './nutrients.ts';

/** An amount of a nutrient in words: `12.5 g`, `240 kcal`, `unknown`. */
export function amountWords(value: number | null, n: Nutrient): string {
  if (value === null) return 'unknown';
  return `${trimmed(value, NUTRIENT_WORDS[n].unit === 'g' ? 1 : 0)} ${NUTRIENT_WORDS[n].unit}`;
}
