import { useState } from 'react';
import { NumberField } from '../kit/number-field.tsx';

/** Points typed, where the program says other than what was offered. */
export function AnswerField({ onAnswer }: { readonly onAnswer: (points: number) => void }) {
  const [points, setPoints] = useState<number | null>(null);
  return (
    <form
      className="flex items-end gap-1"
      onSubmit={(e) => {
        e.preventDefault();
        if (points !== null && points >= 0) onAnswer(points);
      }}
    >
      <NumberField
        label="Points it says"
        labelled="unseen"
        placeholder="points"
        className="w-24"
        value={null}
        onValue={setPoints}
      />
      <button type="submit" className="btn">
        It says so
      </button>
    </form>
  );
}
