import { useEffect, useRef, useState, useSyncExternalStore } from 'react';
import { browserOutbox } from './outbox.ts';
import { refresh } from './queries.ts';
import { type EditorState, httpServer, VersionEditor } from './version-editor.ts';

/** Editors are kept while the page lives, so that moving between stations loses neither history nor outbox. */
const editors = new Map<string, Promise<VersionEditor>>();

function editorOf(versionId: string): Promise<VersionEditor> {
  let editor = editors.get(versionId);
  if (!editor) {
    editor = httpServer.load(versionId).then(async (page) => {
      const e = new VersionEditor(page, browserOutbox);
      await e.resume();
      return e;
    });
    editor.catch(() => editors.delete(versionId));
    editors.set(versionId, editor);
  }
  return editor;
}

window.addEventListener('online', () => {
  for (const e of editors.values()) void e.then((x) => x.flush());
});
window.addEventListener('focus', () => {
  for (const e of editors.values()) void e.then((x) => x.refresh());
});
window.addEventListener('beforeunload', (event) => {
  if (unsaved) event.preventDefault();
});
let unsaved = false;

/** The editor of a version and its state; null while it loads. @throws while rendering when it cannot be loaded. */
export function useVersion(versionId: string): { editor: VersionEditor; state: EditorState } | null {
  const [editor, setEditor] = useState<VersionEditor | null>(null);
  const [error, setError] = useState<unknown>(null);
  useEffect(() => {
    let alive = true;
    setEditor(null);
    setError(null);
    editorOf(versionId).then(
      (e) => alive && setEditor(e),
      (e) => alive && setError(e),
    );
    return () => {
      alive = false;
    };
  }, [versionId]);
  const state = useSyncExternalStore(editor ? editor.subscribe : noSubscription, editor ? editor.getState : noState);
  const saved = state?.save === 'saved' ? state.version.revision : null;
  const recipeId = state?.version.recipeId;
  const first = useRef<number | null>(null);
  // The recipe's page holds copies of its versions: once a change is acknowledged they are out of date.
  useEffect(() => {
    if (saved === null || recipeId === undefined) return;
    if (first.current !== null && first.current !== saved) void refresh.recipe(recipeId);
    first.current = saved;
  }, [saved, recipeId]);
  unsaved = state !== null && state.save !== 'saved' && state.save !== 'refused';
  if (error) throw error;
  return editor && state && state.version.id === versionId ? { editor, state } : null;
}

const noSubscription = () => () => {};
const noState = () => null;
