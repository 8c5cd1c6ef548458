import { findUnit } from '../quantity/units.ts';
import type { ComparedWord } from './compare-readings.ts';
import { unsigned } from './unsigned-word.ts';

/** What figures and letters that were taken for each other may have been; null where nothing was. */
export function slipOf(words: readonly ComparedWord[], i: number): string[] | null {
  const read = unsigned(words[i]!.text);
  const next = words[i + 1]?.text;
  const pound = /^(\d*)[1Il|!]b$/.exec(read);
  if (pound !== null && read !== 'lb') {
    const whole = pound[1] ?? '';
    return whole === '' ? ['lb', '1 lb'] : [`${whole} lb`];
  }
  if (/^[0O][z2]$/.test(read) && read !== 'Oz') return ['oz'];
  if (i > 0 && i < 3 && /\d/.test(words[0]!.text) && /^[tT][a-z]{0,2}[a-z0-9]p$/.test(read) && findUnit(read) === null)
    return ['tbsp', 'tsp'];
  if (/^[|Il!i]$/.test(read) && next !== undefined && (read !== 'I' || /^[a-z(]/.test(next))) return ['1'];
  if (/[a-z]\d|\d[a-z]/i.test(read) && !isAmountAndUnit(read)) return [];
  return null;
}

/** "250g", "180C", "x2", "2nd", "1red": figures, then a whole word. */
function isAmountAndUnit(read: string): boolean {
  const [, , word] = /^(\d+(?:[.,/-]\d+)*|[½¼¾⅓⅔⅛])([a-z]+)$/i.exec(read) ?? [];
  if (word !== undefined)
    return word.length > 2 || findUnit(word) !== null || /^(?:C|F|x|st|nd|rd|th|cm|mm|in)$/.test(word);
  return /^x\d+$/i.test(read);
}
