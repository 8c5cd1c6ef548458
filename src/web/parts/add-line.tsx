import { useState } from 'react';

interface AddLineProps {
  readonly label: string;
  readonly placeholder: string;
  readonly onAdd: (text: string) => void;
}

/** A field for one more ingredient line, read as it is written. */
export function AddLine({ label, placeholder, onAdd }: AddLineProps) {
  const [text, setText] = useState('');
  return (
    <form
      className="flex gap-2 py-3"
      onSubmit={(e) => {
        e.preventDefault();
        if (text.trim() !== '') onAdd(text.trim());
        setText('');
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
