import { type Count, type CountLine, type CountOptions, count, isLinear, scaleLine } from './count.ts';
import { largestThat } from './largest-that.ts';
import type { Counter } from './program.ts';
import { edgeOf, roundPoints } from './rule.ts';

/** What a line's grams could be, for a portion's points to change. Grams are of the whole dish. */
export interface Slack {
  readonly lineId: string;
  readonly label: string;
  /** Grams that may still be added at the same points; Infinity when adding never raises them. Rounded down. */
  readonly mayAdd: number;
  /** Grams that must go to lose a step; null when not even leaving it out does. Rounded up. */
  readonly mustGo: number | null;
}

const MOST_ADDED_G = 100_000;

/** Steps of a gram that a scale can show: tenths for small lines, whole grams else. */
const grain = (grams: number): number => (grams < 10 ? 0.1 : 1);

/**
 * The slack of one line at the counted portion. Closed form where the count is linear, else bisected; what is
 * returned is rounded to the safe side and recounted. Null for a line without a weight.
 */
export function slackOf(
  lines: readonly CountLine[],
  lineId: string,
  counter: Counter,
  options: CountOptions,
  now: Count = count(lines, counter, options),
): Slack | null {
  const line = lines.find((l) => l.id === lineId);
  const grams = line?.parts.reduce((sum, p) => sum + p.grams, 0) ?? 0;
  if (line === undefined || grams <= 0) return null;
  const rule = counter.program.rule;
  const pointsAt = (g: number): number => count(scaleLine(lines, lineId, g / grams), counter, options).points;
  const unit = grain(grams);
  const perGram = (now.lines.find((l) => l.id === lineId)?.raw ?? 0) / grams;
  const linear = isLinear(rule, now.by);

  let mayAdd: number;
  if (linear && perGram <= 0) mayAdd = Number.POSITIVE_INFINITY;
  else {
    const guess = linear
      ? (edgeOf(now.points + rule.step, rule) - now.raw) / perGram
      : largestThat((g) => pointsAt(grams + g) <= now.points, MOST_ADDED_G);
    mayAdd = guess >= MOST_ADDED_G ? Number.POSITIVE_INFINITY : Math.max(0, Math.floor(guess / unit) * unit);
    while (Number.isFinite(mayAdd) && mayAdd > 0 && pointsAt(grams + mayAdd) > now.points) mayAdd -= unit;
    mayAdd = Number.isFinite(mayAdd) ? tidyGrams(Math.max(0, mayAdd), unit) : mayAdd;
  }

  let mustGo: number | null = null;
  if (now.points > 0 && pointsAt(0) < now.points) {
    const guess = linear
      ? (now.raw - edgeOf(now.points, rule)) / perGram
      : largestThat((g) => pointsAt(grams - g) >= now.points, grams);
    let g = Math.ceil(Math.max(0, guess) / unit) * unit;
    while (g < grams && pointsAt(Math.max(0, grams - g)) >= now.points) g += unit;
    mustGo = Math.min(grams, tidyGrams(g, unit));
  }
  return { lineId, label: line.label, mayAdd, mustGo };
}

const tidyGrams = (g: number, unit: number): number => Math.round(g / unit) / Math.round(1 / unit);

/** The most a line's grams may be off by eye before anybody's number moves. */
const BY_EYE = 0.5;

/**
 * Lines that cannot move any of the counts, whatever between half and one and a half times their grams they are:
 * by eye is fine for them.
 */
export function byEyeIsFine(
  lines: readonly CountLine[],
  counters: readonly Counter[],
  options: CountOptions,
): ReadonlySet<string> {
  const fine = new Set<string>();
  const now = counters.map((c) => count(lines, c, options));
  for (const line of lines) {
    if (line.open) continue;
    const moves = counters.some((c, i) => {
      const mine = now[i]!;
      const rule = c.program.rule;
      const own = mine.lines.find((l) => l.id === line.id)?.raw ?? 0;
      return [-BY_EYE, BY_EYE].some((f) => {
        const points = isLinear(rule, mine.by)
          ? roundPoints(mine.raw + f * own, rule)
          : count(scaleLine(lines, line.id, 1 + f), c, options).points;
        return points !== mine.points;
      });
    });
    if (!moves) fine.add(line.id);
  }
  return fine;
}
