import type { Cook } from '../../core/cook/cook.ts';
import type { Prep } from '../../core/prep/prep.ts';
import type { Version } from '../../core/version/version.ts';

/** What begins one dish. */
type BeginOne = (version: Version, servings: number | null) => Promise<Pick<Cook, 'id' | 'versionId'>>;

/**
 * Begins the dishes of a prep day one after the other, each kept before the next: what is cut off half way goes on where
 * it stood, and no dish is begun twice.
 *
 * @param versionOf a dish's version; null where its recipe is gone
 * @param keep keeps the day as it is after each dish, made from how it was before
 */
export async function beginDishes(
  prep: Prep,
  versionOf: (dishId: string) => Version | null,
  beginOne: BeginOne,
  keep: (seen: Prep, after: Prep) => Promise<unknown>,
): Promise<Prep> {
  let seen = prep;
  for (const dish of prep.dishes) {
    const version = versionOf(dish.id);
    if (version === null || dish.cookId !== null) continue;
    const cook = await beginOne(version, dish.servings);
    const begun = { ...dish, versionId: cook.versionId, cookId: cook.id };
    const after = { ...seen, dishes: seen.dishes.map((d) => (d.id === dish.id ? begun : d)) };
    await keep(seen, after);
    seen = after;
  }
  return seen;
}
