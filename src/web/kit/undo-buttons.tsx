import { Redo2, Undo2 } from 'lucide-react';

interface UndoButtonsProps {
  /** What would be undone and redone, in words; null for nothing. */
  readonly undo: string | null;
  readonly redo: string | null;
  readonly isUndoAtFoot?: boolean;
  readonly onUndo: () => void;
  readonly onRedo: () => void;
}

/** Undo and redo, each with what it would turn round. */
export function UndoButtons({ undo, redo, isUndoAtFoot = false, onUndo, onRedo }: UndoButtonsProps) {
  return (
    <>
      <button
        type="button"
        className={`btn btn-small ${isUndoAtFoot ? 'max-desk:hidden' : ''}`}
        disabled={undo === null}
        onClick={onUndo}
        title={undo ? `Undo: ${undo}` : undefined}
      >
        <Undo2 size={16} aria-hidden="true" /> Undo
      </button>
      <button
        type="button"
        className={`btn btn-small ${isUndoAtFoot && redo === null ? 'max-desk:hidden' : ''}`}
        disabled={redo === null}
        onClick={onRedo}
        title={redo ? `Redo: ${redo}` : undefined}
      >
        <Redo2 size={16} aria-hidden="true" /> Redo
      </button>
    </>
  );
}
