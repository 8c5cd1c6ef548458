import fc from 'fast-check';
import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import { testBox } from '../../../tests/support/test-box.ts';
import type { DayEntry } from '../day/day-entry.ts';
import { USUAL_MEALS } from '../table/meal.ts';
import { eventsOfWeek } from './events-of-week.ts';
import { type CalendarEvent, toIcs } from './to-ics.ts';

// Read back by a parser that is none of ours.
const STAMP = new Date('2026-11-28T09:00:00.000Z');
const read = (text: string) =>
  new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((c) => new ICAL.Event(c));
const event = (over: Partial<CalendarEvent> = {}): CalendarEvent => ({
  id: 'meal-1',
  day: '2026-12-31',
  time: '18:30',
  minutes: 45,
  title: 'Evening: stew',
  words: '',
  ...over,
});

describe('a calendar file', () => {
  it('is read by another parser as it was written, over the turn of the year and of the clocks', () => {
    const events = [
      event(),
      event({ id: 'b', day: '2027-03-28', time: '02:30', title: 'In the hour that there is not' }),
      event({ id: 'c', day: '2027-01-01', time: null, title: 'Last day for the box of stew' }),
    ];
    const [a, b, c] = read(toIcs('Week', events, STAMP));
    expect(a!.startDate.toString()).toBe('2026-12-31T18:30:00');
    expect(a!.endDate.toString()).toBe('2026-12-31T19:15:00');
    expect(a!.startDate.zone).toBe(ICAL.Timezone.localTimezone);
    expect(b!.startDate.toString()).toBe('2027-03-28T02:30:00');
    expect([c!.startDate.isDate, c!.startDate.toString()]).toEqual([true, '2027-01-01']);
    expect(a!.uid).toBe('meal-1@imbiss');
  });
  it('keeps every word that it is given, whatever stands in it, on lines of at most 75 bytes', () => {
    const words = fc.string({ unit: 'grapheme', maxLength: 300 });
    fc.assert(
      fc.property(words, words, (title, note) => {
        const plain = (s: string) =>
          // biome-ignore lint/suspicious/noControlCharactersInRegex: a calendar has no place for them
          s.replace(/\r\n|\r/g, '\n').replace(/[\u0000-\u0008\u000b-\u001f\u007f]/g, '');
        const text = toIcs('Week', [event({ title: `x${title}`, words: `y${note}` })], STAMP);
        for (const line of text.split('\r\n')) expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
        const [back] = read(text);
        expect(back!.summary).toBe(plain(`x${title}`));
        expect(back!.description).toBe(plain(`y${note}`));
      }),
    );
  });
  it('has one event a meal, what is cooked an hour before, what thaws the evening before, and the last day of a box', () => {
    const entry = (id: string, over: Partial<DayEntry>): DayEntry => ({
      id,
      eaterId: 'ada',
      day: '2026-12-01',
      meal: 'meal-supper',
      position: 0,
      what: { kind: 'known', points: 1, kcal: null },
      words: id,
      portion: 1,
      spread: 0,
      state: 'planned',
      ...over,
    });
    const frozen = testBox('frozen', { place: 'freezer', title: 'Goulash' });
    const events = eventsOfWeek({
      entries: [
        entry('stew', {}),
        entry('soup', { eaterId: 'bob' }),
        entry('Goulash', { day: '2026-12-02', what: { kind: 'box', recipeId: 'r', boxId: 'frozen' } }),
      ],
      pots: [
        {
          id: 'pot',
          recipeId: 'r',
          versionId: 'v',
          day: '2026-12-01',
          meal: 'meal-supper',
          servings: 6,
          cookId: null,
          title: 'Stew',
        },
      ],
      boxes: [frozen, testBox('chilled', { title: 'Soup' })],
      meals: USUAL_MEALS,
      nameOf: (id) => ({ ada: 'Ada', bob: 'Bob' })[id] ?? id,
    });
    expect(events.map((e) => [e.day, e.time, e.title])).toEqual([
      ['2026-12-01', '18:30', 'Evening: stew, soup'],
      ['2026-12-02', '18:30', 'Evening: Goulash'],
      ['2026-12-01', '17:30', 'Cook Stew'],
      ['2026-12-01', '20:00', 'Thaw Goulash: from the freezer into the fridge'],
      ['2026-11-28', null, 'Last day for the box of Soup'],
    ]);
    expect(events[0]!.words).toBe('Ada: stew\nBob: soup');
    expect(read(toIcs('Week', events, STAMP))).toHaveLength(5);
  });
});
