import { ProgramSchema } from '../../contract/program.ts';
import { inUse, invalid, notFound, stale } from '../../core/errors.ts';
import type { Program } from '../../core/program/program.ts';
import { programDifferences } from '../../core/program/program-differences.ts';
import { namedTogether } from '../../core/quantity/named-together.ts';
import { eatersOf } from './eater-shelf.ts';
import { programsOf } from './programs.ts';
import { recountAll } from './recount.ts';
import { because, note, nowOf, type Scope } from './scope.ts';
import { fromStored, toStored } from './stored.ts';
import { write } from './write.ts';

/** Whose a program is and its newest revision; undefined when this household has no such program. */
async function programOwner(s: Scope, id: string) {
  return s.db
    .selectFrom('program_revision')
    .select(['household_id', 'revision'])
    .where('program_id', '=', id)
    .orderBy('revision', 'desc')
    .executeTakeFirst();
}

/** @throws DomainError not-found for another household's, in-use for one that comes with Imbiss */
async function ownProgram(s: Scope, id: string): Promise<number> {
  const owner = await programOwner(s, id);
  if (owner === undefined || (owner.household_id !== null && owner.household_id !== s.householdId))
    throw notFound('program');
  if (owner.household_id === null) throw inUse('This program comes with Imbiss.', 'Copy it, and change the copy.');
  return owner.revision;
}

/** @throws DomainError invalid when another program of the household has the mark */
async function expectFreeMark(s: Scope, program: Pick<Program, 'id' | 'mark'>): Promise<void> {
  const other = (await programsOf(s)).find((p) => p.mark === program.mark && p.id !== program.id);
  if (other)
    throw invalid(`"${other.name}" has the mark ${program.mark} already.`, 'Choose two or three other letters.');
}

/**
 * Writes a household's own program as its next revision: what was counted by earlier ones keeps them.
 *
 * @param expected the revision that it was changed from; null where that was not said, as for a new one
 * @throws DomainError stale when it is not the newest any more, invalid when its mark is another's
 */
export function putProgram(scope: Scope, program: Program, expected: number | null): Promise<Program> {
  return write(scope, async (s) => {
    const owner = await programOwner(s, program.id);
    const had = owner === undefined ? 0 : await ownProgram(s, program.id);
    if (expected !== null && had !== expected) throw stale();
    await expectFreeMark(s, program);
    const before = had === 0 ? null : ((await programsOf(s)).find((p) => p.id === program.id) ?? null);
    const next = { ...program, revision: had + 1 };
    await s.db
      .insertInto('program_revision')
      .values({
        program_id: next.id,
        revision: next.revision,
        household_id: s.householdId,
        body: toStored('program', ProgramSchema, next),
        created_at: nowOf(s),
      })
      .execute();
    await bringBack(s, next.id);
    note(s, 'programs', next.id, next.revision);
    because(s, { kind: 'program', ref: next.id, words: changedWords(before, next) });
    if (await isCountedBy(s, next.id)) await recountAll(s);
    return next;
  });
}

const MOST_DIFFERENCES = 4;

/** @example 'Old booklet: 1 point for every 45, now 40' */
function changedWords(before: Program | null, now: Program): string {
  const differences = before === null ? [] : programDifferences(before, now);
  if (differences.length === 0) return `${now.name} was changed`;
  const more = differences.length > MOST_DIFFERENCES ? '; and more' : '';
  return `${now.name}: ${differences.slice(0, MOST_DIFFERENCES).join('; ')}${more}`;
}

/** Takes an own program away, with a way back. @throws DomainError in-use while somebody counts by it, not-found */
export function removeProgram(scope: Scope, id: string): Promise<void> {
  return write(scope, async (s) => {
    const revision = await ownProgram(s, id);
    const by = (await eatersOf(s)).filter((e) => e.programId === id).map((e) => e.name);
    if (by.length > 0)
      throw inUse(
        `${namedTogether(by)} ${by.length === 1 ? 'counts' : 'count'} by this program.`,
        'Say first what they count by from then on.',
      );
    await s.db
      .insertInto('program_removed')
      .values({ household_id: s.householdId, program_id: id, removed_at: nowOf(s) })
      .onConflict((c) => c.doNothing())
      .execute();
    note(s, 'programs', id, revision);
    if (await isCountedBy(s, id)) await recountAll(s);
  });
}

/** Brings an own program back. @throws DomainError not-found, invalid when another has its mark by now */
export function restoreProgram(scope: Scope, id: string): Promise<void> {
  return write(scope, async (s) => {
    const revision = await ownProgram(s, id);
    await bringBack(s, id);
    const back = (await programsOf(s)).find((p) => p.id === id);
    if (back !== undefined) await expectFreeMark(s, back);
    note(s, 'programs', id, revision);
    if (await isCountedBy(s, id)) await recountAll(s);
  });
}

async function bringBack(s: Scope, id: string): Promise<void> {
  await s.db
    .deleteFrom('program_removed')
    .where('household_id', '=', s.householdId)
    .where('program_id', '=', id)
    .execute();
}

/** Whether the list shows points by it: somebody counts by it, or nobody counts and every program does. */
async function isCountedBy(s: Scope, id: string): Promise<boolean> {
  const eaters = await eatersOf(s);
  return eaters.some((e) => e.programId === id) || !eaters.some((e) => e.programId !== null);
}

/** The newest revisions of the household's own programs that were taken away. */
export async function removedPrograms(s: Scope): Promise<Program[]> {
  return programsOf(s, 'removed');
}

/** Every state of an own program, the first first. @throws DomainError not-found */
export async function programRevisions(s: Scope, id: string): Promise<{ program: Program; at: string }[]> {
  await ownProgram(s, id);
  const rows = await s.db
    .selectFrom('program_revision')
    .selectAll()
    .where('program_id', '=', id)
    .where('household_id', '=', s.householdId)
    .orderBy('revision')
    .execute();
  return rows.map((r) => ({ program: fromStored('program', ProgramSchema, r.body), at: r.created_at }));
}
