import { API } from '../../contract/api.ts';
import type { Program } from '../../core/program/program.ts';
import type { Eater } from '../../core/table/table.ts';
import { useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { refresh } from '../data/queries.ts';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';

/** What is done with programs: each with its way back. @returns whether it was done; else it was said why not */
export function useProgramChanges() {
  const { household, programs, eaters, eaterRows } = useHousehold();
  const h = household.id;
  const told = async (work: () => Promise<unknown>): Promise<boolean> => {
    try {
      await work();
      return true;
    } catch (e) {
      sayError(e);
      return false;
    } finally {
      await refresh.table(h);
    }
  };
  const put = async (after: Program, expected: number): Promise<Program> => {
    const kept = await ask(API.putProgram, { h, id: after.id, body: after, ifMatch: expected });
    await refresh.table(h);
    return kept;
  };
  return {
    /** Keeps a program that is new here: a copy, or one from a file. */
    add: (program: Program) =>
      told(async () => {
        await put(program, 0);
        sayDone(`"${program.name}" is yours.`, async () => {
          await ask(API.removeProgram, { h, id: program.id });
          await refresh.table(h);
        });
      }),
    /** Writes the next revision; the way back writes the one before once more. */
    change: (before: Program, after: Program) =>
      told(async () => {
        const kept = await put(after, before.revision);
        sayDone(`"${after.name}" is changed: "What moved" says what that did.`, () => put(before, kept.revision));
      }),
    /** Takes a program away, and lets everyone who counted by it count by what was said. */
    remove: (program: Program, then: ReadonlyMap<string, string | null>) =>
      told(async () => {
        const backs: (() => Promise<void>)[] = [];
        for (const e of eaters.filter((x) => x.programId === program.id)) {
          const after: Eater = { ...e, programId: then.get(e.id) ?? null };
          backs.push(await eaterRows.change(e.id, e, after, `Another program for ${e.name}`));
        }
        await ask(API.removeProgram, { h, id: program.id });
        sayDone(`"${program.name}" is removed.`, async () => {
          await ask(API.restoreProgram, { h, id: program.id });
          for (const back of backs) await back();
          await refresh.table(h);
        });
      }),
    restore: (program: Program) => told(() => ask(API.restoreProgram, { h, id: program.id })),
    /** Lets an eater count by a program. */
    giveTo: (program: Program, eater: Eater) =>
      told(async () => {
        const after = { ...eater, programId: program.id };
        const back = await eaterRows.change(eater.id, eater, after, `${eater.name} counts by ${program.name}`);
        const was = programs.find((p) => p.id === eater.programId);
        sayDone(`${eater.name} counts by ${program.name}${was === undefined ? '' : `, no more by ${was.name}`}.`, back);
      }),
  };
}
