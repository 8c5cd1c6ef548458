import type { Food, Role } from '../food/food.ts';
import type { Line, Version } from '../recipe/version.ts';
import { roleOfLine } from './role-of-line.ts';
import type { Swap } from './swap.ts';
import { readMark } from './swap-mark.ts';

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

/** The departure of leaving a line of this role out. */
export const leftOutDeparture = (role: Role | null): number => (role === null ? LEFT_OUT_ELSE : LEFT_OUT[role]);

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
    const mark = readMark(line.swapId);
    const swap = swaps.find((s) => s.id === mark?.swapId);
    const key = `${line.originLineId} ${line.swapId}`;
    if (seen.has(key)) continue;
    seen.add(key);
    if (swap) sum += shareDeparture(swap, mark?.share ?? swap.share, corrected(swap, roleOfLine(line, version, food)));
    else if (line.leftOut) sum += leftOutDeparture(roleAsItWas(line, version, food));
  }
  return Math.min(100, Math.round(sum * 10) / 10);
}

/** The role of a line in the dish with nothing left out. */
const roleAsItWas = (line: Line, version: Version, food: (id: string) => Food | null): Role | null =>
  roleOfLine(line, { ...version, lines: version.lines.map((l) => ({ ...l, leftOut: false })) }, food);
