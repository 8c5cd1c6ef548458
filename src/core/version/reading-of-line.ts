import { readLine } from '../reading/read-line.ts';
import type { Reading } from '../reading/reading.ts';
import type { Line } from './version.ts';

/**
 * What a line was read as: what it kept of that. Only a line that kept nothing is read again, from its text.
 *
 * @example readingOfLine(lineOf(readIngredient('1 (14.5 oz) can tomatoes', …), id)).packageQuantity // 14.5
 */
export function readingOfLine(line: Line): Reading {
  if (line.read === null) return readLine(line.text, line.group);
  const { quantity = null, quantityMax = null, unit = null } = line.amount ?? {};
  const { text, item, note, group } = line;
  return { line: text, quantity, quantityMax, unit, item, note, group, ...line.read };
}
