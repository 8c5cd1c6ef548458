import type { ProgramWeek } from '../program/program.ts';
import { EPSILON, type Rule, roundPoints } from '../program/rule.ts';
import type { DayCount } from './day-count.ts';

/** Something eaten, and what of: two portions of one dish are off by the same. */
export interface DayThing {
  readonly ref: string;
  readonly count: DayCount;
}

/** How a program sums a day. */
export interface DayRule {
  readonly rule: Pick<Rule, 'step' | 'rounding'>;
  readonly adds: ProgramWeek['adds'];
  /** Whether the household takes the most that a doubt leaves. */
  readonly upwards: boolean;
}

/** A sum of which some may not be known: then it is at least so much. */
export interface SumOf {
  readonly value: number;
  readonly complete: boolean;
}

export interface DaySum {
  /** How many things it is the sum of. */
  readonly things: number;
  /** As the program adds, upwards where the household wishes; null for somebody who does not count. */
  readonly points: number | null;
  /** What was rounded, added. */
  readonly rounded: number | null;
  /** What was added, rounded. */
  readonly together: number | null;
  readonly low: number | null;
  readonly high: number | null;
  readonly kcal: SumOf;
  readonly protein: SumOf;
  readonly fibre: SumOf;
  readonly sodium: SumOf;
  /** Whether all of it is read, weighed and counted. */
  readonly complete: boolean;
}

/**
 * What somebody has eaten, summed both ways.
 *
 * Doubts of different things are independent and combine by the root of their squares, as those of lines do; what is in
 * doubt by the same thing twice is off twice. Ends are whole steps, away from the sum.
 *
 * @param as null for somebody who does not count
 * @example sumDay([soup, pie], ledger).points // 21
 */
export function sumDay(things: readonly DayThing[], as: DayRule | null): DaySum {
  const counts = things.map((t) => t.count);
  const nutrition = {
    things: things.length,
    kcal: sumOf(counts, 'kcal'),
    protein: sumOf(counts, 'protein'),
    fibre: sumOf(counts, 'fibre'),
    sodium: sumOf(counts, 'sodium'),
  };
  if (as === null) {
    const complete = counts.every((c) => c.complete);
    return { ...nutrition, points: null, rounded: null, together: null, low: null, high: null, complete };
  }
  const { rule } = as;
  const rounded = counts.reduce((s, c) => s + (c.points ?? 0), 0);
  const raw = counts.reduce((s, c) => s + (c.raw ?? 0), 0);
  const together = roundPoints(raw, rule);
  const middle = as.adds === 'rounded' ? rounded : together;
  const ends = as.adds === 'rounded' ? roundedEnds(things, rounded, rule.step) : rawEnds(things, raw, rule);
  const low = Math.min(middle, ends.low);
  const high = Math.max(middle, ends.high);
  return {
    ...nutrition,
    points: as.upwards ? high : middle,
    rounded,
    together,
    low: as.upwards ? high : low,
    high,
    complete: counts.every((c) => c.complete && c.points !== null),
  };
}

function sumOf(counts: readonly DayCount[], what: 'kcal' | 'protein' | 'fibre' | 'sodium'): SumOf {
  let value = 0;
  let complete = true;
  for (const c of counts) {
    if (c[what] === null) complete = false;
    else value += c[what];
  }
  return { value, complete };
}

/** How far all of it may lie below and above. */
function spread(
  things: readonly DayThing[],
  off: (c: DayCount) => { readonly below: number; readonly above: number },
): { below: number; above: number } {
  const byRef = new Map<string, { below: number; above: number }>();
  for (const { ref, count } of things) {
    const { below, above } = off(count);
    if (below <= 0 && above <= 0) continue;
    const had = byRef.get(ref) ?? { below: 0, above: 0 };
    byRef.set(ref, { below: had.below + Math.max(0, below), above: had.above + Math.max(0, above) });
  }
  let [below, above] = [0, 0];
  for (const d of byRef.values()) {
    below += d.below ** 2;
    above += d.above ** 2;
  }
  return { below: Math.sqrt(below), above: Math.sqrt(above) };
}

function roundedEnds(things: readonly DayThing[], sum: number, step: number): { low: number; high: number } {
  const { below, above } = spread(things, (c) => ({
    below: (c.points ?? 0) - (c.low ?? c.points ?? 0),
    above: (c.high ?? c.points ?? 0) - (c.points ?? 0),
  }));
  const steps = (n: number): number => Math.ceil(n / step - EPSILON) * step;
  return { low: Math.max(0, sum - steps(below)), high: sum + steps(above) };
}

function rawEnds(things: readonly DayThing[], raw: number, rule: DayRule['rule']): { low: number; high: number } {
  const { below, above } = spread(things, (c) => ({
    below: (c.raw ?? 0) - (c.rawLow ?? c.raw ?? 0),
    above: (c.rawHigh ?? c.raw ?? 0) - (c.raw ?? 0),
  }));
  return { low: roundPoints(raw - below, rule), high: roundPoints(raw + above, rule) };
}
