import { useState } from 'react';
import type { Frozen } from '../../core/cook/frozen.ts';
import { whileFilling } from '../../core/cook/while-filling.ts';
import { formatGrams } from '../../core/quantity/format-amount.ts';
import { useHousehold } from '../context/household-context.ts';
import { Modal } from '../kit/modal.tsx';
import { ScaleHead } from './scale-head.tsx';
import { StopMarks } from './stop-marks.tsx';
import { useWeighing } from './use-weighing.ts';

interface FillByScaleProps {
  readonly frozen: Frozen;
  /** What all of the dish weighs, g. */
  readonly ofGrams: number;
  /** What is left of it, g. */
  readonly left: number;
  readonly filled: number;
  /** Who must not have it, in words. */
  readonly notFor: readonly string[];
  /** A box with so much in it, g. */
  readonly onFull: (grams: number) => void;
  readonly onClose: () => void;
}

/** What a scale is off by in one pot, g. */
const OFF_G = 3;

/** Fills boxes one after another: each begins at the zero of the one before. */
export function FillByScale({ frozen, ofGrams, left, filled, notFor, onFull, onClose }: FillByScaleProps) {
  const { household, eaters } = useHousehold();
  const { scale, net, zero } = useWeighing(household.id, 'put in');
  const [first] = useState(filled);
  const grams = Math.max(0, Math.round(net ?? 0));
  const marks = whileFilling(frozen, Math.min(grams, ofGrams), ofGrams).map((m) => ({
    ...m,
    name: eaters.find((e) => e.id === m.key)?.name ?? '',
  }));
  const tooMuch = grams > left + OFF_G;
  const number = filled - first + 1;
  return (
    <Modal title={`Box ${number}`} onClose={onClose}>
      <p className="text-soft">
        Put the empty box on and press Zero; then fill it. {formatGrams(Math.round(left))} are left.
      </p>
      <div className="mt-3">
        <ScaleHead scale={scale} net={net} />
      </div>
      {notFor.map((words) => (
        <p key={words} className="note mt-3">
          {words}
        </p>
      ))}
      <StopMarks grams={grams} target={null} marks={marks} />
      {tooMuch && (
        <p className="note mt-3" role="alert">
          Only {formatGrams(Math.round(left))} are left by what the pot weighed. Is the box itself on the scale? Press
          Zero with it alone, or weigh the pot again.
        </p>
      )}
      <div className="mt-4 flex flex-wrap gap-3">
        <button type="button" className="btn min-h-14 px-5 text-lg" onClick={zero}>
          Zero
        </button>
        <button
          type="button"
          className="btn btn-main min-h-14 flex-1 basis-full px-5 text-lg sm:basis-0"
          disabled={grams <= 0 || tooMuch || left <= 0}
          onClick={() => {
            onFull(Math.min(grams, left));
            zero();
          }}
        >
          {grams <= 0 ? 'Fill it' : `Box ${number}: ${formatGrams(grams)}`}
        </button>
        <button type="button" className="btn min-h-14 px-5 text-lg" onClick={onClose}>
          Done
        </button>
      </div>
    </Modal>
  );
}
