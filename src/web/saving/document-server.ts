import { DOCUMENT_API, type DocumentApi } from '../../contract/document-api.ts';
import type { Ask } from '../../contract/route.ts';
import type { Entry } from '../../core/history/entry.ts';
import { ApiError, ask, overHttp, parseAnswer, type Transport } from '../data/api.ts';
import type { DocumentKey, Waiting } from './wish.ts';

/** A document as the server keeps it, with the last of its history. */
export interface Kept<D, C> {
  readonly document: D;
  readonly revision: number;
  readonly removed: boolean;
  readonly entries: readonly Entry<C>[];
  /** Whether there are entries before these. */
  readonly earlier: boolean;
}

/** How documents reach the server; a test stands in between. */
export interface DocumentServer {
  load<D, C>(key: DocumentKey): Promise<Kept<D, C>>;
  /** The entries before one of them. */
  entries<C>(key: DocumentKey, before: string): Promise<{ entries: Entry<C>[]; earlier: boolean }>;
  /** Sends a wish, and answers the document as it is then. @throws ApiError, OfflineError */
  send<D, C>(waiting: Waiting<D, C>): Promise<Kept<D, C>>;
}

/** Where a document is, for the API. */
const at = ({ householdId, id }: DocumentKey) => ({ h: householdId, id });

/** The routes of a document's kind. A key says its kind while the page runs; whoever holds the document has its type. */
const apiOf = <D, C>(key: DocumentKey): DocumentApi<D, C> => DOCUMENT_API[key.name] as unknown as DocumentApi<D, C>;

/** Parses a document as it is kept. */
export const parseKept = <D, C>(key: DocumentKey, json: unknown): Kept<D, C> =>
  parseAnswer(apiOf<D, C>(key).kept.answer, json);

/** @param transport asks the server; a test may lose the question or the answer */
export function documentServer(transport: Transport = overHttp): DocumentServer {
  const load = <D, C>(key: DocumentKey): Promise<Kept<D, C>> => ask(apiOf<D, C>(key).kept, at(key), transport);
  return {
    load,
    entries: <C>(key: DocumentKey, before: string) =>
      ask(apiOf<unknown, C>(key).entries, { ...at(key), query: { before } }, transport),
    send: async <D, C>({ document: key, base, wish }: Waiting<D, C>): Promise<Kept<D, C>> => {
      const api = apiOf<D, C>(key);
      switch (wish.wants) {
        case 'entry':
          return ask(api.append, { ...at(key), body: { base, entry: wish.entry } }, transport);
        case 'make':
          // That a document is not `undefined` cannot be seen of a type that is not known yet.
          return ask(api.make, { ...at(key), body: wish.document } as Ask<typeof api.make>, transport);
        case 'remove':
          await ask(api.remove, at(key), transport);
          return load(key);
        case 'restore':
          return ask(api.restore, at(key), transport);
      }
    },
  };
}

/** The document that a refusal for a conflict comes with; null for any other refusal. */
export function keptOfConflict<D, C>(key: DocumentKey, e: unknown): Kept<D, C> | null {
  if (!(e instanceof ApiError) || e.problem.status !== 409 || e.problem.kept === undefined) return null;
  return parseKept(key, e.problem.kept);
}
