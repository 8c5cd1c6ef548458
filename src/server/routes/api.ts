import { Router } from 'express';
import { z } from 'zod';
import { EaterSchema, HouseholdChangeSchema, NewHouseholdSchema } from '../../contract/household.ts';
import { PinSchema } from '../../contract/program.ts';
import { NewRecipeSchema, RecipeChangeSchema } from '../../contract/recipe.ts';
import { EntrySchema, VersionSchema } from '../../contract/version.ts';
import { cardText } from '../../core/card/card-text.ts';
import { indexFoods } from '../../core/food/match-food.ts';
import { countVersion } from '../../core/recipe/count-version.ts';
import { LONGEST_RECIPE } from '../../core/recipe/read-recipe.ts';
import { scoreRecipe } from '../../core/recipe/score-recipe.ts';
import { ifMatch } from '../http/if-match.ts';
import { notFound, ProblemError, parse } from '../http/problem.ts';
import { shippedLookup } from '../lookup/shipped-lookup.ts';
import { addCard, previewCard, withdrawCard } from '../store/cards.ts';
import { pantryOf } from '../store/foods.ts';
import * as households from '../store/households.ts';
import { kitchenFor } from '../store/kitchen.ts';
import { recipePage, recipeSummaries } from '../store/recipe-page.ts';
import { recipeRow } from '../store/recipe-row.ts';
import * as recipes from '../store/recipes.ts';
import * as versions from '../store/versions.ts';
import type { ApiContext } from './api-context.ts';
import { pantryRoutes } from './pantry-routes.ts';
import { tableRoutes } from './table-routes.ts';

/** The API of the household application. Every answer is JSON; errors are problem details. */
export function apiRoutes({ db, publicUrl, clock }: ApiContext): Router {
  const api = Router();
  const now = (): string => clock().toISOString();

  api.get('/households', async (_req, res) => void res.json(await households.listHouseholds(db)));
  api.post('/households', async (req, res) => {
    const body = parse(NewHouseholdSchema, req.body);
    await households.addHousehold(db, { ...body, demo: false, system: 'us' }, now());
    res.status(201).json(await households.getHousehold(db, body.id));
  });
  api.delete('/households/demo', async (_req, res) => {
    const removed = await households.removeDemo(db);
    if (removed === 0) throw notFound('demo household');
    res.status(204).end();
  });
  api.get('/households/:h', async (req, res) => void res.json(await households.tableOf(db, req.params.h)));
  api.patch('/households/:h', async (req, res) => {
    await households.getHousehold(db, req.params.h);
    res.json(await households.changeHousehold(db, req.params.h, parse(HouseholdChangeSchema, req.body)));
  });

  api.put('/households/:h/eaters/:id', async (req, res) => {
    const eater = parse(EaterSchema, { ...(req.body as object), id: req.params.id });
    const table = await households.tableOf(db, req.params.h);
    if (eater.programId !== null && !table.programs.some((p) => p.id === eater.programId)) {
      throw new ProblemError(
        422,
        'There is no such program.',
        `Choose one of ${table.programs.map((p) => p.name).join(', ')}, or none.`,
      );
    }
    await households.putEater(db, req.params.h, eater);
    res.json(eater);
  });
  api.delete('/households/:h/eaters/:id', async (req, res) => {
    await households.removeEater(db, req.params.h, req.params.id);
    res.status(204).end();
  });
  api.put('/households/:h/pins', async (req, res) => {
    await households.getHousehold(db, req.params.h);
    const pin = parse(PinSchema, req.body);
    await households.putPin(db, req.params.h, pin);
    res.json(pin);
  });
  api.delete('/households/:h/pins/:food/:program', async (req, res) => {
    await households.removePin(db, req.params.h, req.params.food, req.params.program);
    res.status(204).end();
  });

  api.get('/households/:h/recipes', async (req, res) => void res.json(await recipeSummaries(db, req.params.h)));
  api.post('/households/:h/recipes', async (req, res) => {
    await households.getHousehold(db, req.params.h);
    const body = parse(NewRecipeSchema, req.body);
    await recipes.addRecipe(db, req.params.h, body, now());
    res.status(201).json(await recipePage(db, body.id, publicUrl));
  });
  api.post('/households/:h/score', async (req, res) => {
    const table = await households.tableOf(db, req.params.h);
    const body = parse(
      z.object({
        text: z.string().max(LONGEST_RECIPE, 'is too long'),
        servings: z.number().gt(0).max(500).nullable().default(null),
      }),
      req.body,
    );
    const index = indexFoods(await pantryOf(db, req.params.h));
    res.json(
      scoreRecipe(body.text, {
        servings: body.servings,
        programs: table.programs,
        index,
        system: table.household.system,
        by: null,
      }),
    );
  });

  api.use('/households/:h', async (req, _res, next) => {
    await households.getHousehold(db, req.params.h);
    next();
  });
  api.use('/households/:h', tableRoutes({ db, publicUrl, clock }));
  api.use('/households/:h', pantryRoutes({ db, publicUrl, clock }, shippedLookup));

  api.get('/recipes/:id', async (req, res) => void res.json(await recipePage(db, req.params.id, publicUrl)));
  api.patch('/recipes/:id', async (req, res) => {
    const expected = ifMatch(req.headers['if-match']);
    res.json(await recipes.changeRecipe(db, req.params.id, expected, parse(RecipeChangeSchema, req.body), now()));
  });
  api.delete('/recipes/:id', async (req, res) => {
    await recipes.removeRecipe(db, req.params.id);
    res.status(204).end();
  });
  api.post('/recipes/:id/versions', async (req, res) => {
    const version = await versions.addVersion(db, req.params.id, parse(VersionSchema, req.body), now());
    res.status(201).set('ETag', `"${version.revision}"`).json(version);
  });

  api.get('/versions/:id', async (req, res) => {
    const page = await versions.versionPage(db, req.params.id);
    res.set('ETag', `"${page.version.revision}"`).json(page);
  });
  api.delete('/versions/:id', async (req, res) => {
    await versions.removeVersion(db, req.params.id);
    res.status(204).end();
  });
  api.post('/versions/:id/entries', async (req, res) => {
    const expected = ifMatch(req.headers['if-match']);
    const version = await versions.appendEntry(db, req.params.id, expected, parse(EntrySchema, req.body), now());
    res.set('ETag', `"${version.revision}"`).json(version);
  });
  api.get('/versions/:id/count', async (req, res) => {
    const version = await versions.getVersion(db, req.params.id);
    const recipe = await recipeRow(db, version.recipeId);
    const table = await households.tableOf(db, recipe.household_id);
    const counters = households.countersOf(table);
    const counted = countVersion(
      version,
      await kitchenFor(db, [version]),
      counters.map((c) => c.counter),
    );
    res.json({
      servings: counted.servings,
      servingGrams: counted.servingGrams,
      perServing: counted.perServing,
      eaters: counters.map((c, i) => ({ eater: c.eater.name, mark: c.counter.program.mark, ...counted.counts[i]! })),
      open: counted.open,
    });
  });

  api.get('/versions/:id/card', async (req, res) => {
    const card = await previewCard(db, req.params.id, clock());
    res.json({ card, text: cardText(card) });
  });
  api.post(
    '/versions/:id/cards',
    async (req, res) => void res.status(201).json(await addCard(db, req.params.id, clock(), publicUrl)),
  );
  api.delete('/cards/:id', async (req, res) => {
    await withdrawCard(db, req.params.id, now());
    res.status(204).end();
  });
  return api;
}
