import type { z } from 'zod';
import { entrySchema } from '../../contract/entry.ts';
import { DomainError, notFound, stale } from '../../core/errors.ts';
import type { Difference } from '../../core/history/document-kind.ts';
import { type Entry, EntryConflict } from '../../core/history/entry.ts';
import type { FieldKind } from '../../core/history/field-change.ts';
import { HISTORY_TAIL } from '../../core/history/history.ts';
import { applyExactly, rebase } from '../../core/history/rebase.ts';
import { note, nowOf, type Scope } from './scope.ts';
import type { Shelf, Shelved } from './shelf.ts';
import { checked, fromStored, readable, toStored } from './stored.ts';
import { write } from './write.ts';

/** A document with the last of its entries. */
export interface KeptDocument<D, C> extends Shelved<D> {
  readonly entries: readonly Entry<C>[];
  /** Whether there are entries before these. */
  readonly earlier: boolean;
}

/** Somebody else changed the same thing: both states are there, and the cook decides. */
export class ConflictError extends DomainError {
  constructor(
    readonly kept: KeptDocument<unknown, unknown>,
    readonly differences: readonly Difference[],
  ) {
    super(
      'stale',
      'This was changed elsewhere in the meantime.',
      differences.map((d) => `${d.what}: here ${d.here}, there ${d.there}`).join('; '),
    );
  }
}

const storedEntry = <C>(shelf: Pick<Shelf<never, C>, 'change'>): z.ZodType<Entry<C>> =>
  entrySchema(shelf.change) as unknown as z.ZodType<Entry<C>>;

/** @throws DomainError not-found */
export async function shelved<D, C>(s: Scope, shelf: Shelf<D, C>, id: string): Promise<Shelved<D>> {
  const found = await shelf.find(s, id);
  if (found === null) throw notFound(shelf.what);
  return found;
}

/**
 * A document with the tail of its history.
 *
 * @param since entries after this revision only; without it the last ones
 * @throws DomainError not-found
 */
export async function keptDocument<D, C>(
  s: Scope,
  shelf: Shelf<D, C>,
  id: string,
  since?: number,
): Promise<KeptDocument<D, C>> {
  const found = await shelved(s, shelf, id);
  return { ...found, ...(await entriesOf(s, shelf, id, { after: since })) };
}

/** Entries of a document, oldest first: the last ones, the last ones before an entry, or those after a state. */
export async function entriesOf<D, C>(
  s: Scope,
  shelf: Shelf<D, C>,
  id: string,
  part: { readonly before?: string; readonly after?: number },
): Promise<{ entries: Entry<C>[]; earlier: boolean }> {
  const rows = await s.db
    .selectFrom('entry')
    .select(['id', 'body'])
    .where('household_id', '=', s.householdId)
    .where('kind', '=', shelf.name)
    .where('document_id', '=', id)
    .$if(part.before !== undefined, (q) =>
      q.where('seq', '<', (e) =>
        e
          .selectFrom('entry as mark')
          .select('mark.seq')
          .where('mark.household_id', '=', s.householdId)
          .where('mark.id', '=', part.before!),
      ),
    )
    .$if(part.after !== undefined, (q) => q.where('seq', '>', part.after!))
    .orderBy('seq', 'desc')
    .limit(HISTORY_TAIL + 1)
    .execute();
  const schema = storedEntry(shelf);
  const entries = readable(
    rows.slice(0, HISTORY_TAIL).reverse(),
    (r) => `entry ${r.id}`,
    (r) => fromStored('entry', schema, r.body) as Entry<C>,
  );
  return { entries, earlier: rows.length > HISTORY_TAIL };
}

/** How a change says which state it was made on: a script names it exactly, the outbox lets it be rebased. */
export type MadeOn = { readonly exactly: number } | { readonly base: number };

/**
 * Appends an entry to a document's history and applies it, in one transaction. The entry's id makes it idempotent.
 *
 * @throws DomainError not-found; stale when the document is not at `exactly` any more; ConflictError when somebody else
 * changed the same thing; invalid when what comes out cannot be
 */
export function appendEntry<D, C>(
  scope: Scope,
  shelf: Shelf<D, C>,
  id: string,
  entry: Entry<C>,
  on: MadeOn,
): Promise<KeptDocument<D, C>> {
  return write(scope, async (s) => {
    const since = 'base' in on ? on.base : on.exactly;
    if (await wasSeen(s, shelf, id, entry.id)) return keptDocument(s, shelf, id, since);
    const found = await shelved(s, shelf, id);
    if (found.removed) {
      const removed = { what: `this ${shelf.what}`, here: 'changed', there: 'removed' };
      throw new ConflictError(await keptDocument(s, shelf, id, since), [removed]);
    }
    if ('exactly' in on && on.exactly !== found.revision) throw stale();
    const { document, entry: holds } = await applied(s, shelf, id, found, entry, on);
    if (holds === null) return keptDocument(s, shelf, id, since);
    const next = checked(shelf.schema, document);
    await shelf.check?.(s, id, next, found.document);
    await put(s, shelf, id, found, next, holds);
    return keptDocument(s, shelf, id, since);
  });
}

async function applied<D, C>(
  s: Scope,
  shelf: Shelf<D, C>,
  id: string,
  found: Shelved<D>,
  entry: Entry<C>,
  on: MadeOn,
): Promise<{ document: D; entry: Entry<C> | null }> {
  try {
    if ('exactly' in on) return { document: applyExactly(shelf.kind, found.document, entry), entry };
    const rebased = rebase(shelf.kind, found.document, entry);
    if (rebased.fits) return rebased;
    throw new ConflictError(await keptDocument(s, shelf, id, on.base), rebased.differences);
  } catch (e) {
    if (e instanceof EntryConflict)
      throw new DomainError(
        'in-use',
        `This change does not fit the ${shelf.what} as it is now.`,
        'Load it again and repeat the change.',
      );
    throw e;
  }
}

async function wasSeen<D, C>(s: Scope, shelf: Shelf<D, C>, id: string, entryId: string): Promise<boolean> {
  const seen = await s.db
    .selectFrom('entry')
    .select(['kind', 'document_id'])
    .where('household_id', '=', s.householdId)
    .where('id', '=', entryId)
    .executeTakeFirst();
  if (seen && (seen.kind !== shelf.name || seen.document_id !== id)) throw notFound(shelf.what);
  return seen !== undefined;
}

async function put<D, C>(
  s: Scope,
  shelf: Shelf<D, C>,
  id: string,
  found: Shelved<D>,
  next: D,
  entry: Entry<C>,
): Promise<void> {
  const revision = found.revision + 1;
  await shelf.update(s, id, next, revision);
  await s.db
    .insertInto('entry')
    .values({
      id: entry.id,
      household_id: s.householdId,
      kind: shelf.name,
      document_id: id,
      seq: revision,
      body: toStored('entry', storedEntry(shelf), entry),
      created_at: nowOf(s),
    })
    .execute();
  await shelf.follow?.(s, id, found.document, next);
  note(s, shelf.name, id, revision);
}

/**
 * Makes a document. The same id again is the same document: a repeated request makes nothing, and answers what is there.
 *
 * @throws DomainError not-found where the id is another household's; invalid
 */
export function makeDocument<D, C>(
  scope: Scope,
  shelf: Shelf<D, C>,
  id: string,
  document: D,
): Promise<KeptDocument<D, C>> {
  return write(scope, async (s) => {
    const found = await shelf.find(s, id);
    const next = checked(shelf.schema, document);
    if (found !== null) return remade(s, shelf, id, found, next);
    await shelf.check?.(s, id, next, null);
    await shelf.insert(s, id, next);
    await shelf.follow?.(s, id, null, next);
    note(s, shelf.name, id, shelf.first);
    return keptDocument(s, shelf, id);
  });
}

/** A document that is to be made is there already: the same request again, or somebody else's wish for the same pair. */
async function remade<D, C>(
  s: Scope,
  shelf: Shelf<D, C>,
  id: string,
  found: Shelved<D>,
  next: D,
): Promise<KeptDocument<D, C>> {
  if (!shelf.isPair) return keptDocument(s, shelf, id);
  if (found.removed) {
    await shelf.check?.(s, id, next, null);
    await shelf.update(s, id, next, found.revision + 1);
    await shelf.mark(s, id, null, found.revision + 1);
    await shelf.follow?.(s, id, null, next);
    note(s, shelf.name, id, found.revision + 1);
    return keptDocument(s, shelf, id);
  }
  const apart = (shelf.kind as Partial<FieldKind<D>>).changes?.(found.document, next) ?? [];
  if (apart.length === 0) return keptDocument(s, shelf, id);
  const differences = apart.map((c) => shelf.kind.differ(found.document, c as C));
  throw new ConflictError(await keptDocument(s, shelf, id), differences);
}

/**
 * Marks a document as removed; it can be brought back with everything that it was. Removing it again changes nothing.
 *
 * @throws DomainError not-found; in-use, by name, when something else takes from it
 */
export function removeDocument<D, C>(scope: Scope, shelf: Shelf<D, C>, id: string): Promise<void> {
  return write(scope, async (s) => {
    const found = await shelved(s, shelf, id);
    if (found.removed) return;
    await shelf.checkRemoval?.(s, id, found.document);
    await shelf.mark(s, id, nowOf(s), found.revision + 1);
    await shelf.follow?.(s, id, found.document, null);
    note(s, shelf.name, id, found.revision + 1);
  });
}

/** Takes the mark away. @throws DomainError not-found; invalid where it does not fit what is there by now */
export function restoreDocument<D, C>(scope: Scope, shelf: Shelf<D, C>, id: string): Promise<KeptDocument<D, C>> {
  return write(scope, async (s) => {
    const found = await shelved(s, shelf, id);
    if (found.removed) {
      await shelf.check?.(s, id, found.document, null);
      await shelf.mark(s, id, null, found.revision + 1);
      await shelf.follow?.(s, id, null, found.document);
      note(s, shelf.name, id, found.revision + 1);
    }
    return keptDocument(s, shelf, id);
  });
}
