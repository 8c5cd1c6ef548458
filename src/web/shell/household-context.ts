import { createContext, useContext, useMemo } from 'react';
import type { Eater, Table } from '../../contract/household.ts';
import type { Counter, Program } from '../../core/program/program.ts';

export const HouseholdContext = createContext<Table | null>(null);

/** The household whose place is open. */
export function useHousehold(): Table {
  const table = useContext(HouseholdContext);
  if (table === null) throw new Error('There is no household around this.');
  return table;
}

/** An eater who counts, with what they count by. */
export interface CountingEater {
  readonly eater: Pick<Eater, 'id' | 'name' | 'allergies' | 'avoids'>;
  readonly program: Program;
  readonly counter: Counter;
}

/** The eaters who count, in the household's order; where nobody does yet, every program without anybody. */
export function useCounting(): CountingEater[] {
  const table = useHousehold();
  return useMemo(() => {
    const own = table.eaters.flatMap((eater) => {
      const program = table.programs.find((p) => p.id === eater.programId);
      return program ? [{ eater, program, counter: { program, exceptions: eater.exceptions, pins: table.pins } }] : [];
    });
    if (own.length > 0) return own;
    return table.programs.map((program) => ({
      eater: { id: program.id, name: program.name, allergies: [], avoids: [] },
      program,
      counter: { program, exceptions: [], pins: table.pins },
    }));
  }, [table]);
}
