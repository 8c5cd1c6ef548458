import type { Counter } from '../program/program.ts';
import { alongLimits } from '../ways/along-limits.ts';
import { houseLimits } from '../ways/house-limits.ts';
import { isInHouse } from '../ways/in-house.ts';
import { type ChoiceContext, type LineChoices, lineChoices } from '../ways/line-choices.ts';
import type { ModelLimit } from '../ways/model-limit.ts';
import { addsUp, baseOf, type Recount, type SearchModel, searchKitchen, versionAfter } from '../ways/search-model.ts';
import { countFeast, type ServedDish } from './count-feast.ts';

/** A dish as it is set out: what is eaten of it, by whom, and how far it may move. */
export interface DishOnBench extends ServedDish {
  readonly title: string;
  /** null is whatever it takes. */
  readonly mostDeparture: number | null;
  /** What those who eat of it must not or will not eat. */
  readonly without: ChoiceContext['without'];
}

/**
 * Sets out the dishes of a feast as one choice, so that the search decides where in the menu to give ground: every
 * eater's limit is one for the whole plate, and a dish that may only move so far is one limit more.
 */
export function feastBench(
  dishes: readonly DishOnBench[],
  counters: readonly Counter[],
  context: Omit<ChoiceContext, 'counters' | 'without' | 'portions'>,
): SearchModel {
  const contexts = dishes.map(
    (d): ChoiceContext => ({
      ...context,
      title: d.title,
      counters,
      without: d.without,
      portions: d.portions,
    }),
  );
  const byDish = dishes.map((d, i) => choicesOf(d, contexts[i]!));
  const choices = byDish.flat();
  const kitchen = searchKitchen(context);
  const recount: SearchModel['recount'] = (picked): Recount => {
    const served = dishes.map((d, i): ServedDish => {
      const own = new Set(byDish[i]!.map((l) => l.lineId));
      const mine = picked.filter((c) => own.has(c.lineId));
      return { version: versionAfter(d.version, mine, contexts[i]!), portions: d.portions };
    });
    const { plates, ...rest } = countFeast(served, kitchen, counters);
    return { ...rest, points: plates.map((p) => p.points), raw: plates.map((p) => p.raw) };
  };
  return {
    counters,
    choices,
    base: baseOf(recount([]), choices, counters),
    limits: [
      ...dishes.flatMap((d, i) => dishLimit(d, byDish[i]!)),
      ...alongLimits(choices),
      ...houseLimits(choices, context.house),
    ],
    additive: addsUp(counters),
    inHouse: context.house === undefined ? null : (c) => isInHouse(c.brings, context.house!),
    recount,
  };
}

/**
 * A dish that is to stay as it is has one choice a line; that also keeps it out of every alternative. What somebody who
 * eats of it must not eat goes nevertheless, the nearest way.
 */
function choicesOf(dish: DishOnBench, context: ChoiceContext): LineChoices[] {
  const all = lineChoices(dish.version, context);
  if (dish.mostDeparture !== 0) return all;
  return all.map((l) => ({
    ...l,
    kept: true,
    choices: l.choices.filter((c) => c.kind === 'stay' || (l.mustGo.length > 0 && c.departure === 0)),
  }));
}

function dishLimit(dish: DishOnBench, lines: readonly LineChoices[]): ModelLimit[] {
  if (dish.mostDeparture === null || dish.mostDeparture === 0) return [];
  const own = new Set(lines.map((l) => l.lineId));
  return [
    {
      most: dish.mostDeparture,
      of: (c) => (own.has(c.lineId) ? c.departure : 0),
      why: `${dish.title} would have to move farther than it may.`,
    },
  ];
}
