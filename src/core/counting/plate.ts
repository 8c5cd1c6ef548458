import type { Count, CountLine } from '../program/count.ts';
import { formatPoints } from '../program/format-points.ts';
import type { Counter } from '../program/program.ts';
import { roundPoints } from '../program/rule.ts';
import { roundingLeak } from '../program/stair.ts';
import { countWithFreedom } from '../teach/freedom.ts';

/** A plate for one eater: each thing on it alone, and all of it together. */
export interface PlatePoints {
  /** Each line rounded on its own, in the order given, with how sure it is. */
  readonly each: readonly PlateCount[];
  /** Their sum. */
  readonly apart: number;
  /** The unrounded points added, then rounded once. */
  readonly together: number;
  /** All of it together with how sure it is. */
  readonly whole: PlateCount;
  /** The rounding leak in words; null when there is none. */
  readonly words: string | null;
}

/** Points of what lies on a plate, with how sure they are. */
export type PlateCount = Pick<Count, 'points' | 'pointsRange' | 'certainty' | 'complete'>;

/** What rounding hides on a plate of single things. */
export function platePoints(lines: readonly CountLine[], counter: Counter): PlatePoints {
  const rule = counter.program.rule;
  const alone = lines.map((l) => countWithFreedom([l], counter, { servings: 1 }));
  const raws = alone.map((c) => c.raw);
  const { together, apart } = roundingLeak(raws, rule);
  const all = countWithFreedom(lines, counter, { servings: 1, by: 'ingredients' });
  const each = alone.map((c, i) => ({ ...c, points: roundPoints(raws[i]!, rule) }));
  return { each, apart, together, whole: { ...all, points: together }, words: leakWords(together, apart) };
}

/** The rounding leak beside a number; null when there is none. @example leakSaid(14, 13) // 'rounding hides 1' */
export function leakSaid(together: number, apart: number): string | null {
  const leak = together - apart;
  if (Math.abs(leak) < 1e-9) return null;
  return leak > 0 ? `rounding hides ${formatPoints(leak)}` : `rounding each adds ${formatPoints(-leak)}`;
}

/** What rounding one by one hides, or adds, in words; null when it does neither. */
export function leakWords(together: number, apart: number): string | null {
  const leak = together - apart;
  if (Math.abs(leak) < 1e-9) return null;
  const both = `looked at one by one it is ${formatPoints(apart)}, all together ${formatPoints(together)}.`;
  return leak > 0
    ? `Rounding hides ${formatPoints(leak)}: ${both}`
    : `Rounding each adds ${formatPoints(-leak)}: ${both}`;
}
