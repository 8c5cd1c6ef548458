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
  return splitEach(text) ?? splitPlus(text) ?? splitList(text) ?? [line];
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

const DIRECTION = /^(?:just )?(?:add|mix(?: in| with)?|combine|blend|stir in|whisk in|beat in|you add|with):? /i;
/** What behind an amount is no food of its own. */
const NOT_NAMED =
  /^(?:each|more|extra|chopped|diced|sliced|minced|grated|shredded|divided|drained|packed|total|or|to|for|at|in)\b/i;

/**
 * "Add 1 cup water, ⅓ cup oil, 3 eggs", as packages say it: every part has an amount and a name. Without the word
 * before it, it takes three to be a list.
 */
function splitList(text: string): string[] | null {
  const lead = DIRECTION.exec(text)?.[0] ?? '';
  const parts = text
    .slice(lead.length)
    .replace(/[.!]$/, '')
    .split(/,\s*(?:and |plus )?(?=\d|an? |one |two |three |half )|,? and (?=\d|an? |one |two |three |half )/i)
    .map((p) => p.trim());
  if (parts.length < (lead === '' ? 3 : 2)) return null;
  const listed = parts.every((p) => {
    const amount = readAmount(p);
    return amount !== null && /^[a-z(]/i.test(amount.rest) && !NOT_NAMED.test(amount.rest);
  });
  return listed ? parts : null;
}
