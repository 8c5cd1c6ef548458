import { NUTRIENT_WORDS, NUTRIENTS } from '../food/nutrients.ts';
import { trimmed } from '../quantity/format-amount.ts';
import { formatPoints } from './format-points.ts';
import type { Program } from './program.ts';
import type { Rule } from './rule.ts';

const signed = (x: number | undefined): string => (x === undefined ? 'none' : trimmed(x, 6).replace('-', '−'));
const taughtFrom = ({ taught }: Program): string =>
  taught === null ? 'nothing: it was typed' : `${taught.known.length} foods`;
const roundedWords = ({ rounding, step }: Rule): string =>
  `${rounding === 'nearest' ? 'to the nearest' : rounding} in ${step === 1 ? 'whole' : 'half'} points`;

/** What is another in a later state of a program, each difference in words; none where nothing is. */
export function programDifferences(before: Program, after: Program): string[] {
  const out: string[] = [];
  const say = (what: string, was: string, now: string): void => {
    if (was !== now) out.push(`${what} ${was}, now ${now}`);
  };
  say('called', before.name, after.name);
  say('the mark', before.mark, after.mark);
  say('1 point for every', trimmed(before.rule.per, 6), trimmed(after.rule.per, 6));
  for (const n of NUTRIENTS) {
    const { name } = NUTRIENT_WORDS[n];
    say(name, signed(before.rule.coefficients[n]), signed(after.rule.coefficients[n]));
    const most = (r: Rule): string => (r.caps[n] === undefined ? 'any' : trimmed(r.caps[n], 6));
    say(`${name} at most`, most(before.rule), most(after.rule));
  }
  say('rounded', roundedWords(before.rule), roundedWords(after.rule));
  say('taught from', taughtFrom(before), taughtFrom(after));
  say('counted by', before.by, after.by);
  out.push(...listDifferences(before.list.entries, after.list.entries, 'the list'));
  out.push(...listDifferences(before.list.exclusions, after.list.exclusions, 'what counts all the same'));
  say(
    'the list is',
    before.personal ? 'each one’s own' : 'everyone’s',
    after.personal ? 'each one’s own' : 'everyone’s',
  );
  if (before.allowance !== after.allowance)
    out.push(`${formatPoints(before.allowance)} points a day, now ${formatPoints(after.allowance)}`);
  if (before.reserve !== after.reserve)
    out.push(`${formatPoints(before.reserve)} reserve a week, now ${formatPoints(after.reserve)}`);
  say('not below', formatPoints(before.floor), formatPoints(after.floor));
  return out;
}

/** What came, what went, and what means something else under the same words. */
function listDifferences(
  before: readonly { readonly words: string }[],
  after: readonly { readonly words: string }[],
  where: string,
): string[] {
  const was = new Map(before.map((e) => [e.words, JSON.stringify(e)]));
  const is = new Map(after.map((e) => [e.words, JSON.stringify(e)]));
  const came = [...is.keys()].filter((w) => !was.has(w));
  const went = [...was.keys()].filter((w) => !is.has(w));
  const other = [...is].filter(([w, e]) => was.has(w) && was.get(w) !== e).map(([w]) => w);
  return [
    ...(came.length > 0 ? [`on ${where}: ${came.join(', ')}`] : []),
    ...(went.length > 0 ? [`off ${where}: ${went.join(', ')}`] : []),
    ...(other.length > 0 ? [`another meaning: ${other.join(', ')}`] : []),
  ];
}
