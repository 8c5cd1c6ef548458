import { useEffect } from 'react';
import { isTyping } from './is-typing.ts';

/** Ctrl or ⌘ with Z undoes, with Shift it redoes; not while somebody types. */
export function useUndoKeys(editor: { undo(): unknown; redo(): unknown }): void {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (!(e.ctrlKey || e.metaKey) || e.key.toLowerCase() !== 'z' || isTyping(e)) return;
      e.preventDefault();
      if (e.shiftKey) editor.redo();
      else editor.undo();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [editor]);
}
