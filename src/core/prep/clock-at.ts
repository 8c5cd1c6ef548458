/** A time of day, and whether it is of the next day. */
export interface ClockTime {
  readonly clock: string;
  readonly isNextDay: boolean;
}

const DAY_MIN = 24 * 60;
const clockPart = (n: number): string => String(n).padStart(2, '0');

/**
 * The time so many minutes after another.
 *
 * @param start HH:MM
 * @example clockAt('23:50', 20) // { clock: '00:10', isNextDay: true }
 */
export function clockAt(start: string, minutes: number): ClockTime {
  const [h, m] = start.split(':').map(Number);
  const at = h! * 60 + m! + minutes;
  const ofDay = ((at % DAY_MIN) + DAY_MIN) % DAY_MIN;
  return { clock: `${clockPart(Math.floor(ofDay / 60))}:${clockPart(ofDay % 60)}`, isNextDay: at >= DAY_MIN };
}
