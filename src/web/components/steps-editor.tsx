import { memo, useState } from 'react';
import { v7 as uuid } from 'uuid';
import type { Step, Version } from '../../core/version/version.ts';
import type { VersionEditor } from '../saving/version-editor.ts';

interface StepsEditorProps {
  readonly editor: VersionEditor;
  readonly version: Version;
  /** The steps as they are read, with what became of their ingredients; changed are the words below. */
  readonly shown?: readonly Step[];
}

/** The steps, one a paragraph. */
export const StepsEditor = memo(function StepsEditor({ editor, version, shown = version.steps }: StepsEditorProps) {
  const [draft, setDraft] = useState<string | null>(null);
  const text = version.steps.map((s) => s.text).join('\n\n');
  const save = () => {
    if (draft !== null && draft !== text) {
      const old = new Map(version.steps.map((s) => [s.text, s.id]));
      const after = draft
        .split(/\n\s*\n/)
        .map((t) => t.trim())
        .filter(Boolean)
        .map((t) => ({ id: old.get(t) ?? uuid(), text: t }));
      editor.do('Change the steps', [{ kind: 'steps', before: version.steps, after }]);
    }
    setDraft(null);
  };
  return (
    <section aria-label="Steps" className="mt-6">
      <div className="flex items-baseline justify-between">
        <h2 className="text-lg">Steps</h2>
        {draft === null && (
          <button type="button" className="btn btn-plain btn-small no-print" onClick={() => setDraft(text)}>
            Change
          </button>
        )}
      </div>
      {draft === null ? (
        <ol className="list-decimal space-y-1.5 pl-6 marker:font-bold">
          {shown.map((s) => (
            <li key={s.id}>{s.text}</li>
          ))}
          {version.steps.length === 0 && <p className="-ml-6 text-soft">No steps yet.</p>}
        </ol>
      ) : (
        <>
          <label htmlFor="steps" className="text-sm text-soft">
            An empty line between two steps
          </label>
          <textarea id="steps" className="field min-h-60" value={draft} onChange={(e) => setDraft(e.target.value)} />
          <div className="mt-2 flex gap-2">
            <button type="button" className="btn btn-main btn-small" onClick={save}>
              Take these steps
            </button>
            <button type="button" className="btn btn-small" onClick={() => setDraft(null)}>
              Leave as it was
            </button>
          </div>
        </>
      )}
    </section>
  );
});
