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
  const { rows } = await sql<{ id: string; revision: number; recipes: number }>`
    select n.food_id as id, n.revision, count(distinct v.recipe_id) as recipes
    from (select food_id, max(revision) as revision from food_revision
          where household_id is null or household_id = ${s.householdId}
          group by food_id having max(revision) > 1) n
    join version_food f on f.food_id = n.food_id
    join version v on v.id = f.version_id and v.household_id = ${s.householdId} and v.removed_at is null
    join recipe r on r.id = v.recipe_id and r.removed_at is null
    join json_each(v.lines) l on json_extract(l.value, '$.food.foodId') = n.food_id
      and json_extract(l.value, '$.food.revision') < n.revision
    group by n.food_id, n.revision`.execute(s.db);
  const foods = await newestFoods(
    s,
    rows.map((r) => r.id),
  );
  return rows
    .flatMap((r) => {
      const food = foods.find((f) => f.id === r.id);
      return food === undefined
        ? []
        : [{ id: r.id, name: food.name, revision: r.revision, recipes: Number(r.recipes) }];
    })
    .sort((a, b) => b.recipes - a.recipes || a.name.localeCompare(b.name));
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
