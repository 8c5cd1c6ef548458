import { Modal } from '../kit/modal.tsx';
import { sayError } from '../kit/say-error.ts';
import type { ShownVersion, VersionEditor } from '../saving/version-editor.ts';

interface ChangesDialogProps {
  readonly editor: VersionEditor;
  readonly shown: ShownVersion;
  readonly onClose: () => void;
}

/** What was changed in a version, the newest first, each with a way back of its own. */
export function ChangesDialog({ editor, shown, onClose }: ChangesDialogProps) {
  const { done } = shown.history;
  return (
    <Modal title="What was changed" onClose={onClose}>
      {done.length === 0 && <p className="text-soft">Nothing yet.</p>}
      <ol>
        {[...done].reverse().map((entry) => (
          <li key={entry.id} className="flex items-center justify-between gap-3 border-rule border-b py-1.5">
            <span className="min-w-0 first-letter:uppercase">{entry.label}</span>
            <button
              type="button"
              className="btn btn-small"
              aria-label={`Take back: ${entry.label}`}
              onClick={() => void editor.turnRound(entry).catch(sayError)}
            >
              Take back
            </button>
          </li>
        ))}
      </ol>
      {shown.earlier && <p className="mt-3 text-soft text-sm">There is more from before: Undo goes on to it.</p>}
    </Modal>
  );
}
