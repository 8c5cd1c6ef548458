import { useState } from 'react';
import type { Version } from '../../core/version/version.ts';
import { Modal } from '../kit/modal.tsx';
import type { VersionEditor } from '../saving/version-editor.ts';

interface VersionNameDialogProps {
  readonly editor: VersionEditor;
  readonly version: Version;
  readonly onClose: () => void;
}

/** Renames a version, as one entry of its history. */
export function VersionNameDialog({ editor, version, onClose }: VersionNameDialogProps) {
  const [name, setName] = useState(version.name);
  return (
    <Modal title="Rename this version" onClose={onClose}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          const after = name.trim();
          if (after !== '' && after !== version.name)
            editor.do('Rename the version', [{ kind: 'name', before: version.name, after }]);
          onClose();
        }}
      >
        <label className="label" htmlFor="version-name">
          Name of this version
        </label>
        <input
          id="version-name"
          className="field"
          maxLength={120}
          value={name}
          onChange={(e) => setName(e.target.value)}
        />
        <button type="submit" className="btn btn-main mt-4" disabled={name.trim() === ''}>
          Rename
        </button>
      </form>
    </Modal>
  );
}
