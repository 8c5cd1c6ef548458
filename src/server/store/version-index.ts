import type { Version } from '../../core/version/version.ts';
import { foodOfLineFood } from '../../core/weighing/line-food.ts';
import type { Scope } from './scope.ts';

/** Writes down which foods and recipes a version has: for "where it is used", ranking, counting upwards, removing. */
export async function indexVersion(s: Scope, version: Version): Promise<void> {
  const foods = new Set(version.lines.flatMap((l) => foodOfLineFood(l.food)?.foodId ?? []));
  const inner = new Map(
    version.lines.flatMap((l) => (l.food.kind === 'recipe' ? [[l.food.versionId, l.food.recipeId] as const] : [])),
  );
  await s.db.deleteFrom('version_food').where('version_id', '=', version.id).execute();
  await s.db.deleteFrom('version_inner').where('version_id', '=', version.id).execute();
  if (foods.size > 0)
    await s.db
      .insertInto('version_food')
      .values([...foods].map((food_id) => ({ version_id: version.id, food_id })))
      .execute();
  if (inner.size > 0)
    await s.db
      .insertInto('version_inner')
      .values(
        [...inner].map(([inner_version_id, inner_recipe_id]) => ({
          version_id: version.id,
          inner_version_id,
          inner_recipe_id,
        })),
      )
      .execute();
}
