import { type CountLine, type CountOptions, count, isLinear, scaleLine } from './count.ts';
import { largestThat } from './largest-that.ts';
import type { Counter } from './program.ts';
import { edgeOf } from './rule.ts';

/** The most of a line that a target allows. */
export type MostOfLine =
  /** g of the whole dish, rounded down; Infinity when any amount does. */
  | { readonly kind: 'grams'; readonly grams: number }
  /** Not even without the line. */
  | { readonly kind: 'never' };

const MOST_G = 100_000;

/**
 * How much of a line may stay for a portion to come to at most so many points: in closed form where the count is
 * linear, else bisected; rounded to the safe side and recounted.
 *
 * @throws Error for a line that is not there or weighs nothing.
 */
export function mostOfLine(
  lines: readonly CountLine[],
  lineId: string,
  counter: Counter,
  options: CountOptions,
  points: number,
): MostOfLine {
  const grams = lines.find((l) => l.id === lineId)?.parts.reduce((g, p) => g + p.grams, 0) ?? 0;
  if (!(grams > 0)) throw new Error(`Line ${lineId} weighs nothing.`);
  const at = (g: number): number => count(scaleLine(lines, lineId, g / grams), counter, options).points;
  if (at(0) > points) return { kind: 'never' };
  if (at(MOST_G) <= points) return { kind: 'grams', grams: Number.POSITIVE_INFINITY };
  const { rule } = counter.program;
  const now = count(lines, counter, options);
  const own = now.lines.find((l) => l.id === lineId)?.raw ?? 0;
  const guess =
    isLinear(rule, now.by) && own > 0
      ? ((edgeOf(points + rule.step, rule) - (now.raw - own)) / own) * grams
      : largestThat((g) => at(g) <= points, MOST_G);
  const grain = guess < 10 ? 0.1 : 1;
  let steps = Math.max(0, Math.floor(guess / grain + 1e-9));
  while (steps > 0 && at(steps * grain) > points) steps--;
  return { kind: 'grams', grams: Math.round(steps * grain * 10) / 10 };
}
