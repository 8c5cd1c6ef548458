import { foodWords, isNoise } from '../food/food-words.ts';
import { namesOf } from '../version/step-uses.ts';
import type { Line, Version } from '../version/version.ts';

/** Words of titles that say what kind of dish it is, and are no food's. */
const DISH_WORDS = new Set(
  `cake soup salad sauce pie bread pudding stew roast bake gratin casserole loaf dish dip spread dressing tart roll
  sandwich burger bowl pot mash curry omelette sheet ball`.split(/\s+/),
);

/** The words of a title that may be a food's. */
const titleWords = (title: string): string[] => foodWords(title).filter((w) => !isNoise(w));

const sharedWith = (title: readonly string[], item: string): string[] =>
  namesOf(item).filter((w) => w.length > 2 && title.includes(w));

/**
 * Whether a dish is named after a line: its title has a word of the line's food, and no other line has more of the
 * title. "Peanut butter cookies" are named after the peanut butter, and not after the butter.
 */
export function isNamedAfter(title: string, line: Line, version: Version): boolean {
  const words = titleWords(title);
  if (words.length === 0) return false;
  const own = sharedWith(words, line.item);
  if (own.length === 0 || /\b(?:broth|stock|bouillon)\b/i.test(line.item)) return false;
  const dishWordsOnly = own.every((w) => DISH_WORDS.has(w));
  if (dishWordsOnly && namesOf(line.item).length > 1) return false;
  return !version.lines.some((other) => {
    if (other.id === line.id || other.leftOut) return false;
    const theirs = sharedWith(words, other.item);
    return theirs.length > own.length && own.every((w) => theirs.includes(w));
  });
}
