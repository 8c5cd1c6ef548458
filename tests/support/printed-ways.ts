import type { Counter } from '../../src/core/program/program.ts';
import { stepsAsChanged } from '../../src/core/steps/steps-as-changed.ts';
import { SWAPS } from '../../src/core/swap/library.ts';
import type { Version } from '../../src/core/version/version.ts';
import { findWays } from '../../src/core/ways/find-ways.ts';
import { versionAfter } from '../../src/core/ways/search-model.ts';
import type { Way } from '../../src/core/ways/way.ts';
import { withExpectedLosses } from '../../src/core/yield/expected-loss.ts';
import { type LabelledDish, labelledDishes } from './labelled-dishes.ts';
import { shippedFood } from './test-version.ts';
import { testAim, testChoiceContext } from './test-ways.ts';

/** The best way of an ordinary dish to an aim, as it is printed. */
export interface PrintedWay {
  readonly dish: LabelledDish;
  /** Two points less, or 60 % of what it counts. */
  readonly aim: 'less' | 'far';
  readonly from: number;
  readonly to: number;
  readonly reachable: boolean;
  readonly way: Way;
  readonly after: Version;
  readonly steps: readonly string[];
}

/** The best ways of the ordinary dishes at two points less and at 60 %; where nothing reaches that, the closest. */
export function printedWays(counter: Counter): PrintedWay[] {
  return labelledDishes().flatMap((d) => {
    const dish = { ...d, version: withExpectedLosses(d.version, shippedFood, d.title) };
    const context = testChoiceContext([counter], { title: dish.title });
    const find = (points: number | null) => findWays(dish.version, testAim([points]), context, { frontierOf: null });
    const from = find(null).ways[0]!.points[0]!;
    return (['less', 'far'] as const).flatMap((aim): PrintedWay[] => {
      const to = aim === 'less' ? Math.max(0, from - 2) : Math.ceil(from * 0.6);
      const answer = find(to);
      const way = answer.ways[0] ?? answer.obstacle?.closest ?? null;
      if (way === null) return [];
      const after = versionAfter(dish.version, way.changes, context);
      const steps = stepsAsChanged(dish.version, after, SWAPS).map((s) => s.text);
      return [{ dish, aim, from, to, reachable: answer.reachable, way, after, steps }];
    });
  });
}
