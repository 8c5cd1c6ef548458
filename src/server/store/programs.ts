import { ProgramSchema } from '../../contract/program.ts';
import type { Program } from '../../core/program/program.ts';
import { SAMPLE_PROGRAMS } from '../../core/program/samples.ts';
import type { Db } from '../db/open.ts';
import type { Scope } from './scope.ts';
import { fromStored, readable, toStored } from './stored.ts';

/** Revisions never change: what was read once is kept, by its text. */
const readProgram = new Map<string, Program>();
function programOf(body: string): Program {
  let program = readProgram.get(body);
  if (!program) readProgram.set(body, (program = fromStored('program', ProgramSchema, body)));
  return program;
}

/** Brings the sample programs into the database, a changed one as a new revision. */
export async function syncSamplePrograms(db: Db, now: string): Promise<void> {
  for (const program of SAMPLE_PROGRAMS) {
    const have = await db
      .selectFrom('program_revision')
      .selectAll()
      .where('program_id', '=', program.id)
      .orderBy('revision', 'desc')
      .executeTakeFirst();
    if (
      have &&
      JSON.stringify(programOf(have.body)) ===
        JSON.stringify(ProgramSchema.parse({ ...program, revision: have.revision }))
    )
      continue;
    const revision = (have?.revision ?? 0) + 1;
    await db
      .insertInto('program_revision')
      .values({
        program_id: program.id,
        revision,
        household_id: null,
        body: toStored('program', ProgramSchema, { ...program, revision }),
        created_at: now,
      })
      .execute();
  }
}

/**
 * The newest revision of every program a household can use, in the order of the samples, own ones by their names.
 *
 * @param which those it has, or those of its own that were taken away
 */
export async function programsOf(s: Scope, which: 'there' | 'removed' = 'there'): Promise<Program[]> {
  const rows = await s.db
    .selectFrom('program_revision as p')
    .selectAll()
    .where((eb) => eb.or([eb('household_id', 'is', null), eb('household_id', '=', s.householdId)]))
    .where('revision', '=', (eb) =>
      eb
        .selectFrom('program_revision as q')
        .select((e) => e.fn.max('q.revision').as('r'))
        .whereRef('q.program_id', '=', 'p.program_id'),
    )
    .where('program_id', which === 'there' ? 'not in' : 'in', (eb) =>
      eb.selectFrom('program_removed').select('program_id').where('household_id', '=', s.householdId),
    )
    .execute();
  const order = (id: string): number => {
    const i = SAMPLE_PROGRAMS.findIndex((p) => p.id === id);
    return i === -1 ? SAMPLE_PROGRAMS.length : i;
  };
  return readable(
    rows,
    (r) => `program ${r.program_id}`,
    (r) => programOf(r.body),
  ).sort((a, b) => order(a.id) - order(b.id) || a.name.localeCompare(b.name));
}

/** A program in one of its revisions; null where it is not there. */
export async function programAt(s: Scope, id: string, revision: number): Promise<Program | null> {
  const row = await s.db
    .selectFrom('program_revision')
    .select('body')
    .where((eb) => eb.or([eb('household_id', 'is', null), eb('household_id', '=', s.householdId)]))
    .where('program_id', '=', id)
    .where('revision', '=', revision)
    .executeTakeFirst();
  return row === undefined ? null : programOf(row.body);
}
