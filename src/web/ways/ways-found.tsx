import { useEffect, useRef } from 'react';
import { isAnotherDish } from '../../core/swap/departure-words.ts';
import type { WaysAnswer } from '../../core/ways/find-ways.ts';
import { WayCard } from './way-card.tsx';
import type { WayWords } from './way-words.ts';

interface WaysFoundProps {
  readonly answer: WaysAnswer;
  /** What a way departs from, in words: "from the family's dish". */
  readonly from: string;
  readonly words: WayWords;
}

/** What a search found: the ways, or what stands in the way. */
export function WaysFound({ answer, from, words }: WaysFoundProps) {
  const found = useRef<HTMLDivElement>(null);
  // The answer comes below what was asked: whoever asked is taken to it.
  useEffect(() => {
    const still = window.matchMedia('(prefers-reduced-motion: reduce)').matches;
    found.current?.scrollIntoView({ block: 'start', behavior: still ? 'auto' : 'smooth' });
  }, [answer]);
  return (
    <div ref={found} className="mt-5 scroll-mt-16 border-rule border-t pt-4" aria-live="polite">
      {answer.obstacle ? (
        <div className="note">
          {answer.stopped && !answer.proved ? (
            <>
              <strong>The search was ended before it was done.</strong> It found nothing so far. Ask for less, or keep
              more lines, and look again.
            </>
          ) : (
            <>
              <strong>Nothing reaches it.</strong> {answer.obstacle.words.join(' ')}
            </>
          )}
        </div>
      ) : (
        <p>
          {answer.proved
            ? `Nothing that reaches it departs less${from}: every choice was weighed.`
            : `This reaches it. That nothing departs less is not proved${answer.stopped ? ': the search was ended before it was done' : ''}.`}
        </p>
      )}
      <div className="mt-3 grid gap-3 md:grid-cols-2">
        {answer.ways.map((w) => (
          <WayCard
            key={w.differs ?? 'best'}
            way={w}
            title={w.differs ?? (isAnotherDish(w.changes) ? 'Only as another dish' : 'Departs least')}
            choices={answer.choices}
            words={words}
          />
        ))}
        {answer.obstacle?.closest && (
          <WayCard
            way={answer.obstacle.closest}
            title="The closest that can be"
            choices={answer.choices}
            words={words}
          />
        )}
      </div>
    </div>
  );
}
