import type { ChangeNote } from '../../contract/entry.ts';
import type { ChangeHub } from '../changes/change-hub.ts';
import type { Db } from '../db/open.ts';

/** What the store works with, whosever household it is. */
export interface StoreContext {
  readonly db: Db;
  readonly clock: () => Date;
  /** The address that card links begin with. */
  readonly publicUrl: string;
  readonly changes: ChangeHub;
  /** Called when recipes wait to be counted anew. */
  readonly wakeRenewal: () => void;
}

/** One household's part of the store: everything below reads and writes within it. */
export interface Scope extends StoreContext {
  readonly householdId: string;
  /** What a write gathers until it is on the disk; null outside of one. */
  readonly writing: Writing | null;
}

interface Writing {
  readonly notes: ChangeNote[];
  /** Recipes whose counts change with this write; 'all' when everything counts differently now. */
  readonly recount: Set<string>;
  /** What outside of the recipes makes them count differently; null where the recipes themselves were changed. */
  cause: Cause | null;
}

/** Something outside of recipes that changed: a program, a pin, an eater, a recipe inside others. */
export interface Cause {
  readonly kind: 'program' | 'pin' | 'eater' | 'recipe';
  /** The id of what changed. */
  readonly ref: string;
  /** What changed, for the cook. */
  readonly words: string;
}

export const scopeOf = (context: StoreContext, householdId: string): Scope => ({
  ...context,
  householdId,
  writing: null,
});

export const nowOf = (s: Pick<Scope, 'clock'>): string => s.clock().toISOString();

/** Says that something has a new state; open pages hear of it once it is on the disk. */
export function note(s: Scope, kind: ChangeNote['kind'], id: string, revision: number): void {
  s.writing?.notes.push({ kind, id, revision });
}

/** Says that recipes count differently after this write. */
export function recount(s: Scope, recipeIds: Iterable<string>): void {
  for (const id of recipeIds) s.writing?.recount.add(id);
}

/** Says why recipes count differently after this write; of several reasons the first. */
export function because(s: Scope, cause: Cause): void {
  if (s.writing !== null) s.writing.cause ??= cause;
}

/**
 * Writes in one transaction that holds the write lock from its beginning, so that what it reads is what it writes over.
 * When the promise is kept, it is on the disk and open pages were told.
 *
 * @param settle what is done at the end, within the transaction, for the recipes that count differently
 */
export async function writeWith<T>(
  scope: Scope,
  settle: (s: Scope, recipeIds: ReadonlySet<string>) => Promise<void>,
  work: (s: Scope) => Promise<T>,
): Promise<T> {
  if (scope.writing !== null) return work(scope);
  const writing: Writing = { notes: [], recount: new Set(), cause: null };
  const answer = await inTransaction(scope.db, async (db) => {
    const inner: Scope = { ...scope, db, writing };
    const made = await work(inner);
    if (writing.recount.size > 0) await settle(inner, writing.recount);
    return made;
  });
  scope.changes.tell(scope.householdId, writing.notes);
  return answer;
}

/** Works in a transaction: in the one that there is, else in one of its own. */
export const inTransaction = <T>(db: Db, work: (db: Db) => Promise<T>): Promise<T> =>
  db.isTransaction ? work(db) : db.transaction().execute(work);
