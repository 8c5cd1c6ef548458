import { z } from 'zod';
import { DOCUMENTS } from '../../contract/documents.ts';
import { entrySchema, keptSchema } from '../../contract/entry.ts';
import type { Entry } from '../../core/history/entry.ts';
import { ApiError, parseAnswer, request } from '../data/api.ts';
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

export const pathOf = ({ householdId, name, id }: DocumentKey): string => `/households/${householdId}/${name}/${id}`;

/** Parses a document as it is kept. */
export function parseKept<D, C>(key: DocumentKey, json: unknown): Kept<D, C> {
  const spec = DOCUMENTS[key.name];
  return parseAnswer(keptSchema(spec.schema, spec.change) as unknown as z.ZodType<Kept<D, C>>, json);
}

/** @param ask asks the API; a test may lose the question or the answer */
export function documentServer(ask: typeof request = request): DocumentServer {
  const load = async <D, C>(key: DocumentKey): Promise<Kept<D, C>> =>
    parseKept(key, await ask('GET', `${pathOf(key)}/document`));
  return {
    load,
    entries: async (key, before) =>
      parseAnswer(
        z.object({ entries: z.array(entrySchema(DOCUMENTS[key.name].change)), earlier: z.boolean() }),
        await ask('GET', `${pathOf(key)}/entries?before=${before}`),
      ) as never,
    send: async ({ document: key, base, wish }) => {
      const path = pathOf(key);
      switch (wish.wants) {
        case 'entry':
          return parseKept(key, await ask('POST', `${path}/entries`, { base, entry: wish.entry }));
        case 'make':
          return parseKept(key, await ask('PUT', `${path}/document`, wish.document));
        case 'remove':
          await ask('DELETE', path);
          return load(key);
        case 'restore':
          return parseKept(key, await ask('POST', `${path}/restore`));
      }
    },
  };
}

/** The document that a refusal for a conflict comes with; null for any other refusal. */
export function keptOfConflict<D, C>(key: DocumentKey, e: unknown): Kept<D, C> | null {
  if (!(e instanceof ApiError) || e.problem.status !== 409 || e.problem.kept === undefined) return null;
  return parseKept(key, e.problem.kept);
}
