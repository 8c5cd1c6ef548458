import { describe, expect, it } from 'vitest';
import { testVersion } from '../../../tests/support/test-version.ts';
import { applyEntry, type Entry, lineChange } from '../../core/recipe/entry.ts';
import type { Version } from '../../core/recipe/version.ts';
import { ApiError, OfflineError } from './api.ts';
import type { Outbox } from './outbox.ts';
import { type EditorServer, VersionEditor } from './version-editor.ts';

/** A server in memory, which can be unreachable, changed by someone else, or refuse. */
class FakeServer implements EditorServer {
  version: Version = testVersion(['a', 'b']);
  entries: Entry[] = [];
  offline = false;
  refuse = false;
  load = async () => ({ version: this.version, entries: this.entries });
  append = async (_id: string, revision: number, entry: Entry): Promise<Version> => {
    if (this.offline) throw new OfflineError();
    if (this.refuse) throw new ApiError({ type: 'about:blank', title: 'No.', status: 422, detail: 'It cannot be.' });
    if (revision !== this.version.revision) throw new ApiError({ type: 'about:blank', title: 'Changed.', status: 412 });
    this.version = applyEntry(this.version, entry);
    this.entries.push(entry);
    return this.version;
  };
}

class FakeOutbox implements Outbox {
  kept = new Map<string, Entry[]>();
  load = async (id: string) => this.kept.get(id) ?? [];
  save = async (id: string, entries: readonly Entry[]) => void this.kept.set(id, [...entries]);
}

const setUp = async () => {
  const server = new FakeServer();
  const outbox = new FakeOutbox();
  const editor = new VersionEditor(await server.load(), outbox, server);
  const settle = async () => {
    for (let i = 0; i < 20; i++) await Promise.resolve();
    await new Promise((r) => setTimeout(r, 5));
  };
  const keep = (id: string) => {
    const { version } = editor.getState();
    const line = version.lines.find((l) => l.id === id)!;
    editor.do(`Keep ${id}`, [lineChange(version, id, { ...line, kept: !line.kept })]);
  };
  const kept = (v: Version) => v.lines.filter((l) => l.kept).map((l) => l.id);
  return { server, outbox, editor, settle, keep, kept };
};

describe('a version under the cook’s hands', () => {
  it('shows a change at once and says saved only when it is acknowledged', async () => {
    const { server, editor, settle, keep, kept } = await setUp();
    const seen: string[] = [];
    editor.subscribe(() => seen.push(editor.getState().save));
    keep('a');
    expect(kept(editor.getState().version)).toEqual(['a']);
    expect(editor.getState().save).toBe('saving');
    await settle();
    expect(editor.getState().save).toBe('saved');
    expect(seen).toEqual(['saving', 'saved']);
    expect(kept(server.version)).toEqual(['a']);
  });
  it('undoes and redoes over the server', async () => {
    const { server, editor, settle, keep, kept } = await setUp();
    keep('a');
    keep('b');
    editor.undo();
    await settle();
    expect(kept(server.version)).toEqual(['a']);
    editor.redo();
    await settle();
    expect(kept(server.version)).toEqual(['a', 'b']);
    editor.undo();
    editor.undo();
    editor.undo();
    await settle();
    expect(kept(server.version)).toEqual([]);
    expect(editor.getState().history.undo).toBeNull();
    expect(server.version.revision).toBe(server.entries.length);
  });
  it('keeps changes while the server is away, and sends them in order when it is back', async () => {
    const { server, outbox, editor, settle, keep, kept } = await setUp();
    server.offline = true;
    keep('a');
    await settle();
    expect(editor.getState().save).toBe('offline');
    keep('b');
    await settle();
    expect(outbox.kept.get('v1')).toHaveLength(2);
    server.offline = false;
    await editor.flush();
    await settle();
    expect(editor.getState().save).toBe('saved');
    expect(kept(server.version)).toEqual(['a', 'b']);
    expect(outbox.kept.get('v1')).toEqual([]);
  });
  it('takes up what a closed page left unsent', async () => {
    const { server, outbox, editor, settle, keep, kept } = await setUp();
    server.offline = true;
    keep('a');
    await settle();
    server.offline = false;
    const again = new VersionEditor(await server.load(), outbox, server);
    await again.resume();
    await settle();
    expect(kept(again.getState().version)).toEqual(['a']);
    expect(kept(server.version)).toEqual(['a']);
    expect(editor.getState().save).toBe('offline');
  });
  it('offers both copies when someone else changed it', async () => {
    const { server, editor, settle, keep, kept } = await setUp();
    const theirs = {
      id: 'other',
      label: 'theirs',
      undoes: null,
      changes: [{ kind: 'servings' as const, before: 4, after: 9 }],
    };
    server.version = applyEntry(server.version, theirs);
    server.entries.push(theirs);
    keep('a');
    await settle();
    expect(editor.getState()).toMatchObject({ save: 'conflict', theirs: { servings: 9 } });
    expect(kept(editor.getState().version)).toEqual(['a']);
    const mine = editor.copyOfMine();
    expect(mine).toMatchObject({ kind: 'lightened', parentId: 'v1', name: 'as written, my copy' });
    expect(kept({ ...mine, lines: mine.lines.map((l) => ({ ...l, id: l.originLineId })) })).toEqual(['a']);
    await editor.takeTheirs();
    expect(editor.getState()).toMatchObject({ save: 'saved', version: { servings: 9 } });
    keep('b');
    await settle();
    expect(kept(server.version)).toEqual(['b']);
  });
  it('takes up what another device did when it is looked at again', async () => {
    const { server, editor, settle, keep } = await setUp();
    const theirs = {
      id: 'other',
      label: 'theirs',
      undoes: null,
      changes: [{ kind: 'servings' as const, before: 4, after: 9 }],
    };
    server.version = applyEntry(server.version, theirs);
    server.entries.push(theirs);
    await editor.refresh();
    expect(editor.getState()).toMatchObject({ save: 'saved', version: { servings: 9 } });
    keep('a');
    await settle();
    expect(editor.getState().save).toBe('saved');
  });
  it('goes back to what the server has when a change is refused for good, and says why', async () => {
    const { server, editor, settle, keep, kept } = await setUp();
    server.refuse = true;
    keep('a');
    await settle();
    expect(editor.getState()).toMatchObject({ save: 'refused', refusal: 'No. It cannot be.' });
    expect(kept(editor.getState().version)).toEqual([]);
  });
});
