import { Router } from 'express';
import { API } from '../../contract/api.ts';
import { readPasted, recipeMeant } from '../../contract/read-pasted.ts';
import { SCRIPT_API } from '../../contract/script-api.ts';
import { scoreRecipe } from '../../core/counting/score-recipe.ts';
import { invalid, notFound } from '../../core/errors.ts';
import { indexFoods } from '../../core/food/match-food.ts';
import { MOST_INGREDIENTS } from '../../core/page/recipe-limits.ts';
import { blind } from '../http/if-match.ts';
import { serve } from '../http/serve-route.ts';
import { shippedLookup } from '../lookup/shipped-lookup.ts';
import { probeHub } from '../scale/probe-hub.ts';
import { scaleHub } from '../scale/scale-hub.ts';
import { householdStore } from '../store/household-store.ts';
import * as households from '../store/households.ts';
import type { ApiContext } from './api-context.ts';
import { documentRoutes } from './document-routes.ts';
import type { EventStreams } from './event-streams.ts';
import { exchangeRoutes, fromFileRoute } from './exchange-routes.ts';
import { pantryRoutes } from './pantry-routes.ts';
import { pictureRoutes } from './picture-routes.ts';
import { probeRoutes } from './probe-routes.ts';
import { recipeRoutes } from './recipe-routes.ts';
import { scaleRoutes } from './scale-routes.ts';
import { tableRoutes } from './table-routes.ts';
import { weekRoutes } from './week-routes.ts';

/**
 * The API of the household application. Every answer is JSON; errors are problem details. Everything but the list of
 * households stands under its household, and its routes get the store of that household alone.
 */
export function apiRoutes(context: ApiContext, streams: EventStreams): Router {
  const api = Router();
  const now = (): string => context.clock().toISOString();

  serve(api, API.households, () => households.listHouseholds(context));
  serve(api, API.addHousehold, async ({ body }) => {
    await households.addHousehold(context, { ...body, demo: false, sourceWords: {} }, now());
    return (await (await householdStore(context, body.id)).table()).household;
  });
  serve(api, API.removeDemo, async () => {
    if ((await households.removeDemo(context, now())).length === 0) throw notFound('demo household');
  });
  serve(api, API.restoreDemo, async () => {
    if (!(await households.restoreDemo(context))) throw notFound('demo household');
  });

  serve(api, API.removeHousehold, async ({ params }) => {
    if (!(await households.markHousehold(context, params.h, now()))) throw notFound('household');
  });
  serve(api, API.restoreHousehold, async ({ params }) => {
    if (!(await households.markHousehold(context, params.h, null))) throw notFound('household');
  });

  fromFileRoute(api, context);
  api.use('/households/:h', async (req, res, next) => {
    res.locals.store = await householdStore(context, req.params.h);
    next();
  });
  api.get(
    API.changes.path,
    streams.route((h, send) => context.changes.listen(h, send)),
  );
  scaleRoutes(api, scaleHub(context.clock), streams);
  probeRoutes(api, probeHub(context.clock));
  pictureRoutes(api);
  exchangeRoutes(api);
  serve(api, API.table, ({ store }) => store.table());
  serve(api, API.changeHousehold, async ({ store: { documents, id }, body, ifMatch }) => {
    const { document, revision } = await documents.kept('household', id);
    const kept = await documents.put('household', id, { ...(document as object), ...body }, ifMatch ?? revision, blind);
    return { ...kept.document, revision: kept.revision };
  });
  serve(api, SCRIPT_API.score, async ({ store, body }) => {
    const { household, programs } = await store.table();
    const index = indexFoods(await store.foods.pantry());
    const { system } = household;
    const meant = recipeMeant(readPasted(body.text), body.recipe);
    if ('which' in meant) throw invalid('There are several recipes in it.', `Say which: ${meant.which.join(', ')}.`);
    const lines = meant.recipe.ingredients.length;
    if (lines > MOST_INGREDIENTS)
      throw invalid(`That is ${lines} ingredient lines.`, `A recipe holds ${MOST_INGREDIENTS}: split it into two.`);
    return scoreRecipe(meant.recipe, {
      language: meant.language,
      servings: body.servings,
      programs,
      index,
      system,
      by: null,
    });
  });
  recipeRoutes(api);
  tableRoutes(api);
  pantryRoutes(api, shippedLookup);
  weekRoutes(api);
  documentRoutes(api);
  return api;
}
