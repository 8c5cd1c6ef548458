import { Bell, Ellipsis, Pause, Play, X } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { clockWords } from '../../core/stove/clock-words.ts';
import { timeWords } from '../../core/stove/time-words.ts';
import { longer, paused, resumed, silenced, type Timer, timerAt } from '../../core/stove/timer.ts';

interface TimerCardProps {
  readonly timer: Timer;
  /** By the server's clock, ms. */
  readonly now: number;
  /** The dish, where timers of several stand together. */
  readonly of?: ReactNode;
  readonly onChange: (after: Timer) => void;
  readonly onStop: () => void;
}

/** One timer: what it waits for, how long it has, and what can be done with it. */
export function TimerCard({ timer, now, of, onChange, onStop }: TimerCardProps) {
  const at = timerAt(timer, now);
  // On a phone there is room for the step, too: what can be done with a timer comes by a tap on it.
  const [open, setOpen] = useState(false);
  const over = at.phase === 'look' || at.phase === 'up';
  const said =
    at.phase === 'paused'
      ? 'waits'
      : at.phase === 'runs'
        ? timer.to === null
          ? `of ${timeWords(timer.from, null)}`
          : `look after ${timeWords(timer.from, null)}`
        : at.phase === 'look'
          ? 'look now; at the latest in'
          : 'it is time, since';
  return (
    <li
      className={`flex flex-wrap items-center gap-x-2 gap-y-1 rounded-xl px-3.5 py-2 ${over ? 'bg-mustard-wash text-ink outline-2 outline-mustard-rule' : 'bg-ink text-paper'}`}
    >
      <p className="min-w-36 flex-1 leading-tight">
        <span className="line-clamp-1 font-semibold">{timer.name}</span>
        <span className={`text-sm ${over ? 'text-mustard' : 'opacity-80'}`}>
          {of}
          {of && ': '}
          {said}
        </span>
      </p>
      <p role="timer" aria-label={`${timer.name}, ${said}`} className="font-bold font-head text-3xl">
        {clockWords(at.seconds)}
      </p>
      {of === undefined && !over && (
        <button
          type="button"
          aria-expanded={open}
          aria-label={`What can be done with the timer: ${timer.name}`}
          className="grid min-h-touch min-w-touch place-items-center rounded-lg sm:hidden"
          onClick={() => setOpen(!open)}
        >
          <Ellipsis size={22} aria-hidden="true" />
        </button>
      )}
      <div className={`flex items-center gap-1 ${open || over || of !== undefined ? '' : 'max-sm:hidden'}`}>
        {at.rings && (
          <button type="button" className="btn btn-main" onClick={() => onChange(silenced(timer, now))}>
            <Bell size={20} aria-hidden="true" /> Silence
          </button>
        )}
        {!over && (
          <button
            type="button"
            className="grid min-h-touch min-w-touch place-items-center rounded-lg"
            aria-label={`${at.phase === 'paused' ? 'Go on with' : 'Let wait'}: ${timer.name}`}
            onClick={() => onChange(at.phase === 'paused' ? resumed(timer, now) : paused(timer, now))}
          >
            {at.phase === 'paused' ? <Play size={22} aria-hidden="true" /> : <Pause size={22} aria-hidden="true" />}
          </button>
        )}
        <button
          type="button"
          className="grid min-h-touch min-w-touch place-items-center rounded-lg font-semibold"
          aria-label={`5 minutes more: ${timer.name}`}
          onClick={() => onChange(longer(timer, 300, now))}
        >
          +5
        </button>
        <button
          type="button"
          className="grid min-h-touch min-w-touch place-items-center rounded-lg"
          aria-label={`End the timer: ${timer.name}`}
          onClick={onStop}
        >
          <X size={22} aria-hidden="true" />
        </button>
      </div>
    </li>
  );
}
