import { Router } from 'express';
import { z } from 'zod';
import { HouseholdChangeSchema, NewHouseholdSchema } from '../../contract/household.ts';
import { Servings } from '../../contract/primitives.ts';
import { notFound } from '../../core/errors.ts';
import { indexFoods } from '../../core/food/match-food.ts';
import { LONGEST_RECIPE } from '../../core/recipe/read-recipe.ts';
import { scoreRecipe } from '../../core/recipe/score-recipe.ts';
import { blind, ifMatchOrNull } from '../http/if-match.ts';
import { parse } from '../http/problem.ts';
import { shippedLookup } from '../lookup/shipped-lookup.ts';
import { householdStore } from '../store/household-store.ts';
import * as households from '../store/households.ts';
import type { ApiContext } from './api-context.ts';
import type { OpenStreams } from './changes-route.ts';
import { documentRoutes } from './document-routes.ts';
import { pantryRoutes } from './pantry-routes.ts';
import { recipeRoutes } from './recipe-routes.ts';
import { tableRoutes } from './table-routes.ts';

/**
 * The API of the household application. Every answer is JSON; errors are problem details. Everything but the list of
 * households stands under its household, and its routes get the store of that household alone.
 */
export function apiRoutes(context: ApiContext, streams: OpenStreams): Router {
  const api = Router();
  const now = (): string => context.clock().toISOString();

  api.get('/households', async (_req, res) => void res.json(await households.listHouseholds(context)));
  api.post('/households', async (req, res) => {
    const body = parse(NewHouseholdSchema, req.body);
    await households.addHousehold(context, { ...body, demo: false, system: 'us' }, now());
    const store = await householdStore(context, body.id);
    res.status(201).json((await store.table()).household);
  });
  api.delete('/households/demo', async (_req, res) => {
    if ((await households.removeDemo(context, now())).length === 0) throw notFound('demo household');
    res.status(204).end();
  });
  api.post('/households/demo/restore', async (_req, res) => {
    if (!(await households.restoreDemo(context))) throw notFound('demo household');
    res.status(204).end();
  });

  const home = Router({ mergeParams: true });
  home.get('/', async (_req, res) => void res.json(await res.locals.store.table()));
  home.patch('/', async (req, res) => {
    const change = parse(HouseholdChangeSchema, req.body);
    const { documents, id } = res.locals.store;
    const { document, revision } = await documents.kept('household', id);
    const expected = ifMatchOrNull(req.headers['if-match']) ?? revision;
    const kept = await documents.put('household', id, { ...(document as object), ...change }, expected, blind);
    res.json({ ...(kept.document as object), revision: kept.revision });
  });
  home.post('/score', async (req, res) => {
    const body = parse(
      z.object({
        text: z.string().max(LONGEST_RECIPE, 'is too long'),
        servings: Servings.nullable().default(null),
      }),
      req.body,
    );
    const { household, programs } = await res.locals.store.table();
    const index = indexFoods(await res.locals.store.foods.pantry());
    const { system } = household;
    res.json(scoreRecipe(body.text, { servings: body.servings, programs, index, system, by: null }));
  });
  home.use(recipeRoutes());
  home.use(tableRoutes());
  home.use(pantryRoutes(shippedLookup));
  home.use(documentRoutes());

  api.use('/households/:h', async (req, res, next) => {
    res.locals.store = await householdStore(context, req.params.h);
    next();
  });
  api.get('/households/:h/changes', streams.route);
  api.use('/households/:h', home);
  return api;
}
