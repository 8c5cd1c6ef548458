import { inUse, invalid, notFound } from '../../core/errors.ts';
import { makesCircle } from '../../core/version/inner-recipes.ts';
import { kitchenOf } from '../../core/version/kitchen.ts';
import { sameFood } from '../../core/version/same-food.ts';
import type { Line, Version } from '../../core/version/version.ts';
import { foodOfLineFood } from '../../core/weighing/line-food.ts';
import { foodsByRevision } from './foods.ts';
import { innerVersions, versionOf, versionRowName } from './kitchen.ts';
import type { Scope } from './scope.ts';
import { readable } from './stored.ts';
import { takersOf } from './takers.ts';

/** The versions of a recipe that are not removed, in the order in which they were made. */
export async function versionsOf(s: Scope, recipeId: string): Promise<Version[]> {
  const rows = await s.db
    .selectFrom('version')
    .selectAll()
    .where('household_id', '=', s.householdId)
    .where('recipe_id', '=', recipeId)
    .where('removed_at', 'is', null)
    .orderBy('created_at')
    .orderBy('id')
    .execute();
  return readable(rows, versionRowName, versionOf);
}

/** @throws DomainError not-found, also for one that was removed */
export async function getVersion(s: Scope, id: string): Promise<Version> {
  const version = await findVersion(s, id);
  if (version === null) throw notFound('version');
  return version;
}

/** A version that is there; null for one that was removed, or whose recipe was. */
export async function findVersion(s: Scope, id: string): Promise<Version | null> {
  const row = await s.db
    .selectFrom('version')
    .innerJoin('recipe', 'recipe.id', 'version.recipe_id')
    .selectAll('version')
    .where('version.household_id', '=', s.householdId)
    .where('version.id', '=', id)
    .where('version.removed_at', 'is', null)
    .where('recipe.removed_at', 'is', null)
    .executeTakeFirst();
  return row === undefined ? null : versionOf(row);
}

/**
 * Refuses lines that name a food or a recipe that is not there, and recipes that would contain each other.
 *
 * @param before what the version was: what stood there already is not asked again
 * @throws DomainError invalid
 */
export async function checkLines(s: Scope, version: Version, before: Version | null): Promise<void> {
  const had = new Map(before?.lines.map((l) => [l.id, l]));
  const fresh = version.lines.filter((l) => !sameFood(had.get(l.id), l));
  const named = fresh.flatMap((l) => foodOfLineFood(l.food) ?? []);
  const foods = await foodsByRevision(s, named);
  const stray = named.find((f) => !foods.has(`${f.foodId}@${f.revision}`));
  if (stray) throw invalid('A line names a food that is not in the pantry.', 'Choose another food for it.');
  if (fresh.some((l) => l.food.kind === 'recipe')) await refuseCircles(s, version, fresh);
}

async function refuseCircles(s: Scope, version: Version, fresh: readonly Line[]): Promise<void> {
  const kitchen = kitchenOf([], await innerVersions(s, [version]));
  for (const line of fresh) {
    if (line.food.kind !== 'recipe') continue;
    const taken = kitchen.version(line.food.versionId);
    if (taken === null || taken.recipeId !== line.food.recipeId)
      throw invalid('A line takes from a recipe that is not there.', 'Choose another food for it.');
    if (makesCircle(version.recipeId, taken, kitchen)) {
      throw invalid(
        'The recipes would contain each other.',
        'A recipe cannot take from one that takes from it. Choose another food for the line.',
      );
    }
  }
}

/** @throws DomainError in-use, by name */
export async function refuseWhileUsed(s: Scope, version: Version): Promise<void> {
  if (version.kind === 'asWritten') throw inUse('The version as written stays.', 'Remove the whole recipe instead.');
  const users = await takersOf(s, { version: version.id });
  if (users.length > 0)
    throw inUse(
      `${users.join(', ')} ${users.length === 1 ? 'takes' : 'take'} from this version.`,
      'Change that line first.',
    );
}
