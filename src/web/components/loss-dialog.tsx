import { useId, useState } from 'react';
import { trimmed } from '../../core/quantity/format-amount.ts';
import { answeredLoss, type LineLoss, LOSS_REASONS, type LossReason, lossGrams } from '../../core/version/line-loss.ts';
import type { Line } from '../../core/version/version.ts';
import { ALCOHOL_LEFT, alcoholAway } from '../../core/yield/alcohol-left.ts';
import { LOSS_CHOICES, lossQuestion, lossWords } from '../../core/yield/loss-words.ts';
import { Modal } from '../kit/modal.tsx';
import { numberTyped } from '../kit/number-typed.ts';
import { Picker } from '../kit/picker.tsx';

interface LossDialogProps {
  readonly line: Line;
  /** What is expected of it by its words and the steps; null where all of it is eaten. */
  readonly expected: LineLoss | null;
  /** The alcohol in it, g; 0 for most. */
  readonly alcohol?: number;
  readonly onTake: (loss: LineLoss | null) => void;
  readonly onClose: () => void;
}

/** Asks what of a line is not eaten: weighed, all of it, or as is expected. */
export function LossDialog({ line, expected, alcohol = 0, onTake, onClose }: LossDialogProps) {
  const id = useId();
  const known = line.loss ?? expected;
  const [why, setWhy] = useState<LossReason>(known?.why ?? 'marinade');
  const [text, setText] = useState(known?.answered ? trimmed(lossGrams(known), 1) : '');
  const most = why === 'cooked-away' ? alcohol : (line.weight?.grams ?? 0);
  const grams = numberTyped(text);
  const wrong =
    text.trim() === ''
      ? null
      : grams === null || grams < 0
        ? 'Write grams, such as 200.'
        : grams > most
          ? `There are only ${trimmed(most, 0)} g of it.`
          : null;
  return (
    <Modal title={`What of ${line.item} is not eaten?`} onClose={onClose}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (grams !== null && wrong === null) onTake(answeredLoss(why, grams));
        }}
      >
        <Picker
          label="Why"
          value={why}
          choices={LOSS_REASONS.filter((r) => r !== 'cooked-away' || alcohol > 0).map((r) => ({
            value: r,
            words: LOSS_CHOICES[r],
          }))}
          onPick={setWhy}
        />
        {why === 'cooked-away' && (
          <ul className="mt-3 flex flex-wrap gap-2">
            {ALCOHOL_LEFT.map(({ words, left }) => (
              <li key={words}>
                <button
                  type="button"
                  className="btn btn-small"
                  onClick={() => onTake(answeredLoss(why, alcoholAway(alcohol, left)))}
                >
                  {words}
                </button>
              </li>
            ))}
          </ul>
        )}
        <label className="label mt-3" htmlFor={id}>
          {lossQuestion(why)} In grams
        </label>
        <input
          id={id}
          className="field"
          inputMode="decimal"
          value={text}
          aria-invalid={wrong !== null}
          aria-describedby={`${id}-hint`}
          onChange={(e) => setText(e.target.value)}
        />
        <p id={`${id}-hint`} className="mt-1 text-soft text-sm">
          {wrong ??
            (known === null || known.answered
              ? why === 'cooked-away'
                ? `There are ${trimmed(alcohol, 0)} g of alcohol in it. What stays is by the USDA Table of Nutrient Retention Factors.`
                : 'Weigh what is left, or guess.'
              : `Expected: ${lossWords(known)}. Common practice; weigh it to know.`)}
        </p>
        <div className="mt-4 flex flex-wrap gap-2">
          <button type="submit" className="btn btn-main" disabled={grams === null || wrong !== null}>
            That much is left
          </button>
          <button type="button" className="btn" onClick={() => onTake(answeredLoss(why, 0))}>
            All of it is eaten
          </button>
          {expected !== null && (
            <button type="button" className="btn btn-plain" onClick={() => onTake(expected)}>
              As expected
            </button>
          )}
        </div>
      </form>
    </Modal>
  );
}
