import { namedTogether } from '../quantity/named-together.ts';
import type { Eater } from '../table/table.ts';

/** So many lines are named. */
const MOST_LINES_NAMED = 3;

/**
 * Why nobody can say whether somebody with an allergy may have a dish, in words: a line that is not read may hold
 * anything. Null where all is read, and for who is allergic to nothing.
 *
 * @param unread the lines of which nobody knows what they are
 * @example notSureOf(tomas, ['1 lump of moonrock']) // 'Not sure for Tomas: “1 lump of moonrock” is not read.'
 */
export function notSureOf(eater: Pick<Eater, 'name' | 'allergies'>, unread: readonly string[]): string | null {
  if (eater.allergies.length === 0 || unread.length === 0) return null;
  const rest = unread.length - MOST_LINES_NAMED;
  const named = [...unread.slice(0, MOST_LINES_NAMED).map((t) => `“${t}”`), ...(rest > 0 ? [`${rest} more`] : [])];
  return `Not sure for ${eater.name}: ${namedTogether(named)} ${unread.length === 1 ? 'is' : 'are'} not read.`;
}
