import { useState } from 'react';
import { Picker } from '../kit/picker.tsx';

/** How firmly something is avoided. */
const GRADES = [
  ['avoids', 'never'],
  ['ratherNot', 'rather not'],
  ['notOnTop', 'not on top'],
] as const;
type Grade = (typeof GRADES)[number][0];
type Avoided = Readonly<Record<Grade, readonly string[]>>;

interface AvoidFieldsProps {
  readonly avoided: Avoided;
  readonly onChange: (grade: Grade, words: string[]) => void;
}

/** Foods that an eater avoids, in words, each with how firmly. */
export function AvoidFields({ avoided, onChange }: AvoidFieldsProps) {
  const [text, setText] = useState('');
  const [grade, setGrade] = useState<Grade>('avoids');
  const add = () => {
    const word = text.trim();
    if (word !== '' && !avoided[grade].includes(word)) onChange(grade, [...avoided[grade], word]);
    setText('');
  };
  return (
    <fieldset className="mt-4">
      <legend className="label">Avoids</legend>
      <ul className="mb-1 flex flex-wrap gap-1.5">
        {GRADES.flatMap(([g, words]) =>
          avoided[g].map((a) => (
            <li key={`${g} ${a}`}>
              <button
                type="button"
                className="chip"
                onClick={() =>
                  onChange(
                    g,
                    avoided[g].filter((x) => x !== a),
                  )
                }
                aria-label={`Remove ${a}, ${words}`}
              >
                {a} <span className="text-soft">{words}</span> ×
              </button>
            </li>
          )),
        )}
      </ul>
      <div className="flex flex-wrap gap-2">
        <input
          className="field min-w-40 flex-1"
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
        <Picker
          label="How firmly"
          labelled="unseen"
          className="w-36"
          value={grade}
          choices={GRADES.map(([g, words]) => ({ value: g, words }))}
          onPick={setGrade}
        />
        <button type="button" className="btn" onClick={add}>
          Add
        </button>
      </div>
    </fieldset>
  );
}
