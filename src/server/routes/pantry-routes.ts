import type { Router } from 'express';
import { API } from '../../contract/api.ts';
import { FoodSchema } from '../../contract/food.ts';
import { readBarcode } from '../../core/food/barcode.ts';
import { foodFromLabel } from '../../core/food/food-from-label.ts';
import { jsonBody } from '../http/json-body.ts';
import { ProblemError, parse } from '../http/problem.ts';
import { serve } from '../http/serve-route.ts';
import type { ProductLookup } from '../lookup/product-lookup.ts';

const MOST_FOUND = 60;
/** More ids than this go in a body, not in an address. */
const MOST_IDS = 500;

/** Long files of foods come in one request, so that all of them are written or none. */
export const batchBody = jsonBody(40_000_000);
export const BATCH_PATH = /^\/households\/[^/]+\/foods\/batch$/;

const readCode = (text: string): string => {
  const read = readBarcode(text);
  if ('wrong' in read) throw new ProblemError('invalid', 422, 'This is no barcode.', read.wrong);
  return read.code;
};

/** The pantry: foods, their words and weights, what is in the house, what a barcode is. */
export function pantryRoutes(api: Router, lookup: ProductLookup): void {
  serve(api, API.pantry, ({ store, query: { ids } }) =>
    ids === undefined ? store.foods.pantry() : store.foods.newest(ids.split(',').filter(Boolean).slice(0, MOST_IDS)),
  );
  serve(api, API.newestFoods, ({ store, body }) => store.foods.newest(body.ids));
  serve(api, API.addFood, ({ store, body }) =>
    store.foods.put(parse(FoodSchema, foodFromLabel({ ...body, revision: 1 })), null),
  );
  serve(api, API.ownFoods, ({ store }) => store.foods.own());
  serve(api, API.searchFoods, ({ store, query }) => store.foods.search(query.q, MOST_FOUND));
  serve(api, API.writeFoods, ({ store, body }) => store.foods.batch(body));
  serve(api, API.putFood, ({ store, body, ifMatch }) => store.foods.put(body, ifMatch));
  serve(api, API.removeFood, ({ store, params }) => store.foods.remove(params.id));
  serve(api, API.restoreFood, ({ store, params }) => store.foods.restore(params.id));
  serve(api, API.foodRevisions, ({ store, params }) => store.foods.revisions(params.id));
  serve(api, API.foodUses, ({ store, params }) => store.recipes.using(params.id));
  serve(api, API.foodsUsed, ({ store }) => store.recipes.foodsUsed());
  serve(api, API.correction, ({ store, params }) => store.foods.correction(params.id));

  serve(api, API.stock, ({ store }) => store.stock.list());
  serve(api, API.takeFromStock, ({ store, body }) => store.stock.take(body.versionId));

  serve(api, API.barcode, async ({ store, params }) => {
    const code = readCode(params.code);
    const foodId = await store.foodOfBarcode(code);
    if (foodId !== null) return { code, foodId, product: null };
    const product = await lookup.find(code).catch(() => {
      const advice = 'Enter the label by hand, or try again.';
      throw new ProblemError('lookup-silent', 503, 'The lookup of products gives no answer.', advice);
    });
    if (product === null) {
      const advice = 'Enter what its label says; it is remembered.';
      throw new ProblemError('not-found', 404, 'Nobody knows this barcode.', advice);
    }
    return { code, foodId: null, product };
  });
  serve(api, API.putBarcode, async ({ store: { documents }, params, body }) => {
    const code = readCode(params.code);
    const now = await documents.kept('barcodes', code).catch(() => null);
    // What was scanned last is what holds: a barcode has one food, and nobody types over another's.
    const document = { code, foodId: body.foodId };
    const kept = await documents.put('barcodes', code, document, now?.revision ?? null, () => new Error());
    return kept.document;
  });
}
