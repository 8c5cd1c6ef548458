import { v7 as uuid } from 'uuid';
import type { Difference, DocumentKind } from '../../core/history/document-kind.ts';
import type { Entry } from '../../core/history/entry.ts';
import type { FieldKind } from '../../core/history/field-change.ts';
import { type History, historyOf } from '../../core/history/history.ts';
import { invertAll, overwrite, rebase } from '../../core/history/rebase.ts';
import { ApiError, OfflineError } from '../data/api.ts';
import { type DocumentServer, type Kept, keptOfConflict } from './document-server.ts';
import type { Outbox } from './outbox.ts';
import type { DocumentKey, Waiting, Wish } from './wish.ts';

export type SaveStatus = 'saved' | 'saving' | 'offline' | 'conflict' | 'refused';

/** What is shown of a document. */
export interface Shown<D, C> {
  /** What the server holds with everything that waits here over it. */
  readonly document: D;
  readonly removed: boolean;
  readonly history: History<C>;
  /** Whether there is a longer history than what is here. */
  readonly earlier: boolean;
  readonly save: SaveStatus;
  /** The revision that the server holds. */
  readonly revision: number;
  /** Where this copy and the other differ, while the cook has to decide. */
  readonly differences: readonly Difference[];
  /** The other copy, while the cook has to decide. */
  readonly theirs: D | null;
  /** Why a change was refused, in words. */
  readonly refusal: string | null;
}

export interface SavedDocumentOptions<D, C> {
  readonly key: DocumentKey;
  readonly kind: DocumentKind<D, C>;
  /** What the server holds; null for one that is made here. */
  readonly kept: Kept<D, C> | null;
  /** What is shown of one that nobody made yet; the first change makes it. */
  readonly begins?: D | null;
  readonly outbox: Outbox;
  readonly server: DocumentServer;
  /** This tab, as the outbox knows it. */
  readonly tab: string;
  /** Told whenever the server acknowledged something. */
  readonly onAcknowledged?: (key: DocumentKey) => void;
}

/** Waiting for the server grows from a second to a minute, each time a little different: not all tabs at once. */
const FIRST_WAIT_MS = 1000;
const LONGEST_WAIT_MS = 60_000;

/**
 * One document that is saved, without any interface. What the server holds and what waits here are kept apart, and what
 * is shown is the one folded over the other: a lost answer, a second device or a second tab can then change what the
 * server holds at any time, and what is shown follows. "Saved" is said when nothing waits any more.
 */
export class SavedDocument<D, C> {
  readonly key: DocumentKey;
  readonly #kind: DocumentKind<D, C>;
  readonly #outbox: Outbox;
  readonly #server: DocumentServer;
  readonly #tab: string;
  readonly #onAcknowledged: (key: DocumentKey) => void;
  readonly #begins: D | null;
  readonly #listeners = new Set<() => void>();
  readonly #putting = new Map<string, Promise<void>>();
  #kept: Kept<D, C> | null;
  #waiting: Waiting<D, C>[] = [];
  #state: Shown<D, C> | null;
  #unreachable = false;
  #refusal: string | null = null;
  #sending: Promise<void> | null = null;
  #timer: ReturnType<typeof setTimeout> | undefined;
  #failures = 0;
  #closed = false;
  #broughtHere = false;

  constructor(options: SavedDocumentOptions<D, C>) {
    this.key = options.key;
    this.#kind = options.kind;
    this.#kept = options.kept;
    this.#outbox = options.outbox;
    this.#server = options.server;
    this.#tab = options.tab;
    this.#onAcknowledged = options.onAcknowledged ?? (() => {});
    this.#begins = options.begins ?? null;
    this.#state = this.#fold();
  }

  subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  /** What is shown; null for a document that is not made yet. */
  getShown = (): Shown<D, C> | null => this.#state;

  /** What is shown, of a document that is there. */
  get shown(): Shown<D, C> {
    if (this.#state === null) throw new Error(`${this.key.name} ${this.key.id} is not made yet`);
    return this.#state;
  }

  /** The wishes that wait to be acknowledged, in the order in which they are sent. */
  get waiting(): readonly Waiting<D, C>[] {
    return this.#waiting;
  }

  /** Whether it was made or brought back here: a list that is older than that does not have it yet. */
  get isBroughtHere(): boolean {
    return this.#broughtHere;
  }

  /** Whether it is only shown, and the first change makes it. */
  get isOnlyBegun(): boolean {
    return this.#begins !== null && this.#kept === null && this.#waiting.length === 0;
  }

  /** Makes a change: shown at once, kept in the outbox, sent behind. */
  do(label: string, changes: readonly C[], undoes: string | null = null): Promise<void> {
    if (changes.length === 0) return Promise.resolve();
    return this.want({ wants: 'entry', entry: { id: uuid(), label, changes, undoes } });
  }

  undo(): Promise<void> {
    const undo = this.#state?.history.undo ?? null;
    if (undo !== null) return this.do(`Undo ${undo.label}`.slice(0, 200), invertAll(this.#kind, undo.changes), undo.id);
    return this.#state?.earlier
      ? this.#loadEarlier().then((found) => (found ? this.undo() : undefined))
      : Promise.resolve();
  }

  redo(): Promise<void> {
    const redo = this.#state?.history.redo ?? null;
    if (redo === null) return Promise.resolve();
    return this.do(redo.label.replace(/^Undo /, ''), invertAll(this.#kind, redo.changes), redo.id);
  }

  /** Turns an entry round, also when others came after it: where they touched the same, the cook is asked. */
  turnRound(entry: Entry<C>): Promise<void> {
    return this.do(`Undo ${entry.label}`.slice(0, 200), invertAll(this.#kind, entry.changes), entry.id);
  }

  /** Wants something of the document. Kept when it is acknowledged, or when it waits in the outbox for that. */
  async want(wish: Wish<D, C>): Promise<void> {
    if (this.isOnlyBegun && wish.wants !== 'make') {
      if (wish.wants !== 'entry') return;
      void this.want({ wants: 'make', document: this.#begins! });
    }
    const waiting: Waiting<D, C> = {
      key: uuid(),
      document: this.key,
      base: this.#kept?.revision ?? 0,
      wish,
      tab: this.#tab,
      v: 1,
    };
    this.#waiting.push(waiting);
    if (wish.wants !== 'entry') this.#broughtHere = wish.wants !== 'remove';
    this.#refusal = null;
    this.#show();
    const put = this.#outbox.put(waiting as Waiting).catch(() => undefined);
    this.#putting.set(waiting.key, put);
    await put;
    this.#putting.delete(waiting.key);
    await this.flush();
  }

  /** Takes up what a tab that is gone has left in the outbox. */
  async takeUp(left: readonly Waiting<D, C>[]): Promise<void> {
    const known = new Set(this.#waiting.map((w) => w.key));
    const fresh = left.filter((w) => !known.has(w.key));
    if (fresh.length === 0) return;
    this.#waiting = [...this.#waiting, ...fresh.map((w) => ({ ...w, document: this.key }))].sort((a, b) =>
      a.key < b.key ? -1 : 1,
    );
    await this.#forgetStored();
    this.#show();
    await this.flush();
  }

  /** Sends what waits, one after the other, until nothing does, or it cannot be. */
  flush(): Promise<void> {
    this.#sending ??= this.#sendAll().finally(() => {
      this.#sending = null;
    });
    return this.#sending;
  }

  async #sendAll(): Promise<void> {
    clearTimeout(this.#timer);
    while (!this.#closed) {
      const next = this.#waiting[0];
      if (next === undefined || this.#conflictOf(0) !== null) break;
      // What is still being put is not settled by another tab, it is only not there yet.
      await this.#putting.get(next.key);
      if (!(await this.#outbox.has(next.key).catch(() => true))) {
        // Another tab took it up and settled it.
        this.#drop(next);
        await this.refresh();
        continue;
      }
      try {
        const kept = await this.#server.send<D, C>(next);
        this.#failures = 0;
        this.#unreachable = false;
        this.#drop(next);
        this.#accept(kept);
        await this.#outbox.remove(next.key).catch(() => undefined);
        this.#onAcknowledged(this.key);
      } catch (e) {
        if (!(await this.#failed(next, e))) break;
      }
    }
    this.#show();
  }

  /** @returns whether to go on with what waits next */
  async #failed(failed: Waiting<D, C>, e: unknown): Promise<boolean> {
    const status = e instanceof ApiError ? e.problem.status : 0;
    if (e instanceof OfflineError || status >= 500 || status === 429 || status === 401) {
      this.#unreachable = true;
      const wait = Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** this.#failures++);
      this.#timer = setTimeout(() => void this.flush(), wait * (0.5 + Math.random() / 2));
      return false;
    }
    const theirs = keptOfConflict<D, C>(this.key, e);
    if (theirs !== null) {
      this.#accept(theirs);
      // What the server holds now shows the conflict here, too; without one the wish is sent again on the newer state.
      if (this.#conflictOf(0) !== null) return false;
      if (failed.wish.wants === 'make') return this.#asQuestion(failed, failed.wish.document, theirs);
      if (this.#rebased(failed, theirs.revision)) return true;
    }
    // Refused for good: what the server has is what holds, and the cook is told why.
    this.#drop(failed);
    await this.#outbox.remove(failed.key).catch(() => undefined);
    this.#refusal = e instanceof Error ? e.message : 'The change was refused.';
    await this.refresh();
    return true;
  }

  /** Somebody else made the same: what is wanted here becomes a change of theirs, about which the cook is asked. */
  #asQuestion(failed: Waiting<D, C>, mine: D, theirs: Kept<D, C>): boolean {
    const between = (this.#kind as unknown as Partial<FieldKind<D>>).changes?.(theirs.document, mine) ?? [];
    const changes = between.map((c) => (c.kind === 'field' ? { ...c, before: undefined } : c)) as unknown as C[];
    const entry = { id: uuid(), label: 'Make', changes, undoes: null };
    this.#waiting = this.#waiting.map((w) =>
      w.key === failed.key ? { ...w, base: theirs.revision, wish: { wants: 'entry', entry } } : w,
    );
    this.#show();
    return this.#conflictOf(0) === null;
  }

  /** Says a wish of a newer state, once. */
  #rebased(failed: Waiting<D, C>, base: number): boolean {
    if (failed.base >= base) return false;
    this.#waiting = this.#waiting.map((w) => (w.key === failed.key ? { ...w, base } : w));
    return true;
  }

  #drop(gone: Waiting<D, C>): void {
    this.#waiting = this.#waiting.filter((w) => w.key !== gone.key);
  }

  /** Takes what the server says it holds; an answer that is older than what is known says nothing. */
  #accept(kept: Kept<D, C>): void {
    const had = this.#kept;
    if (had !== null && kept.revision < had.revision) return;
    const known = new Set(had?.entries.map((e) => e.id));
    const fresh = kept.entries.filter((e) => !known.has(e.id));
    // An answer tells what came since; where it begins after a gap, what was known before the gap is of no use.
    const gap = had === null || (kept.earlier && fresh.length === kept.entries.length && fresh.length > 0);
    this.#kept = gap ? kept : { ...kept, entries: [...had.entries, ...fresh], earlier: had.earlier };
    void this.#forgetStored();
    this.#show();
  }

  /**
   * Drops what waits and stands in the history already: it was acknowledged to a page that was gone by then. What others
   * made of it since is theirs, and no question.
   */
  async #forgetStored(): Promise<void> {
    const stored = new Set(this.#kept?.entries.map((e) => e.id));
    const known = this.#waiting.filter((w) => w.wish.wants === 'entry' && stored.has(w.wish.entry.id));
    for (const w of known) this.#drop(w);
    for (const w of known) await this.#outbox.remove(w.key).catch(() => undefined);
  }

  /** Takes a state that a list or an event brought; an older one says nothing. */
  hear(kept: Kept<D, C>): void {
    if (this.#kept !== null && kept.revision <= this.#kept.revision) return;
    // A list brings no history: what is known of it stays.
    this.#kept = { ...kept, entries: [...(this.#kept?.entries ?? []), ...kept.entries] };
    this.#show();
  }

  /** Asks what the server holds. Nothing is lost by it: what waits is folded over the answer. */
  async refresh(): Promise<void> {
    if (this.isOnlyBegun) return;
    const kept = await this.#server.load<D, C>(this.key).catch(() => null);
    if (kept !== null && !this.#closed) this.#accept(kept);
    if (this.#waiting.length > 0 && this.#sending === null) void this.flush();
  }

  async #loadEarlier(): Promise<boolean> {
    const kept = this.#kept;
    if (kept === null) return false;
    const [first] = kept.entries;
    if (first === undefined) return false;
    const found = await this.#server.entries<C>(this.key, first.id).catch(() => null);
    if (found === null || this.#kept !== kept) return false;
    this.#kept = { ...kept, entries: [...found.entries, ...kept.entries], earlier: found.earlier };
    this.#show();
    return found.entries.length > 0;
  }

  /** The cook's answer to a conflict: mine holds over the other copy. */
  async putMine(): Promise<void> {
    await this.#settle((entry, document) => overwrite(this.#kind, document, entry));
  }

  /** The cook's answer to a conflict: the other copy holds, and what does not fit it here is dropped. */
  async takeTheirs(): Promise<void> {
    await this.#settle(() => null);
  }

  async #settle(answer: (entry: Entry<C>, document: D) => Entry<C> | null): Promise<void> {
    const kept = this.#kept;
    if (kept === null) return;
    let { document } = kept;
    let removed = kept.removed;
    const settled: Waiting<D, C>[] = [];
    for (const w of this.#waiting) {
      const { wish } = w;
      let next: Waiting<D, C> | null = w;
      if (wish.wants === 'entry' && (removed || !rebase(this.#kind, document, wish.entry).fits)) {
        const entry = answer(wish.entry, document);
        if (entry !== null && removed) {
          settled.push({ ...w, key: keyBefore(w.key), wish: { wants: 'restore' } });
          removed = false;
        }
        next = entry === null ? null : { ...w, base: kept.revision, wish: { wants: 'entry', entry } };
      }
      if (next === null) {
        await this.#outbox.remove(w.key).catch(() => undefined);
        continue;
      }
      if (next.wish.wants === 'entry') {
        const fits = rebase(this.#kind, document, next.wish.entry);
        if (fits.fits) document = fits.document;
      }
      settled.push(next);
    }
    for (const w of settled) await this.#outbox.put(w as Waiting).catch(() => undefined);
    this.#waiting = settled;
    this.#show();
    await this.flush();
  }

  /** How the wish at a place fits what the server holds and what waits before it; null when it does. */
  #conflictOf(index: number): readonly Difference[] | null {
    return this.#over(index + 1).conflicts.get(index) ?? null;
  }

  /** What the server holds with the first so many wishes over it, in spite of conflicts, and which of them have one. */
  #over(count: number): {
    document: D | null;
    removed: boolean;
    entries: Entry<C>[];
    conflicts: Map<number, readonly Difference[]>;
  } {
    let document: D | null = this.#kept?.document ?? null;
    let removed = this.#kept?.removed ?? false;
    const entries: Entry<C>[] = [...(this.#kept?.entries ?? [])];
    const conflicts = new Map<number, readonly Difference[]>();
    for (const [i, { wish }] of this.#waiting.slice(0, count).entries()) {
      if (wish.wants === 'make') document ??= wish.document;
      else if (wish.wants === 'remove') removed = true;
      else if (wish.wants === 'restore') removed = false;
      else if (document !== null) {
        const fits = rebase(this.#kind, document as D, wish.entry);
        if (removed) conflicts.set(i, [{ what: `this ${this.#kind.name}`, here: 'changed', there: 'removed' }]);
        else if (!fits.fits) conflicts.set(i, fits.differences);
        if (fits.fits) {
          document = fits.document;
          if (fits.entry !== null) entries.push(fits.entry);
        } else {
          document = forced(this.#kind, document as D, wish.entry);
          entries.push(wish.entry);
        }
      }
    }
    return { document, removed, entries, conflicts };
  }

  #fold(): Shown<D, C> | null {
    const { document, removed, entries, conflicts } = this.#over(this.#waiting.length);
    if (document === null) return this.#begins === null ? null : asBegun(this.#begins);
    const differences = [...conflicts.values()].flat();
    return {
      document,
      removed,
      history: historyOf(entries),
      earlier: this.#kept?.earlier ?? false,
      save: this.#saveState(differences.length > 0),
      revision: this.#kept?.revision ?? 0,
      differences,
      theirs: differences.length > 0 ? (this.#kept?.document ?? null) : null,
      refusal: this.#refusal,
    };
  }

  #saveState(conflict: boolean): SaveStatus {
    if (conflict) return 'conflict';
    if (this.#waiting.length > 0) return this.#unreachable ? 'offline' : 'saving';
    return this.#refusal === null ? 'saved' : 'refused';
  }

  #show(): void {
    this.#state = this.#fold();
    for (const listener of this.#listeners) listener();
  }

  /** Forgets why the last change was refused: it was read. */
  forgetRefusal(): void {
    this.#refusal = null;
    this.#show();
  }

  /** Stops sending; what waits stays in the outbox. */
  close(): void {
    this.#closed = true;
    clearTimeout(this.#timer);
  }
}

/** How a document is shown that nobody made yet. */
const asBegun = <D, C>(document: D): Shown<D, C> => ({
  document,
  removed: false,
  history: historyOf([]),
  earlier: false,
  save: 'saved',
  revision: 0,
  differences: [],
  theirs: null,
  refusal: null,
});

/** A key that is sent just before another. */
const keyBefore = (key: string): string => `${key.slice(0, -1)}!`;

/** The document with an entry made over whatever is there: how a conflict is shown until it is settled. */
function forced<D, C>(kind: DocumentKind<D, C>, document: D, entry: Entry<C>): D {
  const over = overwrite(kind, document, entry);
  return (over?.changes ?? []).reduce((d, c) => kind.apply(d, c), document);
}
