import { useState } from 'react';
import type { DayEntry } from '../../core/day/day-entry.ts';
import { addDays } from '../../core/quantity/calendar-day.ts';
import type { Eater } from '../../core/table/table.ts';
import { Check } from '../kit/check.tsx';
import { Modal } from '../kit/modal.tsx';
import { NumberField } from '../kit/number-field.tsx';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';
import type { OpenWeek } from './use-week.ts';

interface CopyDialogProps {
  readonly title: string;
  readonly entries: readonly DayEntry[];
  readonly week: OpenWeek;
  readonly eaters: readonly Eater[];
  readonly onClose: () => void;
}

/** Copies what is on a day to another one, and to others at the table with portions of their own. */
export function CopyDialog({ title, entries, week, eaters, onClose }: CopyDialogProps) {
  const [first] = entries;
  const [day, setDay] = useState(first === undefined ? week.today : addDays(first.day, 1));
  const [portions, setPortions] = useState<Readonly<Record<string, number | null>>>(
    first === undefined ? {} : { [first.eaterId]: 1 },
  );
  // A box is one: it cannot be eaten twice.
  const copied = entries.filter((e) => e.what.kind !== 'box');
  const to = Object.entries(portions).filter(([, p]) => p !== null && p > 0) as [string, number][];
  const copy = async () => {
    try {
      const made = await week.add(
        to.flatMap(([eaterId, times]) =>
          copied.map(({ id, position, ...thing }) => ({
            ...thing,
            eaterId,
            day,
            portion: Math.min(100, thing.portion * times),
            state: 'planned' as const,
          })),
        ),
      );
      onClose();
      sayDone('Copied.', () => week.takeBack(made));
    } catch (e) {
      sayError(e);
    }
  };
  return (
    <Modal title={title} onClose={onClose}>
      <label className="block max-w-56">
        <span className="label">To which day</span>
        <input type="date" className="field" value={day} onChange={(e) => e.target.value && setDay(e.target.value)} />
      </label>
      <fieldset className="mt-4">
        <legend className="label">For whom</legend>
        {eaters.map((e) => (
          <span key={e.id} className="flex flex-wrap items-center gap-x-4">
            <Check
              className="min-w-40"
              checked={e.id in portions}
              onCheck={(on) =>
                setPortions(
                  on
                    ? { ...portions, [e.id]: 1 }
                    : Object.fromEntries(Object.entries(portions).filter(([id]) => id !== e.id)),
                )
              }
            >
              {e.name}
            </Check>
            {e.id in portions && (
              <NumberField
                label={`Times the portion, for ${e.name}`}
                labelled="unseen"
                className="w-24"
                value={portions[e.id] ?? null}
                onValue={(v) => setPortions({ ...portions, [e.id]: v })}
              />
            )}
          </span>
        ))}
      </fieldset>
      {copied.length < entries.length && <p className="mt-3 text-soft">A box can be eaten once: it is not copied.</p>}
      <button
        type="button"
        className="btn btn-main mt-4"
        disabled={to.length === 0 || copied.length === 0 || to.some(([, p]) => Number.isNaN(p))}
        onClick={() => void copy()}
      >
        Copy
      </button>
    </Modal>
  );
}
