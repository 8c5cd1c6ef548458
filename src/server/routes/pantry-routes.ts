import express, { Router } from 'express';
import { z } from 'zod';
import { BatchSchema, FoodCorrectionSchema, FoodSchema, LabelSchema } from '../../contract/food.ts';
import { Id } from '../../contract/primitives.ts';
import { StockItemSchema } from '../../contract/stock.ts';
import { readBarcode } from '../../core/food/barcode.ts';
import { foodFromLabel } from '../../core/food/food-from-label.ts';
import { notFound, ProblemError, parse } from '../http/problem.ts';
import type { ProductLookup } from '../lookup/product-lookup.ts';
import { foodOfBarcode, rememberBarcode } from '../store/barcodes.ts';
import { correctionsOf, putCorrection } from '../store/food-corrections.ts';
import { searchPantry } from '../store/food-search.ts';
import { addFoodRevisions, foodOwner, ownFoodIds, pantryOf, revisionsOf, writeBatch } from '../store/foods.ts';
import { recipesUsing } from '../store/recipes.ts';
import { putStock, removeStock, stockOf, takeForVersion } from '../store/stock.ts';
import type { ApiContext } from './api-context.ts';

const MOST_FOUND = 60;
const shipped = (): ProblemError =>
  new ProblemError(409, 'This food belongs to the shipped pantry.', 'Add it under a name of your own.');

/** Long files of foods come in one request, so that all of them are written or none. */
export const batchBody = express.json({ limit: '40mb' });
export const BATCH_PATH = /^\/households\/[^/]+\/foods\/batch$/;

/** The pantry: foods, their words and weights, the stock, barcodes. */
export function pantryRoutes({ db, clock }: ApiContext, lookup: ProductLookup): Router {
  const api = Router({ mergeParams: true });
  const now = (): string => clock().toISOString();
  const house = (req: express.Request): string => (req.params as { h: string }).h;

  /** The next revision of a household's own food. @throws ProblemError 409 for a shipped or another's food. */
  const nextRevision = async (h: string, id: string): Promise<number> => {
    const owner = await foodOwner(db, id);
    if (owner && owner.household_id !== h) throw shipped();
    return (owner?.revision ?? 0) + 1;
  };

  api.get('/foods', async (req, res) => void res.json(await pantryOf(db, house(req))));
  api.post('/foods', async (req, res) => {
    const label = parse(LabelSchema, req.body);
    const food = foodFromLabel({ ...label, revision: await nextRevision(house(req), label.id) });
    await addFoodRevisions(db, house(req), [food], now());
    res.status(201).json(food);
  });
  api.get('/foods/own', async (req, res) => void res.json(await ownFoodIds(db, house(req))));
  api.get('/foods/search', async (req, res) => {
    const text = typeof req.query.q === 'string' ? req.query.q : '';
    res.json(await searchPantry(db, house(req), text, MOST_FOUND));
  });
  api.post('/foods/batch', async (req, res) => {
    const batch = parse(BatchSchema, req.body);
    res.json(await writeBatch(db, house(req), batch, now()));
  });
  api.put('/foods/:id', async (req, res) => {
    const body = parse(FoodSchema, { ...(req.body as object), id: req.params.id });
    const food = { ...body, revision: await nextRevision(house(req), body.id) };
    await addFoodRevisions(db, house(req), [food], now());
    res.json(food);
  });
  api.get('/foods/:id/revisions', async (req, res) => {
    const id = parse(Id, req.params.id);
    const owner = await foodOwner(db, id);
    if (owner?.household_id !== null && owner?.household_id !== house(req)) throw notFound('food');
    res.json(await revisionsOf(db, id));
  });
  api.get('/foods/:id/uses', async (req, res) => {
    res.json(await recipesUsing(db, house(req), parse(Id, req.params.id)));
  });
  api.get('/foods/:id/correction', async (req, res) => {
    const id = parse(Id, req.params.id);
    const known = (await correctionsOf(db, house(req))).get(id);
    res.json(known ?? { foodId: id, synonyms: [], measures: [] });
  });
  api.put('/foods/:id/correction', async (req, res) => {
    const correction = parse(FoodCorrectionSchema, { ...(req.body as object), foodId: req.params.id });
    const owner = await foodOwner(db, correction.foodId);
    if (!owner || (owner.household_id !== null && owner.household_id !== house(req))) throw notFound('food');
    await putCorrection(db, house(req), correction);
    res.json(correction);
  });

  api.get('/stock', async (req, res) => void res.json(await stockOf(db, house(req))));
  api.put('/stock/:id', async (req, res) => {
    const item = parse(StockItemSchema, { ...(req.body as object), id: req.params.id });
    await putStock(db, house(req), item, now());
    res.json(item);
  });
  api.delete('/stock/:id', async (req, res) => {
    await removeStock(db, house(req), req.params.id);
    res.status(204).end();
  });
  api.post('/stock/take', async (req, res) => {
    const { versionId } = parse(z.object({ versionId: Id }), req.body);
    res.json(await takeForVersion(db, house(req), versionId, now()));
  });

  /** What a code is: the household's own food of an earlier scan, or what the lookup knows. */
  api.get('/barcodes/:code', async (req, res) => {
    const read = readBarcode(req.params.code);
    if ('wrong' in read) throw new ProblemError(422, 'This is no barcode.', read.wrong);
    const foodId = await foodOfBarcode(db, house(req), read.code);
    if (foodId !== null) return void res.json({ code: read.code, foodId, product: null });
    const product = await lookup.find(read.code).catch(() => {
      throw new ProblemError(503, 'The lookup of products gives no answer.', 'Enter the label by hand, or try again.');
    });
    if (product === null) {
      throw new ProblemError(404, 'Nobody knows this barcode.', 'Enter what its label says; it is remembered.');
    }
    res.json({ code: read.code, foodId: null, product });
  });
  api.put('/barcodes/:code', async (req, res) => {
    const read = readBarcode(req.params.code);
    if ('wrong' in read) throw new ProblemError(422, 'This is no barcode.', read.wrong);
    const { foodId } = parse(z.object({ foodId: Id }), req.body);
    const owner = await foodOwner(db, foodId);
    if (!owner || (owner.household_id !== null && owner.household_id !== house(req))) throw notFound('food');
    await rememberBarcode(db, house(req), read.code, foodId);
    res.json({ code: read.code, foodId });
  });
  return api;
}
