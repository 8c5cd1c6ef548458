import { describeGrams, type SafeSide } from '../food/describe-grams.ts';
import type { Food } from '../food/food.ts';
import { type Count, type CountLine, type CountOptions, count } from '../program/count.ts';
import { formatPoints } from '../program/format-points.ts';
import type { Counter } from '../program/program.ts';
import { edgeOf, roundPoints } from '../program/rule.ts';
import { type Slack, slackOf } from '../program/slack.ts';
import type { MeasureSystem } from '../quantity/measure-system.ts';

/** Where a dish stands on an eater's stair, in numbers and in words. */
export interface StairPlace {
  readonly count: Count;
  /** The step it stands on, from its edge to the next: raw points, and how far along the dish is, 0 to 1. */
  readonly from: number;
  readonly to: number;
  readonly along: number;
  /** "5.60 exactly." of what was weighed; "5.60, likely 5.41 to 5.79." of what was measured or guessed. */
  readonly exact: string;
  /** "6 g less Gruyère makes it 5", or why nothing does. */
  readonly less: string;
  /** What `less` would take away, to be done; null where it says that nothing does. */
  readonly cut: { readonly lineId: string; readonly grams: number; readonly points: number } | null;
  /** "9 g more Gruyère makes it 7"; null when nothing that is in it adds points. */
  readonly more: string | null;
}

/** Nobody takes more than this of a line away and has the same dish. */
const MOST_OF_A_LINE = 1 / 3;

/** Slack is named of lines that carry at least this share of the dish's points: nobody leaves out half a spray. */
const WORTH_NAMING = 0.1;

/**
 * Describes the slack of a dish for one counter: the single line of which the least share must go to lose a step, a third
 * of it at the most, and the one of which least may come.
 *
 * @param kept lines that are not named for going: kept ones, and those that hold the dish together
 */
export function stairPlace(
  lines: readonly CountLine[],
  counter: Counter,
  options: CountOptions,
  kept: ReadonlySet<string>,
  system: MeasureSystem,
): StairPlace {
  const now = count(lines, counter, options);
  const step = counter.program.rule.step;
  const from = now.points > 0 ? edgeOf(now.points, counter.program.rule) : 0;
  const to = edgeOf(now.points + step, counter.program.rule);
  const along = Math.min(1, Math.max(0, (now.raw - from) / (to - from)));
  const slacks = lines
    .filter((l) => Math.abs(now.lines.find((x) => x.id === l.id)?.raw ?? 0) > WORTH_NAMING * Math.abs(now.raw))
    .map((l) => slackOf(lines, l.id, counter, options, now))
    .filter((s): s is Slack => s !== null);
  const shareOf = (s: Slack): number => s.mustGo! / (lineGrams(lines, s.lineId) || 1);
  const could = slacks.filter((s) => s.mustGo !== null && !kept.has(s.lineId)).sort((a, b) => shareOf(a) - shareOf(b));
  const goes = could.find((s) => shareOf(s) <= MOST_OF_A_LINE);
  const comes = slacks.filter((s) => Number.isFinite(s.mayAdd)).sort((a, b) => a.mayAdd - b.mayAdd)[0];
  const grams = (id: string, g: number, side: SafeSide): string =>
    describeGrams(lines.find((l) => l.id === id)?.weighed ? null : soleFood(lines, id), g, system, side);
  const less =
    now.points === 0
      ? 'It counts nothing.'
      : goes
        ? `${grams(goes.lineId, goes.mustGo!, 'atLeast')} less ${goes.label} makes it ${formatPoints(now.points - step)}.`
        : could.length > 0
          ? `No small cut of a single line makes it ${formatPoints(now.points - step)}.`
          : `No single line lowers it to ${formatPoints(now.points - step)}, not even left out.`;
  // A gram more than has to go: nobody weighs to the tenth, and what is said is done.
  const cut =
    now.points === 0 || goes === undefined
      ? null
      : { lineId: goes.lineId, grams: Math.ceil(goes.mustGo! + 1e-6), points: now.points - step };
  const more =
    comes === undefined
      ? null
      : comes.mayAdd < 0.1
        ? `A crumb more ${comes.label} makes it ${formatPoints(now.points + step)}.`
        : `Up to ${grams(comes.lineId, comes.mayAdd, 'atMost')} more ${comes.label} changes nothing.`;
  return { count: now, from, to, along, exact: `${exactWords(now, counter)}${sureWords(now)}.`, less, cut, more };
}

/** Whether raw points are exact, or between which numbers they likely lie. */
export function sureWords(now: Pick<Count, 'range'>): string {
  const [low, high] = [now.range.low.toFixed(2), now.range.high.toFixed(2)];
  return low === high ? ' exactly' : `, likely ${low} to ${high}`;
}

/** Raw points with two decimals, or as many as it takes not to look as if they stood on another step. */
export function exactWords(now: Pick<Count, 'raw' | 'points' | 'by'>, counter: Counter): string {
  if (now.by === 'items') return now.raw.toFixed(2);
  for (let digits = 2; digits < 8; digits++) {
    const text = now.raw.toFixed(digits);
    if (roundPoints(Number(text), counter.program.rule) === now.points) return text;
  }
  return String(now.raw);
}

/** What a line weighs in the whole dish, g. */
const lineGrams = (lines: readonly CountLine[], id: string): number =>
  lines.find((l) => l.id === id)?.parts.reduce((sum, p) => sum + p.grams, 0) ?? 0;

function soleFood(lines: readonly CountLine[], id: string): Food | null {
  const parts = lines.find((l) => l.id === id)?.parts ?? [];
  return parts.length === 1 ? parts[0]!.food : null;
}
