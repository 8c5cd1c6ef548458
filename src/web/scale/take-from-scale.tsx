import { Scale } from 'lucide-react';
import { useState } from 'react';
import { formatGrams } from '../../core/quantity/format-amount.ts';
import { useHousehold } from '../context/household-context.ts';
import { Modal } from '../kit/modal.tsx';
import { ScaleHead } from './scale-head.tsx';
import { useScale } from './use-scale.ts';

interface TakeFromScaleProps {
  /** What is weighed: "The pot with what is in it". */
  readonly what: string;
  readonly onTake: (grams: number) => void;
}

/** Takes into a field what the scale shows, as it is. */
export function TakeFromScale({ what, onTake }: TakeFromScaleProps) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button type="button" className="btn" onClick={() => setOpen(true)}>
        <Scale size={20} aria-hidden="true" /> From the scale
      </button>
      {open && (
        <Modal title={what} onClose={() => setOpen(false)}>
          <ShownNow
            onTake={(grams) => {
              onTake(grams);
              setOpen(false);
            }}
          />
        </Modal>
      )}
    </>
  );
}

/** Listens only while it is open. */
function ShownNow({ onTake }: { readonly onTake: (grams: number) => void }) {
  const { household } = useHousehold();
  const scale = useScale(household.id);
  const shows = scale.last?.state === 'on' ? scale.last.grams : null;
  return (
    <>
      <ScaleHead scale={scale} net={shows} />
      <button
        type="button"
        className="btn btn-main mt-4 min-h-14 px-5 text-lg"
        disabled={shows === null || shows <= 0 || scale.last?.steady !== true}
        onClick={() => onTake(Math.round(shows!))}
      >
        {shows === null || shows <= 0 ? 'Put it on' : `Take ${formatGrams(Math.round(shows))}`}
      </button>
    </>
  );
}
