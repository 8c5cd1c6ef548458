import { type CountLine, count } from './count.ts';
import { formatPoints } from './format-points.ts';
import type { Counter } from './program.ts';
import { roundPoints } from './rule.ts';
import { roundingLeak } from './stair.ts';

/** A plate for one eater: each thing on it alone, and all of it together. */
export interface PlatePoints {
  /** Points of each line, rounded on its own, in the order given. */
  readonly each: readonly number[];
  /** Their sum. */
  readonly apart: number;
  /** The unrounded points added, then rounded once. */
  readonly together: number;
  /** The rounding leak in words; null when there is none. */
  readonly words: string | null;
}

/** What rounding hides on a plate of single things. */
export function platePoints(lines: readonly CountLine[], counter: Counter): PlatePoints {
  const rule = counter.program.rule;
  const raws = lines.map((l) => count([l], counter, { servings: 1 }).raw);
  const { together, apart } = roundingLeak(raws, rule);
  return { each: raws.map((r) => roundPoints(r, rule)), apart, together, words: leakWords(together, apart) };
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
