import type { DoubtWhy, WordDoubt } from '../../core/photo/word-doubts.ts';
import { Strip } from './strip.tsx';
import type { LineToAnswer } from './use-photo.ts';

interface PhotoLineRowProps {
  readonly picture: HTMLImageElement;
  readonly of: LineToAnswer;
  readonly place: number;
  readonly onAnswer: (doubt: WordDoubt, word: string) => void;
  readonly onType: (text: string) => void;
  readonly onLeaveOut: (isLeftOut: boolean) => void;
}

const QUESTIONS: Readonly<Record<DoubtWhy, (word: string) => string>> = {
  fraction: (word) => `A fraction may be lost at “${word}”. Which is it?`,
  number: (word) => `Is this “${word}”?`,
  word: (word) => `Is this word “${word}”?`,
};

/** A line of a photograph: its strip, what was read, and the first question that is open in it. */
export function PhotoLineRow({ picture, of, place, onAnswer, onType, onLeaveOut }: PhotoLineRowProps) {
  const { line, isLeftOut } = of;
  const [doubt] = line.doubts;
  const read = doubt === undefined ? '' : line.words[doubt.word]!;
  const isOpen = doubt !== undefined && !isLeftOut;
  return (
    <li
      className={`grid gap-x-4 gap-y-1 border-rule border-b py-3 lg:grid-cols-2 lg:items-center ${isLeftOut ? 'opacity-60' : ''}`}
    >
      <Strip picture={picture} box={line.box} words={line.text} />
      <div className="flex items-center gap-2">
        <input
          aria-label={`Line ${place}`}
          className={`field min-w-0 flex-1 ${isLeftOut ? 'line-through' : ''} ${isOpen ? 'border-mustard' : ''}`}
          value={line.text}
          disabled={isLeftOut}
          onChange={(e) => onType(e.target.value)}
        />
        <button
          type="button"
          className="btn btn-plain btn-small shrink-0"
          aria-label={`${isLeftOut ? 'Take back' : 'Leave out'} line ${place}`}
          onClick={() => onLeaveOut(!isLeftOut)}
        >
          {isLeftOut ? 'Take back' : 'Leave out'}
        </button>
      </div>
      {isOpen && (
        <fieldset className="mt-1 lg:col-start-2">
          <legend className="text-mustard">{QUESTIONS[doubt.why](read)}</legend>
          <div className="mt-1 flex flex-wrap gap-2">
            {[...doubt.offers, read].map((offer, i) => (
              <button
                key={offer}
                type="button"
                className="chip"
                onClick={() => onAnswer(doubt, offer)}
                aria-label={i === doubt.offers.length ? `It is “${offer}”, as read` : `It is “${offer}”`}
              >
                {i === doubt.offers.length ? `“${offer}”, as read` : offer}
              </button>
            ))}
          </div>
        </fieldset>
      )}
    </li>
  );
}
