/** A day has so many milliseconds where no clock is changed: days are counted in UTC, where none ever is. */
const MS_A_DAY = 86_400_000;

const utc = (day: string): number => Date.parse(`${day}T00:00:00Z`);

/**
 * A calendar day so many days on, YYYY-MM-DD.
 *
 * @example addDays('2026-12-31', 1) // '2027-01-01'
 */
export const addDays = (day: string, n: number): string => new Date(utc(day) + n * MS_A_DAY).toISOString().slice(0, 10);

/** The weekday, 1 Monday to 7 Sunday (ISO 8601). */
export const isoWeekday = (day: string): number => ((Math.floor(utc(day) / MS_A_DAY) + 3) % 7) + 1;

/** How many days from one to another, below 0 when it is before. */
export const daysBetween = (from: string, to: string): number => Math.round((utc(to) - utc(from)) / MS_A_DAY);

/** So many days from one on, it the first. */
export const daysFrom = (day: string, n: number): string[] => Array.from({ length: n }, (_, i) => addDays(day, i));

/** The seven days of the week that a day is in. @param begins the weekday that weeks begin with, 1 Monday to 7 Sunday */
export const daysOfWeek = (day: string, begins: number): string[] =>
  daysFrom(addDays(day, -((isoWeekday(day) - begins + 7) % 7)), 7);

const formats = new Map<string, Intl.DateTimeFormat>();

/** The calendar day that an instant falls on in a zone. @param zone an IANA time zone */
export function dayIn(at: Date, zone: string): string {
  let format = formats.get(zone);
  if (format === undefined) {
    // Swedish dates are written YYYY-MM-DD.
    format = new Intl.DateTimeFormat('sv-SE', { timeZone: zone, year: 'numeric', month: '2-digit', day: '2-digit' });
    formats.set(zone, format);
  }
  return format.format(at);
}

const clocks = new Map<string, Intl.DateTimeFormat>();

/** The time of the day in a zone, HH:MM. @param zone an IANA time zone */
export function timeIn(at: Date, zone: string): string {
  let clock = clocks.get(zone);
  if (clock === undefined) {
    clock = new Intl.DateTimeFormat('sv-SE', { timeZone: zone, hour: '2-digit', minute: '2-digit' });
    clocks.set(zone, clock);
  }
  return clock.format(at);
}
