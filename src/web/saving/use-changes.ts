import { useEffect } from 'react';
import { refreshAfter } from '../data/queries.ts';
import { listenToChanges } from './changes-stream.ts';
import { documents } from './use-document.ts';

/** Lets everything that is open in a household follow what others do, and sends what closed tabs have left. */
export function useChanges(householdId: string): void {
  useEffect(() => {
    void documents.resume(householdId);
    return listenToChanges(
      householdId,
      (notes) => {
        for (const note of documents.hear(householdId, notes)) void refreshAfter(householdId, note.kind);
      },
      () => {
        documents.refreshAll();
        void refreshAfter(householdId, null);
      },
    );
  }, [householdId]);
}
