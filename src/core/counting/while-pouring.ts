import { type CountLine, type CountOptions, count, scaleLine } from '../program/count.ts';
import type { Counter } from '../program/program.ts';
import { slackOf } from '../program/slack.ts';

/** How somebody's points stand while something is poured in. */
export interface Poured {
  /** Of a portion, with so much in it. */
  readonly points: number;
  /** Grams that may still go in at these points; null where no amount raises them. */
  readonly left: number | null;
  /** The gram at which one more counts: where to stop; null where there is none. */
  readonly oneMoreAt: number | null;
  /** The gram down to which it would have to be to count one less; null where not even none of it does. */
  readonly oneLessAt: number | null;
}

/** Of none of it nobody can take so many times as much: so little stands for it, g. */
const NEXT_TO_NOTHING_G = 0.001;

/**
 * Everybody's points while a line is poured in, and how much is left to the next.
 *
 * @param lineId a line that weighs something
 * @param grams what is in of it, g of the whole dish
 */
export function whilePouring(
  lines: readonly CountLine[],
  lineId: string,
  grams: number,
  counters: readonly Counter[],
  options: CountOptions,
): Poured[] {
  const was = lines.find((l) => l.id === lineId)?.parts.reduce((sum, p) => sum + p.grams, 0) ?? 0;
  const poured = was > 0 ? scaleLine(lines, lineId, Math.max(NEXT_TO_NOTHING_G, grams) / was) : lines;
  return counters.map((counter) => {
    const now = count(poured, counter, options);
    const slack = slackOf(poured, lineId, counter, options, now);
    const left = slack === null || !Number.isFinite(slack.mayAdd) ? null : Math.floor(slack.mayAdd + 1e-6);
    const less = slack === null || slack.mustGo === null ? null : Math.floor(grams - slack.mustGo + 1e-6);
    return {
      points: now.points,
      left,
      oneMoreAt: left === null ? null : Math.round(grams) + left + 1,
      oneLessAt: less === null || less < 0 ? null : less,
    };
  });
}
