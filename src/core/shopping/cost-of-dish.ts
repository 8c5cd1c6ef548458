import type { Kitchen } from '../version/kitchen.ts';
import type { Buying } from './buying.ts';
import { type DishToCook, partsToGet } from './what-to-get.ts';

/** What a serving of a dish costs, as far as prices are kept. */
export interface DishCost {
  readonly title: string;
  /** A serving, in the household's money; null where no price of it is kept. */
  readonly aServing: number | null;
  /** Of how many of its foods the price is kept, and how many it has. */
  readonly priced: number;
  readonly of: number;
}

/** What a serving costs: of what a package costs, the share that goes in. What is left of a package is not in it. */
export function costOfDish(dish: DishToCook, kitchen: Kitchen, buying: readonly Buying[]): DishCost {
  let [sum, priced, of] = [0, 0, 0];
  for (const line of dish.version.lines) {
    if (line.leftOut) continue;
    for (const part of partsToGet(dish.version, line, kitchen) ?? [null]) {
      of++;
      const own = part === null ? undefined : buying.find((b) => b.foodId === part.foodId);
      if (part === null || own?.price == null || own.packGrams === null) continue;
      priced++;
      sum += (own.price * part.grams) / own.packGrams;
    }
  }
  const aServing = priced === 0 ? null : Math.round((100 * sum) / (dish.version.servings ?? 1)) / 100;
  return { title: dish.title, aServing, priced, of };
}
