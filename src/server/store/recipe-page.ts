import type { RecipePage, RecipeSummary } from '../../contract/recipe.ts';
import { plainCounter } from '../../core/program/program.ts';
import { countVersion } from '../../core/recipe/count-version.ts';
import type { Db } from '../db/open.ts';
import { cardLinksOf } from './cards.ts';
import { foodsByRevision } from './foods.ts';
import { programsInUse, tableOf } from './households.ts';
import { innerVersions, kitchenFor, versionOf } from './kitchen.ts';
import { recipeOf, recipeRow } from './recipe-row.ts';
import { versionsOf } from './versions.ts';

/** A recipe with all its versions, cards, and the recipes it takes from. */
export async function recipePage(db: Db, id: string, publicUrl: string): Promise<RecipePage> {
  const recipe = recipeOf(await recipeRow(db, id));
  const versions = await versionsOf(db, id);
  const inner = await innerVersions(db, versions);
  const refs = [...versions, ...inner].flatMap((v) => v.lines).flatMap((l) => (l.food.kind === 'food' ? [l.food] : []));
  const titles = new Map<string, string>();
  for (const v of inner) titles.set(v.id, (await recipeRow(db, v.recipeId)).title);
  return {
    recipe,
    versions,
    cards: await cardLinksOf(db, id, publicUrl),
    inner: inner.map((version) => ({ version, title: titles.get(version.id) ?? '' })),
    foods: [...(await foodsByRevision(db, refs)).values()],
  };
}

/** The recipes of a household, newest first, each with the count of its latest version beside that as written. */
export async function recipeSummaries(db: Db, householdId: string): Promise<RecipeSummary[]> {
  const table = await tableOf(db, householdId);
  const programs = programsInUse(table);
  const counters = programs.map((p) => plainCounter(p, table.pins));
  const recipes = await db
    .selectFrom('recipe')
    .selectAll()
    .where('household_id', '=', householdId)
    .orderBy('changed_at', 'desc')
    .orderBy('id')
    .execute();
  const rows = await db
    .selectFrom('version')
    .innerJoin('recipe', 'recipe.id', 'version.recipe_id')
    .selectAll('version')
    .where('recipe.household_id', '=', householdId)
    .orderBy('version.created_at')
    .orderBy('version.id')
    .execute();
  const versions = rows.map(versionOf);
  const kitchen = await kitchenFor(db, versions);
  return recipes.map((row) => {
    const recipe = recipeOf(row);
    const own = versions.filter((v) => v.recipeId === row.id);
    const asWritten = own.find((v) => v.kind === 'asWritten')!;
    const latest = own.filter((v) => v.kind === 'lightened').pop() ?? asWritten;
    const now = countVersion(latest, kitchen, counters);
    const was = latest === asWritten ? null : countVersion(asWritten, kitchen, counters);
    return {
      id: recipe.id,
      title: recipe.title,
      author: recipe.credit.author,
      servings: latest.servings,
      open: now.open.length,
      versionId: latest.id,
      versionName: latest.name,
      versions: own.length,
      kcal: now.perServing.kcal.value,
      servingGrams: now.servingGrams,
      programs: programs.map((p, i) => ({
        mark: p.mark,
        points: now.counts[i]!.points,
        was: was?.counts[i]!.points ?? null,
      })),
    };
  });
}
