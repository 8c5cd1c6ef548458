import { v7 as uuid } from 'uuid';
import { type VersionPage, VersionPageSchema } from '../../contract/recipe.ts';
import { VersionSchema } from '../../contract/version.ts';
import {
  applyEntry,
  type Change,
  type Entry,
  EntryConflict,
  type History,
  historyOf,
  invertChanges,
} from '../../core/recipe/entry.ts';
import { lightenedCopy } from '../../core/recipe/lightened-copy.ts';
import type { Version } from '../../core/recipe/version.ts';
import { ApiError, OfflineError, parseAnswer, request } from './api.ts';
import type { Outbox } from './outbox.ts';

export type SaveState = 'saved' | 'saving' | 'offline' | 'conflict' | 'refused';

export interface EditorState {
  readonly version: Version;
  readonly history: History;
  readonly save: SaveState;
  /** The other copy, when two devices changed the same version. */
  readonly theirs: Version | null;
  /** Why the server refused a change, in words. */
  readonly refusal: string | null;
}

/** How the editor talks to the server; a fake one stands in for tests. */
export interface EditorServer {
  load(versionId: string): Promise<VersionPage>;
  append(versionId: string, revision: number, entry: Entry): Promise<Version>;
}

export const httpServer: EditorServer = {
  load: async (id) => parseAnswer(VersionPageSchema, await request('GET', `/versions/${id}`)),
  append: async (id, revision, entry) =>
    parseAnswer(
      VersionSchema,
      await request('POST', `/versions/${id}/entries`, entry, { 'If-Match': `"${revision}"` }),
    ),
};

const RETRY_MS = 3000;

/**
 * One version under the cook's hands, without any interface: a change shows at once, waits in the outbox, and is
 * "saved" only when the server acknowledged it.
 */
export class VersionEditor {
  private state: EditorState;
  private entries: Entry[];
  /** The server's revision. */
  private base: number;
  private pending: Entry[] = [];
  private sending = false;
  private timer: ReturnType<typeof setTimeout> | null = null;
  private readonly listeners = new Set<() => void>();

  constructor(
    page: VersionPage,
    private readonly outbox: Outbox,
    private readonly server: EditorServer = httpServer,
  ) {
    this.base = page.version.revision;
    this.entries = [...page.entries];
    this.state = {
      version: page.version,
      history: historyOf(this.entries),
      save: 'saved',
      theirs: null,
      refusal: null,
    };
  }

  /** Puts back what a closed page left unsent. */
  async resume(): Promise<void> {
    const left = (await this.outbox.load(this.state.version.id)).filter(
      (e) => !this.entries.some((x) => x.id === e.id),
    );
    let version = this.state.version;
    const kept: Entry[] = [];
    for (const entry of left) {
      try {
        version = applyEntry(version, entry);
        kept.push(entry);
      } catch (e) {
        if (!(e instanceof EntryConflict)) throw e;
      }
    }
    if (kept.length === 0) return;
    this.pending.push(...kept);
    this.entries.push(...kept);
    this.set({ version, history: historyOf(this.entries), save: 'saving' });
    void this.flush();
  }

  getState = (): EditorState => this.state;
  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  private set(change: Partial<EditorState>): void {
    this.state = { ...this.state, ...change };
    for (const l of this.listeners) l();
  }

  /** Makes a change: shown at once, sent behind. */
  do(label: string, changes: readonly Change[], undoes: string | null = null): void {
    if (changes.length === 0 || this.state.save === 'conflict') return;
    const entry: Entry = { id: uuid(), label, changes, undoes };
    this.entries.push(entry);
    this.pending.push(entry);
    this.set({
      version: applyEntry(this.state.version, entry),
      history: historyOf(this.entries),
      save: this.state.save === 'offline' ? 'offline' : 'saving',
      refusal: null,
    });
    void this.outbox.save(this.state.version.id, this.pending);
    void this.flush();
  }

  undo(): void {
    const { undo } = this.state.history;
    if (undo) this.do(`Undo ${undo.label}`, invertChanges(undo.changes), undo.id);
  }

  redo(): void {
    const { redo } = this.state.history;
    if (redo) this.do(redo.label.replace(/^Undo /, ''), invertChanges(redo.changes), redo.id);
  }

  /** Sends what waits, one after the other. */
  async flush(): Promise<void> {
    if (this.sending || this.state.save === 'conflict') return;
    this.sending = true;
    if (this.timer) clearTimeout(this.timer);
    this.timer = null;
    try {
      while (this.pending.length > 0) {
        const entry = this.pending[0]!;
        const acknowledged = await this.server.append(this.state.version.id, this.base, entry);
        this.base = acknowledged.revision;
        this.pending.shift();
        await this.outbox.save(this.state.version.id, this.pending);
      }
      this.set({ save: 'saved' });
    } catch (e) {
      await this.failed(e);
    } finally {
      this.sending = false;
    }
  }

  private async failed(e: unknown): Promise<void> {
    if (e instanceof OfflineError || (e instanceof ApiError && e.problem.status >= 500)) {
      this.set({ save: 'offline' });
      this.timer = setTimeout(() => void this.flush(), RETRY_MS);
      return;
    }
    if (e instanceof ApiError && (e.problem.status === 412 || e.problem.status === 409)) {
      const page = await this.server.load(this.state.version.id).catch(() => null);
      this.set({ save: 'conflict', theirs: page?.version ?? null });
      return;
    }
    // Refused for good: what the server has is what holds, and the cook is told why.
    const page = await this.server.load(this.state.version.id).catch(() => null);
    this.pending = [];
    await this.outbox.save(this.state.version.id, []);
    if (page) this.takeOver(page);
    this.set({ save: 'refused', refusal: e instanceof Error ? e.message : 'The change was refused.' });
  }

  /** Takes up what another device did in the meantime, when nothing waits here. */
  async refresh(): Promise<void> {
    if (this.pending.length > 0 || this.sending || this.state.save === 'conflict') return;
    const page = await this.server.load(this.state.version.id).catch(() => null);
    if (page && this.pending.length === 0 && page.version.revision > this.base) this.takeOver(page);
  }

  private takeOver(page: VersionPage): void {
    this.base = page.version.revision;
    this.entries = [...page.entries];
    this.set({ version: page.version, history: historyOf(this.entries), theirs: null });
  }

  /** After a conflict: drops what is here and takes the other copy. */
  async takeTheirs(): Promise<void> {
    const page = await this.server.load(this.state.version.id);
    this.pending = [];
    await this.outbox.save(this.state.version.id, []);
    this.takeOver(page);
    this.set({ save: 'saved' });
  }

  /** After a conflict: my copy as a new version, to be kept beside theirs. */
  copyOfMine(): Version {
    return lightenedCopy(this.state.version, `${this.state.version.name}, my copy`, () => uuid());
  }
}
