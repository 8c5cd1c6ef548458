import { describe, expect, it } from 'vitest';
import { type DayCount, UNCOUNTED_DAY } from '../day/day-count.ts';
import type { CountedEntry, ToldDay } from '../day/eater-week.ts';
import { sumDay } from '../day/sum-day.ts';
import { SAMPLE_PROGRAMS } from '../program/samples.ts';
import { propose } from './propose.ts';
import { sayProposal } from './say-proposal.ts';
import type { OfferedDish, WeekOffer } from './week-offer.ts';
import { askedWeek, freePlaces, isFreePlace, type WeekQuestion } from './week-question.ts';

const ledger = SAMPLE_PROGRAMS[0]!;
const DAYS = ['2026-12-07', '2026-12-08', '2026-12-09'];
const worth = (points: number, rest: Partial<DayCount> = {}): DayCount => ({
  ...UNCOUNTED_DAY,
  raw: points + 0.3,
  rawLow: points,
  rawHigh: points + 1.2,
  points,
  low: points,
  high: points + 1,
  complete: true,
  ...rest,
});
const entry = (day: string, meal: string, count: DayCount, id = `${day} ${meal}`): CountedEntry => ({
  entry: {
    id,
    eaterId: 'runa',
    day,
    meal,
    position: 0,
    what: { kind: 'known', points: count.points ?? 0, kcal: null },
    words: 'Something',
    portion: 1,
    spread: 0,
    state: 'planned',
  },
  count,
});
const told = (day: string, entries: readonly CountedEntry[], allowance: number | null): ToldDay => {
  const rules = allowance === null ? null : { program: ledger, allowance };
  const as = rules === null ? null : { rule: ledger.rule, adds: ledger.week.adds, upwards: false };
  const sum = sumDay(
    entries.map((e) => ({ ref: e.entry.id, count: e.count })),
    as,
  );
  return { day, entries, sum, eaten: sum, rules, reckoned: null, floor: null, isOver: false } as unknown as ToldDay;
};
const dish = (id: string, points: number | null, rest: Partial<OfferedDish> = {}): OfferedDish => ({
  recipeId: id,
  versionId: `${id}-v`,
  title: id,
  servings: 4,
  keeps: 3,
  toGet: [{ foodId: `${id}-food`, name: `${id} food` }],
  foods: 5,
  lastEaten: null,
  to: [{ eaterId: 'runa', count: points === null ? UNCOUNTED_DAY : worth(points), notFor: [] }],
  ...rest,
});
const asked = (
  offer: Partial<WeekOffer>,
  rest: Partial<WeekQuestion> = {},
  entries: readonly CountedEntry[] = [],
): WeekQuestion => ({
  days: DAYS,
  eaterIds: ['runa'],
  mealsOfDay: ['breakfast', 'supper'],
  meals: ['supper'],
  cookDays: DAYS,
  told: () =>
    DAYS.map((d) =>
      told(
        d,
        entries.filter((e) => e.entry.day === d),
        20,
      ),
    ),
  isStanding: () => false,
  offer: { dishes: [], boxes: [], pots: [], ...offer },
  upwards: false,
  ...rest,
});

describe('a week that is asked for', () => {
  it('has the free places, and leaves kept ones and their points alone', () => {
    const q = asked({}, {}, [entry(DAYS[0]!, 'supper', worth(6)), entry(DAYS[1]!, 'breakfast', worth(4))]);
    expect(freePlaces(q).map((p) => p.day)).toEqual([DAYS[1], DAYS[2]]);
    expect(askedWeek(q).problem.room).toEqual([[14, 16, 20]]);
    const supper = (day: string) => isFreePlace(q, { eaterId: 'runa', day, meal: 'supper' });
    expect([DAYS[0]!, DAYS[1]!, '2027-01-01'].map(supper)).toEqual([false, true, false]);
  });

  it('takes no place for what always stands there', () => {
    const q = asked({}, { isStanding: (id) => id === 'milk' }, [entry(DAYS[0]!, 'supper', worth(1), 'milk')]);
    expect(freePlaces(q)).toHaveLength(3);
  });

  it('gives nobody what they must not have, or what is not wholly counted', () => {
    const notFor = [{ eaterId: 'runa', count: worth(3), notFor: ['walnuts'] }];
    const half = [{ eaterId: 'runa', count: worth(3, { complete: false }), notFor: [] }];
    const q = asked({
      dishes: [dish('nuts', 3, { to: notFor }), dish('unread', 3, { to: half }), dish('unknown', null)],
    });
    const week = askedWeek(q);
    expect(week.problem.dishes.map((d) => d.points)).toEqual([[null], [null], [null]]);
    const said = sayProposal(q, week, propose(week.problem));
    expect(said.filled).toEqual([]);
    expect(said.open[0]!.why).toMatch(/may be eaten here, or can be wholly counted/);
    // Who counts nothing may still have an allergy, and nobody knows what is in what is not read.
    const uncounted = { ...q, told: () => DAYS.map((d) => told(d, [], null)) };
    expect(askedWeek(uncounted).problem.dishes.map((d) => d.points)).toEqual([[null], [null], [null]]);
    const read = { ...uncounted, offer: { ...q.offer, dishes: [dish('stew', 3)] } };
    expect(askedWeek(read).problem.dishes.map((d) => d.points)).toEqual([[0]]);
  });

  it('counts upwards where the household does, and raw where the program adds so', () => {
    expect(askedWeek(asked({ dishes: [dish('stew', 3)] }, { upwards: true })).problem.dishes[0]!.points).toEqual([4]);
  });

  it('has no room on a day of which something is not known', () => {
    const q = asked({ dishes: [dish('stew', 3)] }, {}, [entry(DAYS[0]!, 'breakfast', worth(2, { complete: false }))]);
    expect(askedWeek(q).problem.room[0]![0]).toBe(0);
  });

  it('asks for the floor of whole days alone', () => {
    const q = asked({ dishes: [dish('stew', 3)] }, {}, [entry(DAYS[1]!, 'breakfast', worth(4))]);
    const { least } = askedWeek(q).problem;
    expect(least[0]![0]).toBeNull();
    expect(least[0]![1]).toBe(ledger.floor - 4);
  });

  it('says of each choice why, of each place that stays free too, and what has to be got', () => {
    const box = {
      boxId: 'box-1',
      recipeId: 'soup',
      title: 'soup',
      place: 'fridge' as const,
      keepUntil: DAYS[0]!,
      to: dish('soup', 5).to,
    };
    const q = asked({ dishes: [dish('stew', 8)], boxes: [box] }, {}, [entry(DAYS[2]!, 'breakfast', worth(15))]);
    const week = askedWeek(q);
    const said = sayProposal(q, week, propose(week.problem));
    expect(said.filled.map((f) => [f.place.day, f.title, f.points])).toEqual([
      [DAYS[0], 'soup', 5],
      [DAYS[1], 'stew', 8],
    ]);
    expect(said.filled[0]!.why[0]).toMatch(/to be eaten by Monday/);
    expect(said.filled[1]!.why).toEqual([
      'cooked that day, 1 of 4 portions are eaten this week',
      '8 of the 20 left',
      '4 of 5 foods are in the house',
    ]);
    expect(said.open).toEqual([
      {
        place: { eaterId: 'runa', day: DAYS[2], meal: 'supper' },
        why: 'Nothing fits into the 5 points that are left.',
      },
    ]);
    expect(said.toGet).toEqual(['stew food']);
    expect(said.cooks).toMatchObject([{ title: 'stew', day: DAYS[1], servings: 4, portions: 1 }]);
  });
});
