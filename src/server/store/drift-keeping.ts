import { v7 as uuid } from 'uuid';
import type { ListingRows } from './listing-rows.ts';
import { type Cause, note, nowOf, type Scope } from './scope.ts';

/** So many changes are kept with what they moved; earlier ones go. */
const CAUSES_KEPT = 40;
const ROWS_AT_ONCE = 200;

/** Writes down what changed, and gives its id. */
export async function keepCause(s: Scope, cause: Cause): Promise<string> {
  const id = uuid();
  await s.db
    .insertInto('drift_cause')
    .values({ id, household_id: s.householdId, ...cause, words: cause.words.slice(0, 400), at: nowOf(s) })
    .execute();
  await s.db
    .deleteFrom('drift_cause')
    .where('household_id', '=', s.householdId)
    .where('id', 'not in', (e) =>
      e
        .selectFrom('drift_cause as c')
        .select('c.id')
        .where('c.household_id', '=', s.householdId)
        .orderBy('c.at', 'desc')
        .orderBy('c.id', 'desc')
        .limit(CAUSES_KEPT),
    )
    .execute();
  note(s, 'listing', s.householdId, Date.now());
  return id;
}

type StoredDrift = {
  recipe_id: string;
  counter: string;
  mark: string;
  position: number;
  points_was: number;
  points: number;
};

/** Which stored counts the new rows move: to be asked before they are written. Only whole counts are compared. */
export async function movedBy(s: Scope, rows: readonly ListingRows[]): Promise<StoredDrift[]> {
  if (rows.length === 0) return [];
  const before = await s.db
    .selectFrom('recipe_points')
    .select(['recipe_id', 'counter', 'points', 'complete'])
    .where(
      'recipe_id',
      'in',
      rows.map((r) => r.recipeId),
    )
    .execute();
  const was = new Map(before.map((r) => [`${r.recipe_id} ${r.counter}`, r]));
  return rows.flatMap(({ points }) =>
    points.flatMap((p): StoredDrift[] => {
      const had = was.get(`${p.recipe_id} ${p.counter}`);
      if (had === undefined || had.complete === 0 || p.complete === 0 || had.points === p.points) return [];
      return [
        {
          recipe_id: p.recipe_id,
          counter: p.counter,
          mark: p.mark,
          position: p.position,
          points_was: had.points,
          points: p.points,
        },
      ];
    }),
  );
}

/** Keeps what a change moved. A recipe that it moved twice is moved from where it was at first. */
export async function keepDrift(s: Scope, causeId: string, moved: readonly StoredDrift[]): Promise<void> {
  for (let i = 0; i < moved.length; i += ROWS_AT_ONCE) {
    await s.db
      .insertInto('drift')
      .values(moved.slice(i, i + ROWS_AT_ONCE).map((m) => ({ cause_id: causeId, ...m })))
      .onConflict((c) =>
        c.columns(['cause_id', 'recipe_id', 'counter']).doUpdateSet((e) => ({ points: e.ref('excluded.points') })),
      )
      .execute();
  }
}
