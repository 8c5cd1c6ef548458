import type { Request } from 'express';
import { Router } from 'express';
import { FeastSchema } from '../../contract/feast.ts';
import { OwnSwapSchema } from '../../contract/swap.ts';
import { NewVerdictSchema } from '../../contract/verdict.ts';
import { ifMatch } from '../http/if-match.ts';
import { parse } from '../http/problem.ts';
import { countedFeast, feastPage, feastsOf, putFeast, removeFeast } from '../store/feasts.ts';
import { ownSwapsOf, putOwnSwap } from '../store/own-swaps.ts';
import { putVerdict, removeVerdict, verdictsOf } from '../store/verdicts.ts';
import type { ApiContext } from './api-context.ts';

/** What a household says and plans at its table: verdicts, swaps of its own, feasts. */
export function tableRoutes({ db, publicUrl, clock }: ApiContext): Router {
  const api = Router({ mergeParams: true });
  const now = (): string => clock().toISOString();
  const house = (req: Request): string => (req.params as { h: string }).h;

  api.get('/verdicts', async (req, res) => void res.json(await verdictsOf(db, house(req))));
  api.put('/verdicts', async (req, res) => {
    res.json(await putVerdict(db, house(req), parse(NewVerdictSchema, req.body), now()));
  });
  api.delete('/verdicts/:version/:eater', async (req, res) => {
    await removeVerdict(db, house(req), req.params.version, req.params.eater);
    res.status(204).end();
  });

  api.get('/swaps', async (req, res) => void res.json(await ownSwapsOf(db, house(req))));
  api.put('/swaps/:id', async (req, res) => {
    const swap = parse(OwnSwapSchema, { ...(req.body as object), id: req.params.id });
    await putOwnSwap(db, house(req), swap, now());
    res.json(swap);
  });

  api.get('/feasts', async (req, res) => void res.json(await feastsOf(db, house(req))));
  api.get('/feasts/:id', async (req, res) => {
    const page = await feastPage(db, house(req), req.params.id, publicUrl);
    res.set('ETag', `"${page.feast.revision}"`).json(page);
  });
  api.get('/feasts/:id/count', async (req, res) => {
    res.json(await countedFeast(db, house(req), req.params.id));
  });
  api.put('/feasts/:id', async (req, res) => {
    const revision = ifMatch(req.headers['if-match']);
    const feast = parse(FeastSchema, { ...(req.body as object), id: req.params.id, revision });
    const put = await putFeast(db, house(req), feast, now());
    res.set('ETag', `"${put.revision}"`).json(put);
  });
  api.delete('/feasts/:id', async (req, res) => {
    await removeFeast(db, house(req), req.params.id);
    res.status(204).end();
  });
  return api;
}
