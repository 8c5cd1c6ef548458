import { memo, useCallback } from 'react';
import { API } from '../../contract/api.ts';
import { COOK_API } from '../../contract/cook-api.ts';
import { DOCUMENT_API } from '../../contract/document-api.ts';
import { useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { refresh, refreshAfter } from '../data/queries.ts';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';

/** How what a version needs is taken out of the stock, with a way back. */
export function useTakeFromStock(): (versionId: string, sayNothing?: boolean) => Promise<void> {
  const { household } = useHousehold();
  const h = household.id;
  return useCallback(
    async (versionId, sayNothing = false) => {
      try {
        const taken = await ask(API.takeFromStock, { h, body: { versionId } });
        await refresh.stock(h);
        if (taken.boxes.length > 0) await refreshAfter(h, 'boxes');
        const names = [...taken.stock.map((t) => t.before.name), ...taken.boxes.map((b) => `${b.before.title}, a box`)];
        if (names.length === 0) {
          if (!sayNothing) sayDone('Nothing of it is on the list of what is in the house');
          return;
        }
        sayDone(`Taken from the house: ${names.join(', ')}`, async () => {
          const now = await ask(API.stock, { h });
          for (const { before, after } of taken.stock) {
            const { id } = before;
            if (after === null) await ask(DOCUMENT_API.stock.restore, { h, id });
            const is = now.find((i) => i.id === id);
            if (is) await ask(DOCUMENT_API.stock.put, { h, id, body: before, ifMatch: is.revision });
          }
          const boxes = await ask(COOK_API.boxes, { h, query: {} });
          for (const { before } of taken.boxes) {
            const is = boxes.find((b) => b.id === before.id);
            if (is) await ask(DOCUMENT_API.boxes.put, { h, id: before.id, body: before, ifMatch: is.revision });
          }
          await refresh.stock(h);
          if (taken.boxes.length > 0) await refreshAfter(h, 'boxes');
        });
      } catch (e) {
        sayError(e);
      }
    },
    [h],
  );
}

/** Takes what a version needs out of the stock, once it is cooked. */
export const TakeFromStock = memo(function TakeFromStock({ versionId }: { versionId: string }) {
  const take = useTakeFromStock();
  return (
    <button type="button" className="btn btn-small" onClick={() => void take(versionId)}>
      I cooked it: take it from the house
    </button>
  );
});
