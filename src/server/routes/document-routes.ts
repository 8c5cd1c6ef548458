import type { Router } from 'express';
import { documentRoutesOf } from '../../contract/document-api.ts';
import { DOCUMENT_NAMES } from '../../core/documents/document-names.ts';
import { blind } from '../http/if-match.ts';
import { serve } from '../http/serve-route.ts';

/** How every kind of document is read and changed. */
export function documentRoutes(api: Router): void {
  for (const name of DOCUMENT_NAMES) {
    const { kept, make, entries, append, remove, restore, put } = documentRoutesOf(name);
    serve(api, kept, ({ store, params }) => store.documents.kept(name, params.id));
    serve(api, make, ({ store, params, body }) => store.documents.make(name, params.id, body));
    serve(api, entries, ({ store, params, query }) => store.documents.entries(name, params.id, query.before));
    serve(api, append, ({ store, params, body, ifMatch }) => {
      if (ifMatch !== null)
        return store.documents.append(name, params.id, 'entry' in body ? body.entry : body, { exactly: ifMatch });
      if (!('base' in body)) throw blind();
      return store.documents.append(name, params.id, body.entry, { base: body.base });
    });
    if (remove) serve(api, remove, ({ store, params }) => store.documents.remove(name, params.id));
    if (restore) serve(api, restore, ({ store, params }) => store.documents.restore(name, params.id));
    if (put)
      serve(api, put, async ({ store, params, body, ifMatch }) => {
        const now = await store.documents.put(name, params.id, body, ifMatch, blind);
        return { ...now.document, revision: now.revision };
      });
  }
}
