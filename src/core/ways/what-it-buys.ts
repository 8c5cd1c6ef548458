import type { LineChoice, LineChoices } from './line-choices.ts';

/**
 * The unrounded points of a portion that a change takes away, by counter; null for a line that may not stay as it is,
 * for there is nothing to compare with.
 */
export function whatItBuys(change: LineChoice, choices: readonly LineChoices[]): readonly number[] | null {
  const line = choices.find((l) => l.lineId === change.lineId);
  const stay = line === undefined || line.mustGo.length > 0 ? null : line.asIs;
  return stay === null ? null : stay.raw.map((raw, i) => raw - change.raw[i]!);
}
