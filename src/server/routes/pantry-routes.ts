import { Router } from 'express';
import { z } from 'zod';
import { BatchSchema, FoodSchema, LabelSchema } from '../../contract/food.ts';
import { Id } from '../../contract/primitives.ts';
import { readBarcode } from '../../core/food/barcode.ts';
import { foodFromLabel } from '../../core/food/food-from-label.ts';
import { ifMatchOrNull } from '../http/if-match.ts';
import { jsonBody } from '../http/json-body.ts';
import { ProblemError, parse } from '../http/problem.ts';
import type { ProductLookup } from '../lookup/product-lookup.ts';

const MOST_FOUND = 60;

/** Long files of foods come in one request, so that all of them are written or none. */
export const batchBody = jsonBody(40_000_000);
export const BATCH_PATH = /^\/households\/[^/]+\/foods\/batch$/;

const readCode = (text: string): string => {
  const read = readBarcode(text);
  if ('wrong' in read) throw new ProblemError('invalid', 422, 'This is no barcode.', read.wrong);
  return read.code;
};

/** The pantry: foods, their words and weights, what a barcode is. */
export function pantryRoutes(lookup: ProductLookup): Router {
  const api = Router({ mergeParams: true });

  api.get('/foods', async (req, res) => {
    const ids = typeof req.query.ids === 'string' ? req.query.ids.split(',').filter(Boolean).slice(0, 500) : null;
    res.json(await (ids === null ? res.locals.store.foods.pantry() : res.locals.store.foods.newest(ids)));
  });
  api.post('/foods/newest', async (req, res) => {
    const { ids } = parse(z.object({ ids: z.array(Id).max(3000, 'are more than 3,000') }), req.body);
    res.json(await res.locals.store.foods.newest(ids));
  });
  api.post('/foods', async (req, res) => {
    const label = parse(LabelSchema, req.body);
    const food = parse(FoodSchema, foodFromLabel({ ...label, revision: 1 }));
    res.status(201).json(await res.locals.store.foods.put(food, null));
  });
  api.get('/foods/own', async (_req, res) => void res.json(await res.locals.store.foods.own()));
  api.get('/foods/search', async (req, res) => {
    const text = typeof req.query.q === 'string' ? req.query.q : '';
    res.json(await res.locals.store.foods.search(text, MOST_FOUND));
  });
  api.post('/foods/batch', async (req, res) => {
    res.json(await res.locals.store.foods.batch(parse(BatchSchema, req.body)));
  });
  api.put('/foods/:id', async (req, res) => {
    const food = parse(FoodSchema, { ...(req.body as object), id: req.params.id });
    res.json(await res.locals.store.foods.put(food, ifMatchOrNull(req.headers['if-match'])));
  });
  api.delete('/foods/:id', async (req, res) => {
    await res.locals.store.foods.remove(parse(Id, req.params.id));
    res.status(204).end();
  });
  api.post('/foods/:id/restore', async (req, res) => {
    await res.locals.store.foods.restore(parse(Id, req.params.id));
    res.status(204).end();
  });
  api.get('/foods/:id/revisions', async (req, res) => {
    res.json(await res.locals.store.foods.revisions(parse(Id, req.params.id)));
  });
  api.get('/foods/:id/uses', async (req, res) => {
    res.json(await res.locals.store.recipes.using(parse(Id, req.params.id)));
  });
  api.get('/foods/:id/correction', async (req, res) => {
    res.json(await res.locals.store.foods.correction(parse(Id, req.params.id)));
  });

  api.get('/stock', async (_req, res) => void res.json(await res.locals.store.stock.list()));
  api.post('/stock/take', async (req, res) => {
    const { versionId } = parse(z.object({ versionId: Id }), req.body);
    res.json(await res.locals.store.stock.take(versionId));
  });

  /** What a code is: the household's own food of an earlier scan, or what the lookup knows. */
  api.get('/barcodes/:code', async (req, res) => {
    const code = readCode(req.params.code);
    const foodId = await res.locals.store.foodOfBarcode(code);
    if (foodId !== null) return void res.json({ code, foodId, product: null });
    const product = await lookup.find(code).catch(() => {
      const advice = 'Enter the label by hand, or try again.';
      throw new ProblemError('lookup-silent', 503, 'The lookup of products gives no answer.', advice);
    });
    if (product === null) {
      const advice = 'Enter what its label says; it is remembered.';
      throw new ProblemError('not-found', 404, 'Nobody knows this barcode.', advice);
    }
    res.json({ code, foodId: null, product });
  });
  api.put('/barcodes/:code', async (req, res) => {
    const code = readCode(req.params.code);
    const { foodId } = parse(z.object({ foodId: Id }), req.body);
    const { documents } = res.locals.store;
    const now = await documents.kept('barcodes', code).catch(() => null);
    // What was scanned last is what holds: a barcode has one food, and nobody types over another's.
    const kept = await documents.put('barcodes', code, { code, foodId }, now?.revision ?? null, () => new Error());
    res.json(kept.document);
  });
  return api;
}
