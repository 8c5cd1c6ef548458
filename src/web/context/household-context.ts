import { createContext, useContext, useMemo } from 'react';
import type { SaidPin } from '../../core/program/program.ts';
import { type CountingEater, countersAt, type Table } from '../../core/table/table.ts';
import type { Rows } from '../saving/use-document.ts';

export type { CountingEater } from '../../core/table/table.ts';

/** The household whose place is open, and how its parts are changed. */
export interface OpenHousehold extends Omit<Table, 'pins'> {
  readonly pins: readonly SaidPin[];
  readonly eaterRows: Pick<Rows<'eaters'>, 'make' | 'change' | 'remove' | 'restore'>;
  readonly pinRows: Pick<Rows<'pins'>, 'make' | 'change' | 'remove' | 'restore'>;
  readonly changeHousehold: (
    change: Partial<
      Pick<
        Table['household'],
        'name' | 'system' | 'region' | 'zone' | 'sourceWords' | 'ovenRunsHot' | 'meals' | 'aims' | 'upwards'
      >
    >,
  ) => void;
}

export const HouseholdContext = createContext<OpenHousehold | null>(null);

/** The household whose place is open. */
export function useHousehold(): OpenHousehold {
  const open = useContext(HouseholdContext);
  if (open === null) throw new Error('There is no household around this.');
  return open;
}

/** Who counts at the table, in the household's order; where nobody does yet, every program without anybody. */
export function useCounting(): CountingEater[] {
  const { eaters, programs, pins } = useHousehold();
  return useMemo(() => countersAt({ eaters, programs, pins }), [eaters, programs, pins]);
}
