import { useState } from 'react';
import type { PublishAgain } from '../../contract/card-api.ts';
import { WRONG_BEFORE, WRONG_BEFORE_WORDS, type WrongBefore } from '../../core/card/corrected.ts';
import { Modal } from '../kit/modal.tsx';
import { Picker } from '../kit/picker.tsx';

interface PublishAgainDialogProps {
  /** What is likely, from what has moved. */
  readonly likely: WrongBefore;
  readonly onDone: (wrong: PublishAgain) => void;
  readonly onClose: () => void;
}

/** Asks what was wrong before: the card says it in one line to those who have it. */
export function PublishAgainDialog({ likely, onDone, onClose }: PublishAgainDialogProps) {
  const [why, setWhy] = useState(likely);
  const [words, setWords] = useState('');
  return (
    <Modal title="What was wrong before?" onClose={onClose}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          onDone({ why, words });
        }}
      >
        <p className="mb-3 text-soft">
          Whoever cooked by the card is told in one line. What it showed before is kept, and it can go back.
        </p>
        <Picker
          label="What was wrong"
          value={why}
          choices={WRONG_BEFORE.map((value) => ({ value, words: WRONG_BEFORE_WORDS[value] }))}
          onPick={setWhy}
        />
        <label className="mt-3 block">
          <span className="label">in your words, if you like</span>
          <input className="field" maxLength={300} value={words} onChange={(e) => setWords(e.target.value)} />
        </label>
        <button type="submit" className="btn btn-main mt-4 w-full">
          Publish again
        </button>
      </form>
    </Modal>
  );
}
