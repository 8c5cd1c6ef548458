import type { Food, Role } from '../food/food.ts';
import { type LinePair, pairLines } from '../version/pair-lines.ts';
import { sameFood } from '../version/same-food.ts';
import type { Line, Version } from '../version/version.ts';
import { carriesDish } from './carries-dish.ts';
import { departureOfSwap } from './departure-of-swap.ts';
import { wholeDeparture } from './departure-words.ts';
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

/** How far a version is from the family's dish, as far as anybody said. */
export interface Departure {
  /** 0 to 100, in tenths. */
  readonly known: number;
  /** What was changed by hand, whose departure nobody said: items of lines. */
  readonly unsaid: readonly string[];
}

/** What a departure is told by besides the two versions. */
export interface DepartureContext {
  readonly swaps: readonly Swap[];
  readonly food: (id: string) => Food | null;
  /** The recipe's title; left out where nobody knows it. */
  readonly title?: string;
  /** A swap's departure as a household's verdicts corrected it; the swap's own without. */
  readonly corrected?: (swap: Swap, role: Role | null) => number;
  /** What a line departs at the least because it must not stay, by `originLineId`: nothing that others could avoid. */
  readonly forced?: ReadonlyMap<string, number>;
}

/**
 * The departure of a version from the one as written: its swaps, what is left out, and what there is less of by hand,
 * which departs like the same share left out. Other changes by hand are named: nobody said how far they go.
 */
export function departureFrom(asWritten: Version, version: Version, context: DepartureContext): Departure {
  const scale = (version.servings ?? 1) / (asWritten.servings ?? version.servings ?? 1);
  const unsaid: string[] = [];
  let sum = 0;
  for (const pair of pairLines(asWritten, version)) {
    const far = departureOfPair(pair, asWritten, scale, context);
    if (far === null) unsaid.push(pair.after.find((l) => !l.leftOut)?.item ?? '');
    else sum += Math.max(0, far - (far > 0 ? (context.forced?.get(pair.originLineId) ?? 0) : 0));
  }
  return { known: wholeDeparture(sum), unsaid };
}

/** How far one line moved; null where it was changed by hand and nobody said how far that goes. */
function departureOfPair(
  { before, after, changed }: LinePair,
  asWritten: Version,
  scale: number,
  { swaps, food, title = '', corrected = (s) => s.departure }: DepartureContext,
): number | null {
  if (!changed && before !== null && after.every((l) => l.swapId === null)) return 0;
  if (after.some((l) => readSwapRef(l.swapId)?.along)) return 0;
  const gone = (line: Line): number => {
    const role = roleOfLine(line, asWritten, food, title);
    return leftOutDeparture(role, carriesDish(line, asWritten, food, title));
  };
  const marks = [...new Set(after.flatMap((l) => (l.swapId === null ? [] : [l.swapId])))];
  if (marks.length > 0 && before !== null) {
    const role = roleOfLine(before, asWritten, food, title);
    return marks.map(readSwapRef).reduce((sum, mark) => {
      const swap = swaps.find((s) => s.id === mark?.swapId);
      if (swap === undefined) return sum + (after.every((l) => l.leftOut) ? gone(before) : 0);
      const at = { line: before, version: asWritten, title, food };
      return sum + departureOfSwap(swap, mark?.share ?? swap.share, corrected(swap, role), at);
    }, 0);
  }
  const here = after.filter((l) => !l.leftOut);
  if (before === null) return here.length === 0 ? 0 : null;
  // A line that is taken out of the list departs like one that is crossed out.
  if (here.length === 0) return before.weight === null && after.length === 0 ? 0 : gone(before);
  const share = shareGone(before, here, scale);
  return share === null ? null : share * gone(before);
}

/** The share of a line that is gone when there is only less of the same food; null when something else changed. */
function shareGone(before: Line, here: readonly Line[], scale: number): number | null {
  const was = (before.weight?.grams ?? 0) * scale;
  const same = here.every((l) => sameFood(l, before));
  const now = here.reduce((g, l) => g + (l.weight?.grams ?? 0), 0);
  return same && was > 0 && now < was ? 1 - now / was : null;
}
