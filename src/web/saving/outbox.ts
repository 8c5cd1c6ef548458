import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import { v7 as uuid } from 'uuid';
import type { Entry } from '../../core/history/entry.ts';
import { type DocumentKey, sameDocument, type Waiting } from './wish.ts';

interface OutboxDatabase extends DBSchema {
  waiting: { key: string; value: Waiting };
}

/** Wishes that were made here and are not acknowledged yet, each under its own key, shared by all tabs. */
export interface Outbox {
  put(waiting: Waiting): Promise<void>;
  remove(key: string): Promise<void>;
  /** Whether somebody else has settled it. */
  has(key: string): Promise<boolean>;
  /** Everything that waits, oldest first. */
  all(): Promise<Waiting[]>;
  /**
   * Takes over what tabs that are gone have left, in one transaction, so that exactly one tab does.
   *
   * @param alive the tabs that still look after their own
   */
  adopt(tab: string, alive: ReadonlySet<string>): Promise<Waiting[]>;
}

/** The outbox in the browser's IndexedDB. Where the browser refuses storage, wishes live until the page closes. */
export function browserOutbox(): Outbox {
  const memory = new Map<string, Waiting>();
  let opened: Promise<IDBPDatabase<OutboxDatabase> | null> | null = null;
  const database = (): Promise<IDBPDatabase<OutboxDatabase> | null> => {
    opened ??= open().catch(() => null);
    return opened;
  };
  return {
    put: async (waiting) => {
      const db = await database();
      if (db === null) memory.set(waiting.key, waiting);
      else await db.put('waiting', waiting);
    },
    remove: async (key) => {
      memory.delete(key);
      await (await database())?.delete('waiting', key);
    },
    has: async (key) => {
      const db = await database();
      return db === null ? memory.has(key) : (await db.getKey('waiting', key)) !== undefined;
    },
    all: async () => {
      const db = await database();
      return db === null ? [...memory.values()] : db.getAll('waiting');
    },
    adopt: async (tab, alive) => {
      const db = await database();
      if (db === null) return [];
      const transaction = db.transaction('waiting', 'readwrite');
      const left = (await transaction.store.getAll()).filter((w) => w.tab !== tab && !alive.has(w.tab));
      const mine = left.map((w) => ({ ...w, tab }));
      for (const w of mine) await transaction.store.put(w);
      await transaction.done;
      return mine;
    },
  };
}

async function open(): Promise<IDBPDatabase<OutboxDatabase>> {
  const db = await openDB<OutboxDatabase>('imbiss', 1, {
    upgrade: (fresh) => void fresh.createObjectStore('waiting', { keyPath: 'key' }),
  });
  await takeOver(db);
  return db;
}

/** What a page of an earlier release left unsent: one list of entries under each version's id, of no said household. */
async function takeOver(db: IDBPDatabase<OutboxDatabase>): Promise<void> {
  const known = await indexedDB.databases?.();
  if (known !== undefined && !known.some((d) => d.name === 'keyval-store')) return;
  const old = await openDB('keyval-store');
  try {
    if (!old.objectStoreNames.contains('keyval')) return;
    const keys = (await old.getAllKeys('keyval')).filter((k) => String(k).startsWith('outbox:'));
    for (const key of keys) {
      const entries = (await old.get('keyval', key)) as Entry<unknown>[] | undefined;
      const document: DocumentKey = { householdId: '', name: 'versions', id: String(key).slice('outbox:'.length) };
      for (const entry of entries ?? [])
        await db.put('waiting', { key: uuid(), document, base: 0, wish: { wants: 'entry', entry }, tab: '', v: 1 });
      await old.delete('keyval', key);
    }
  } finally {
    old.close();
  }
}

/** The wishes that wait for a document, oldest first. */
export const waitingFor = (all: readonly Waiting[], key: DocumentKey): Waiting[] =>
  all.filter((w) => sameDocument(w.document, key)).sort((a, b) => (a.key < b.key ? -1 : 1));
