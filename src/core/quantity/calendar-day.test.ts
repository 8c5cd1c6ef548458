import { describe, expect, it } from 'vitest';
import { addDays, dayIn, daysOfWeek, isoWeekday } from './calendar-day.ts';

describe('calendar days', () => {
  it('are the days of a zone, not of a clock somewhere else', () => {
    expect(dayIn(new Date('2026-12-31T23:30:00Z'), 'Europe/Vienna')).toBe('2027-01-01');
    expect(dayIn(new Date('2027-01-01T04:30:00Z'), 'America/New_York')).toBe('2026-12-31');
    // 28 March 2027: clocks go from 2 to 3; the day has 23 hours.
    expect(dayIn(new Date('2027-03-27T22:59:59Z'), 'Europe/Vienna')).toBe('2027-03-27');
    expect(dayIn(new Date('2027-03-27T23:00:00Z'), 'Europe/Vienna')).toBe('2027-03-28');
    expect(dayIn(new Date('2027-03-28T21:59:59Z'), 'Europe/Vienna')).toBe('2027-03-28');
    expect(dayIn(new Date('2027-03-28T22:00:00Z'), 'Europe/Vienna')).toBe('2027-03-29');
  });
  it('are counted on over months, years and leap days', () => {
    expect(addDays('2026-12-31', 1)).toBe('2027-01-01');
    expect(addDays('2028-02-28', 1)).toBe('2028-02-29');
    expect(addDays('2027-03-28', -1)).toBe('2027-03-27');
    expect(addDays('2026-10-24', 2)).toBe('2026-10-26');
  });
  it('have a weekday by ISO 8601, and a week that begins where the program says', () => {
    expect(isoWeekday('2026-12-28')).toBe(1);
    expect(isoWeekday('2027-01-03')).toBe(7);
    expect(daysOfWeek('2027-01-01', 1)[0]).toBe('2026-12-28');
    expect(daysOfWeek('2027-01-01', 5)).toEqual([
      '2027-01-01',
      '2027-01-02',
      '2027-01-03',
      '2027-01-04',
      '2027-01-05',
      '2027-01-06',
      '2027-01-07',
    ]);
    expect(daysOfWeek('2027-03-28', 7)[6]).toBe('2027-04-03');
  });
});
