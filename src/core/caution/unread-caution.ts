import { namedTogether } from '../quantity/named-together.ts';
import type { Caution } from './cautions.ts';

/**
 * What is said of lines that nobody read: what is in them is in no count and among no allergens. None where all is read.
 *
 * @param quoted whether their words may go out
 */
export function unreadCaution(lines: readonly string[], quoted: boolean): Caution[] {
  if (lines.length === 0) return [];
  const one = lines.length === 1;
  const which = quoted
    ? `${namedTogether(lines.map((l) => `“${l}”`))} ${one ? 'is' : 'are'} not read yet`
    : `${one ? 'One line is' : `${lines.length} lines are`} not read yet`;
  const words = `${which}: what is in ${one ? 'it' : 'them'} is not counted, nor among the allergens.`;
  return [{ id: 'unread', words, source: 'common practice' }];
}
