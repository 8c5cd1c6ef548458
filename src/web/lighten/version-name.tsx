import { useState } from 'react';
import type { Version } from '../../core/version/version.ts';
import type { VersionEditor } from '../saving/version-editor.ts';

/** Renames a version, as one entry of its history. */
export function VersionName({ editor, version }: { editor: VersionEditor; version: Version }) {
  const [draft, setDraft] = useState<string | null>(null);
  if (draft === null) {
    return (
      <button type="button" className="btn btn-small" onClick={() => setDraft(version.name)}>
        Rename
      </button>
    );
  }
  const save = () => {
    const after = draft.trim();
    if (after !== '' && after !== version.name)
      editor.do('Rename the version', [{ kind: 'name', before: version.name, after }]);
    setDraft(null);
  };
  return (
    <input
      // biome-ignore lint/a11y/noAutofocus: the field opens because the cook asked for it
      autoFocus
      className="field w-56"
      aria-label="Name of this version"
      maxLength={120}
      value={draft}
      onChange={(e) => setDraft(e.target.value)}
      onBlur={save}
      onKeyDown={(e) => {
        if (e.key === 'Enter') save();
        if (e.key === 'Escape') setDraft(null);
      }}
    />
  );
}
