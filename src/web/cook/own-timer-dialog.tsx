import { useState } from 'react';
import type { StepTime } from '../../core/stove/step-times.ts';
import { timerProblem } from '../../core/stove/timer.ts';
import { Modal } from '../kit/modal.tsx';
import { numberTyped } from '../kit/number-typed.ts';

interface OwnTimerDialogProps {
  readonly onStart: (time: Omit<StepTime, 'said'>) => void;
  readonly onClose: () => void;
}

/** A timer that no step speaks of. */
export function OwnTimerDialog({ onStart, onClose }: OwnTimerDialogProps) {
  const [name, setName] = useState('');
  const [minutes, setMinutes] = useState('');
  const [asked, setAsked] = useState(false);
  const seconds = (numberTyped(minutes) ?? Number.NaN) * 60;
  const problem = timerProblem(seconds);
  return (
    <Modal title="A timer of my own" onClose={onClose}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          setAsked(true);
          if (problem === null) onStart({ name: name.trim() || 'Timer', from: Math.round(seconds), to: null });
        }}
      >
        <div className="flex flex-wrap gap-3">
          <label>
            <span className="label">minutes</span>
            <input
              className="field w-32"
              inputMode="decimal"
              value={minutes}
              aria-invalid={asked && problem !== null}
              onChange={(e) => setMinutes(e.target.value)}
            />
          </label>
          <label className="min-w-40 flex-1">
            <span className="label">what for</span>
            <input
              className="field"
              maxLength={60}
              placeholder="such as eggs"
              value={name}
              onChange={(e) => setName(e.target.value)}
            />
          </label>
        </div>
        {asked && problem !== null && (
          <p className="note mt-3" role="alert">
            {problem}
          </p>
        )}
        <button type="submit" className="btn btn-main mt-4">
          Start it
        </button>
      </form>
    </Modal>
  );
}
