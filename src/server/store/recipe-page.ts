import type { RecipePage } from '../../contract/recipe.ts';
import { learnedWeight } from '../../core/cook/learned-weight.ts';
import { learntDaysWords } from '../../core/cook/learnt-days.ts';
import { foodOfLineFood } from '../../core/weighing/line-food.ts';
import { cardLinksOf } from './card-links.ts';
import { boxesThere, cookedOnce } from './cook-shelf.ts';
import { foodsByRevision } from './foods.ts';
import { innerVersions } from './kitchen.ts';
import { picturesOf } from './pictures.ts';
import { getRecipe } from './recipe-rows.ts';
import type { Scope } from './scope.ts';
import { versionsOf } from './versions.ts';

/** So many times that it was cooked are told. */
const MOST_TIMES = 20;

/** A recipe with all its versions, cards, and the recipes it takes from. @throws DomainError not-found */
export async function recipePage(s: Scope, id: string): Promise<RecipePage> {
  const recipe = await getRecipe(s, id);
  const versions = await versionsOf(s, id);
  const inner = await innerVersions(s, versions);
  const refs = [...versions, ...inner].flatMap((v) => v.lines).flatMap((l) => foodOfLineFood(l.food) ?? []);
  const titles = await titlesOf(s, [...new Set(inner.map((v) => v.recipeId))]);
  return {
    recipe,
    versions,
    cards: await cardLinksOf(s, id),
    inner: await Promise.all(
      inner.map(async (version) => ({
        version,
        title: titles.get(version.recipeId) ?? '',
        weighed: learnedWeight(await cookedOnce(s, version.recipeId), version.id),
      })),
    ),
    foods: [...(await foodsByRevision(s, refs)).values()],
    pictures: (await picturesOf(s, [id])).get(id) ?? [],
    cooked: (await cookedOnce(s, id)).slice(0, MOST_TIMES),
    learnt: learntDaysWords(await boxesThere(s, id)),
  };
}

/** The titles of recipes by id. */
export async function titlesOf(s: Scope, ids: readonly string[]): Promise<Map<string, string>> {
  if (ids.length === 0) return new Map();
  const rows = await s.db
    .selectFrom('recipe')
    .select(['id', 'title'])
    .where('household_id', '=', s.householdId)
    .where('id', 'in', [...ids])
    .execute();
  return new Map(rows.map((r) => [r.id, r.title]));
}
