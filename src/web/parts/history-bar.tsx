import { memo } from 'react';
import { toast } from 'sonner';
import { request } from '../data/api.ts';
import { refresh } from '../data/queries.ts';
import type { EditorState, VersionEditor } from '../data/version-editor.ts';
import { sayError } from './say-error.ts';
import { UndoButtons } from './undo-buttons.tsx';
import { useUndoKeys } from './use-undo-keys.ts';

const SAVE_WORDS: Record<EditorState['save'], string> = {
  saved: 'Saved',
  saving: 'Saving…',
  offline: 'Not saved yet: Imbiss cannot be reached. Your changes are kept here and sent when it is back.',
  conflict: 'Changed elsewhere',
  refused: 'Not saved',
};

/** Undo, redo and whether it is saved; and the choice when two devices changed the same version. */
export const HistoryBar = memo(function HistoryBar({ editor, state }: { editor: VersionEditor; state: EditorState }) {
  useUndoKeys(editor);
  const { undo, redo } = state.history;
  return (
    <div className="no-print">
      <div className="flex flex-wrap items-center gap-2">
        <UndoButtons
          undo={undo?.label ?? null}
          redo={redo?.label ?? null}
          onUndo={() => editor.undo()}
          onRedo={() => editor.redo()}
        />
        <span role="status" className={`text-sm ${state.save === 'offline' ? 'text-mustard' : 'text-soft'}`}>
          {SAVE_WORDS[state.save]}
        </span>
      </div>
      {state.refusal && (
        <p role="alert" className="note mt-2">
          {state.refusal}
        </p>
      )}
      {state.save === 'conflict' && <Conflict editor={editor} state={state} />}
    </div>
  );
});

function Conflict({ editor, state }: { editor: VersionEditor; state: EditorState }) {
  const recipeId = state.version.recipeId;
  const keepBoth = async () => {
    try {
      await request('POST', `/recipes/${recipeId}/versions`, editor.copyOfMine());
      await editor.takeTheirs();
      await refresh.recipe(recipeId);
      toast.success('Both are kept: yours is a version of its own now.');
    } catch (e) {
      sayError(e);
    }
  };
  const takeTheirs = async () => {
    try {
      await editor.takeTheirs();
      await refresh.recipe(recipeId);
    } catch (e) {
      sayError(e);
    }
  };
  return (
    <div className="note mt-2" role="alert">
      <p>
        This version was changed elsewhere in the meantime
        {state.theirs && `: the other copy has ${state.theirs.lines.length} lines, yours ${state.version.lines.length}`}
        . Nothing of yours is lost.
      </p>
      <p className="mt-2 flex flex-wrap gap-2">
        <button type="button" className="btn btn-main btn-small" onClick={keepBoth}>
          Keep both
        </button>
        <button type="button" className="btn btn-small" onClick={takeTheirs}>
          Take the other, drop mine
        </button>
      </p>
    </div>
  );
}
