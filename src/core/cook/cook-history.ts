import type { Cook } from './cook.ts';
import { countShare } from './count-share.ts';

/** One time that a dish was cooked, as charts tell of it. */
export interface CookTold {
  readonly id: string;
  readonly day: string;
  /** What came out, g; null where nobody weighed it. */
  readonly grams: number | null;
  /** What came out of what went in, 0 to 1 and above for what takes up water; null where nobody weighed it. */
  readonly ofRaw: number | null;
  /** What a portion counted for each; none where nobody said how many there were. */
  readonly points: readonly { readonly key: string; readonly mark: string; readonly points: number }[];
}

/** The times that a dish was dished up, the oldest first. */
export function cookHistory(cooks: readonly Cook[]): CookTold[] {
  return cooks
    .flatMap((c): CookTold[] => {
      const { frozen } = c;
      if (frozen === null || c.as === 'kits') return [];
      const grams = c.out?.grams ?? null;
      const portion = frozen.servings === null ? null : 1 / frozen.servings;
      return [
        {
          id: c.id,
          day: c.day,
          grams,
          ofRaw: grams === null || !frozen.raw ? null : grams / frozen.raw,
          points:
            portion === null
              ? []
              : frozen.counters.map(({ key, mark }) => ({
                  key,
                  mark,
                  points: countShare(frozen, key, portion).points,
                })),
        },
      ];
    })
    .sort((a, b) => a.day.localeCompare(b.day) || a.id.localeCompare(b.id));
}
