import { formatPoints } from '../../core/program/format-points.ts';
import { trimmed } from '../../core/quantity/format-amount.ts';
import type { NextQuestion } from '../../core/teach/next-question.ts';
import { AnswerField } from './answer-field.tsx';

interface NextQuestionCardProps {
  readonly next: NextQuestion;
  readonly step: 1 | 0.5;
  readonly onAnswer: (points: number) => void;
  readonly onSkip: () => void;
}

/** More answers than these are typed. */
const MOST_BUTTONS = 9;

/** What to look up next, with the answers that there can be a press away. */
export function NextQuestionCard({ next, step, onAnswer, onSkip }: NextQuestionCardProps) {
  const grams = (next.food.grams ?? 0) * next.portions;
  const count = Math.round((next.max - next.min) / step) + 1;
  const answers = Array.from({ length: count }, (_, i) => next.min + i * step);
  const settles = Math.round(next.settles);
  return (
    <section aria-label="Look this one up next" className="panel border-2 border-beet p-4">
      <p className="text-soft text-sm">Look this one up next; its answer tells most</p>
      <h2 className="mt-0.5 text-xl" tabIndex={-1} id="next-question">
        {next.food.name}, {trimmed(grams, 0)} g
      </h2>
      {settles > 0 && (
        <p className="text-sm text-soft">
          {settles === 1 ? 'About one more food is' : `About ${settles} more foods are`} nearly certain by it.
        </p>
      )}
      <div className="mt-3 flex flex-wrap items-end gap-2">
        {count <= MOST_BUTTONS &&
          answers.map((points) => (
            <button
              key={points}
              type="button"
              className="btn min-w-12 font-bold font-head text-xl"
              aria-label={`${formatPoints(points)} points`}
              onClick={() => onAnswer(points)}
            >
              {formatPoints(points)}
            </button>
          ))}
        <AnswerField key={`${next.food.name} ${grams}`} onAnswer={onAnswer} />
        <button type="button" className="btn btn-plain" onClick={onSkip}>
          Ask another
        </button>
      </div>
    </section>
  );
}
