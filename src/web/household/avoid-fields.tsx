import { useState } from 'react';

interface AvoidFieldsProps {
  readonly avoids: readonly string[];
  readonly onChange: (avoids: string[]) => void;
}

/** Foods that an eater avoids, in words. */
export function AvoidFields({ avoids, onChange }: AvoidFieldsProps) {
  const [text, setText] = useState('');
  const add = () => {
    const avoid = text.trim();
    if (avoid !== '' && !avoids.includes(avoid)) onChange([...avoids, avoid]);
    setText('');
  };
  return (
    <fieldset className="mt-4">
      <legend className="label">Avoids</legend>
      <ul className="mb-1 flex flex-wrap gap-1.5">
        {avoids.map((a) => (
          <li key={a}>
            <button
              type="button"
              className="chip"
              onClick={() => onChange(avoids.filter((x) => x !== a))}
              aria-label={`Remove ${a}`}
            >
              {a} ×
            </button>
          </li>
        ))}
      </ul>
      <div className="flex gap-2">
        <input
          className="field"
          aria-label="Something avoided"
          placeholder="coriander leaf"
          value={text}
          maxLength={80}
          onChange={(e) => setText(e.target.value)}
          onKeyDown={(e) => {
            if (e.key !== 'Enter') return;
            e.preventDefault();
            add();
          }}
        />
        <button type="button" className="btn" onClick={add}>
          Add
        </button>
      </div>
    </fieldset>
  );
}
