import { afterEach, describe, expect, it, vi } from 'vitest';
import { testVersion } from '../../../tests/support/test-version.ts';
import { PIN_KIND } from '../../core/documents/document-kinds.ts';
import { HISTORY_TAIL } from '../../core/history/history.ts';
import { rebase } from '../../core/history/rebase.ts';
import { type Change, lineChange, VERSION_KIND, type VersionEntry } from '../../core/version/entry.ts';
import type { Version } from '../../core/version/version.ts';
import { ApiError, OfflineError } from '../data/api.ts';
import type { DocumentServer, Kept } from './document-server.ts';
import type { Outbox } from './outbox.ts';
import { SavedDocument } from './saved-document.ts';
import type { DocumentKey, Waiting } from './wish.ts';

const key: DocumentKey = { householdId: 'home', name: 'versions', id: 'version-1' };
type VersionWish = Waiting<Version, Change>;

/** A server in memory, which can be away, slow, lose answers, refuse, or be changed by someone else. */
class FakeServer {
  version: Version = testVersion(['line-a', 'line-b'], { id: 'version-1', recipeId: 'recipe-1' });
  entries: VersionEntry[] = [];
  removed = false;
  away = false;
  refuse = false;
  loseAnswers = 0;
  sent = 0;
  hold: Promise<void> | null = null;
  kept = (tail = HISTORY_TAIL): Kept<Version, Change> => ({
    document: this.version,
    revision: this.version.revision,
    removed: this.removed,
    entries: this.entries.slice(-tail),
    earlier: this.entries.length > tail,
  });
  change(...changes: Change[]): void {
    const entry: VersionEntry = { id: `other-${this.entries.length}`, label: 'theirs', undoes: null, changes };
    this.take(entry);
  }
  take(entry: VersionEntry): void {
    const rebased = rebase(VERSION_KIND, this.version, entry);
    if (!rebased.fits) throw this.conflict(rebased.differences);
    if (rebased.entry === null) return;
    this.version = { ...rebased.document, revision: this.version.revision + 1 };
    this.entries.push(rebased.entry);
  }
  conflict = (differences: readonly { what: string; here: string; there: string }[]) =>
    new ApiError({
      type: 'x',
      title: 'Changed.',
      status: 409,
      kept: JSON.parse(JSON.stringify(this.kept())),
      differences,
    });
  readonly server: DocumentServer = {
    load: async () => {
      if (this.away) throw new OfflineError();
      const kept = this.kept();
      await this.hold;
      return kept as never;
    },
    entries: async (_key, before) => {
      const at = this.entries.findIndex((e) => e.id === before);
      return { entries: this.entries.slice(0, at) as never, earlier: false };
    },
    send: async (waiting) => {
      this.sent++;
      if (this.away) throw new OfflineError();
      if (this.refuse) throw new ApiError({ type: 'x', title: 'No.', status: 422, detail: 'It cannot be.' });
      const { wish } = waiting as unknown as VersionWish;
      if (wish.wants === 'entry' && !this.entries.some((e) => e.id === wish.entry.id)) {
        if (this.removed) throw this.conflict([{ what: 'this version', here: 'changed', there: 'removed' }]);
        this.take(wish.entry);
      }
      if (wish.wants === 'remove') this.removed = true;
      if (wish.wants === 'restore') this.removed = false;
      const kept = this.kept();
      await this.hold;
      if (this.loseAnswers-- > 0) throw new OfflineError();
      return kept as never;
    },
  };
}

class MemoryOutbox implements Outbox {
  readonly kept = new Map<string, Waiting>();
  put = async (w: Waiting) => void this.kept.set(w.key, w);
  remove = async (k: string) => void this.kept.delete(k);
  has = async (k: string) => this.kept.has(k);
  all = async () => [...this.kept.values()];
  adopt = async () => [...this.kept.values()];
}

const setUp = () => {
  const fake = new FakeServer();
  const outbox = new MemoryOutbox();
  const open = (tab: string) =>
    new SavedDocument<Version, Change>({
      key,
      kind: VERSION_KIND,
      kept: fake.kept(),
      outbox,
      server: fake.server,
      tab,
    });
  const editor = open('tab-1');
  const keep = (id: string, document = editor) => {
    const version = document.shown.document;
    const line = version.lines.find((l) => l.id === id)!;
    return document.do(`Keep ${id}`, [lineChange(version, id, { ...line, kept: !line.kept })]);
  };
  const kept = (v: Version) => v.lines.filter((l) => l.kept).map((l) => l.id);
  return { fake, outbox, open, editor, keep, kept };
};
const servings = (before: number | null, after: number | null): Change => ({ kind: 'servings', before, after });
afterEach(() => {
  vi.useRealTimers();
  vi.restoreAllMocks();
});

describe('a document that is only begun', () => {
  const begun = () => {
    const { fake, outbox } = setUp();
    const begins = { ...fake.version, revision: 0 };
    const made: string[] = [];
    const server: DocumentServer = {
      ...fake.server,
      send: async (w) => {
        made.push(w.wish.wants);
        return fake.server.send(w);
      },
      load: async () => {
        throw new Error('nobody made it');
      },
    };
    const document = new SavedDocument<Version, Change>({
      key,
      kind: VERSION_KIND,
      kept: null,
      begins,
      outbox,
      server,
      tab: 'tab-1',
    });
    return { fake, outbox, document, made };
  };
  it('is shown, and neither looked for nor saved by looking', async () => {
    const { document, made, outbox } = begun();
    expect(document.shown.document.lines).toHaveLength(2);
    expect(document.shown.save).toBe('saved');
    await document.refresh();
    await document.want({ wants: 'remove' });
    expect(made).toEqual([]);
    expect(outbox.kept.size).toBe(0);
  });
  it('is made by its first change, and the change is one of its history', async () => {
    const { document, made, fake } = begun();
    await document.do('Serve 3', [servings(4, 3)]);
    expect(made).toEqual(['make', 'entry']);
    expect(fake.version.servings).toBe(3);
    expect(document.shown.history.undo?.label).toBe('Serve 3');
    expect(document.isOnlyBegun).toBe(false);
    await document.undo();
    expect(made).toEqual(['make', 'entry', 'entry']);
    expect(fake.version.servings).toBe(4);
  });
  it('keeps both wishes where the outbox is slower than the server', async () => {
    const { document, outbox, made, fake } = begun();
    const { put } = outbox;
    let waits = 0;
    outbox.put = async (w) => {
      await new Promise((done) => setTimeout(done, 15 * waits++));
      await put(w);
    };
    await document.do('Serve 3', [servings(4, 3)]);
    expect(made).toEqual(['make', 'entry']);
    expect(fake.version.servings).toBe(3);
  });
});

describe('a document under the cook’s hands', () => {
  it('shows a change at once and says saved only when it is acknowledged', async () => {
    const { fake, editor, keep, kept } = setUp();
    const seen: string[] = [];
    editor.subscribe(() => seen.push(editor.shown.save));
    const done = keep('line-a');
    expect(kept(editor.shown.document)).toEqual(['line-a']);
    expect(editor.shown.save).toBe('saving');
    await done;
    expect(editor.shown.save).toBe('saved');
    expect([...new Set(seen)]).toEqual(['saving', 'saved']);
    expect(kept(fake.version)).toEqual(['line-a']);
  });
  it('undoes and redoes over the server, beyond the tail that it was sent', async () => {
    const { fake, open, keep, kept } = setUp();
    for (let i = 0; i < HISTORY_TAIL + 5; i++) fake.change(servings(fake.version.servings, 1 + i));
    const editor = open('tab-2');
    await keep('line-a', editor);
    for (let i = 0; i < HISTORY_TAIL + 6; i++) await editor.undo();
    expect(fake.version.servings).toBe(4);
    expect(kept(fake.version)).toEqual([]);
    expect(editor.shown.history.undo).toBeNull();
    await editor.redo();
    expect(fake.version.servings).toBe(1);
  });
  it('keeps changes while the server is away, waits longer each time, and sends them in order when it is back', async () => {
    vi.useFakeTimers();
    // The jitter is left to chance, and this test is not.
    vi.spyOn(Math, 'random').mockReturnValue(0.5);
    const { fake, outbox, editor, keep, kept } = setUp();
    fake.away = true;
    await keep('line-a');
    expect(editor.shown.save).toBe('offline');
    await keep('line-b');
    expect(outbox.kept.size).toBe(2);
    const tries = async (ms: number) => {
      const before = fake.sent;
      await vi.advanceTimersByTimeAsync(ms);
      return fake.sent - before;
    };
    const [early, late] = [await tries(10_000), await tries(10_000)];
    expect(early).toBeGreaterThan(late);
    fake.away = false;
    await vi.advanceTimersByTimeAsync(60_000);
    expect(editor.shown.save).toBe('saved');
    expect(kept(fake.version)).toEqual(['line-a', 'line-b']);
    expect(outbox.kept.size).toBe(0);
  });
  it('takes a lost answer for no second change, and shows what another device did in between', async () => {
    const { fake, editor, keep, kept } = setUp();
    fake.loseAnswers = 1;
    await keep('line-a');
    expect(editor.shown.save).toBe('offline');
    fake.change(servings(4, 9));
    await editor.flush();
    expect(editor.shown).toMatchObject({ save: 'saved', document: { servings: 9 }, revision: 2 });
    expect(kept(editor.shown.document)).toEqual(['line-a']);
    // The next change is made on what is there, and overwrites nothing.
    await editor.do('Servings', [servings(9, 5)]);
    expect(fake.version.servings).toBe(5);
    expect(fake.entries).toHaveLength(3);
  });
  it('drops an answer that is older than what it knows', async () => {
    const { fake, editor } = setUp();
    let release = (): void => {};
    fake.hold = new Promise((resolve) => {
      release = resolve;
    });
    const slow = editor.refresh();
    fake.hold = null;
    fake.change(servings(4, 9));
    await editor.refresh();
    expect(editor.shown.document.servings).toBe(9);
    release();
    await slow;
    expect(editor.shown).toMatchObject({ document: { servings: 9 }, revision: 1 });
  });
  it('asks when somebody else changed the same, and says what differs; mine or theirs holds then', async () => {
    for (const mine of [true, false]) {
      const { fake, editor, keep, kept, outbox } = setUp();
      fake.change(servings(4, 9));
      await editor.do('Servings', [servings(4, 6)]);
      await keep('line-a');
      expect(editor.shown).toMatchObject({ save: 'conflict', document: { servings: 6 }, theirs: { servings: 9 } });
      expect(editor.shown.differences).toEqual([{ what: 'servings', here: '6', there: '9' }]);
      expect(fake.version.servings).toBe(9);
      await (mine ? editor.putMine() : editor.takeTheirs());
      expect(editor.shown.save).toBe('saved');
      expect(fake.version.servings).toBe(mine ? 6 : 9);
      // What did not touch theirs is sent either way.
      expect(kept(fake.version)).toEqual(['line-a']);
      expect(outbox.kept.size).toBe(0);
    }
  });
  it('comes back into the question after the page was loaded again', async () => {
    const { fake, editor, outbox, open } = setUp();
    fake.away = true;
    await editor.do('Servings', [servings(4, 6)]);
    editor.close();
    fake.away = false;
    fake.change(servings(4, 9));
    const again = open('tab-2');
    await again.takeUp((await outbox.adopt()) as unknown as VersionWish[]);
    expect(again.shown.save).toBe('conflict');
    expect(fake.version.servings).toBe(9);
  });
  it('asks nothing about what was acknowledged to a page that was gone by then', async () => {
    const { fake, editor, outbox, open } = setUp();
    fake.loseAnswers = 1;
    await editor.do('Servings', [servings(4, 7)]);
    editor.close();
    // The seven was stored; nobody heard of it, and the laptop goes on from there.
    fake.change(servings(7, 9));
    const again = open('tab-2');
    await again.takeUp((await outbox.adopt()) as unknown as VersionWish[]);
    expect(again.shown).toMatchObject({ save: 'saved', document: { servings: 9 } });
    expect(again.waiting).toEqual([]);
    expect(outbox.kept.size).toBe(0);
    expect(fake.entries).toHaveLength(2);
  });
  it('does not send what another tab has settled', async () => {
    const { fake, editor, outbox } = setUp();
    fake.away = true;
    await editor.do('Servings', [servings(4, 6)]);
    outbox.kept.clear();
    fake.away = false;
    await editor.flush();
    expect(fake.version.servings).toBe(4);
    expect(editor.shown).toMatchObject({ save: 'saved', document: { servings: 4 } });
  });
  it('goes back to what the server has when a change is refused for good, and says why', async () => {
    const { fake, editor, keep, kept } = setUp();
    fake.refuse = true;
    await keep('line-a');
    expect(editor.shown).toMatchObject({ save: 'refused', refusal: 'No. It cannot be.' });
    expect(kept(editor.shown.document)).toEqual([]);
    editor.forgetRefusal();
    expect(editor.shown.save).toBe('saved');
  });
  it('asks before it changes what was removed elsewhere, and brings it back when mine holds', async () => {
    const { fake, editor, keep, kept } = setUp();
    fake.removed = true;
    await keep('line-a');
    expect(editor.shown.differences).toEqual([{ what: 'this version', here: 'changed', there: 'removed' }]);
    await editor.putMine();
    expect(fake.removed).toBe(false);
    expect(kept(fake.version)).toEqual(['line-a']);
    await editor.want({ wants: 'remove' });
    expect(editor.shown.removed).toBe(true);
    await editor.want({ wants: 'restore' });
    expect(fake.removed).toBe(false);
  });
});

describe('something that two devices make at once', () => {
  it('is a question and not two, nor one of them in silence', async () => {
    const theirs = {
      foodId: 'butter',
      programId: 'program-ledger',
      points: 3,
      grams: 30,
      saidOn: null,
      source: '',
      foodRevision: null,
    };
    const id = 'butter~program-ledger';
    const there: Kept<typeof theirs, never> = {
      document: theirs,
      revision: 1,
      removed: false,
      entries: [],
      earlier: false,
    };
    const sent: Waiting[] = [];
    const server: DocumentServer = {
      load: async () => there as never,
      entries: async () => ({ entries: [], earlier: false }),
      send: async (w) => {
        sent.push(w as Waiting);
        if (w.wish.wants === 'make')
          throw new ApiError({ type: 'x', title: 'Changed.', status: 409, kept: JSON.parse(JSON.stringify(there)) });
        return { ...there, document: { ...theirs, points: 5 }, revision: 2 } as never;
      },
    };
    const pin = new SavedDocument({
      key: { householdId: 'home', name: 'pins', id },
      kind: PIN_KIND,
      kept: null,
      outbox: new MemoryOutbox(),
      server,
      tab: 'tab-1',
    });
    await pin.want({ wants: 'make', document: { ...theirs, points: 5 } });
    expect(pin.shown).toMatchObject({ save: 'conflict', differences: [{ what: 'points', here: '5', there: '3' }] });
    await pin.putMine();
    expect(pin.shown).toMatchObject({ save: 'saved', document: { points: 5 } });
    expect(sent.map((w) => w.wish.wants)).toEqual(['make', 'entry']);
  });
});
