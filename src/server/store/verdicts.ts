import { type NewVerdict, VerdictSchema } from '../../contract/verdict.ts';
import { judgedSwaps, type Verdict } from '../../core/swap/verdict.ts';
import type { Db } from '../db/open.ts';
import { notFound } from '../http/problem.ts';
import { pantryOf } from './foods.ts';
import { eatersOf } from './households.ts';
import { fromJson, toJson } from './json-column.ts';
import { recipeRow } from './recipe-row.ts';
import { getVersion } from './versions.ts';

export async function verdictsOf(db: Db, householdId: string): Promise<Verdict[]> {
  const rows = await db.selectFrom('verdict').select('body').where('household_id', '=', householdId).execute();
  return rows.map((r) => fromJson(VerdictSchema, r.body));
}

/** Puts an eater's verdict of a version in place of the last one. @throws ProblemError 404 */
export async function putVerdict(db: Db, householdId: string, verdict: NewVerdict, now: string): Promise<Verdict> {
  const version = await getVersion(db, verdict.versionId);
  if ((await recipeRow(db, version.recipeId)).household_id !== householdId) throw notFound('version');
  if (!(await eatersOf(db, householdId)).some((e) => e.id === verdict.eaterId)) throw notFound('eater');
  const byId = new Map((await pantryOf(db, householdId)).map((f) => [f.id, f]));
  const full: Verdict = { ...verdict, swaps: judgedSwaps(version, (id) => byId.get(id) ?? null) };
  const values = { body: toJson(full), changed_at: now };
  await db
    .insertInto('verdict')
    .values({ version_id: version.id, eater_id: verdict.eaterId, household_id: householdId, ...values })
    .onConflict((c) => c.columns(['version_id', 'eater_id']).doUpdateSet(values))
    .execute();
  return full;
}

export async function removeVerdict(db: Db, householdId: string, versionId: string, eaterId: string): Promise<void> {
  await db
    .deleteFrom('verdict')
    .where('household_id', '=', householdId)
    .where('version_id', '=', versionId)
    .where('eater_id', '=', eaterId)
    .execute();
}
