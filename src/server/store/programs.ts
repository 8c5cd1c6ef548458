import { ProgramSchema } from '../../contract/program.ts';
import type { Program } from '../../core/program/program.ts';
import { SAMPLE_PROGRAMS } from '../../core/program/samples.ts';
import type { Db } from '../db/open.ts';
import { fromJson, toJson } from './json-column.ts';

/** Brings the sample programs into the database, a changed one as a new revision. */
export async function syncSamplePrograms(db: Db, now: string): Promise<void> {
  for (const program of SAMPLE_PROGRAMS) {
    const have = await db
      .selectFrom('program_revision')
      .selectAll()
      .where('program_id', '=', program.id)
      .orderBy('revision', 'desc')
      .executeTakeFirst();
    if (have && have.body === toJson({ ...program, revision: have.revision })) continue;
    const revision = (have?.revision ?? 0) + 1;
    await db
      .insertInto('program_revision')
      .values({
        program_id: program.id,
        revision,
        household_id: null,
        body: toJson({ ...program, revision }),
        created_at: now,
      })
      .execute();
  }
}

/** The newest revision of every program a household can use, in the order of the samples. */
export async function programsOf(db: Db, householdId: string): Promise<Program[]> {
  const rows = await db
    .selectFrom('program_revision as p')
    .selectAll()
    .where((eb) => eb.or([eb('household_id', 'is', null), eb('household_id', '=', householdId)]))
    .where('revision', '=', (eb) =>
      eb
        .selectFrom('program_revision as q')
        .select((e) => e.fn.max('q.revision').as('r'))
        .whereRef('q.program_id', '=', 'p.program_id'),
    )
    .execute();
  const order = (id: string): number => {
    const i = SAMPLE_PROGRAMS.findIndex((s) => s.id === id);
    return i === -1 ? SAMPLE_PROGRAMS.length : i;
  };
  return rows.map((r) => fromJson(ProgramSchema, r.body)).sort((a, b) => order(a.id) - order(b.id));
}
