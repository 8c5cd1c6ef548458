import type { Food, Role } from '../food/food.ts';
import type { Version } from '../version/version.ts';
import { roleOfLine } from './role-of-line.ts';
import type { Swap } from './swap.ts';
import { readSwapRef } from './swap-ref.ts';

export const AGAIN = ['again', 'changes', 'no'] as const;
export const ENOUGH = ['enough', 'tooLittle', 'tooMuch'] as const;

/** A swap may be liked in a dish and not on top of it. */
export type Place = 'inDish' | 'onTop';
export const placeOf = (role: Role | null): Place => (role === 'topping' ? 'onTop' : 'inDish');

/** A swap as it was in the version that somebody judged. */
export interface JudgedSwap {
  readonly swapId: string;
  readonly place: Place;
}

/** What an eater says of a version: whether again, whether the portion was enough, in their own words. */
export interface Verdict {
  readonly versionId: string;
  readonly eaterId: string;
  readonly again: (typeof AGAIN)[number];
  readonly enough: (typeof ENOUGH)[number] | null;
  readonly note: string;
  /** The swaps of the version when it was judged. */
  readonly swaps: readonly JudgedSwap[];
}

/** How much a verdict moves a swap's departure, and between which bounds all of them together may. */
const VERDICT_FACTOR: Readonly<Record<Verdict['again'], number>> = { again: 0.85, changes: 1.1, no: 1.35 };
const LEAST = 0.4;
const MOST = 2;

/** The swaps of a version, each with where it is. */
export function judgedSwaps(version: Version, food: (id: string) => Food | null): JudgedSwap[] {
  const out = new Map<string, JudgedSwap>();
  for (const line of version.lines) {
    const mark = readSwapRef(line.swapId);
    if (mark === null || mark.along) continue;
    const place = placeOf(roleOfLine(line, version, food));
    out.set(`${mark.swapId} ${place}`, { swapId: mark.swapId, place });
  }
  return [...out.values()];
}

/** How the verdicts of a household correct a swap at its place; the swap's own departure without any. */
export function correctedDeparture(
  swap: Pick<Swap, 'id' | 'departure'>,
  place: Place,
  verdicts: readonly Verdict[],
): number {
  const factor = verdicts
    .filter((v) => v.swaps.some((s) => s.swapId === swap.id && s.place === place))
    .reduce((f, v) => f * VERDICT_FACTOR[v.again], 1);
  return Math.min(100, Math.round(swap.departure * Math.min(MOST, Math.max(LEAST, factor)) * 10) / 10);
}
