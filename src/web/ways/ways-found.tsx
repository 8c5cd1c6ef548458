import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { formatPoints } from '../../core/program/format-points.ts';
import { departureSaid, isAnotherDish } from '../../core/swap/departure-words.ts';
import type { WaysAnswer } from '../../core/ways/find-ways.ts';
import { WayCard, type WayWords } from './way-card.tsx';

const LazyFrontierChart = lazy(() => import('./frontier-chart.tsx'));

interface WaysFoundProps {
  readonly answer: WaysAnswer;
  /** What a way departs from, in words: "from the family's dish". */
  readonly from: string;
  /** The eater that the frontier is drawn for. */
  readonly varying: number;
  readonly words: WayWords;
}

/** What a search found: the ways, or what stands in the way, and what every point costs. */
export function WaysFound({ answer, from, varying, words }: WaysFoundProps) {
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
      {answer.frontier.length > 1 && <Frontier answer={answer} varying={varying} words={words} />}
    </div>
  );
}

/** All points that can be reached against what they cost: a chart to click, and the same as a list to walk. */
function Frontier({ answer, varying, words }: Omit<WaysFoundProps, 'from'>) {
  const [at, setAt] = useState<number | null>(null);
  const shown = at === null ? null : (answer.frontier[at]?.way ?? null);
  return (
    <section aria-label="All points that can be reached" className="mt-5">
      <h3 className="text-lg">What each point costs</h3>
      <div className="grid gap-4 md:grid-cols-[1fr_15rem]">
        <Suspense fallback={<p className="text-soft">Drawing…</p>}>
          <LazyFrontierChart
            frontier={answer.frontier}
            chosen={at}
            axis={`points ${words.each}, ${words.eaters[varying]!.program.mark}`}
            onChoose={setAt}
          />
        </Suspense>
        <ul className="max-h-56 space-y-1 overflow-auto">
          {answer.frontier.map((f, i) => (
            <li key={f.points}>
              <button
                type="button"
                className="chip w-full text-left aria-pressed:border-beet aria-pressed:bg-beet-wash"
                aria-pressed={i === at}
                onClick={() => setAt(i)}
                onKeyDown={(e) => {
                  const step = e.key === 'ArrowDown' ? 1 : e.key === 'ArrowUp' ? -1 : 0;
                  if (step === 0) return;
                  e.preventDefault();
                  const next = Math.min(answer.frontier.length - 1, Math.max(0, i + step));
                  setAt(next);
                  const list = e.currentTarget.closest('ul');
                  list?.querySelectorAll('button')[next]?.focus();
                }}
              >
                <strong>{formatPoints(f.points)}</strong>{' '}
                <span className="text-soft text-sm">
                  departs {departureSaid(f.departure)}, {f.way.changes.length}{' '}
                  {f.way.changes.length === 1 ? 'change' : 'changes'}
                </span>
              </button>
            </li>
          ))}
        </ul>
      </div>
      {shown && shown.changes.length > 0 && (
        <div className="mt-3">
          <WayCard
            way={shown}
            title={`For ${formatPoints(shown.points[varying]!)}`}
            choices={answer.choices}
            words={words}
          />
        </div>
      )}
    </section>
  );
}
