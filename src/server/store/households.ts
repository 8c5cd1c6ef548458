import { type Eater, EaterSchema, type Household, HouseholdSchema, type Table } from '../../contract/household.ts';
import type { Counter, Pin, Program } from '../../core/program/program.ts';
import type { Db } from '../db/open.ts';
import type { Database } from '../db/schema.ts';
import { notFound } from '../http/problem.ts';
import { toJson } from './json-column.ts';
import { programsOf } from './programs.ts';

const householdOf = (r: Database['household']): Household =>
  HouseholdSchema.parse({ id: r.id, name: r.name, demo: r.demo === 1, system: r.system, zone: r.zone });

const eaterOf = (r: Database['eater']): Eater =>
  EaterSchema.parse({
    id: r.id,
    name: r.name,
    programId: r.program_id,
    exceptions: JSON.parse(r.exceptions),
    allergies: JSON.parse(r.allergies),
    avoids: JSON.parse(r.avoids),
  });

export async function listHouseholds(db: Db): Promise<Household[]> {
  const rows = await db.selectFrom('household').selectAll().orderBy('created_at').execute();
  return rows.map(householdOf);
}

/** @throws ProblemError 404 */
export async function getHousehold(db: Db, id: string): Promise<Household> {
  const row = await db.selectFrom('household').selectAll().where('id', '=', id).executeTakeFirst();
  if (!row) throw notFound('household');
  return householdOf(row);
}

export async function addHousehold(db: Db, household: Household, now: string): Promise<void> {
  await db
    .insertInto('household')
    .values({ ...household, demo: household.demo ? 1 : 0, created_at: now })
    .onConflict((c) => c.column('id').doNothing())
    .execute();
}

export async function changeHousehold(db: Db, id: string, change: Partial<Household>): Promise<Household> {
  const { name, system, zone } = change;
  const set = { ...(name && { name }), ...(system && { system }), ...(zone && { zone }) };
  if (Object.keys(set).length > 0) await db.updateTable('household').set(set).where('id', '=', id).execute();
  return getHousehold(db, id);
}

/** Removes the demo household with all that is in it, and nothing else. */
export async function removeDemo(db: Db): Promise<number> {
  const result = await db.deleteFrom('household').where('demo', '=', 1).executeTakeFirst();
  return Number(result.numDeletedRows);
}

export async function eatersOf(db: Db, householdId: string): Promise<Eater[]> {
  const rows = await db
    .selectFrom('eater')
    .selectAll()
    .where('household_id', '=', householdId)
    .orderBy('position')
    .execute();
  return rows.map(eaterOf);
}

/** Puts an eater in place: adds a new one at the end, or changes one of this household. @throws ProblemError 404 */
export async function putEater(db: Db, householdId: string, eater: Eater): Promise<void> {
  const values = {
    name: eater.name,
    program_id: eater.programId,
    exceptions: toJson(eater.exceptions),
    allergies: toJson(eater.allergies),
    avoids: toJson(eater.avoids),
  };
  const have = await db.selectFrom('eater').select(['household_id']).where('id', '=', eater.id).executeTakeFirst();
  if (have && have.household_id !== householdId) throw notFound('eater');
  if (have) {
    await db.updateTable('eater').set(values).where('id', '=', eater.id).execute();
    return;
  }
  const last = await db
    .selectFrom('eater')
    .select((e) => e.fn.max('position').as('p'))
    .where('household_id', '=', householdId)
    .executeTakeFirst();
  await db
    .insertInto('eater')
    .values({ id: eater.id, household_id: householdId, position: Number(last?.p ?? 0) + 1, ...values })
    .execute();
}

export async function removeEater(db: Db, householdId: string, id: string): Promise<void> {
  await db.deleteFrom('eater').where('id', '=', id).where('household_id', '=', householdId).execute();
}

export async function pinsOf(db: Db, householdId: string): Promise<Pin[]> {
  const rows = await db.selectFrom('pin').selectAll().where('household_id', '=', householdId).execute();
  return rows.map((r) => ({ foodId: r.food_id, programId: r.program_id, points: r.points, grams: r.grams }));
}

export async function putPin(db: Db, householdId: string, pin: Pin): Promise<void> {
  await db
    .insertInto('pin')
    .values({
      household_id: householdId,
      food_id: pin.foodId,
      program_id: pin.programId,
      points: pin.points,
      grams: pin.grams,
    })
    .onConflict((c) =>
      c.columns(['household_id', 'food_id', 'program_id']).doUpdateSet({ points: pin.points, grams: pin.grams }),
    )
    .execute();
}

export async function removePin(db: Db, householdId: string, foodId: string, programId: string): Promise<void> {
  await db
    .deleteFrom('pin')
    .where('household_id', '=', householdId)
    .where('food_id', '=', foodId)
    .where('program_id', '=', programId)
    .execute();
}

/** Who counts how at the table. @throws ProblemError 404 */
export async function tableOf(db: Db, householdId: string): Promise<Table> {
  const household = await getHousehold(db, householdId);
  const [eaters, programs, pins] = await Promise.all([
    eatersOf(db, householdId),
    programsOf(db, householdId),
    pinsOf(db, householdId),
  ]);
  return { household, eaters, programs, pins };
}

/** An eater who counts, with what they count by. */
export interface EaterCounter {
  readonly eater: Eater;
  readonly counter: Counter;
}

/** Everyone at the table who counts, in order. */
export const countersOf = (table: Table): EaterCounter[] =>
  table.eaters.flatMap((eater) => {
    const program = table.programs.find((p) => p.id === eater.programId);
    return program ? [{ eater, counter: { program, exceptions: eater.exceptions, pins: table.pins } }] : [];
  });

/** The programs that somebody at the table counts under; all of them when nobody does yet. */
export function programsInUse(table: Pick<Table, 'eaters' | 'programs'>): Program[] {
  const used = table.programs.filter((p) => table.eaters.some((e) => e.programId === p.id));
  return used.length > 0 ? used : [...table.programs];
}
