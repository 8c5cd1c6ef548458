import { invalid } from '../errors.ts';

/** Which ends of a timer are silenced. */
export const QUIET = ['no', 'short', 'all'] as const;

/**
 * A timer of a dish at the stove. It is an instant of the server's clock and no count, so that every device shows the
 * same, and a page that was away does not lose it.
 */
export interface Timer {
  readonly id: string;
  /** In the step's own words. */
  readonly name: string;
  /** The step that it was read from; null for one of the cook's own. */
  readonly stepId: string | null;
  /** How long to its short end, s. */
  readonly from: number;
  /** How long to its long end, s; null where it has one end. */
  readonly to: number | null;
  /** The instant of its short end, ISO 8601; null while it waits. */
  readonly endsAt: string | null;
  /** How long there was to its short end when it was made to wait, s; below 0 behind it; null while it runs. */
  readonly left: number | null;
  /** Which of its ends rings no more, on every device. */
  readonly quiet: (typeof QUIET)[number];
}

/** How a timer stands at an instant. */
export interface TimerNow {
  /** It runs to its short end; one looks, until the long one; it is up; it waits. */
  readonly phase: 'runs' | 'look' | 'up' | 'paused';
  /** Whole seconds to the next end; when it is up, since its last; when it waits, to its short end. */
  readonly seconds: number;
  readonly rings: boolean;
}

const LONGEST_H = 99;
/** What is longer over than this rings no more, s: whoever opens a page an hour later is not rung at. */
const RINGS_FOR_S = 600;

/** What is wrong with a time, in words; null for one that a timer can have. @param seconds of it */
export function timerProblem(seconds: number): string | null {
  if (Number.isNaN(seconds)) return 'Write how many minutes, such as 12 or 1.5.';
  if (!(seconds > 0)) return 'A timer needs some time: write minutes above 0.';
  const most = LONGEST_H * 60;
  if (seconds > most * 60)
    return `A timer runs for at most ${LONGEST_H} hours: write ${most.toLocaleString('en')} minutes or fewer.`;
  return null;
}

/**
 * A timer that begins now.
 *
 * @param now by the server's clock, ms
 * @throws DomainError for a time that no timer can have
 */
export function newTimer(of: Pick<Timer, 'id' | 'name' | 'stepId' | 'from' | 'to'>, now: number): Timer {
  const problem = timerProblem(of.from) ?? (of.to === null ? null : timerProblem(of.to));
  if (problem !== null) throw invalid(problem);
  if (of.to !== null && of.to <= of.from) throw invalid('Its long end is shorter than its short one.');
  return { ...of, endsAt: instant(now + of.from * 1000), left: null, quiet: 'no' };
}

const instant = (ms: number): string => new Date(ms).toISOString();
/** How long a range takes from its short end to its long one, s. */
const looking = (t: Timer): number => (t.to === null ? 0 : t.to - t.from);

/** How a timer stands. @param now by the server's clock, ms */
export function timerAt(timer: Timer, now: number): TimerNow {
  if (timer.endsAt === null) return { phase: 'paused', seconds: Math.ceil(timer.left ?? 0), rings: false };
  const toShort = (Date.parse(timer.endsAt) - now) / 1000;
  if (toShort > 0) return { phase: 'runs', seconds: Math.ceil(toShort), rings: false };
  const toLong = toShort + looking(timer);
  if (toLong > 0)
    return { phase: 'look', seconds: Math.ceil(toLong), rings: timer.quiet === 'no' && -toShort <= RINGS_FOR_S };
  return { phase: 'up', seconds: Math.floor(Math.abs(toLong)), rings: timer.quiet !== 'all' && -toLong <= RINGS_FOR_S };
}

/** The timer made to wait. @param now by the server's clock, ms */
export const paused = (timer: Timer, now: number): Timer =>
  timer.endsAt === null ? timer : { ...timer, endsAt: null, left: (Date.parse(timer.endsAt) - now) / 1000 };

/** The timer that goes on from where it waited. @param now by the server's clock, ms */
export const resumed = (timer: Timer, now: number): Timer =>
  timer.endsAt !== null ? timer : { ...timer, endsAt: instant(now + (timer.left ?? 0) * 1000), left: null };

/** The timer that rings no more at the end that it has reached. @param now by the server's clock, ms */
export function silenced(timer: Timer, now: number): Timer {
  const { phase } = timerAt(timer, now);
  if (phase === 'look') return { ...timer, quiet: timer.quiet === 'no' ? 'short' : timer.quiet };
  return phase === 'up' ? { ...timer, quiet: 'all' } : timer;
}

/**
 * The timer that takes so much longer. What is over begins anew from now, with one end.
 *
 * @param by s
 * @param now by the server's clock, ms
 */
export function longer(timer: Timer, by: number, now: number): Timer {
  const { phase } = timerAt(timer, now);
  if (phase === 'paused') return { ...timer, left: (timer.left ?? 0) + by };
  if (phase === 'runs') return { ...timer, endsAt: instant(Date.parse(timer.endsAt!) + by * 1000) };
  return { ...timer, endsAt: instant(now + by * 1000), from: by, to: null, quiet: 'no' };
}
