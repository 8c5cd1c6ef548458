import type { Box } from '../cook/cook.ts';
import type { DayEntry } from '../day/day-entry.ts';
import type { Pot } from '../day/pot.ts';
import { addDays } from '../quantity/calendar-day.ts';
import { type Meal, mealOf } from '../table/meal.ts';
import type { CalendarEvent } from './to-ics.ts';

/** What a week's calendar is made from. */
export interface WeekForCalendar {
  readonly entries: readonly DayEntry[];
  readonly pots: readonly (Pot & { readonly title: string })[];
  readonly boxes: readonly Box[];
  readonly meals: readonly Meal[];
  nameOf(eaterId: string): string;
}

/** A frozen box is put in the fridge in the evening before. */
const THAW_AT = '20:00';
const MEAL_MIN = 45;
const COOK_MIN = 60;

/** Planned meals, what is to be cooked, what has to thaw, and boxes that have to be eaten. */
export function eventsOfWeek(week: WeekForCalendar): CalendarEvent[] {
  return [...mealEvents(week), ...potEvents(week), ...thawEvents(week), ...boxEvents(week)];
}

function mealEvents({ entries, meals, nameOf }: WeekForCalendar): CalendarEvent[] {
  const byMeal = new Map<string, DayEntry[]>();
  for (const e of entries) {
    const key = `${e.day} ${mealOf(meals, e.meal).id}`;
    byMeal.set(key, [...(byMeal.get(key) ?? []), e]);
  }
  return [...byMeal].map(([key, all]): CalendarEvent => {
    const [day, mealId] = key.split(' ') as [string, string];
    const meal = mealOf(meals, mealId);
    const titles = [...new Set(all.map((e) => e.words))];
    const people = [...new Set(all.map((e) => e.eaterId))].map(
      (id) => `${nameOf(id)}: ${[...new Set(all.filter((e) => e.eaterId === id).map((e) => e.words))].join(', ')}`,
    );
    return {
      id: `meal-${day}-${meal.id}`,
      day,
      time: meal.time,
      minutes: MEAL_MIN,
      title: `${meal.name}: ${titles.join(', ')}`,
      words: people.join('\n'),
    };
  });
}

const potEvents = ({ pots, meals }: WeekForCalendar): CalendarEvent[] =>
  pots.map((p) => {
    const { time } = mealOf(meals, p.meal);
    return {
      id: `pot-${p.id}`,
      day: p.day,
      time: time === null ? null : earlier(time, COOK_MIN),
      minutes: COOK_MIN,
      title: `Cook ${p.title}`,
      words: `For ${p.servings} servings`,
    };
  });

/** A time so many minutes before another, on the same day. */
function earlier(time: string, minutes: number): string {
  const at = Math.max(0, Number(time.slice(0, 2)) * 60 + Number(time.slice(3)) - minutes);
  return `${String(Math.floor(at / 60)).padStart(2, '0')}:${String(at % 60).padStart(2, '0')}`;
}

const thawEvents = ({ entries, boxes }: WeekForCalendar): CalendarEvent[] =>
  entries.flatMap(({ id, day, what, words }): CalendarEvent[] => {
    const box = what.kind === 'box' ? boxes.find((b) => b.id === what.boxId) : undefined;
    if (box === undefined || box.place !== 'freezer') return [];
    return [
      {
        id: `thaw-${id}`,
        day: addDays(day, -1),
        time: THAW_AT,
        minutes: 5,
        title: `Thaw ${words}: from the freezer into the fridge`,
        words: 'Thaw it in the fridge, not on the table.',
      },
    ];
  });

const boxEvents = ({ boxes }: WeekForCalendar): CalendarEvent[] =>
  boxes
    .filter((b) => b.taken === null && b.place === 'fridge')
    .map((b) => ({
      id: `box-${b.id}`,
      day: b.keepUntil,
      time: null,
      minutes: 0,
      title: `Last day for the box of ${b.title}`,
      words: 'When in doubt, throw it out.',
    }));
