import { formatOf } from '../../contract/formats.ts';
import { type FoodIndex, indexFoods, matchFood, SURE } from '../../core/food/match-food.ts';
import type { Line, Version } from '../../core/version/version.ts';
import type { RowOf } from '../db/schema.ts';
import { pantryOf } from './foods.ts';
import { versionOf, versionRowName } from './kitchen.ts';
import { markStale } from './listings.ts';
import { nowOf, type Scope, type StoreContext, scopeOf } from './scope.ts';
import { readable, toJson } from './stored.ts';
import { indexVersion } from './version-index.ts';

/** So many versions are looked at in one go. */
const VERSIONS_AT_ONCE = 500;
const NAMED_FACT = 'seasonings named';
/** Why a line with a food of its own counts nothing. */
const WHY_IT_SEASONS: ReadonlySet<string> = new Set(['to taste', 'no amount given, too little to count']);

/**
 * Lets the lines of older versions that count nothing, "soy sauce to taste", say which food they are, as far as their
 * words tell, and has every recipe listed anew: who is allergic to something hears of it. Once; the caller has the
 * transaction.
 */
export async function nameSeasonings(context: StoreContext): Promise<void> {
  const done = await context.db.selectFrom('fact').select('value').where('key', '=', NAMED_FACT).executeTakeFirst();
  if (done !== undefined) return;
  const homes = await context.db.selectFrom('household').select('id').execute();
  for (const { id } of homes) {
    await nameSeasoningsOf(scopeOf(context, id));
    await markStale(scopeOf(context, id), null);
  }
  await context.db
    .insertInto('fact')
    .values({ key: NAMED_FACT, value: nowOf(context) })
    .execute();
}

/** As `nameSeasonings`, for one household and as often as wanted: what is named stays as it is. */
export async function nameSeasoningsOf(s: Scope): Promise<void> {
  let index: FoodIndex | null = null;
  for (let after = ''; ; ) {
    const rows: RowOf<'version'>[] = await s.db
      .selectFrom('version')
      .selectAll()
      .where('household_id', '=', s.householdId)
      .where('id', '>', after)
      .where('lines', 'like', '%"kind":"nothing"%')
      .orderBy('id')
      .limit(VERSIONS_AT_ONCE)
      .execute();
    const last = rows.at(-1);
    if (last === undefined) break;
    after = last.id;
    index ??= indexFoods(await pantryOf(s));
    for (const version of readable(rows, versionRowName, versionOf)) await nameSeasoningsIn(s, version, index);
  }
}

async function nameSeasoningsIn(s: Scope, version: Version, index: FoodIndex): Promise<void> {
  const lines = version.lines.map((l) => withItsFood(l, index));
  if (lines.every((l, i) => l === version.lines[i])) return;
  // What was read of an older format is written as today's.
  await s.db
    .updateTable('version')
    .set({ lines: toJson(lines), v: formatOf('version') })
    .where('id', '=', version.id)
    .execute();
  await indexVersion(s, { ...version, lines });
}

function withItsFood(line: Line, index: FoodIndex): Line {
  const { food } = line;
  if (food.kind !== 'nothing' || food.is !== undefined || !WHY_IT_SEASONS.has(food.why)) return line;
  const [best] = matchFood(index, line.item, line.note);
  if (best === undefined || best.confidence < SURE) return line;
  return { ...line, food: { ...food, is: { foodId: best.food.id, revision: best.food.revision } } };
}
