import type { Scope } from './scope.ts';

/** A recipe, or one version of it, that other recipes may take from. */
export type TakenFrom = { readonly recipe: string } | { readonly version: string };

/** The recipes whose versions take from a recipe or a version, by title; not the recipe itself. */
export async function takersOf(s: Scope, from: TakenFrom): Promise<string[]> {
  const rows = await s.db
    .selectFrom('version_inner')
    .innerJoin('version', 'version.id', 'version_inner.version_id')
    .innerJoin('recipe', 'recipe.id', 'version.recipe_id')
    .select('recipe.title')
    .distinct()
    .where((e) =>
      'recipe' in from
        ? e.and([e('inner_recipe_id', '=', from.recipe), e('recipe.id', '!=', from.recipe)])
        : e('inner_version_id', '=', from.version),
    )
    .where('recipe.household_id', '=', s.householdId)
    .where('recipe.removed_at', 'is', null)
    .where('version.removed_at', 'is', null)
    .orderBy('recipe.title')
    .execute();
  return rows.map((r) => `"${r.title}"`);
}
