import { describe, expect, it } from 'vitest';
import type { Feast } from '../../core/feast/feast.ts';
import { ApiError, OfflineError } from '../data/api.ts';
import { FeastEditor, type FeastServer } from './feast-editor.ts';

const feast: Feast = { id: 'feast', name: 'Supper', day: null, people: 4, dishes: [], targets: {}, revision: 3 };

/** A server that holds one feast, and refuses as the real one does. */
class FakeServer implements FeastServer {
  held = feast;
  offline = false;
  puts = 0;
  put = async (next: Feast, revision: number): Promise<Feast> => {
    await Promise.resolve();
    if (this.offline) throw new OfflineError();
    if (revision !== this.held.revision) throw new ApiError({ type: 'about:blank', status: 412, title: 'Changed.' });
    this.puts++;
    this.held = { ...next, revision: revision + 1 };
    return this.held;
  };
  load = async (): Promise<Feast> => this.held;
}
const open = () => {
  const server = new FakeServer();
  return { server, editor: new FeastEditor(feast, server) };
};

describe('a feast under the cook’s hands', () => {
  it('shows a change at once and says saved when the server has it', async () => {
    const { server, editor } = open();
    const states: string[] = [];
    editor.subscribe(() => states.push(editor.getState().save));
    const sent = editor.change({ people: 14 });
    expect(editor.getState()).toMatchObject({ save: 'saving', feast: { people: 14 } });
    await sent;
    expect(server.held).toMatchObject({ people: 14, revision: 4 });
    expect(states).toEqual(['saving', 'saved']);
  });
  it('sends changes made meanwhile after each other, none lost', async () => {
    const { server, editor } = open();
    await Promise.all([editor.change({ people: 5 }), editor.change({ name: 'Feast' }), editor.change({ people: 6 })]);
    expect(server.held).toMatchObject({ name: 'Feast', people: 6 });
    expect(editor.getState().save).toBe('saved');
  });
  it('undoes and redoes, on the server too; a new change ends what could be redone', async () => {
    const { server, editor } = open();
    await editor.change({ people: 5 });
    await editor.change({ people: 6 });
    await editor.undo();
    expect(server.held.people).toBe(5);
    await editor.redo();
    expect(server.held.people).toBe(6);
    await editor.undo();
    await editor.change({ people: 9 });
    expect(editor.getState()).toMatchObject({ canUndo: true, canRedo: false });
    await editor.undo();
    await editor.undo();
    await editor.undo();
    expect(editor.getState()).toMatchObject({ feast: { people: 4 }, canUndo: false });
  });
  it('takes the last change back for good, and only while nothing else was changed', async () => {
    const { server, editor } = open();
    await editor.change({ people: 5 });
    await editor.change({ people: 9 });
    const made = editor.getState().feast;
    await editor.change({ name: 'Later' });
    expect(await editor.takeBack(made)).toBe(false);
    expect(server.held).toMatchObject({ people: 9, name: 'Later' });
    await editor.undo();
    expect(await editor.takeBack(made)).toBe(true);
    expect(server.held.people).toBe(5);
    expect(editor.getState()).toMatchObject({ canUndo: true, canRedo: false });
    await editor.undo();
    expect(server.held.people).toBe(4);
  });
  it('keeps what is here while the server cannot be reached, and sends it then', async () => {
    const { server, editor } = open();
    server.offline = true;
    await editor.change({ people: 7 });
    expect(editor.getState()).toMatchObject({ save: 'failed', feast: { people: 7 } });
    expect(editor.getState().words).toMatch(/cannot be reached/);
    server.offline = false;
    await editor.flush();
    expect(server.held.people).toBe(7);
    expect(editor.getState()).toMatchObject({ save: 'saved', words: null });
  });
  it('offers both copies after a conflict: theirs, with mine to be had back', async () => {
    const { server, editor } = open();
    server.held = { ...feast, name: 'Theirs', revision: 8 };
    await editor.change({ name: 'Mine' });
    expect(editor.getState()).toMatchObject({ save: 'conflict', feast: { name: 'Mine' } });
    await editor.takeTheirs();
    expect(editor.getState()).toMatchObject({ save: 'saved', feast: { name: 'Theirs' }, canUndo: true });
    await editor.undo();
    expect(server.held.name).toBe('Mine');
  });
  it('or mine in their place', async () => {
    const { server, editor } = open();
    server.held = { ...feast, name: 'Theirs', revision: 8 };
    await editor.change({ name: 'Mine' });
    await editor.putMine();
    expect(server.held).toMatchObject({ name: 'Mine', revision: 9 });
  });
});
