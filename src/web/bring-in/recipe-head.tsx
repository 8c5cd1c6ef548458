import { useState } from 'react';
import { Servings } from '../../contract/primitives.ts';
import type { Recipe } from '../../contract/recipe.ts';
import type { RecipeHead as RecipeHeadFields } from '../../core/documents/recipe-kind.ts';
import { trimmed } from '../../core/quantity/format-amount.ts';
import { servingsChanges } from '../../core/version/tie-lines.ts';
import type { Version } from '../../core/version/version.ts';
import { useRecipeHead } from '../context/use-recipe-head.ts';
import { Picker } from '../kit/picker.tsx';
import type { VersionEditor } from '../saving/version-editor.ts';

const WHOSE: Record<Recipe['credit']['whose'], string> = {
  family: "the family's",
  own: 'my own',
  other: "another author's",
};

/** Title, servings, and whose recipe it is. */
export function RecipeHeadForm({ editor, version }: { editor: VersionEditor; version: Version }) {
  const { head: recipe, change } = useRecipeHead();
  const patch = (changed: Partial<RecipeHeadFields>) =>
    void change(changed.title === undefined ? 'Change whose it is' : 'Change the title', changed);
  return (
    <div className="mt-3 grid grid-cols-[1fr_6rem] gap-3 sm:grid-cols-[1fr_8rem]">
      <div>
        <label className="text-sm text-soft" htmlFor="title">
          Title
        </label>
        <Field
          id="title"
          value={recipe.title}
          check={(t) => (t.trim() === '' ? 'Give it a title.' : t.length > 200 ? 'At most 200 characters.' : null)}
          onSave={(title) => patch({ title })}
        />
      </div>
      <div>
        <label className="text-sm text-soft" htmlFor="servings">
          Servings
        </label>
        <Field
          id="servings"
          value={version.servings === null ? '' : trimmed(version.servings, 3)}
          check={(t) => {
            if (t.trim() === '') return null;
            const parsed = Servings.safeParse(Number(t.replace(',', '.')));
            return parsed.success ? null : 'Above 0, at most 500.';
          }}
          onSave={(t) => {
            const after = t.trim() === '' ? null : Number(t.replace(',', '.'));
            editor.do('Change the servings', servingsChanges(version, after));
          }}
        />
      </div>
      {version.servings === null && (
        <p className="note col-span-2" role="status">
          Nobody said how many servings it makes. Until you do, the whole is counted, and 100 g of it.
        </p>
      )}
      {recipe.credit.whose === 'other' && (
        <p className="col-span-2 text-sm text-soft">
          It is another author’s: a card of it shows your changes and counts with credit and link, and not the author’s
          words.
        </p>
      )}
      <details className="col-span-2">
        <summary className="cursor-pointer py-1 text-soft">
          {recipe.credit.author ? `From ${recipe.credit.author}` : 'Where it is from'}, {WHOSE[recipe.credit.whose]}
        </summary>
        <div className="mt-1 grid gap-3 sm:grid-cols-[1fr_1fr_11rem]">
          <div>
            <label className="text-sm text-soft" htmlFor="author">
              From
            </label>
            <Field
              id="author"
              value={recipe.credit.author ?? ''}
              check={(t) => (t.length > 120 ? 'At most 120 characters.' : null)}
              onSave={(t) => patch({ credit: { ...recipe.credit, author: t.trim() || null } })}
            />
          </div>
          <div>
            <label className="text-sm text-soft" htmlFor="url">
              Link
            </label>
            <Field
              id="url"
              value={recipe.credit.url ?? ''}
              check={(t) =>
                t.trim() === '' || /^https?:\/\/\S+$/i.test(t.trim()) ? null : 'A web address begins with http.'
              }
              onSave={(t) => patch({ credit: { ...recipe.credit, url: t.trim() || null } })}
            />
          </div>
          <div>
            <Picker
              label="It is"
              value={recipe.credit.whose}
              choices={Object.entries(WHOSE).map(([key, words]) => ({
                value: key as Recipe['credit']['whose'],
                words,
              }))}
              onPick={(whose) => patch({ credit: { ...recipe.credit, whose } })}
            />
          </div>
        </div>
      </details>
    </div>
  );
}

interface FieldProps {
  readonly id: string;
  readonly value: string;
  /** Says what is wrong, or null. */
  readonly check: (text: string) => string | null;
  readonly onSave: (text: string) => void;
}

/** A field that saves when it is left, and keeps what was typed when it cannot. */
function Field({ id, value, check, onSave }: FieldProps) {
  const [draft, setDraft] = useState<string | null>(null);
  const wrong = draft === null ? null : check(draft);
  return (
    <>
      <input
        id={id}
        className="field"
        value={draft ?? value}
        aria-invalid={wrong !== null}
        aria-describedby={`${id}-wrong`}
        onChange={(e) => setDraft(e.target.value)}
        onKeyDown={(e) => {
          if (e.key === 'Enter') e.currentTarget.blur();
          if (e.key === 'Escape') setDraft(null);
        }}
        onBlur={() => {
          if (draft === null || wrong !== null) return;
          if (draft !== value) onSave(draft);
          setDraft(null);
        }}
      />
      <p id={`${id}-wrong`} role="alert" className="text-beet text-sm">
        {wrong}
      </p>
    </>
  );
}
