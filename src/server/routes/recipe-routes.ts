import { Router } from 'express';
import { Id } from '../../contract/primitives.ts';
import { NewRecipeSchema, RecipeChangeSchema, RecipeQuerySchema } from '../../contract/recipe.ts';
import { VersionSchema } from '../../contract/version.ts';
import { cardText } from '../../core/card/card-text.ts';
import { blind, etag, ifMatch } from '../http/if-match.ts';
import { parse } from '../http/problem.ts';

/** Recipes, their versions, and the cards that are made of them. */
export function recipeRoutes(): Router {
  const api = Router({ mergeParams: true });

  api.get('/recipes', async (req, res) => {
    res.json(await res.locals.store.recipes.list(parse(RecipeQuerySchema, req.query)));
  });
  api.post('/recipes', async (req, res) => {
    const recipe = parse(NewRecipeSchema, req.body);
    await res.locals.store.recipes.add(recipe);
    res
      .status(201)
      .set('ETag', etag(0))
      .json(await res.locals.store.recipes.page(recipe.id));
  });
  api.get('/recipes/:id', async (req, res) => {
    const page = await res.locals.store.recipes.page(parse(Id, req.params.id));
    res.set('ETag', etag(page.recipe.revision)).json(page);
  });
  api.patch('/recipes/:id', async (req, res) => {
    const id = parse(Id, req.params.id);
    const expected = ifMatch(req.headers['if-match']);
    const change = parse(RecipeChangeSchema, req.body);
    const { documents, recipes } = res.locals.store;
    const { document } = await documents.kept('recipes', id);
    const kept = await documents.put('recipes', id, { ...(document as object), ...change }, expected, blind);
    res.set('ETag', etag(kept.revision)).json((await recipes.page(id)).recipe);
  });
  api.post('/recipes/:id/versions', async (req, res) => {
    const version = parse(VersionSchema, { ...(req.body as object), recipeId: req.params.id });
    const kept = await res.locals.store.documents.make('versions', version.id, version);
    res.status(201).set('ETag', etag(kept.revision)).json(kept);
  });

  api.get('/versions/:id', async (req, res) => {
    const kept = await res.locals.store.documents.kept('versions', parse(Id, req.params.id));
    res.set('ETag', etag(kept.revision)).json(kept);
  });
  api.get('/versions/:id/count', async (req, res) => {
    res.json(await res.locals.store.versions.count(parse(Id, req.params.id)));
  });
  api.get('/versions/:id/card', async (req, res) => {
    const card = await res.locals.store.cards.preview(parse(Id, req.params.id));
    res.json({ card, text: cardText(card) });
  });
  api.post('/versions/:id/cards', async (req, res) => {
    res.status(201).json(await res.locals.store.cards.add(parse(Id, req.params.id)));
  });
  api.delete('/cards/:id', async (req, res) => {
    await res.locals.store.cards.withdraw(parse(Id, req.params.id));
    res.status(204).end();
  });
  return api;
}
