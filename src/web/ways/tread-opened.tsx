import { useState } from 'react';
import { formatPoints } from '../../core/program/format-points.ts';
import { isAnotherDish } from '../../core/swap/departure-words.ts';
import type { LineChoices } from '../../core/ways/line-choices.ts';
import type { FrontierPoint, Way } from '../../core/ways/way.ts';
import { errorWords } from '../kit/say-error.ts';
import { WayCard } from './way-card.tsx';
import { WayChanges } from './way-changes.tsx';
import type { WayWords } from './way-words.ts';

interface TreadOpenedProps {
  readonly tread: FrontierPoint;
  /** Whose stair it is, by name. */
  readonly lead: string;
  readonly choices: readonly LineChoices[];
  readonly words: WayWords;
  readonly others: (points: number) => Promise<readonly Way[]>;
}

/** A tread that is open: what changes, what that comes to, the button that takes it, and other ways there. */
export function TreadOpened({ tread, lead, choices, words, others }: TreadOpenedProps) {
  const { way } = tread;
  const points = formatPoints(tread.points);
  const [found, setFound] = useState<readonly Way[] | 'looking' | Error | null>(null);
  const look = () => {
    setFound('looking');
    others(tread.points).then(setFound, (e: unknown) => setFound(new Error(errorWords(e))));
  };
  return (
    <section aria-label={`The way to ${points}`} className="pr-1 pb-4 pl-4 desk:pl-28">
      <p className="text-soft text-sm">
        {way.kcal === null ? '' : `${Math.round(way.kcal)} kcal, `}
        {Math.round(way.grams)} g.{' '}
        {tread.proved
          ? `Nothing that brings ${lead} to ${points} is nearer to the family's dish: every choice was weighed.`
          : 'That nothing nearer reaches it is not proved.'}
        {isAnotherDish(way.changes) && ' It is another dish then.'}
      </p>
      <WayChanges way={way} choices={choices} words={words} />
      <p className="mt-3 flex flex-wrap gap-2">
        <button
          type="button"
          className="btn btn-main min-h-13 px-6"
          onClick={() => words.onTake(way.changes, `${lead} to ${points}`)}
        >
          Take this
        </button>
        {found === null && (
          <button type="button" className="btn min-h-13" onClick={look}>
            Other ways to {points}
          </button>
        )}
      </p>
      <div aria-live="polite">
        {found === 'looking' && <p className="mt-3 text-soft">Looking…</p>}
        {found instanceof Error && <p className="note mt-3">{found.message}</p>}
        {Array.isArray(found) && found.length === 0 && (
          <p className="mt-3 text-soft">No other way there is near enough to be worth a look.</p>
        )}
        {Array.isArray(found) && found.length > 0 && (
          <div className="mt-3 grid gap-3 md:grid-cols-2">
            {found.map((w: Way) => (
              <WayCard key={w.differs} way={w} title={w.differs ?? ''} choices={choices} words={words} />
            ))}
          </div>
        )}
      </div>
    </section>
  );
}
