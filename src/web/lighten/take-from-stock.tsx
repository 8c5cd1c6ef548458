import { memo } from 'react';
import { z } from 'zod';
import { StockSchema, StockTakenSchema } from '../../contract/stock.ts';
import { parseAnswer, request } from '../data/api.ts';
import { refresh } from '../data/queries.ts';
import { sayDone } from '../parts/say-done.ts';
import { sayError } from '../parts/say-error.ts';
import { useHousehold } from '../shell/household-context.ts';

/** Takes what a version needs out of the stock, once it is cooked. */
export const TakeFromStock = memo(function TakeFromStock({ versionId }: { versionId: string }) {
  const { household } = useHousehold();
  const path = `/households/${household.id}/stock`;
  const take = async () => {
    try {
      const taken = parseAnswer(z.array(StockTakenSchema), await request('POST', `${path}/take`, { versionId }));
      await refresh.stock(household.id);
      if (taken.length === 0) return sayDone('Nothing of it is on the list of what is in the house');
      sayDone(`Taken: ${taken.map((t) => t.before.name).join(', ')}`, async () => {
        const now = parseAnswer(StockSchema, await request('GET', path));
        for (const { before, after } of taken) {
          if (after === null) await request('POST', `${path}/${before.id}/restore`);
          const is = now.find((i) => i.id === before.id);
          if (is) await request('PUT', `${path}/${before.id}`, before, { 'If-Match': `"${is.revision}"` });
        }
        await refresh.stock(household.id);
      });
    } catch (e) {
      sayError(e);
    }
  };
  return (
    <button type="button" className="btn btn-small" onClick={take}>
      I cooked it: take it from the house
    </button>
  );
});
