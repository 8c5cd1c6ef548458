import type { DayEntry } from '../day/day-entry.ts';
import type { EaterDay } from '../day/eater-day.ts';
import type { Pot } from '../day/pot.ts';
import { fieldKind } from '../history/field-change.ts';
import { later, latest, list, object, record, set, value } from '../history/shape.ts';
import type { Prep } from '../prep/prep.ts';
import type { Buying } from '../shopping/buying.ts';
import type { Trip } from '../shopping/trip.ts';
import { named } from './named.ts';

/** Something on somebody's day. */
export const DAY_ENTRY_KIND = fieldKind<DayEntry>(
  'thing on a day',
  object({
    eaterId: value,
    day: value,
    meal: value,
    position: latest,
    what: value,
    words: value,
    portion: value,
    spread: value,
    state: value,
  }),
  {
    what: named({
      eaterId: 'whose it is',
      day: 'the day',
      meal: 'the meal',
      what: 'what it is',
      portion: 'how much',
      state: 'whether it was eaten',
    }),
  },
);

/** What is said of a day of somebody's. */
export const EATER_DAY_KIND = fieldKind<EaterDay>(
  'day',
  object({ low: value, told: latest, saves: value, event: value, ticked: record(latest) }),
  { what: named({ low: 'whether it is a low day', saves: 'what is saved for it', event: 'what it is saved for' }) },
);

export const POT_KIND = fieldKind<Pot>(
  'pot',
  object({ versionId: value, day: value, meal: value, servings: value, cookId: value }),
  { what: named({ day: 'the day', meal: 'the meal', servings: 'for how many', versionId: 'the version' }) },
);

/** A prep day: who ticks last has it. */
export const PREP_KIND = fieldKind<Prep>(
  'prep day',
  object({
    day: value,
    start: value,
    cooks: value,
    kitchen: object({ burners: value, trays: value, bowls: value, boards: value, blenders: value }),
    dishes: list('id', object({ versionId: value, servings: value, cookId: value })),
    minutes: record(value),
    kept: value,
    begun: latest,
    ticks: record(later),
  }),
  {
    what: named({
      day: 'the day',
      start: 'when it begins',
      cooks: 'how many cook',
      kitchen: 'what the kitchen has',
      dishes: 'a dish',
      minutes: 'how long something takes',
      kept: 'the order of work',
      begun: 'when it was begun',
      ticks: 'what is done',
    }),
  },
);

/** A shopping trip: of two ticks of a thing the later holds, and items come and go on their own. */
export const TRIP_KIND = fieldKind<Trip>(
  'shopping list',
  object({
    name: value,
    items: list(
      'id',
      object({
        foodId: value,
        name: value,
        grams: value,
        needed: value,
        sold: value,
        soldGrams: value,
        shop: value,
        uses: value,
        notThat: value,
        inHouse: value,
        price: value,
      }),
    ),
    ticks: record(later),
    done: latest,
    home: set,
  }),
  { what: named({ name: 'the name', items: 'what is to get', ticks: 'whether it was got' }) },
);

export const BUYING_KIND = fieldKind<Buying>(
  'way of buying',
  object({ shop: value, leastGrams: value, packGrams: value, price: value }),
  {
    what: named({
      shop: 'the shop',
      leastGrams: 'the least stock',
      packGrams: 'what a package holds',
      price: 'the price',
    }),
  },
);
