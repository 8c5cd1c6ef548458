import { FOOD_KIND_WORDS } from '../food/kind-words.ts';
import { NUTRIENT_WORDS, NUTRIENTS, type Nutrient } from '../food/nutrients.ts';
import { trimmed } from '../quantity/format-amount.ts';
import { namedTogether } from '../quantity/named-together.ts';
import { formatPoints } from './format-points.ts';
import type { Program } from './program.ts';
import type { Rule } from './rule.ts';
import type { TaughtFrom } from './taught-from.ts';
import { saysWhich, type UncountedEntry } from './uncounted.ts';

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

const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const;
/** The days that a week may begin with, in words, the first is 1. */
export const WEEK_BEGINS: readonly string[] = WEEKDAYS;

/** How a program's days make a week, as a sentence. */
export function weekWords({ begins, carriesOver, adds }: Program['week']): string {
  const over =
    carriesOver === 0
      ? 'nothing left of a day is carried on'
      : `up to ${formatPoints(carriesOver)} left of a day go on`;
  const sum = adds === 'rounded' ? 'a day adds rounded points' : 'a day is added first and rounded then';
  return `The week begins on ${WEEKDAYS[begins - 1]!}; ${over}; ${sum}.`;
}

/** By which way a program counts a serving, as a sentence. */
export const methodWords = (by: Program['by']): string =>
  ({
    ingredients: 'A serving is the sum of its ingredients, rounded once.',
    serving: 'A serving is counted as one food, from its whole nutrition.',
    items: 'Every ingredient is rounded for itself, then added.',
  })[by];

/** The food of an id by its name, for lists; null where nobody knows it. */
type NameOf = (id: string) => string | null;

/**
 * Which foods an entry of an uncounted list means, as a sentence that can be read aloud.
 *
 * @example conditionWords(lean, nameOf) // 'breast of poultry, with at most 7 g fat in 100 g'
 */
export function conditionWords(entry: UncountedEntry, nameOf: NameOf): string {
  if (!saysWhich(entry)) return 'nothing yet';
  const named = [
    ...entry.groups.map((g) => `all of ${g}`),
    ...entry.kinds.map((k) => FOOD_KIND_WORDS[k]),
    ...entry.foods.map((id) => nameOf(id) ?? id),
  ];
  // Names have commas of their own.
  const which = named.length === 0 ? 'any food' : named.join('; ');
  return [which, ...onlyWords(entry)].join(', ');
}

/** Under which conditions it holds, each for itself. */
function onlyWords(entry: UncountedEntry): string[] {
  const limits = NUTRIENTS.flatMap((n) => {
    const most = entry.atMost[n];
    return most === undefined ? [] : [`${trimmed(most, 1)} ${limitName(n)}`];
  });
  return [
    ...(entry.states === null ? [] : [entry.states.join(' or ')]),
    ...(limits.length === 0 ? [] : [`with at most ${namedTogether(limits)} in 100 g`]),
    ...(entry.without.length === 0 ? [] : [`but no ${entry.without.map((k) => FOOD_KIND_WORDS[k]).join(' or ')}`]),
  ];
}

const limitName = (n: Nutrient): string =>
  n === 'kcal' ? 'kcal' : `${NUTRIENT_WORDS[n].unit} ${NUTRIENT_WORDS[n].name}`;
/**
 * An entry of an uncounted list under its own words.
 *
 * @param nameOf the name of a food by its id; null where it is not known
 */
export function entryWords(entry: UncountedEntry, nameOf: NameOf): string {
  // What a kind is called is said by the entry's own words already.
  const names = entry.foods.map((id) => nameOf(id) ?? id);
  if (names.length === 1 && names[0] === entry.words && onlyWords(entry).length === 0) return entry.words;
  const rest = [...(names.length > 0 ? [names.join('; ')] : []), ...onlyWords(entry)].join(', ');
  return rest === '' ? entry.words : `${entry.words}: ${rest}`;
}

/**
 * Where a taught rule comes from, and what that means for counts.
 *
 * @example taughtWords(program.taught) // 'Taught from 25 foods: where other rules fit them too, counts say "maybe".'
 */
export const taughtWords = ({ known }: TaughtFrom): string =>
  `Taught from ${known.length} ${known.length === 1 ? 'food' : 'foods'}: where other rules fit ${known.length === 1 ? 'it' : 'them'} too, counts say "maybe".`;
