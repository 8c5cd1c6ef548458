import { z } from 'zod';
import { DOCUMENT_NAMES, type DocumentName } from '../core/documents/document-names.ts';
import { type ChangeOf, DOCUMENTS, type DocumentOf, type DocumentSpec } from './documents.ts';
import { DocumentId, entrySchema, keptSchema, Revision, sentEntrySchema } from './entry.ts';
import { Id } from './primitives.ts';
import { route } from './route.ts';

/** Whatever is put whole by a script. Recipes and versions come with a history and are changed by entries only. */
export const PUT_WHOLE = ['feasts', 'eaters', 'swaps', 'stock', 'pins', 'corrections'] as const;

/**
 * How one kind of document is read and changed: by entries that say on which state they were made, by marks for removing
 * and bringing back. A script names the state schemaOf (If-Match); the outbox sends a base, and gets the document back.
 */
function documentApi<D, C>(name: DocumentName, { schema, change, kind }: DocumentSpec<D, C>) {
  const what = kind.name;
  const kept = keptSchema(schema, change);
  const at = `/households/:h/${name}/:id` as const;
  const params = { id: DocumentId };
  const fromPath = ({ id }: { readonly id: string }) => ownKey(name, id);
  const revision = (k: { readonly revision: number }) => k.revision;
  return {
    kept: route({
      method: 'GET',
      path: `${at}/document`,
      says: `The ${what} as it is kept, with the last of its history.`,
      params,
      answer: kept,
      revision,
    }),
    make: route({
      method: 'PUT',
      path: `${at}/document`,
      says: `Makes the ${what}; the same again makes nothing.`,
      params,
      fromPath,
      body: schema,
      answer: kept,
      revision,
    }),
    entries: route({
      method: 'GET',
      path: `${at}/entries`,
      says: `The entries before one of them, the last of them.`,
      params,
      query: z.object({ before: Id }),
      answer: z.object({ entries: z.array(entrySchema(change)), earlier: z.boolean() }),
    }),
    append: route({
      method: 'POST',
      path: `${at}/entries`,
      says: `Changes the ${what} by an entry, made on a base or on the very state that If-Match names.`,
      params,
      body: z.union([sentEntrySchema(change), entrySchema(change)]),
      answer: kept,
      revision,
      ifMatch: 'possible',
    }),
    remove: route({
      method: 'DELETE',
      path: at,
      says: `Removes the ${what}, with a way back for thirty days.`,
      params,
      answer: null,
    }),
    restore: route({
      method: 'POST',
      path: `${at}/restore`,
      says: `Brings the removed ${what} back.`,
      params,
      answer: kept,
      revision,
    }),
    put: route({
      method: 'PUT',
      path: at,
      says: `Puts the ${what} whole, in place of the state that If-Match names.`,
      params,
      fromPath: (p) => ({ ...fromPath(p), ...(name === 'feasts' && { revision: 0 }) }),
      body: schema,
      answer: schema.and(z.object({ revision: Revision })),
      revision,
      ifMatch: 'possible',
    }),
  };
}

/** The routes of a kind of document, by what it is made of and what one change of it looks like. */
export type DocumentApi<D, C> = ReturnType<typeof documentApi<D, C>>;

/** The routes of every kind of document. */
export const DOCUMENT_API = Object.fromEntries(
  DOCUMENT_NAMES.map((n) => [n, documentApi<unknown, unknown>(n, DOCUMENTS[n] as DocumentSpec<unknown, unknown>)]),
) as unknown as { readonly [N in DocumentName]: DocumentApi<DocumentOf<N>, ChangeOf<N>> };

/** Which of the routes there are for a kind: a household is removed from outside of it, and few are put whole. */
export function documentRoutesOf(name: DocumentName) {
  const { put, remove, restore, ...always } = DOCUMENT_API[name];
  return {
    ...always,
    ...(name !== 'household' && { remove, restore }),
    ...((PUT_WHOLE as readonly DocumentName[]).includes(name) && { put }),
  };
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
    case 'buying':
      return { foodId: id };
    case 'days':
      return { eaterId: first, day: second };
    case 'barcodes':
      return { code: id };
    case 'recipes':
      return {};
    default:
      return { id };
  }
}
