import { formatAmount } from '../quantity/format-amount.ts';
import { millilitersOf } from '../quantity/measure-system.ts';
import { normalizeText } from '../reading/normalize-text.ts';
import { readAmount } from '../reading/read-amount.ts';
import { dishWeight } from '../version/dish-weight.ts';
import { isOpen, type Version } from '../version/version.ts';
import type { StepDoubt } from './doubt.ts';

/** Grams a millilitre of anything that is eaten by the cup, from leaves to dough; common practice. */
const LIGHTEST = 0.2;
const HEAVIEST = 1.7;

/**
 * What the source says it makes by the cup, held against what its list weighs. Null where nothing is said by volume, or
 * where it fits.
 *
 * @param makes the words of the source: "Makes about 3 cups", "8 servings (3/4 cup each)"
 * @example statedYield('8 servings (3/4 cup each)', versionOf3200Grams)?.kind // 'yield'
 */
export function statedYield(makes: string | null, version: Version): StepDoubt | null {
  const said = makes === null ? null : volumeIn(makes);
  if (said === null || version.lines.some(isOpen)) return null;
  const times = said.each ? version.servings : 1;
  const grams = dishWeight(version);
  if (times === null || grams <= 0) return null;
  const ml = said.ml * times;
  if (grams >= ml * LIGHTEST && grams <= ml * HEAVIEST) return null;
  const litres = ml >= 1000 ? `${formatAmount(Math.round(ml / 100) / 10)} l` : `${Math.round(ml)} ml`;
  const weighs = grams >= 1000 ? `${formatAmount(Math.round(grams / 100) / 10)} kg` : `${Math.round(grams)} g`;
  return {
    kind: 'yield',
    words: `It says "${makes}", which is ${litres} in all; the list weighs ${weighs}. Are all lines and the servings right?`,
  };
}

function volumeIn(makes: string): { readonly ml: number; readonly each: boolean } | null {
  const text = normalizeText(makes);
  for (const m of text.matchAll(/(?:^|[\s(])(?=\d)/g)) {
    const amount = readAmount(text.slice(m.index).replace(/^[\s(]+/, ''));
    const ml = amount?.unit == null ? null : millilitersOf(amount.unit, 'us');
    if (amount === null || ml === null || ml < 10) continue;
    const middle = (amount.quantity + (amount.quantityMax ?? amount.quantity)) / 2;
    return { ml: ml * middle, each: /^(?:each|per|a serving|servings?)\b/i.test(amount.rest) };
  }
  return null;
}
