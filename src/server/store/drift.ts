import { sql } from 'kysely';
import type { Drift, DriftCause, OldCard } from '../../contract/drift.ts';
import type { Moved } from '../../contract/moved.ts';
import { ProgramSchema } from '../../contract/program.ts';
import { notFound } from '../../core/errors.ts';
import { pinAgainstRule } from '../../core/program/pin-against-rule.ts';
import type { Program } from '../../core/program/program.ts';
import type { RowOf } from '../db/schema.ts';
import { newerCountOf } from './card-links.ts';
import { renewedFoods } from './food-drift.ts';
import { newestFoods } from './foods.ts';
import { groupBy } from './group-by.ts';
import { countWaiting } from './listings.ts';
import { PINS } from './pin-shelf.ts';
import { note, nowOf, type Scope } from './scope.ts';
import { fromStored, readable } from './stored.ts';
import { write } from './write.ts';

/** So many recipes of a change are told by name. */
const MOST_TOLD = 60;
/** So many cards are looked at, the newest first. */
const MOST_CARDS = 200;

/** Everything that changes elsewhere have moved. */
export async function driftOf(s: Scope): Promise<Drift> {
  return {
    causes: await causesOf(s),
    foods: await renewedFoods(s),
    cards: await oldCards(s),
    counting: await countWaiting(s),
  };
}

async function causesOf(s: Scope): Promise<DriftCause[]> {
  const rows = await s.db
    .selectFrom('drift_cause')
    .selectAll()
    .where('household_id', '=', s.householdId)
    .orderBy('at', 'desc')
    .orderBy('id', 'desc')
    .execute();
  const causes: DriftCause[] = [];
  for (let i = 0; i < rows.length; i++) {
    const row = rows[i]!;
    const earlier = rows[i + 1];
    // What was done and undone has moved nothing.
    if (earlier !== undefined && (await takesBack(s, row.id, earlier.id))) {
      i++;
      continue;
    }
    const moved = await movedRecipes(s, row.id);
    const pins = row.kind === 'program' ? await pinsBeside(s, row) : [];
    if (moved.recipes === 0 && pins.length === 0) continue;
    const { id, words, at } = row;
    causes.push({
      id,
      kind: row.kind as DriftCause['kind'],
      words,
      at,
      aside: row.put_aside_at !== null,
      ...moved,
      pins,
    });
  }
  return causes;
}

/** Whether a change brought every count back that the one before it had moved. */
async function takesBack(s: Scope, later: string, earlier: string): Promise<boolean> {
  const sizes = await s.db
    .selectFrom('drift')
    .select(['cause_id', (e) => e.fn.countAll<number>().as('n')])
    .where('cause_id', 'in', [later, earlier])
    .groupBy('cause_id')
    .execute();
  // Two of different sizes are not looked at count by count: there may be tens of thousands.
  if (sizes.length < 2 || Number(sizes[0]!.n) !== Number(sizes[1]!.n)) return false;
  const { rows } = await sql<{ n: number }>`
    select 1 as n from drift a where a.cause_id = ${later} and not exists (
      select 1 from drift b where b.cause_id = ${earlier} and b.recipe_id = a.recipe_id and b.counter = a.counter
        and b.points_was = a.points and b.points = a.points_was)
    limit 1`.execute(s.db);
  return rows.length === 0;
}

/** The recipes that a change moved and that are still there, those that moved most first. */
async function movedRecipes(s: Scope, causeId: string): Promise<Pick<DriftCause, 'recipes' | 'most'>> {
  const of = s.db
    .selectFrom('drift as d')
    .innerJoin('recipe as r', 'r.id', 'd.recipe_id')
    .where('d.cause_id', '=', causeId)
    .where('r.removed_at', 'is', null);
  const all = await of.select((e) => e.fn.count<number>('d.recipe_id').distinct().as('n')).executeTakeFirst();
  const first = await of
    .select(['r.id', 'r.title'])
    .groupBy(['r.id', 'r.title'])
    .orderBy((e) => e.fn.max(e.fn<number>('abs', [e('d.points', '-', e.ref('d.points_was'))])), 'desc')
    .orderBy('r.title')
    .limit(MOST_TOLD)
    .execute();
  if (first.length === 0) return { recipes: 0, most: [] };
  const points = await s.db
    .selectFrom('drift')
    .selectAll()
    .where('cause_id', '=', causeId)
    .where(
      'recipe_id',
      'in',
      first.map((r) => r.id),
    )
    .orderBy('position')
    .execute();
  const byRecipe = groupBy(points, (p) => p.recipe_id);
  const most = first.map(({ id, title }) => ({
    id,
    title,
    points: (byRecipe.get(id) ?? []).map((p): Moved => ({ mark: p.mark, was: p.points_was, now: p.points })),
  }));
  return { recipes: Number(all?.n ?? 0), most };
}

/** What a change of a program's rule made of the pins beside it: what the rule said of them before, and says now. */
async function pinsBeside(s: Scope, { ref, at }: RowOf<'drift_cause'>): Promise<DriftCause['pins']> {
  const pins = (await PINS.all(s)).filter((p) => p.programId === ref);
  if (pins.length === 0) return [];
  const rows = await s.db
    .selectFrom('program_revision')
    .select('body')
    .where('program_id', '=', ref)
    .where('created_at', '<=', at)
    .orderBy('revision', 'desc')
    .limit(2)
    .execute();
  const [now, before] = readable(
    rows,
    () => `program ${ref}`,
    (r): Program => fromStored('program', ProgramSchema, r.body),
  );
  if (now === undefined || before === undefined) return [];
  const foods = await newestFoods(
    s,
    pins.map((p) => p.foodId),
  );
  return pins.flatMap((pin) => {
    const food = foods.find((f) => f.id === pin.foodId);
    if (food === undefined) return [];
    const [was, is] = [before, now].map((p) => pinAgainstRule(pin, food, p).bySelf);
    return was === is ? [] : [{ food: food.name, grams: pin.grams, points: pin.points, was: was!, now: is! }];
  });
}

/** Cards in sight that show other points than their dish has by now. */
async function oldCards(s: Scope): Promise<OldCard[]> {
  const rows = await s.db
    .selectFrom('card')
    .innerJoin('recipe', 'recipe.id', 'card.recipe_id')
    .select(['card.id', 'card.recipe_id', 'card.version_id', 'card.body', 'recipe.title'])
    .where('card.household_id', '=', s.householdId)
    .where('card.withdrawn_at', 'is', null)
    .where('recipe.removed_at', 'is', null)
    .orderBy('card.created_at', 'desc')
    .limit(MOST_CARDS)
    .execute();
  const old: OldCard[] = [];
  for (const row of rows) {
    const found = await newerCountOf(s, row);
    if (found === null || found.newer.length === 0) continue;
    const { versionName, countedOn } = found.card;
    old.push({ id: row.id, recipeId: row.recipe_id, title: row.title, versionName, countedOn, points: found.newer });
  }
  return old;
}

/** Puts a change aside, or takes it up again. @throws DomainError not-found */
export function putAside(scope: Scope, id: string, aside: boolean): Promise<void> {
  return write(scope, async (s) => {
    const done = await s.db
      .updateTable('drift_cause')
      .set({ put_aside_at: aside ? nowOf(s) : null })
      .where('household_id', '=', s.householdId)
      .where('id', '=', id)
      .executeTakeFirst();
    if (done.numUpdatedRows === 0n) throw notFound('change');
    note(s, 'listing', s.householdId, Date.now());
  });
}
