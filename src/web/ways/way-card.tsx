import { formatPoints } from '../../core/program/format-points.ts';
import { departureSaid } from '../../core/swap/departure-words.ts';
import type { LineChoices } from '../../core/ways/line-choices.ts';
import type { Way } from '../../core/ways/way.ts';
import { WayChanges } from './way-changes.tsx';
import type { WayWords } from './way-words.ts';

interface WayCardProps {
  readonly way: Way;
  readonly title: string;
  /** What there was to choose from. */
  readonly choices: readonly LineChoices[];
  readonly words: WayWords;
}

/** A way: what it comes to for everyone, what it changes, and the button that takes it. */
export function WayCard({ way, title, choices, words }: WayCardProps) {
  return (
    <section aria-label={title} className="panel flex flex-col p-3">
      <h3 className="text-base first-letter:uppercase">{title}</h3>
      <p className="mt-1 flex flex-wrap items-baseline gap-x-3">
        {words.eaters.map((e, i) => (
          <span key={e.eater.id}>
            <span className="mark">{e.program.mark}</span>{' '}
            <strong className="font-head text-xl">{formatPoints(way.points[i]!)}</strong>
          </span>
        ))}
        <span className="text-soft text-sm">
          {way.kcal === null ? '' : `${Math.round(way.kcal)} kcal · `}
          {Math.round(way.grams)} g · departs {departureSaid(way.departure)}
        </span>
      </p>
      <WayChanges way={way} choices={choices} words={words} />
      {way.changes.length > 0 && (
        <button
          type="button"
          className="btn mt-2 self-start"
          onClick={() => words.onTake(way.changes, `Way: ${title}`)}
        >
          Take this way
        </button>
      )}
    </section>
  );
}
