import { sql } from 'kysely';
import type { OutdatedLines, RenewedFood } from '../../contract/drift.ts';
import type { Moved } from '../../contract/moved.ts';
import { countVersion } from '../../core/counting/count-version.ts';
import { notFound } from '../../core/errors.ts';
import { countersAt } from '../../core/table/table.ts';
import type { Line, Version } from '../../core/version/version.ts';
import { newestFoods } from './foods.ts';
import { kitchenFor, versionOf, versionRowName } from './kitchen.ts';
import type { Scope } from './scope.ts';
import { readable } from './stored.ts';
import { tableOf } from './table.ts';

/** So many versions are counted both ways. */
const MOST_VERSIONS = 100;

/** Foods with a newer state than lines of the household name. A new state moves no line by itself. */
export async function renewedFoods(s: Scope): Promise<RenewedFood[]> {
  const renewed = await s.db
    .selectFrom('food_revision')
    .select(['food_id as id', (e) => e.fn.max('revision').as('revision')])
    .where((e) => e.or([e('household_id', 'is', null), e('household_id', '=', s.householdId)]))
    .groupBy('food_id')
    .having((e) => e.fn.max('revision'), '>', 1)
    .execute();
  const foods = new Map(
    (
      await newestFoods(
        s,
        renewed.map((r) => r.id),
      )
    ).map((f) => [f.id, f]),
  );
  const out: RenewedFood[] = [];
  // One food at a time: others get their turn between, whatever a new release has renewed.
  for (const { id } of renewed) {
    const food = foods.get(id);
    const recipes = food === undefined ? 0 : await recipesBehind(s, id, food.revision);
    if (food !== undefined && recipes > 0) out.push({ id, name: food.name, revision: food.revision, recipes });
  }
  return out.sort((a, b) => b.recipes - a.recipes || a.name.localeCompare(b.name));
}

/** In how many recipes a line names an earlier state of a food. */
async function recipesBehind(s: Scope, foodId: string, revision: number): Promise<number> {
  const { rows } = await sql<{ recipes: number }>`
    select count(distinct v.recipe_id) as recipes
    from version_food f
    join version v on v.id = f.version_id and v.household_id = ${s.householdId} and v.removed_at is null
    join recipe r on r.id = v.recipe_id and r.removed_at is null
    join json_each(v.lines) l on json_extract(l.value, '$.food.foodId') = ${foodId}
      and json_extract(l.value, '$.food.revision') < ${revision}
    where f.food_id = ${foodId}`.execute(s.db);
  return Number(rows[0]?.recipes ?? 0);
}

/**
 * The lines that name a food in an earlier state, by version, and what the newest would make of each.
 *
 * @throws DomainError not-found
 */
export async function outdatedLines(s: Scope, foodId: string): Promise<OutdatedLines[]> {
  const [food] = await newestFoods(s, [foodId]);
  if (food === undefined) throw notFound('food');
  const rows = await s.db
    .selectFrom('version')
    .innerJoin('version_food', 'version_food.version_id', 'version.id')
    .innerJoin('recipe', 'recipe.id', 'version.recipe_id')
    .selectAll('version')
    .select('recipe.title')
    .where('version_food.food_id', '=', foodId)
    .where('version.household_id', '=', s.householdId)
    .where('version.removed_at', 'is', null)
    .where('recipe.removed_at', 'is', null)
    .orderBy('recipe.title')
    .orderBy('version.created_at')
    .execute();
  const isOld = (l: Line): boolean =>
    l.food.kind === 'food' && l.food.foodId === foodId && l.food.revision < food.revision;
  const old = readable(rows, versionRowName, (r) => ({ version: versionOf(r), title: r.title }))
    .filter(({ version }) => version.lines.some(isOld))
    .slice(0, MOST_VERSIONS);
  const renewed = (v: Version): Version => ({
    ...v,
    lines: v.lines.map((l) =>
      isOld(l) ? { ...l, food: { kind: 'food' as const, foodId, revision: food.revision } } : l,
    ),
  });
  const eaters = countersAt(await tableOf(s));
  const counters = eaters.map((e) => e.counter);
  const out: OutdatedLines[] = [];
  for (const { version, title } of old) {
    const after = renewed(version);
    const kitchen = await kitchenFor(s, [version, after]);
    const [was, now] = [version, after].map((v) => countVersion(v, kitchen, counters).counts);
    out.push({
      recipeId: version.recipeId,
      title,
      versionId: version.id,
      versionName: version.name,
      revision: version.revision,
      lines: version.lines.filter(isOld),
      points: eaters.map((e, i): Moved => ({ mark: e.program.mark, was: was![i]!.points, now: now![i]!.points })),
    });
  }
  return out;
}
