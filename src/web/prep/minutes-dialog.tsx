import { useState } from 'react';
import type { PrepTask } from '../../core/prep/prep-task.ts';
import { Modal } from '../kit/modal.tsx';
import { NumberField } from '../kit/number-field.tsx';

/** A task takes so long at most, min. */
export const MOST_MINUTES = 1440;
/** Whether so many minutes can be said. */
export const canTake = (minutes: number | null): minutes is number =>
  minutes !== null && Number.isInteger(minutes) && minutes >= 1 && minutes <= MOST_MINUTES;

interface MinutesDialogProps {
  readonly task: PrepTask;
  readonly onTell: (minutes: number) => void;
  readonly onClose: () => void;
}

/** How long a task takes in this kitchen: said once, it is known on every prep day. */
export function MinutesDialog({ task, onTell, onClose }: MinutesDialogProps) {
  const [minutes, setMinutes] = useState<number | null>(task.minutes);
  return (
    <Modal title="How long does it take?" onClose={onClose}>
      <p dir="auto">{task.words}</p>
      <form
        className="mt-3 flex items-end gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          if (canTake(minutes)) onTell(minutes);
        }}
      >
        <NumberField label="Minutes" className="w-28" value={minutes} onValue={setMinutes} />
        <button type="submit" className="btn btn-main" disabled={!canTake(minutes)}>
          So long
        </button>
      </form>
      {!canTake(minutes) && <p className="mt-2 text-mustard">Whole minutes, from 1 to {MOST_MINUTES}.</p>}
      <p className="mt-3 text-soft text-sm">It is taken for this step on later prep days, too.</p>
    </Modal>
  );
}
