import type { NewRecipe } from '../../contract/recipe.ts';
import { VersionSchema } from '../../contract/version.ts';
import { invalid, notFound } from '../../core/errors.ts';
import { versionRow } from './kitchen.ts';
import { note, nowOf, recount, type Scope } from './scope.ts';
import { checked, toJson } from './stored.ts';
import { indexVersion } from './version-index.ts';
import { checkLines } from './versions.ts';
import { write } from './write.ts';

/** Adds a recipe with its version as written. The same id twice is the same recipe: a repeated request adds nothing. */
export function addRecipe(scope: Scope, recipe: NewRecipe): Promise<void> {
  return write(scope, async (s) => {
    const { asWritten } = recipe;
    if (asWritten.recipeId !== recipe.id || asWritten.kind !== 'asWritten' || asWritten.parentId !== null)
      throw invalid('The first version must be the one as written.');
    const have = await s.db.selectFrom('recipe').select('household_id').where('id', '=', recipe.id).executeTakeFirst();
    if (have) {
      if (have.household_id !== s.householdId) throw notFound('recipe');
      return;
    }
    const version = checked(VersionSchema, { ...asWritten, revision: 0 });
    await checkLines(s, version, null);
    const now = nowOf(s);
    await s.db
      .insertInto('recipe')
      .values({
        id: recipe.id,
        household_id: s.householdId,
        title: recipe.title,
        credit: toJson(recipe.credit),
        claims: toJson(recipe.claims),
        notes: recipe.notes,
        facts: toJson(recipe.facts),
        settled: toJson(recipe.settled),
        shown_version_id: recipe.shownVersionId,
        favourite: recipe.favourite ? 1 : 0,
        revision: 0,
        created_at: now,
        changed_at: now,
      })
      .execute();
    const taken = await s.db.selectFrom('version').select('id').where('id', '=', version.id).executeTakeFirst();
    if (taken) throw invalid('The version has the id of another one.', 'Give it an id of its own.');
    await s.db
      .insertInto('version')
      .values(versionRow(s, version, now))
      .execute();
    await indexVersion(s, version);
    recount(s, [recipe.id]);
    note(s, 'recipes', recipe.id, 0);
  });
}
