import { useState } from 'react';
import { MOST_OVEN_OFF_C, readOvenOff } from '../../core/stove/oven-off.ts';
import { useHousehold } from '../context/household-context.ts';
import { Modal } from '../kit/modal.tsx';

/** By how much the household's oven is hotter than it says. It is kept, and every step says what to set. */
export function OvenDialog({ onClose }: { readonly onClose: () => void }) {
  const { household, changeHousehold } = useHousehold();
  const was = household.ovenRunsHot;
  const [text, setText] = useState(was === null ? '' : String(was));
  const [asked, setAsked] = useState(false);
  const off = readOvenOff(text);
  const wrong = off === undefined;
  return (
    <Modal title="How hot the oven runs" onClose={onClose}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          setAsked(true);
          if (off === undefined) return;
          changeHousehold({ ovenRunsHot: off });
          onClose();
        }}
      >
        <p className="text-soft">
          A thermometer in its middle tells: set it to 180 °C, wait half an hour, and read it. 195 is 15 too hot.
        </p>
        <label className="mt-3 block">
          <span className="label">too hot by, °C (below 0 where it is too cold)</span>
          <input
            className="field w-32"
            value={text}
            aria-invalid={asked && wrong}
            onChange={(e) => setText(e.target.value)}
          />
        </label>
        {asked && wrong && (
          <p className="note mt-3" role="alert">
            Write degrees, such as 15 or -10, at most {MOST_OVEN_OFF_C}. Leave it empty where you do not know.
          </p>
        )}
        <button type="submit" className="btn btn-main mt-4">
          Keep it
        </button>
      </form>
    </Modal>
  );
}
