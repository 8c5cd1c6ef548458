import { useState } from 'react';
import { sayError } from '../kit/say-error.ts';

interface AddLineProps {
  readonly label: string;
  readonly placeholder: string;
  /** May be refused, as when the pantry cannot be reached: what was typed is there again then. */
  readonly onAdd: (text: string) => void | Promise<void>;
}

/** A field for one more ingredient line, read as it is written. */
export function AddLine({ label, placeholder, onAdd }: AddLineProps) {
  const [text, setText] = useState('');
  return (
    <form
      className="no-print flex gap-2 py-3"
      onSubmit={(e) => {
        e.preventDefault();
        const said = text.trim();
        setText('');
        if (said === '') return;
        void Promise.resolve(onAdd(said)).catch((error) => {
          setText(said);
          sayError(error);
        });
      }}
    >
      <input
        className="field"
        aria-label={label}
        placeholder={placeholder}
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      <button type="submit" className="btn">
        Add
      </button>
    </form>
  );
}
