import { normalizeText } from './normalize-text.ts';
import { readAmount } from './read-amount.ts';

const MOST_FOODS = 6;

/**
 * Takes a line that names several foods with amounts of their own apart, so that each counts. A line of one food, or
 * of several that share one amount ("2 cups peas and carrots"), comes back as it is.
 *
 * @example splitLine('½ tsp each cinnamon and nutmeg') // ['1/2 tsp cinnamon', '1/2 tsp nutmeg']
 * @example splitLine('1 large egg plus 1 egg yolk') // ['1 large egg', '1 egg yolk']
 */
export function splitLine(line: string): string[] {
  const text = normalizeText(line);
  if (text.length > 200) return [line];
  return splitEach(text) ?? splitPlus(text) ?? [line];
}

/** "2 tbsp each butter and flour"; "salt and pepper, ½ tsp each". */
function splitEach(text: string): string[] | null {
  const ahead = /^(.+?),? each(?: of)?:? (.+)$/i.exec(text);
  const behind = /^(.+? and .+?)(?:,| -|:)? ((?:\d|half |an? ).*?) each$/i.exec(text);
  const [amount, foods] = ahead ? [ahead[1]!, ahead[2]!] : behind ? [behind[2]!, behind[1]!] : [null, ''];
  const read = amount === null ? null : readAmount(amount);
  if (read === null || read.rest !== '') return null;
  // What follows the last food after a comma is a note on all of them.
  const note =
    /,? (?:(?:finely |freshly )?(?:chopped|diced|minced|grated|ground|sliced)|to taste)$/i.exec(foods)?.[0] ?? '';
  const names = foods
    .slice(0, foods.length - note.length)
    .split(/,? and |, | & /i)
    .map((n) => n.trim())
    .filter((n) => n !== '');
  if (names.length < 2 || names.length > MOST_FOODS) return null;
  return names.map((n) => `${amount} ${n}${note}`);
}

/** "1 large egg plus 1 egg yolk", "2 cups flour and 1 tsp salt". */
function splitPlus(text: string): string[] | null {
  const m = /^([^,;()]+?) (?:plus|and|\+|&) ((?:\d|one |two |three |half ).+)$/i.exec(text);
  if (m === null) return null;
  const first = readAmount(m[1]!);
  const second = readAmount(m[2]!);
  const named = (rest: string) => /^(?!more\b|extra\b|for\b|to\b)[a-z]/i.test(rest);
  if (first === null || second === null || !named(first.rest) || !named(second.rest)) return null;
  return [m[1]!, ...splitLine(m[2]!)];
}
