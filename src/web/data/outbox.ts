import { del, get, set } from 'idb-keyval';
import type { Entry } from '../../core/recipe/entry.ts';

/** Entries that were made here and not acknowledged yet, oldest first, kept across reloads. */
export interface Outbox {
  load(versionId: string): Promise<Entry[]>;
  save(versionId: string, entries: readonly Entry[]): Promise<void>;
}

const keyOf = (versionId: string): string => `outbox:${versionId}`;

/** The outbox in the browser's IndexedDB. Where the browser refuses storage, entries live until the page closes. */
export const browserOutbox: Outbox = {
  load: async (versionId) => (await get<Entry[]>(keyOf(versionId)).catch(() => undefined)) ?? [],
  save: async (versionId, entries) => {
    await (entries.length > 0 ? set(keyOf(versionId), [...entries]) : del(keyOf(versionId))).catch(() => undefined);
  },
};
