import { foodWords } from '../food/food-words.ts';
import { normalizeText } from '../reading/normalize-text.ts';
import { readNumber } from '../reading/read-number.ts';
import { namesOf, stepUses, withoutExcepted } from '../version/step-uses.ts';
import type { Line, Step } from '../version/version.ts';
import { mentionsOf } from './mentions.ts';

/** How much of a line a step uses. */
export interface StepShare {
  readonly lineId: string;
  /** 0 < share ≤ 1; those of one line add up to 1. */
  readonly share: number;
}

const DIVIDED = /\bdivided\b|\bseparated\b/i;
const THE_REST = /\b(?:rest|remaining|remainder|other)\b(?: of)?(?: the)?\s*$/i;
const FRACTION =
  /\b(half|a half|one half|a third|one third|two thirds|a quarter|one quarter|three quarters|½|⅓|⅔|¼|¾|most)(?: of)?(?: the)?\s*$/i;
const SHARES: Readonly<Record<string, number>> = {
  half: 0.5,
  'a half': 0.5,
  'one half': 0.5,
  '½': 0.5,
  'a third': 1 / 3,
  'one third': 1 / 3,
  '⅓': 1 / 3,
  'two thirds': 2 / 3,
  '⅔': 2 / 3,
  'a quarter': 0.25,
  'one quarter': 0.25,
  '¼': 0.25,
  'three quarters': 0.75,
  '¾': 0.75,
  most: 0.75,
};
const AMOUNT_BEFORE = /\b([\d./½⅓⅔¼¾⅛]+(?:\s?[½⅓⅔¼¾⅛]|\s\d\/\d)?)\s*([a-z]+)?\s*(?:\([^)]*\)\s*)?(?:of )?(?:the )?$/i;

/** What a step says before a name of how much it takes: a share, the rest, or nothing. */
function saidBefore(text: string, line: Line): number | 'rest' | null {
  if (THE_REST.test(text)) return 'rest';
  const fraction = FRACTION.exec(text)?.[1]?.toLowerCase();
  if (fraction !== undefined) return SHARES[fraction]!;
  const amount = AMOUNT_BEFORE.exec(text);
  const whole = line.amount?.quantity ?? 0;
  if (amount === null || whole <= 0) return null;
  const number = readNumber(normalizeText(amount[1]!))?.value ?? 0;
  const unit = (amount[2] ?? '').toLowerCase().replace(/s$/, '');
  const same = unitWords(line.amount!.unit).includes(unit);
  return same && number > 0 && number < whole ? number / whole : null;
}

/** The words that say a unit; none for pieces. */
const unitWords = (unit: string | null): readonly string[] =>
  unit === null
    ? ['']
    : ({ gram: ['g', 'gram'], milliliter: ['ml'], tablespoon: ['tbsp', 'tablespoon'], teaspoon: ['tsp', 'teaspoon'] }[
        unit
      ] ?? [unit]);

/**
 * How much of each line every step uses. A line is used where it is first named; in several steps where they say how
 * much each takes ("half of the cheese", "the rest", "2 tbsp of the oil"), or where it is "divided" and several name it.
 *
 * @param alsoCalled what a line was called before a swap
 */
export function stepShares(
  steps: readonly Step[],
  lines: readonly Line[],
  alsoCalled: (line: Line) => string | null = () => null,
): StepShare[][] {
  const first = stepUses(steps, lines, alsoCalled);
  const out: StepShare[][] = steps.map(() => []);
  const all = lines.map((l) => namesOf(l.item));
  const together = takenTogether(steps, lines, first);
  lines.forEach((line, i) => {
    if (line.leftOut) return;
    const shares = sharesSaid(steps, line) ?? sharesOf(steps, line, all[i]!, all) ?? together.get(line.id) ?? null;
    // "Milk" is not what a step means by "evaporated milk": where a later one means it, it goes in there.
    const meant = alsoCalled(line) === null ? steps.findIndex((s) => means(s, all[i]!, all)) : -1;
    const at = meant !== -1 ? meant : first.findIndex((uses) => uses.includes(line.id));
    if (shares !== null) {
      for (const [step, share] of shares.entries()) if (share > 0) out[step]!.push({ lineId: line.id, share });
    } else if (at !== -1) out[at]!.push({ lineId: line.id, share: 1 });
  });
  return out;
}

/** Whether a step names a line, and not only another whose name is longer. */
function means(step: Step, names: readonly string[], all: readonly (readonly string[])[]): boolean {
  const longerNames = all.filter((other) => other.length > names.length && names.every((n) => other.includes(n)));
  if (longerNames.length === 0) return false;
  const text = longerNames.reduce(
    (left, other) =>
      mentionsOf(left, other, all).reduceRight((s, m) => `${s.slice(0, m.start)}…${s.slice(m.end)}`, left),
    withoutExcepted(step.text),
  );
  const words = new Set(foodWords(text));
  return names.every((n) => words.has(n));
}

/** The shares that the cook said of a line, which add up to 1, or are all 0; null where nobody said any. */
function sharesSaid(steps: readonly Step[], line: Line): number[] | null {
  const said = steps.map((s) => s.uses?.find((u) => u.originLineId === line.originLineId)?.share);
  if (said.every((s) => s === undefined)) return null;
  const sum = said.reduce<number>((a, s) => a + (s ?? 0), 0);
  return said.map((s) => (sum > 0 ? (s ?? 0) / sum : 0));
}

/** What takes everything that has no other place: "add the rest and simmer", "stir all but the chicken together". */
const EVERYTHING =
  /\b(?:everything|all (?:the |of the )?(?:other )?(?:ingredients|of it|together|but|except)|(?:the |all )?(?:rest|others?|remaining ingredients|other ingredients)(?=[,.;]|\s(?:and|to|into|in|of the ingredients)\b|$)|ingredients)/i;
/** A first step that names nothing means all of it: "Mix, shape and bake for an hour." */
const TOGETHER = /^(?:mix|stir|whisk|blend|layer|cream|combine|beat|put|toss|fill)\b/i;

/** Lines that no step names, put where a step takes all that is left, by their id: the shares for each step. */
function takenTogether(
  steps: readonly Step[],
  lines: readonly Line[],
  named: readonly (readonly string[])[],
): Map<string, number[]> {
  const known = new Set(named.flat());
  const at = steps.findIndex(
    (s, i) => EVERYTHING.test(s.text) || (i === 0 && named[0]!.length === 0 && TOGETHER.test(s.text.trim())),
  );
  if (at === -1) return new Map();
  const alone = lines.filter((l) => !l.leftOut && !known.has(l.id));
  return new Map(alone.map((l) => [l.id, steps.map((_, i) => (i === at ? 1 : 0))]));
}

/** The share of a line that each step takes; null where they do not divide it. */
function sharesOf(
  steps: readonly Step[],
  line: Line,
  names: readonly string[],
  all: readonly (readonly string[])[],
): number[] | null {
  const said = steps.map((s) => {
    const text = withoutExcepted(s.text);
    const at = mentionsOf(text, names, all)[0];
    return at === undefined ? undefined : saidBefore(text.slice(0, at.start), line);
  });
  const naming = said.flatMap((s, i) => (s === undefined ? [] : [i]));
  const numbers = said.map((s) => (typeof s === 'number' ? s : 0));
  const sum = numbers.reduce((a, b) => a + b, 0);
  const rest = said.flatMap((s, i) => (s === 'rest' ? [i] : []));
  if (naming.length < 2) return null;
  if (sum === 0 && rest.length === 0) {
    if (!DIVIDED.test(`${line.text} ${line.note ?? ''}`)) return null;
    return steps.map((_, i) => (naming.includes(i) ? 1 / naming.length : 0));
  }
  if (sum > 1 + 1e-9) return null;
  // What nobody says goes where "the rest" is, else where it is named without an amount.
  const others = rest.length > 0 ? rest.slice(-1) : naming.filter((i) => said[i] === null);
  const left = 1 - sum;
  if (others.length === 0) return left < 0.02 ? numbers.map((n) => n / sum) : null;
  if (rest.length > 0 && sum === 0) {
    // "The rest" of what was taken somewhere before: half and half, as far as anybody knows.
    const before = naming.filter((i) => i < rest[0]!);
    if (before.length === 0) return null;
    return steps.map((_, i) => (before.includes(i) ? 0.5 / before.length : i === others[0] ? 0.5 : 0));
  }
  return numbers.map((n, i) => n + (others.includes(i) ? left / others.length : 0));
}
