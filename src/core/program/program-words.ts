import { NUTRIENT_WORDS, NUTRIENTS } from '../food/nutrients.ts';
import { trimmed } from '../quantity/format-amount.ts';
import { formatPoints } from './format-points.ts';
import type { Program } from './program.ts';
import type { Rule } from './rule.ts';
import type { UncountedEntry } from './uncounted.ts';

const ROUNDED: Readonly<Record<Rule['rounding'], string>> = {
  nearest: 'to the nearest',
  up: 'up to a',
  down: 'down to a',
};

/**
 * A rule as a sentence.
 *
 * @example ruleWords(rule) // '1 point for every 45 of: kcal + 2 × sugars (g) − 2 × protein (g), rounded to the nearest point.'
 */
export function ruleWords(rule: Rule): string {
  const terms = NUTRIENTS.flatMap((n) => {
    const c = rule.coefficients[n];
    if (c === undefined || c === 0) return [];
    const { name, unit } = NUTRIENT_WORDS[n];
    const amount = n === 'kcal' ? 'kcal' : `${name} (${unit})`;
    const times = Math.abs(c) === 1 ? '' : `${trimmed(Math.abs(c), 4)} × `;
    return [`${c < 0 ? '−' : '+'} ${times}${amount}`];
  });
  const sum = terms.join(' ').replace(/^\+ /, '');
  const point = rule.step === 1 ? 'point' : 'half point';
  const per = rule.per === 1 ? '1 point for each of' : `1 point for every ${trimmed(rule.per, 4)} of`;
  return `${per}: ${sum}, rounded ${ROUNDED[rule.rounding]} ${point}.`;
}

/** What a program gives a day and a week, and below what it should not go. */
export const allowanceWords = (p: Pick<Program, 'allowance' | 'reserve' | 'floor'>): string =>
  `${formatPoints(p.allowance)} a day, ${formatPoints(p.reserve)} reserve a week, not below ${formatPoints(p.floor)}`;

/**
 * An entry of an uncounted list as a sentence that can be read aloud.
 *
 * @param nameOf the name of a food by its id; null where it is not known
 */
export function entryWords(entry: UncountedEntry, nameOf: (id: string) => string | null): string {
  const names = entry.foods.map((id) => nameOf(id) ?? id);
  const only = [
    entry.states === null ? null : entry.states.join(' or '),
    entry.kcalAtMost === null ? null : `at most ${trimmed(entry.kcalAtMost / 100, 2)} kcal a gram`,
  ].filter((x) => x !== null);
  // Names have commas of their own.
  const rest = [...(names.length > 0 ? [names.join('; ')] : []), ...only].join(', ');
  return names.length === 1 && names[0] === entry.words
    ? entry.words
    : rest === ''
      ? entry.words
      : `${entry.words}: ${rest}`;
}
