import { type Request, type Response, Router } from 'express';
import { z } from 'zod';
import { DocumentId, entrySchema, sentEntrySchema } from '../../contract/entry.ts';
import { Id } from '../../contract/primitives.ts';
import { DOCUMENT_NAMES, type DocumentName } from '../../core/documents/document-kinds.ts';
import { blind, etag, ifMatchOrNull } from '../http/if-match.ts';
import { parse } from '../http/problem.ts';
import { SHELVES } from '../store/household-store.ts';

/** Whatever is put whole by a script. Recipes and versions come with a history and are changed by entries only. */
const PUT_WHOLE: readonly DocumentName[] = ['feasts', 'eaters', 'swaps', 'stock', 'pins', 'corrections'];

/**
 * How every kind of document is changed: by entries that say on which state they were made, by marks for removing and
 * bringing back. A script names the state exactly (If-Match); the outbox sends a base, and gets the document back.
 */
export function documentRoutes(): Router {
  const api = Router({ mergeParams: true });
  for (const name of DOCUMENT_NAMES) {
    const shelf = SHELVES[name];
    const entry = entrySchema(shelf.change);
    const sent = sentEntrySchema(shelf.change);
    const idOf = (req: Request): string => parse(DocumentId, req.params.id);
    const answer = (res: Response, kept: { readonly revision: number }): void =>
      void res.set('ETag', etag(kept.revision)).json(kept);

    api.get(`/${name}/:id/document`, async (req, res) =>
      answer(res, await res.locals.store.documents.kept(name, idOf(req))),
    );
    api.put(`/${name}/:id/document`, async (req, res) => {
      const document = parse(shelf.schema, { ...(req.body as object), ...ownKey(name, idOf(req)) });
      answer(res, await res.locals.store.documents.make(name, idOf(req), document));
    });
    api.get(`/${name}/:id/entries`, async (req, res) => {
      const { before } = parse(z.object({ before: Id }), req.query);
      res.json(await res.locals.store.documents.entries(name, idOf(req), before));
    });
    api.post(`/${name}/:id/entries`, async (req, res) => {
      const exactly = ifMatchOrNull(req.headers['if-match']);
      const { documents } = res.locals.store;
      if (exactly !== null) {
        answer(res, await documents.append(name, idOf(req), parse(entry, req.body), { exactly }));
        return;
      }
      if ((req.body as { base?: unknown } | undefined)?.base === undefined) throw blind();
      const body = parse(sent, req.body);
      answer(res, await documents.append(name, idOf(req), body.entry, { base: body.base }));
    });
    // A household is removed from outside of it.
    if (name === 'household') continue;
    api.delete(`/${name}/:id`, async (req, res) => {
      await res.locals.store.documents.remove(name, idOf(req));
      res.status(204).end();
    });
    api.post(`/${name}/:id/restore`, async (req, res) =>
      answer(res, await res.locals.store.documents.restore(name, idOf(req))),
    );
    if (!PUT_WHOLE.includes(name)) continue;
    api.put(`/${name}/:id`, async (req, res) => {
      const expected = ifMatchOrNull(req.headers['if-match']);
      const body = { ...(req.body as object), ...ownKey(name, idOf(req)), ...(name === 'feasts' && { revision: 0 }) };
      const document = parse(shelf.schema, body);
      const kept = await res.locals.store.documents.put(name, idOf(req), document, expected, blind);
      res.set('ETag', etag(kept.revision)).json({ ...(kept.document as object), revision: kept.revision });
    });
  }
  return api;
}

/** The fields of a document that its address says already. */
function ownKey(name: DocumentName, id: string): object {
  const [first, second] = id.split('~');
  switch (name) {
    case 'pins':
      return { foodId: first, programId: second };
    case 'verdicts':
      return { versionId: first, eaterId: second };
    case 'corrections':
      return { foodId: id };
    case 'barcodes':
      return { code: id };
    case 'recipes':
      return {};
    default:
      return { id };
  }
}
