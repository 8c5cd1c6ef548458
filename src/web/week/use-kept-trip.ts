import { useEffect } from 'react';
import { DOCUMENT_API } from '../../contract/document-api.ts';
import { useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';

/**
 * Keeps the newest state of a list on this device: where the page is loaded anew without network, what was ticked since
 * is put on top of it.
 *
 * @param revision of the list; it is asked for with every new one
 */
export function useKeptTrip(id: string, revision: number): void {
  const { household } = useHousehold();
  useEffect(() => {
    ask(DOCUMENT_API.trips.kept, { h: household.id, id }).catch(() => {
      // Without network what was kept last is there still.
    });
  }, [household.id, id, revision]);
}
