import { useMemo } from 'react';
import { HOUSEHOLD_KIND } from '../../core/documents/document-kinds.ts';
import { pinId } from '../../core/documents/pair-ids.ts';
import type { SaidPin } from '../../core/program/program.ts';
import type { Eater } from '../../core/table/table.ts';
import type { OpenHousehold } from '../context/household-context.ts';
import { useTable } from '../data/queries.ts';
import { documents, type Row, useRows } from '../saving/use-document.ts';

const NO_EATERS: readonly Row<Eater>[] = [];
const NO_PINS: readonly Row<SaidPin>[] = [];
const eaterId = (e: Eater): string => e.id;

/** A household with what waits here to be saved over what the server says; null while it loads. */
export function useOpenHousehold(id: string): { readonly open: OpenHousehold | null; readonly error: unknown } {
  const { data: table, error } = useTable(id);
  const eaterRows = useRows(id, 'eaters', table?.eaters ?? NO_EATERS, eaterId);
  const pinRows = useRows(id, 'pins', table?.pins ?? NO_PINS, pinId);
  const open = useMemo((): OpenHousehold | null => {
    if (table === undefined || table.household.id !== id) return null;
    const { revision, ...seen } = table.household;
    const key = { householdId: id, name: 'household', id } as const;
    const kept = { document: seen, revision, removed: false, entries: [], earlier: false };
    return {
      household: documents.peek(key)?.getShown()?.document ?? seen,
      eaters: eaterRows.rows,
      programs: table.programs,
      pins: pinRows.rows,
      eaterRows,
      pinRows,
      changeHousehold: (change) => {
        const saved = documents.hold(key, kept);
        const before = saved.shown.document;
        void saved.do('Change the settings', HOUSEHOLD_KIND.changes(before, { ...before, ...change }));
      },
    };
  }, [table, id, eaterRows, pinRows]);
  return { open, error };
}
