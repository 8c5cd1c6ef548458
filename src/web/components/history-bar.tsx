import { memo } from 'react';
import { toast } from 'sonner';
import { useHousehold } from '../context/household-context.ts';
import { refresh } from '../data/queries.ts';
import { SaveQuestion, SaveState } from '../kit/save-state.tsx';
import { sayError } from '../kit/say-error.ts';
import { UndoButtons } from '../kit/undo-buttons.tsx';
import { useUndoKeys } from '../kit/use-undo-keys.ts';
import { documents } from '../saving/use-document.ts';
import { copyOfMine, type ShownVersion, type VersionEditor } from '../saving/version-editor.ts';

interface HistoryBarProps {
  readonly editor: VersionEditor;
  readonly shown: ShownVersion;
  /** Whether undo stands at the foot of the page where that is held in the hand. */
  readonly isUndoAtFoot?: boolean;
}

/** Undo, redo and whether it is saved; and the choice when two devices changed the same version. */
export const HistoryBar = memo(function HistoryBar({ editor, shown, isUndoAtFoot = false }: HistoryBarProps) {
  const { household } = useHousehold();
  useUndoKeys(editor);
  const { undo, redo } = shown.history;
  const keepBoth = async () => {
    try {
      const mine = copyOfMine(shown.document);
      await documents
        .hold({ householdId: household.id, name: 'versions', id: mine.id }, null)
        .want({ wants: 'make', document: mine });
      await editor.takeTheirs();
      await refresh.recipe(household.id);
      toast.success('Both are kept: yours is a version of its own now.');
    } catch (e) {
      sayError(e);
    }
  };
  return (
    <div className="no-print">
      <div className="flex flex-wrap items-center gap-2">
        <UndoButtons
          undo={undo?.label ?? (shown.earlier ? '' : null)}
          redo={redo?.label ?? null}
          isUndoAtFoot={isUndoAtFoot}
          onUndo={() => void editor.undo()}
          onRedo={() => void editor.redo()}
        />
        <SaveState shown={shown} />
      </div>
      <SaveQuestion saved={editor} shown={shown} what="This version">
        <button type="button" className="btn btn-main btn-small" onClick={keepBoth}>
          Keep both
        </button>
      </SaveQuestion>
    </div>
  );
});
