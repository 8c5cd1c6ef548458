import type { Food, Role } from '../food/food.ts';
import { pairLines } from '../version/pair-lines.ts';
import { sameFood } from '../version/same-food.ts';
import type { Line, Version } from '../version/version.ts';
import { carriesDish } from './carries-dish.ts';
import { roleOfLine } from './role-of-line.ts';
import type { Swap } from './swap.ts';
import { readSwapRef } from './swap-ref.ts';

/** How far a dish moves when something is left out, by the part it plays; common practice, verdicts correct it. */
const LEFT_OUT: Readonly<Record<Role, number>> = {
  fat: 26,
  browning: 16,
  creaminess: 32,
  melt: 30,
  binder: 46,
  thickener: 12,
  sweetness: 36,
  crunch: 20,
  'starch-base': 64,
  wrapper: 48,
  protein: 70,
  bulk: 40,
  topping: 14,
  flavour: 22,
};
const LEFT_OUT_ELSE = 45;

/** A line that carries the dish departs so much more when it goes: without it, it is another dish. */
const CARRIES = 30;

/** The departure of leaving out a line of this role; more when it carries the dish. */
export const leftOutDeparture = (role: Role | null, carries = false): number =>
  Math.min(100, (role === null ? LEFT_OUT_ELSE : LEFT_OUT[role]) + (carries ? CARRIES : 0));

/** The departure of a swap of this share: it grows with the share, to 100 at most. */
export const shareDeparture = (swap: Swap, share: number, departure: number = swap.departure): number =>
  Math.min(100, Math.round(departure * (share / swap.share) * 10) / 10);

/**
 * How far a version is from the family's dish: the departures of its swaps and of what is left out, added up, once for
 * each line, at most 100.
 *
 * @param food the pantry, to judge roles by the dish; without it a line's own role counts.
 */
export function departureOf(
  version: Version,
  swaps: readonly Swap[],
  food: (id: string) => Food | null = () => null,
  corrected: (swap: Swap, role: Role | null) => number = (s) => s.departure,
): number {
  const seen = new Set<string>();
  let sum = 0;
  for (const line of version.lines) {
    const mark = readSwapRef(line.swapId);
    const swap = swaps.find((s) => s.id === mark?.swapId);
    const key = `${line.originLineId} ${line.swapId}`;
    if (seen.has(key)) continue;
    seen.add(key);
    if (swap) sum += shareDeparture(swap, mark?.share ?? swap.share, corrected(swap, roleOfLine(line, version, food)));
    else if (line.leftOut) sum += leftOutAs(line, asItWas(version), food);
  }
  return Math.min(100, Math.round(sum * 10) / 10);
}

const asItWas = (version: Version): Version => ({
  ...version,
  lines: version.lines.map((l) => ({ ...l, leftOut: false })),
});

/** The departure of leaving a line out of a dish that has all its lines. */
const leftOutAs = (line: Line, whole: Version, food: (id: string) => Food | null): number =>
  leftOutDeparture(roleOfLine(line, whole, food), carriesDish(line, whole, food));

/** How far a version is from the family's dish, as far as anybody said. */
export interface Departure {
  /** 0 to 100, in tenths. */
  readonly known: number;
  /** What was changed by hand, whose departure nobody said: items of lines. */
  readonly unsaid: readonly string[];
}

/**
 * The departure of a version from the one as written: its swaps, what is left out, and what there is less of by hand,
 * which departs like the same share left out. Other changes by hand are named: nobody said how far they go.
 */
export function departureFrom(
  asWritten: Version,
  version: Version,
  swaps: readonly Swap[],
  food: (id: string) => Food | null,
  corrected: (swap: Swap, role: Role | null) => number = (s) => s.departure,
): Departure {
  const scale = (version.servings ?? 1) / (asWritten.servings ?? version.servings ?? 1);
  const goneAltogether = (line: Line): number => leftOutAs(line, asWritten, food);
  const unsaid: string[] = [];
  let less = 0;
  for (const pair of pairLines(asWritten, version)) {
    if (!pair.changed || pair.after.some((l) => l.swapId !== null)) continue;
    const here = pair.after.filter((l) => !l.leftOut);
    if (pair.before !== null && here.length === 0) {
      // A line taken out of the list departs like one that is crossed out.
      if (pair.after.length === 0 && pair.before.weight !== null) less += goneAltogether(pair.before);
      continue;
    }
    const share = pair.before === null ? null : shareGone(pair.before, here, scale);
    if (share === null) unsaid.push(here[0]?.item ?? '');
    else less += share * goneAltogether(pair.before!);
  }
  const swapped = departureOf(version, swaps, food, corrected);
  return { known: Math.min(100, Math.round((swapped + less) * 10) / 10), unsaid };
}

/** The share of a line that is gone when there is only less of the same food; null when something else changed. */
function shareGone(before: Line, here: readonly Line[], scale: number): number | null {
  const was = (before.weight?.grams ?? 0) * scale;
  const same = here.every((l) => sameFood(l, before));
  const now = here.reduce((g, l) => g + (l.weight?.grams ?? 0), 0);
  return same && was > 0 && now < was ? 1 - now / was : null;
}
