import { nutritionOf } from '../counting/count-version.ts';
import { resolveLines } from '../counting/resolve-lines.ts';
import { type Certainty, type Count, certaintyOf } from '../program/count.ts';
import type { Counter } from '../program/program.ts';
import { roundPoints } from '../program/rule.ts';
import { combine, deviationOf, NO_DEVIATION, widened } from '../quantity/deviation.ts';
import { add, type Interval, ZERO } from '../quantity/interval.ts';
import { countWithFreedom } from '../teach/freedom.ts';
import { dishWeight } from '../version/dish-weight.ts';
import type { Kitchen } from '../version/kitchen.ts';
import type { Version } from '../version/version.ts';

/** A version with how many servings of it each counter eats; 0 when none. */
export interface ServedDish {
  readonly version: Version;
  readonly portions: readonly number[];
}

/** One eater's whole plate. */
export interface FeastPlate {
  /** All dishes' unrounded points added and rounded once; by items, what each comes to added. */
  readonly points: number;
  readonly raw: number;
  /** Points at either end of what is not known exactly. */
  readonly pointsRange: Interval;
  readonly certainty: Certainty;
  /** Each dish rounded on its own, then added. */
  readonly apart: number;
  /** False when a line of a dish still waits for an answer. */
  readonly complete: boolean;
  /** Each dish's count on this plate, in order; null where nothing of it is eaten. */
  readonly dishes: readonly (Count | null)[];
}

/** A feast counted: a plate for each counter, and what one serving of every dish has. */
export interface FeastCount {
  readonly plates: readonly FeastPlate[];
  readonly kcal: number | null;
  readonly kcalAtMost: number;
  readonly protein: number | null;
  readonly sodium: number | null;
  readonly sodiumAtMost: number;
  readonly grams: number;
}

/** Counts every eater's whole plate. A plate is one portion of its own, so what rounding hides on it is added first. */
export function countFeast(dishes: readonly ServedDish[], kitchen: Kitchen, counters: readonly Counter[]): FeastCount {
  const resolved = dishes.map((d) => resolveLines(d.version, kitchen));
  const servings = dishes.map((d) => d.version.servings ?? 1);
  const each = resolved.map(nutritionOf);
  const sum = (of: (i: number) => number | null): number | null =>
    dishes.reduce<number | null>((s, _, i) => {
      const own = of(i);
      return s === null || own === null ? null : s + own / servings[i]!;
    }, 0);
  return {
    plates: counters.map((counter, c) =>
      plateOf(
        dishes.map((d, i) => {
          const portion = d.portions[c] ?? 0;
          return portion > 0 ? countWithFreedom(resolved[i]!, counter, { servings: servings[i]!, portion }) : null;
        }),
        counter,
      ),
    ),
    kcal: sum((i) => each[i]!.kcal.value),
    kcalAtMost: sum((i) => each[i]!.kcal.value ?? each[i]!.kcal.high) ?? 0,
    protein: sum((i) => each[i]!.protein.value),
    sodium: sum((i) => each[i]!.sodium.value),
    sodiumAtMost: sum((i) => each[i]!.sodium.value ?? each[i]!.sodium.high) ?? 0,
    grams: dishes.reduce((g, d, i) => g + dishWeight(d.version, kitchen) / servings[i]!, 0),
  };
}

function plateOf(dishes: readonly (Count | null)[], counter: Counter): FeastPlate {
  const { rule, by } = counter.program;
  const eaten = dishes.filter((d) => d !== null);
  const apart = eaten.reduce((s, d) => s + d.points, 0);
  const raw = eaten.reduce((s, d) => s + d.raw, 0);
  const bounds = eaten.reduce((r, d) => add(r, d.bounds), ZERO);
  const spread = eaten.reduce((s, d) => combine(s, deviationOf(d.bounds, d.range)), NO_DEVIATION);
  const range = widened(bounds, spread);
  const items = eaten.reduce((r, d) => add(r, d.pointsRange), ZERO);
  const points = by === 'items' ? apart : roundPoints(raw, rule);
  const pointsRange =
    by === 'items' ? items : { low: roundPoints(range.low, rule), high: roundPoints(range.high, rule) };
  return {
    points,
    raw,
    pointsRange,
    certainty: certaintyOf(points, pointsRange),
    apart,
    complete: eaten.every((d) => d.complete),
    dishes,
  };
}
