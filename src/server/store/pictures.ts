import { createHash } from 'node:crypto';
import { v7 as uuid } from 'uuid';
import { MOST_PICTURES, type Picture } from '../../contract/picture.ts';
import { invalid, notFound } from '../../core/errors.ts';
import type { RowOf } from '../db/schema.ts';
import type { ShrunkPicture } from '../pictures/shrink-picture.ts';
import { cooksOf } from './cook-shelf.ts';
import { groupBy } from './group-by.ts';
import { getRecipe } from './recipe-rows.ts';
import { note, nowOf, type Scope } from './scope.ts';
import { write } from './write.ts';

const PICTURE_COLUMNS = ['id', 'recipe_id', 'kind', 'cook_id', 'width', 'height'] as const;
const pictureOf = (r: Pick<RowOf<'picture'>, (typeof PICTURE_COLUMNS)[number]>): Picture => ({
  id: r.id,
  recipeId: r.recipe_id,
  kind: r.kind === 'page' ? 'page' : 'dish',
  cookId: r.cook_id,
  width: Number(r.width),
  height: Number(r.height),
});

/** Says that the page of a recipe, and what the list shows of it, are others now. */
function tellOf(s: Scope, recipeId: string): void {
  note(s, 'cards', recipeId, s.clock().getTime());
  note(s, 'listing', s.householdId, s.clock().getTime());
}

/** The pictures of recipes, in the order in which they were added. */
export async function picturesOf(s: Scope, recipeIds: readonly string[]): Promise<ReadonlyMap<string, Picture[]>> {
  if (recipeIds.length === 0) return new Map();
  const rows = await s.db
    .selectFrom('picture')
    .select([...PICTURE_COLUMNS])
    .where('household_id', '=', s.householdId)
    .where('recipe_id', 'in', [...recipeIds])
    .where('removed_at', 'is', null)
    .orderBy('position')
    .orderBy('id')
    .execute();
  return groupBy(rows.map(pictureOf), (p) => p.recipeId);
}

/**
 * Keeps a picture of a recipe, or of one time that it was cooked.
 *
 * @throws DomainError not-found, or invalid where there are too many, or that cook is not of this recipe
 */
export function addPicture(
  scope: Scope,
  recipeId: string,
  kind: Picture['kind'],
  cookId: string | null,
  { small, large, width, height }: ShrunkPicture,
): Promise<Picture> {
  return write(scope, async (s) => {
    await getRecipe(s, recipeId);
    if (cookId !== null && !(await cooksOf(s, recipeId)).some((c) => c.id === cookId))
      throw invalid('There is no such cook of this recipe.', 'Open the recipe again.');
    const have = (await picturesOf(s, [recipeId])).get(recipeId) ?? [];
    if (have.length >= MOST_PICTURES)
      throw invalid(`A recipe has ${MOST_PICTURES} pictures at most.`, 'Remove one of them first.');
    const last = await s.db
      .selectFrom('picture')
      .select((e) => e.fn.max('position').as('p'))
      .where('recipe_id', '=', recipeId)
      .executeTakeFirst();
    const picture: Picture = { id: uuid(), recipeId, kind, cookId, width, height };
    await s.db
      .insertInto('picture')
      .values({
        id: picture.id,
        household_id: s.householdId,
        recipe_id: recipeId,
        kind,
        cook_id: cookId,
        position: Number(last?.p ?? 0) + 1,
        sha256: createHash('sha256').update(large).digest('hex'),
        width,
        height,
        small,
        large,
        created_at: nowOf(s),
      })
      .execute();
    tellOf(s, recipeId);
    return picture;
  });
}

/** Removes a picture, or brings it back. @throws DomainError not-found */
export function markPicture(scope: Scope, id: string, removed: boolean): Promise<void> {
  return write(scope, async (s) => {
    const [row] = await s.db
      .updateTable('picture')
      .set({ removed_at: removed ? nowOf(s) : null })
      .where('household_id', '=', s.householdId)
      .where('id', '=', id)
      .where('removed_at', removed ? 'is' : 'is not', null)
      .returning('recipe_id')
      .execute();
    if (row === undefined) throw notFound('picture');
    tellOf(s, row.recipe_id);
  });
}

/** The bytes of a picture in one of its sizes, WebP. @throws DomainError not-found */
export async function pictureBytes(s: Scope, id: string, size: 'small' | 'large'): Promise<Uint8Array> {
  const row = await s.db
    .selectFrom('picture')
    .select(size)
    .where('household_id', '=', s.householdId)
    .where('id', '=', id)
    .where('removed_at', 'is', null)
    .executeTakeFirst();
  if (row === undefined) throw notFound('picture');
  return (row as Record<typeof size, Uint8Array>)[size];
}
