import { useState } from 'react';
import type { PrepPlan } from '../../core/prep/prep-plan.ts';
import type { PrepTask } from '../../core/prep/prep-task.ts';
import { NumberField } from '../kit/number-field.tsx';
import { canTake, MOST_MINUTES } from './minutes-dialog.tsx';

interface GuessedMinutesProps {
  readonly plan: PrepPlan | null;
  readonly titles: ReadonlyMap<string, string>;
  /** What else was guessed, in words. */
  readonly guesses: readonly string[];
  readonly onTell: (key: string, minutes: number) => void;
}

/** What no recipe says and the order rests on: each guess can be put right. */
export function GuessedMinutes({ plan, titles, guesses, onTell }: GuessedMinutesProps) {
  const guessed = (plan?.tasks ?? []).filter((t) => t.from === 'guessed');
  if (guessed.length === 0 && guesses.length === 0) return null;
  return (
    <section aria-label="What was guessed">
      <h2 className="border-ink border-b text-xl">What was guessed</h2>
      {guesses.map((g) => (
        <p key={g} className="mt-2">
          {g}
        </p>
      ))}
      {guessed.length > 0 && (
        <details className="mt-2">
          <summary className="min-h-touch cursor-pointer py-2">
            No recipe says how long {guessed.length === 1 ? 'one task takes' : `${guessed.length} tasks take`}: say it
            where you know better
          </summary>
          <ul className="mt-1">
            {guessed.map((t) => (
              <GuessRow key={t.id} task={t} title={titles.get(t.dishId) ?? ''} onTell={onTell} />
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}

interface GuessRowProps {
  readonly task: PrepTask;
  readonly title: string;
  readonly onTell: (key: string, minutes: number) => void;
}

function GuessRow({ task, title, onTell }: GuessRowProps) {
  const [minutes, setMinutes] = useState<number | null>(task.minutes);
  return (
    <li className="border-rule border-b py-2">
      <form
        className="flex items-end gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          if (canTake(minutes)) onTell(task.key, minutes);
        }}
      >
        <span className="min-w-0 flex-1">
          <span dir="auto">{task.words}</span>
          <span className="block text-soft text-sm">{title}</span>
        </span>
        <NumberField label="min" className="w-20" value={minutes} onValue={setMinutes} />
        <button type="submit" className="btn btn-small" disabled={!canTake(minutes)}>
          Say so
        </button>
      </form>
      {!canTake(minutes) && <p className="text-mustard text-sm">Whole minutes, from 1 to {MOST_MINUTES}.</p>}
    </li>
  );
}
