import { format } from 'date-fns';
import { useEffect, useMemo } from 'react';
import { Link, useLocation } from 'react-router';
import type { Cook } from '../../core/cook/cook.ts';
import { type Timer, timerAt } from '../../core/stove/timer.ts';
import { useHousehold } from '../context/household-context.ts';
import { useKept } from '../offline/use-kept.ts';
import type { Row } from '../saving/use-document.ts';
import { useAtStove } from '../stove/at-stove.ts';
import { useNow } from '../stove/use-now.ts';
import { bellIsReady, notify, readyBell, ring } from './ring.ts';
import { TimerCard } from './timer-card.tsx';
import { withoutTimer } from './without-timer.ts';

interface TimerOfCook {
  readonly cook: Row<Cook>;
  readonly timer: Timer;
}

/**
 * Timers wherever one is in the household: they ring and say so on every device, and are silenced on all. What is on the
 * table is not shown twice.
 */
export default function TimersEverywhere() {
  const { household } = useHousehold();
  const { pathname } = useLocation();
  const { cooks, titleOf, change } = useAtStove(household.id);
  const timers = useMemo(
    () => cooks.flatMap((cook) => Object.values(cook.timers).map((timer): TimerOfCook => ({ cook, timer }))),
    [cooks],
  );
  const now = useNow(timers.length > 0);
  const ringing = timers.filter(({ timer }) => timerAt(timer, now).rings);
  const rings = ringing.map(({ timer }) => `${timer.id} ${timerAt(timer, now).phase}`).join(' ');
  const words = ringing.map(({ cook, timer }) => `${timer.name}: ${titleOf(cook)}`).join('; ');
  useEffect(() => {
    if (rings === '') return;
    notify(rings, words);
    return ring();
  }, [rings, words]);
  // A page may sound once it was touched.
  useEffect(() => {
    const once = { once: true } as const;
    window.addEventListener('pointerdown', readyBell, once);
    window.addEventListener('keydown', readyBell, once);
    return () => {
      window.removeEventListener('pointerdown', readyBell);
      window.removeEventListener('keydown', readyBell);
    };
  }, []);
  const kept = useKept();
  const elsewhere = timers.filter(({ cook }) => !pathname.endsWith(`/cook/${cook.id}`));
  const nothing = kept && (
    <p role="status" className="no-print bg-mustard-wash px-edge py-1.5 text-mustard">
      No network: this is as it was{kept.at !== null && ` at ${format(kept.at, 'HH:mm')}`}. What you do waits on this
      device, and is sent when there is one.
    </p>
  );
  const mute = rings !== '' && !bellIsReady() && (
    <p role="status" className="no-print bg-mustard-wash px-edge py-1.5 text-mustard">
      Press anywhere once, so that it can be heard here: {words}.
    </p>
  );
  if (elsewhere.length === 0)
    return (
      <>
        {nothing}
        {mute}
      </>
    );
  return (
    <>
      {nothing}
      {mute}
      <section aria-label="Timers" className="no-print sticky top-0 z-30 border-rule border-b bg-paper px-edge py-2">
        <ul className="flex flex-wrap gap-2">
          {elsewhere.map(({ cook, timer }) => (
            <TimerCard
              key={timer.id}
              timer={timer}
              now={now}
              of={
                <Link className="underline" to={`/h/${household.id}/recipes/${cook.recipeId}/cook/${cook.id}`}>
                  {titleOf(cook) || 'To the stove'}
                </Link>
              }
              onChange={(after) =>
                void change(cook, { timers: { ...cook.timers, [timer.id]: after } }, `Timer: ${timer.name}`)
              }
              onStop={() => void change(cook, { timers: withoutTimer(cook, timer.id) }, `End the timer: ${timer.name}`)}
            />
          ))}
        </ul>
      </section>
    </>
  );
}
