import { useState } from 'react';
import { Servings } from '../../contract/primitives.ts';
import { trimmed } from '../../core/quantity/format-amount.ts';
import { scaleChanges } from '../../core/recipe/scale-version.ts';
import type { Version } from '../../core/recipe/version.ts';
import type { VersionEditor } from '../data/version-editor.ts';

/** Makes the version for another number of servings; every amount goes along. */
export function ScaleField({ editor, version }: { editor: VersionEditor; version: Version }) {
  const [draft, setDraft] = useState<string | null>(null);
  if (version.servings === null) return null;
  const parsed = draft === null ? null : Servings.safeParse(Number(draft.replace(',', '.')));
  const scale = () => {
    if (!parsed?.success) return;
    editor.do(`Make it for ${trimmed(parsed.data, 2)}`, scaleChanges(version, parsed.data));
    setDraft(null);
  };
  if (draft === null) {
    return (
      <button type="button" className="btn btn-small" onClick={() => setDraft(trimmed(version.servings ?? 1, 2))}>
        For {trimmed(version.servings, 2)}
      </button>
    );
  }
  return (
    <span className="inline-flex flex-wrap items-center gap-1.5">
      <label className="text-sm" htmlFor="scale">
        Make it for
      </label>
      <input
        id="scale"
        // biome-ignore lint/a11y/noAutofocus: the field opens because the cook asked for it
        autoFocus
        inputMode="decimal"
        className="field w-20"
        value={draft}
        aria-invalid={!parsed?.success}
        onChange={(e) => setDraft(e.target.value)}
        onKeyDown={(e) => {
          if (e.key === 'Enter') scale();
          if (e.key === 'Escape') setDraft(null);
        }}
      />
      <button type="button" className="btn btn-small" onClick={scale} disabled={!parsed?.success}>
        Scale
      </button>
      {!parsed?.success && (
        <span role="alert" className="text-beet text-sm">
          Above 0, at most 500.
        </span>
      )}
    </span>
  );
}
