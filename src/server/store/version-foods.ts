import type { Version } from '../../core/recipe/version.ts';
import type { Db } from '../db/open.ts';

/** Writes down which foods a version has, for "where it is used" and for ranking by own use. */
export async function noteFoods(db: Db, version: Version): Promise<void> {
  const ids = new Set(version.lines.flatMap((l) => (l.food.kind === 'food' ? [l.food.foodId] : [])));
  await db.deleteFrom('version_food').where('version_id', '=', version.id).execute();
  if (ids.size === 0) return;
  await db
    .insertInto('version_food')
    .values([...ids].map((food_id) => ({ version_id: version.id, food_id })))
    .execute();
}
