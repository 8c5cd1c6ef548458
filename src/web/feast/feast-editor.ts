import { FeastSchema } from '../../contract/feast.ts';
import type { Feast } from '../../core/feast/feast.ts';
import { ApiError, parseAnswer, request } from '../data/api.ts';

export type FeastSave = 'saved' | 'saving' | 'failed' | 'conflict';

export interface FeastState {
  readonly feast: Feast;
  readonly save: FeastSave;
  /** Why it is not saved, in words. */
  readonly words: string | null;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
}

/** How a feast reaches the server; a fake one stands in for tests. */
export interface FeastServer {
  /** Puts a feast in place of the one at this revision. */
  put(feast: Feast, revision: number): Promise<Feast>;
  load(): Promise<Feast>;
}

export const feastServer = (household: string, id: string): FeastServer => ({
  put: async (feast, revision) =>
    parseAnswer(
      FeastSchema,
      await request('PUT', `/households/${household}/feasts/${id}`, feast, { 'If-Match': `"${revision}"` }),
    ),
  load: async () =>
    parseAnswer(FeastSchema, (await request<{ feast: unknown }>('GET', `/households/${household}/feasts/${id}`)).feast),
});

/** One feast under the cook's hands: a change shows at once, and is "saved" when the server acknowledged it. */
export class FeastEditor {
  private state: FeastState;
  private base: number;
  private before: Feast[] = [];
  private behind: Feast[] = [];
  private sending = false;
  private readonly listeners = new Set<() => void>();

  constructor(
    feast: Feast,
    private readonly server: FeastServer,
  ) {
    this.base = feast.revision;
    this.state = { feast, save: 'saved', words: null, canUndo: false, canRedo: false };
  }

  getState = (): FeastState => this.state;
  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  private set(change: Partial<FeastState>): void {
    this.state = {
      ...this.state,
      ...change,
      canUndo: this.before.length > 0,
      canRedo: this.behind.length > 0,
    };
    for (const l of this.listeners) l();
  }

  /** Makes a change: shown at once, sent behind. */
  change(change: Partial<Omit<Feast, 'id' | 'revision'>>): Promise<void> {
    this.before.push(this.state.feast);
    this.behind = [];
    return this.show({ ...this.state.feast, ...change });
  }

  undo(): Promise<void> {
    const feast = this.before.pop();
    if (feast === undefined) return Promise.resolve();
    this.behind.push(this.state.feast);
    return this.show(feast);
  }

  redo(): Promise<void> {
    const feast = this.behind.pop();
    if (feast === undefined) return Promise.resolve();
    this.before.push(this.state.feast);
    return this.show(feast);
  }

  /**
   * Turns the last change round for good, when nothing was changed since `made`: what it had made can be thrown away
   * then, for no redo comes back to it. Says whether it did.
   */
  async takeBack(made: Feast): Promise<boolean> {
    const feast = this.state.feast === made ? this.before.pop() : undefined;
    if (feast === undefined) return false;
    this.behind = [];
    await this.show(feast);
    return this.state.save === 'saved';
  }

  private show(feast: Feast): Promise<void> {
    this.set({ feast, save: this.state.save === 'conflict' ? 'conflict' : 'saving' });
    return this.flush();
  }

  /** Sends what is shown, until the server has it. */
  async flush(): Promise<void> {
    if (this.sending || this.state.save === 'conflict') return;
    this.sending = true;
    try {
      for (;;) {
        const { feast } = this.state;
        this.base = (await this.server.put(feast, this.base)).revision;
        if (this.state.feast === feast) break;
      }
      this.set({ save: 'saved', words: null });
    } catch (e) {
      const words = e instanceof Error ? e.message : 'It could not be saved.';
      this.set({ save: e instanceof ApiError && e.problem.status === 412 ? 'conflict' : 'failed', words });
    } finally {
      this.sending = false;
    }
  }

  /** After a conflict: what another device did holds; what was here can be had back by undo. */
  async takeTheirs(): Promise<void> {
    const theirs = await this.server.load();
    this.before.push(this.state.feast);
    this.base = theirs.revision;
    this.set({ feast: theirs, save: 'saved', words: null });
  }

  /** After a conflict: what is here holds. */
  async putMine(): Promise<void> {
    this.base = (await this.server.load()).revision;
    this.set({ save: 'saving' });
    await this.flush();
  }
}
