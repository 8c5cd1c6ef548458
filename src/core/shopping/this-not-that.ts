import { resolveLines } from '../counting/resolve-lines.ts';
import type { Food } from '../food/food.ts';
import type { CountLine } from '../program/count.ts';
import { formatPoints } from '../program/format-points.ts';
import type { Counter } from '../program/program.ts';
import { SWAPS } from '../swap/library.ts';
import { countWithFreedom } from '../teach/freedom.ts';
import type { Kitchen } from '../version/kitchen.ts';
import type { DishToCook } from './what-to-get.ts';

/** What stands beside a kind on the shelf and is taken for it. */
export interface NotThat {
  readonly foodId: string;
  /** By how many points a serving is heavier with it, for whom it is most. */
  readonly adds: number;
  /** "not cream cheese: +3 a serving of Dip (LE)" */
  readonly words: string;
}

/** The foods that this one is the lighter twin of. */
const heavierTwins = (foodId: string): string[] => [
  ...new Set(
    SWAPS.filter((s) => s.kind === 'twin' && s.sameAgain !== true && s.into.some((i) => i.foodId === foodId)).flatMap(
      (s) => s.from,
    ),
  ),
];

/**
 * The kind that a count rests on, against its look-alike: what the regular kind in its place would add to a serving.
 * null where it has none, or where nobody's number would move.
 *
 * @param foodId what is on the list
 */
export function thisNotThat(
  foodId: string,
  from: {
    readonly dishes: readonly DishToCook[];
    readonly kitchen: Kitchen;
    food(id: string): Food | null;
    readonly counters: readonly Counter[];
  },
): NotThat | null {
  let worst: NotThat | null = null;
  const resolved = from.dishes.map((d) => ({ ...d, lines: resolveLines(d.version, from.kitchen) }));
  for (const twinId of heavierTwins(foodId)) {
    const twin = from.food(twinId);
    if (twin === null) continue;
    for (const { title, lines, version } of resolved) {
      const other = withTwin(lines, foodId, twin);
      if (other === null) continue;
      for (const counter of from.counters) {
        const servings = { servings: version.servings ?? 1 };
        const adds =
          countWithFreedom(other, counter, servings).points - countWithFreedom(lines, counter, servings).points;
        if (adds <= (worst?.adds ?? 0)) continue;
        const words = `not ${twin.name}: +${formatPoints(adds)} a serving of ${title} (${counter.program.mark})`;
        worst = { foodId: twinId, adds, words };
      }
    }
  }
  return worst;
}

/** The lines with the twin in place of a food; null where it is in none. */
function withTwin(lines: readonly CountLine[], foodId: string, twin: Food): CountLine[] | null {
  if (!lines.some((l) => l.parts.some((p) => p.food.id === foodId))) return null;
  return lines.map((l) => ({ ...l, parts: l.parts.map((p) => (p.food.id === foodId ? { ...p, food: twin } : p)) }));
}
