import type { Food } from '../food/food.ts';
import { fold } from '../food/food-words.ts';

/**
 * Words that make another food of it, on which the points hang. Each stands for those that say the same: who says
 * "lite" means what another calls light.
 */
const TELLING: ReadonlyArray<readonly [word: string, says: RegExp]> = [
  ['fat-free', /\b(?:fat|non) ?free\b|\bnon ?fat\b|\bskim(?:med)?\b|\b0 ?%/],
  [
    'sugar-free',
    /\bsugar ?free\b|\bno (?:added )?sugar\b|\bsugarless\b|\bno sugar added\b|\bunsweetened\b|\bdiet\b|\bzero\b/,
  ],
  [
    'light',
    /\bli(?:ght|te)\b|\breduced\b(?! (?:sodium|salt|sugar))|\blow(?:er)? ?fat\b|\bless fat\b|\blean\b|\bpart skim\b|\b[12] ?%|\bhalf fat\b|\b\d{2} ?% fat free\b/,
  ],
  ['dried', /\bdried\b|\bdry\b|\bdehydrated\b/],
  ['skinless', /\bskinless\b/],
];

const plainly = (text: string): string => fold(text).replace(/-/g, ' ');

/**
 * The telling word of a line that the food knows nothing of; null when it has all of them. Fat-free counts as light,
 * and what the food is by its state it need not say.
 *
 * @example lostWord('light whipped topping', creamyTopping) // 'light'
 */
export function lostWord(item: string, food: Pick<Food, 'name' | 'synonyms' | 'state'>): string | null {
  const said = plainly(item);
  const names = [food.name, ...food.synonyms].map(plainly);
  const knows = (says: RegExp): boolean => names.some((name) => says.test(name));
  for (const [word, says] of TELLING) {
    if (!says.test(said) || knows(says)) continue;
    if (word === 'dried' && food.state === 'dry') continue;
    return word;
  }
  return null;
}
