import { createContext, useContext, useMemo } from 'react';
import type { RecipePage } from '../../contract/recipe.ts';
import { learnedWeight } from '../../core/cook/learned-weight.ts';
import { countVersion, type VersionCount } from '../../core/counting/count-version.ts';
import { type StairPlace, stairPlace } from '../../core/counting/stair-words.ts';
import { holdingTogether } from '../../core/dish/holds-together.ts';
import type { Food } from '../../core/food/food.ts';
import { exactly, type Interval, scale } from '../../core/quantity/interval.ts';
import type { Kitchen } from '../../core/version/kitchen.ts';
import { isLeftBehind } from '../../core/version/line-loss.ts';
import type { Version } from '../../core/version/version.ts';
import { cookedWeight } from '../../core/yield/cooked-share.ts';
import { type CountingEater, useCounting, useHousehold } from './household-context.ts';

/** The recipe that is open, with everything its versions count with. */
export interface OpenRecipe {
  readonly page: RecipePage;
  readonly title: string;
  readonly kitchen: Kitchen;
  /** The newest revisions of the foods that are worked with: of lines, swaps, and what is in the house. */
  readonly foods: readonly Food[];
  /** One of them by its id. */
  readonly food: (id: string) => Food | null;
  readonly asWritten: Version;
}

export const RecipeContext = createContext<OpenRecipe | null>(null);

export function useOpenRecipe(): OpenRecipe {
  const recipe = useContext(RecipeContext);
  if (recipe === null) throw new Error('There is no recipe around this.');
  return recipe;
}

/** A version counted for everyone who counts, with where each stands on the stair. Recounted whenever it changes. */
export function useCount(version: Version): {
  count: VersionCount;
  places: StairPlace[];
  eaters: CountingEater[];
  /** What a serving weighs cooked, estimated; null where nothing is heated. */
  cooked: Interval | null;
} {
  const { kitchen, food, title, page } = useOpenRecipe();
  const eaters = useCounting();
  const { household } = useHousehold();
  return useMemo(() => {
    const count = countVersion(
      version,
      kitchen,
      eaters.map((e) => e.counter),
    );
    const kept = new Set([
      ...version.lines.filter((l) => l.kept || isLeftBehind(l.loss)).map((l) => l.id),
      ...holdingTogether(version, food, title),
    ]);
    const places = eaters.map((e) =>
      stairPlace(count.lines, e.counter, { servings: count.servings }, kept, household.system),
    );
    const weighed = learnedWeight(page.cooked, version.id);
    const whole = weighed === null ? cookedWeight(version, food, title) : exactly(weighed);
    return { count, places, eaters, cooked: whole === null ? null : scale(whole, 1 / count.servings) };
  }, [version, kitchen, food, title, page.cooked, eaters, household.system]);
}
