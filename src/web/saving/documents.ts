import { v7 as uuid } from 'uuid';
import { type ChangeOf, DOCUMENTS, type DocumentOf } from '../../contract/documents.ts';
import type { ChangeNote } from '../../contract/entry.ts';
import type { DocumentName } from '../../core/documents/document-names.ts';
import type { DocumentKind } from '../../core/history/document-kind.ts';
import { ApiError } from '../data/api.ts';
import { type DocumentServer, documentServer, type Kept } from './document-server.ts';
import { browserOutbox, type Outbox, waitingFor } from './outbox.ts';
import { SavedDocument } from './saved-document.ts';
import { aliveTabs, answerAsAlive } from './tabs.ts';
import type { DocumentKey, Waiting } from './wish.ts';

/** A document whatever its kind. */
// biome-ignore lint/suspicious/noExplicitAny: documents of all kinds side by side, each checked by its own spec
export type AnyDocument = SavedDocument<any, any>;
export type Saved<N extends DocumentName> = SavedDocument<DocumentOf<N>, ChangeOf<N>>;

const keyText = (k: DocumentKey): string => `${k.householdId}/${k.name}/${k.id}`;

/**
 * The documents that this page has open or has something waiting for. They live as long as the page, so that moving
 * between stations loses neither history nor what waits.
 */
export class Documents {
  readonly #open = new Map<string, AnyDocument>();
  readonly #loading = new Map<string, Promise<AnyDocument>>();
  readonly #listeners = new Set<() => void>();
  readonly #tab = uuid();
  #changes = 0;

  constructor(
    private readonly outbox: Outbox,
    private readonly server: DocumentServer,
    /** Told whenever the server acknowledged something: lists that show it are read anew. */
    private readonly onAcknowledged: (key: DocumentKey) => void,
  ) {}

  /** Listens to every open document at once. */
  subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  /** A number that grows with every change of any open document. */
  getChanges = (): number => this.#changes;

  /** The document when it is open here. */
  peek<N extends DocumentName>(key: DocumentKey & { readonly name: N }): Saved<N> | undefined {
    return this.#open.get(keyText(key)) as Saved<N> | undefined;
  }

  /** The open documents of a household. */
  of(householdId: string): AnyDocument[] {
    return [...this.#open.values()].filter((d) => d.key.householdId === householdId);
  }

  /** A document that a list has brought already, or that is made here. */
  hold<N extends DocumentName>(
    key: DocumentKey & { readonly name: N },
    kept: Kept<DocumentOf<N>, ChangeOf<N>> | null,
    begins: DocumentOf<N> | null = null,
  ): Saved<N> {
    const known = this.peek(key);
    if (known) {
      if (kept !== null) known.hear(kept);
      return known;
    }
    const kind = DOCUMENTS[key.name].kind as unknown as DocumentKind<DocumentOf<N>, ChangeOf<N>>;
    const document: Saved<N> = new SavedDocument({
      key,
      kind,
      kept,
      begins,
      outbox: this.outbox,
      server: this.server,
      tab: this.#tab,
      onAcknowledged: this.onAcknowledged,
    });
    document.subscribe(() => {
      this.#changes++;
      for (const listener of this.#listeners) listener();
    });
    this.#open.set(keyText(key), document);
    return document;
  }

  /** A document that is shown and not made: looking saves nothing, the first change does. */
  begin<N extends DocumentName>(key: DocumentKey & { readonly name: N }, document: DocumentOf<N>): Saved<N> {
    return this.hold(key, null, document);
  }

  /**
   * Opens a document.
   *
   * @param begins what is begun where the server knows none of this id; null to fail then
   * @throws ApiError, OfflineError when it cannot be loaded
   */
  load<N extends DocumentName>(
    key: DocumentKey & { readonly name: N },
    begins: DocumentOf<N> | null = null,
  ): Promise<Saved<N>> {
    const known = this.peek(key);
    if (known?.getShown()) return Promise.resolve(known);
    const text = keyText(key);
    let loading = this.#loading.get(text);
    if (!loading) {
      loading = this.server
        .load<DocumentOf<N>, ChangeOf<N>>(key)
        .then(
          (kept) => this.hold(key, kept),
          (error) => {
            if (begins !== null && error instanceof ApiError && error.problem.status === 404) {
              return this.begin(key, begins);
            }
            throw error;
          },
        )
        .finally(() => this.#loading.delete(text));
      this.#loading.set(text, loading);
    }
    return loading as Promise<Saved<N>>;
  }

  /** Takes up what closed tabs have left unsent in a household, and sends it: also of what is not looked at. */
  async resume(householdId: string): Promise<void> {
    answerAsAlive(this.#tab);
    const alive = await aliveTabs(this.#tab);
    const left = (await this.outbox.adopt(this.#tab, alive)).filter(
      (w) => w.document.householdId === householdId || w.document.householdId === '',
    );
    const keys = new Map(left.map((w) => [keyText({ ...w.document, householdId }), { ...w.document, householdId }]));
    for (const key of keys.values()) {
      const own = waitingFor(left, key) as Waiting<never, never>[];
      const makes = own.some((w) => w.wish.wants === 'make');
      const document = makes ? this.hold(key, null) : await this.load(key).catch(() => null);
      await (document as AnyDocument | null)?.takeUp(own);
    }
  }

  /** Something has a new state: what is open here follows. @returns the notes that said something new */
  hear(householdId: string, notes: readonly ChangeNote[]): ChangeNote[] {
    return notes.filter((note) => {
      if (!(note.kind in DOCUMENTS)) return true;
      const open = this.peek({ householdId, name: note.kind as DocumentName, id: note.id });
      const shown = open?.getShown();
      if (!open || !shown) return true;
      if (shown.revision >= note.revision) return false;
      void open.refresh();
      return true;
    });
  }

  /** Sends everything that waits: the connection is back. */
  flushAll(): void {
    for (const d of this.#open.values()) if (d.waiting.length > 0) void d.flush();
  }

  /** Looks at everything that is open: this page was away. */
  refreshAll(): void {
    for (const d of this.#open.values()) if (d.getShown()) void d.refresh();
  }

  /** Whether leaving now leaves something behind that waits. */
  get isUnsettled(): boolean {
    return [...this.#open.values()].some((d) => d.waiting.length > 0);
  }
}

/** Makes the documents of this page. */
export const documentsOver = (onAcknowledged: (key: DocumentKey) => void): Documents =>
  new Documents(browserOutbox(), documentServer(), onAcknowledged);
