import { type ReactNode, useState } from 'react';
import { measureWords } from '../../core/food/file/measure-words.ts';
import type { Food } from '../../core/food/food.ts';
import { useFoodWords } from './use-food-words.ts';

/** What the household calls a food and what its own measures of it weigh. */
export function FoodWords({ food }: { food: Food }) {
  const own = useFoodWords(food);
  if (own === null) return null;
  const { words, wrong } = own;
  return (
    <section aria-label="Your words and weights" className="mt-6">
      <h2 className="text-xl">Your words and weights</h2>
      <p className="text-soft text-sm">They stay when the pantry is renewed, and lines are read by them from now on.</p>
      <ul className="mt-1">
        {words.synonyms.map((s) => (
          <OwnWord key={s} onForget={() => own.forgetName(s)}>
            also called “{s}”
          </OwnWord>
        ))}
        {words.measures.map((m) => (
          <OwnWord key={measureWords(m)} onForget={() => own.forgetMeasure(m)}>
            1 {m.unit}
            {m.form ? `, ${m.form},` : ''} weighs {m.grams} g
          </OwnWord>
        ))}
      </ul>
      <div className="mt-2 grid gap-3 sm:grid-cols-2">
        <AddField id="own-name" label="We call it" onAdd={own.addName} />
        <AddField
          id="own-measure"
          label="A measure weighs"
          placeholder="bunch 180"
          wrong={wrong !== null}
          onAdd={own.addMeasure}
        />
      </div>
      <p role="alert" className="mt-1 text-beet text-sm">
        {wrong}
      </p>
    </section>
  );
}

function OwnWord({ onForget, children }: { onForget: () => void; children: ReactNode }) {
  return (
    <li className="flex items-center gap-2">
      <span>{children}</span>
      <button type="button" className="btn btn-plain btn-small" onClick={onForget}>
        Forget
      </button>
    </li>
  );
}

interface AddFieldProps {
  readonly id: string;
  readonly label: string;
  readonly placeholder?: string;
  readonly wrong?: boolean;
  /** @returns whether it was taken; then the field is empty again */
  readonly onAdd: (text: string) => boolean;
}

function AddField({ id, label, placeholder, wrong = false, onAdd }: AddFieldProps) {
  const [text, setText] = useState('');
  return (
    <form
      className="flex items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        if (onAdd(text)) setText('');
      }}
    >
      <div className="min-w-0 flex-1">
        <label className="label" htmlFor={id}>
          {label}
        </label>
        <input
          id={id}
          className="field"
          placeholder={placeholder}
          value={text}
          aria-invalid={wrong}
          onChange={(e) => setText(e.target.value)}
        />
      </div>
      <button type="submit" className="btn">
        Add
      </button>
    </form>
  );
}
