import type { Food } from '../food/food.ts';
import { exactly } from '../quantity/interval.ts';
import { type CountLine, count, isLinear } from './count.ts';
import { largestThat } from './largest-that.ts';
import type { Counter } from './program.ts';
import { edgeOf } from './rule.ts';

/** A rung: the most grams of a food that count these points. */
export interface Rung {
  readonly points: number;
  /** Rounded down, so that it never counts more; Infinity when any amount counts this. */
  readonly mostGrams: number;
}

/** More of one food than this is not a portion. */
const MOST_GRAMS = 3000;

/**
 * The ladder of a food: the most of it that counts 0, 1, 2 … points on its own. In closed form under rules that add
 * up, else bisected; every rung is rounded to the safe side and recounted.
 *
 * @param rungs how many rungs at most.
 * @example ladderOf(butter, plainCounter(ledger), 3)[0] // { points: 0, mostGrams: 2.1 }
 */
export function ladderOf(food: Food, counter: Counter, rungs: number): Rung[] {
  const rule = counter.program.rule;
  const pointsOf = (grams: number): number => {
    const line: CountLine = {
      id: 'one',
      label: food.name,
      parts: [{ food, grams, range: exactly(grams) }],
      open: false,
    };
    return count([line], counter, { servings: 1 }).points;
  };
  const perGram = (() => {
    const line: CountLine = {
      id: 'one',
      label: food.name,
      parts: [{ food, grams: 1, range: exactly(1) }],
      open: false,
    };
    return count([line], counter, { servings: 1 }).raw;
  })();
  const linear = isLinear(rule, counter.program.by);
  const out: Rung[] = [];
  for (let i = 0; i < rungs; i++) {
    const points = i * rule.step;
    if ((linear && perGram <= 0) || pointsOf(MOST_GRAMS) <= points) {
      out.push({ points, mostGrams: Number.POSITIVE_INFINITY });
      break;
    }
    const guess = linear
      ? edgeOf(points + rule.step, rule) / perGram
      : largestThat((g) => pointsOf(g) <= points, MOST_GRAMS);
    const grain = guess < 10 ? 0.1 : 1;
    let steps = Math.floor(guess / grain + 1e-9);
    while (steps > 0 && pointsOf(steps * grain) > points) steps--;
    out.push({ points, mostGrams: Math.round(steps * grain * 10) / 10 });
  }
  return out;
}
