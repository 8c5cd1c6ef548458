import { useState } from 'react';
import { sayError } from '../parts/say-error.ts';
import { UndoButtons } from '../parts/undo-buttons.tsx';
import { useUndoKeys } from '../parts/use-undo-keys.ts';
import type { FeastEditor, FeastState } from './feast-editor.ts';

const SAVE_WORDS: Record<FeastState['save'], string> = {
  saved: 'Saved',
  saving: 'Saving…',
  failed: 'Not saved',
  conflict: 'Changed elsewhere',
};

/** What a feast is called, when it is and for how many, with undo and redo over everything. */
export function FeastHead({ editor, state }: { editor: FeastEditor; state: FeastState }) {
  const { feast, save, words } = state;
  useUndoKeys(editor);
  const attempt = (work: Promise<unknown>) => void work.catch(sayError);
  return (
    <>
      <div className="mt-1 flex flex-wrap items-end justify-between gap-x-6 gap-y-3">
        <div className="flex flex-wrap items-end gap-3">
          <NameField key={feast.name} name={feast.name} onName={(name) => editor.change({ name })} />
          <label>
            <span className="label">Day</span>
            <input
              type="date"
              className="field w-auto"
              value={feast.day ?? ''}
              onChange={(e) => editor.change({ day: e.target.value === '' ? null : e.target.value })}
            />
          </label>
          <PeopleField key={feast.people} people={feast.people} onPeople={(people) => editor.change({ people })} />
        </div>
        <div className="flex items-center gap-2">
          <UndoButtons
            undo={state.canUndo ? '' : null}
            redo={state.canRedo ? '' : null}
            onUndo={() => attempt(editor.undo())}
            onRedo={() => attempt(editor.redo())}
          />
          <span role="status" className="text-soft text-sm">
            {SAVE_WORDS[save]}
          </span>
        </div>
      </div>
      {save === 'failed' && (
        <div className="note mt-3" role="alert">
          {words}{' '}
          <button type="button" className="btn btn-small" onClick={() => attempt(editor.flush())}>
            Try again
          </button>
        </div>
      )}
      {save === 'conflict' && (
        <div className="note mt-3 flex flex-wrap items-center gap-3" role="alert">
          This feast was changed on another device in the meantime.
          <button type="button" className="btn btn-small" onClick={() => attempt(editor.takeTheirs())}>
            Take theirs
          </button>
          <button type="button" className="btn btn-small" onClick={() => attempt(editor.putMine())}>
            Put mine in its place
          </button>
        </div>
      )}
    </>
  );
}

function NameField({ name, onName }: { name: string; onName: (name: string) => void }) {
  const [text, setText] = useState(name);
  const done = () => {
    const next = text.trim().slice(0, 120);
    if (next === '') setText(name);
    else if (next !== name) onName(next);
  };
  return (
    <div>
      <h1 className="sr-only">{name}</h1>
      <label>
        <span className="label">Feast</span>
        <input
          className="field w-64 font-bold font-head text-xl"
          maxLength={120}
          value={text}
          onChange={(e) => setText(e.target.value)}
          onBlur={done}
          onKeyDown={(e) => e.key === 'Enter' && done()}
        />
      </label>
    </div>
  );
}

function PeopleField({ people, onPeople }: { people: number; onPeople: (people: number) => void }) {
  const [text, setText] = useState(String(people));
  const value = /^\d{1,3}$/.test(text.trim()) ? Number(text) : Number.NaN;
  const right = value >= 1 && value <= 500;
  const done = () => right && value !== people && onPeople(value);
  return (
    <label>
      <span className="label">For how many</span>
      <input
        inputMode="numeric"
        className="field w-20"
        value={text}
        aria-invalid={!right}
        onChange={(e) => setText(e.target.value)}
        onBlur={done}
        onKeyDown={(e) => e.key === 'Enter' && done()}
      />
    </label>
  );
}
