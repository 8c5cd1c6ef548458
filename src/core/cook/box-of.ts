import type { Box, BoxCount } from './cook.ts';
import { countShare } from './count-share.ts';
import type { Frozen } from './frozen.ts';

/** What a share of a dish counts for everybody it was frozen for, as a box keeps it. */
export function boxCounts(frozen: Frozen, share: number): Pick<Box, 'counts' | 'kcal' | 'protein'> {
  const each = frozen.counters.map((c): BoxCount => {
    const { points, raw, pointsRange } = countShare(frozen, c.key, share);
    const { key, mark, programId, programRevision } = c;
    return { key, mark, programId, programRevision, raw, points, low: pointsRange.low, high: pointsRange.high };
  });
  const [first] = frozen.counters;
  const nutrition = first === undefined ? null : countShare(frozen, first.key, share).nutrition;
  return { counts: each, kcal: nutrition?.kcal.value ?? null, protein: nutrition?.protein.value ?? null };
}

/** Whether a box would count otherwise by a newer record of its cook. */
export const isOutdated = (box: Box, frozen: Frozen): boolean =>
  boxCounts(frozen, box.share).counts.some((c) => {
    const had = box.counts.find((b) => b.key === c.key);
    return had !== undefined && Math.abs(had.raw - c.raw) > 1e-6;
  });
