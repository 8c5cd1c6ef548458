import { Router } from 'express';
import { z } from 'zod';
import { entrySchema, FieldChangeSchema, Revision } from '../../contract/entry.ts';
import { Id } from '../../contract/primitives.ts';
import { NewVerdictSchema } from '../../contract/verdict.ts';
import { EntrySchema, VersionSchema } from '../../contract/version.ts';
import { pairId } from '../../core/documents/document-kinds.ts';
import { etag } from '../http/if-match.ts';
import { parse } from '../http/problem.ts';

const TakeSchema = z.object({
  base: Revision,
  entry: entrySchema(FieldChangeSchema),
  dishes: z.array(z.object({ version: VersionSchema, entry: EntrySchema })).max(20),
});

/** What a household says and plans at its table: verdicts, swaps of its own, feasts. */
export function tableRoutes(): Router {
  const api = Router({ mergeParams: true });

  api.get('/verdicts', async (_req, res) => void res.json(await res.locals.store.verdicts.list()));
  api.put('/verdicts', async (req, res) => {
    res.json(await res.locals.store.verdicts.put(parse(NewVerdictSchema, req.body)));
  });
  api.delete('/verdicts/:version/:eater', async (req, res) => {
    const id = pairId(parse(Id, req.params.version), parse(Id, req.params.eater));
    await res.locals.store.documents.remove('verdicts', id);
    res.status(204).end();
  });

  api.get('/swaps', async (_req, res) => void res.json(await res.locals.store.swaps()));

  api.get('/feasts', async (_req, res) => void res.json(await res.locals.store.feasts.list()));
  api.get('/feasts/:id', async (req, res) => {
    const page = await res.locals.store.feasts.page(parse(Id, req.params.id));
    res.set('ETag', etag(page.feast.revision)).json(page);
  });
  api.get('/feasts/:id/count', async (req, res) => {
    res.json(await res.locals.store.feasts.count(parse(Id, req.params.id)));
  });
  api.post('/feasts/:id/take', async (req, res) => {
    const { base, entry, dishes } = parse(TakeSchema, req.body);
    res.json(await res.locals.store.feasts.take(parse(Id, req.params.id), { base }, entry, dishes));
  });
  return api;
}
