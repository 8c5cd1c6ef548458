import type { Version } from '../recipe/version.ts';
import type { Swap } from './swap.ts';

/** How far a version is from the family's dish: the departures of its swaps added up, at most 100. */
export function departureOf(version: Version, swaps: readonly Swap[]): number {
  const seen = new Set<string>();
  let sum = 0;
  for (const line of version.lines) {
    const swap = swaps.find((s) => s.id === line.swapId);
    const key = `${line.originLineId} ${line.swapId}`;
    if (!swap || seen.has(key)) continue;
    seen.add(key);
    sum += swap.departure;
  }
  return Math.min(100, Math.round(sum * 10) / 10);
}
