import { type CountsFor, countEntry, type DaySources } from '../day/count-entry.ts';
import { type DayCount, UNCOUNTED_DAY } from '../day/day-count.ts';
import { type DayEntry, type Eaten, refOfEaten } from '../day/day-entry.ts';
import { type SumOf, sumDay } from '../day/sum-day.ts';
import { type Certainty, certaintyOf } from '../program/count.ts';
import { type Pin, type Program, plainCounter } from '../program/program.ts';
import type { Card } from './card.ts';

/** What several dishes are together. */
export const SHEET_KINDS = ['plate', 'feast', 'day', 'week', 'prep'] as const;
export type SheetKind = (typeof SHEET_KINDS)[number];

/** Something that the cook wants on a sheet. */
export interface WishedThing {
  readonly id: string;
  /** Under which heading it stands, such as a day; '' for none. */
  readonly heading: string;
  readonly what: Eaten;
  /** As it is called. */
  readonly words: string;
  readonly portion: number;
  /** The cook's own words below it. */
  readonly note: string;
}

/** Several dishes to be passed on as one, as the cook wants them. */
export interface SheetWish {
  readonly kind: SheetKind;
  readonly title: string;
  /** The cook's own, at the top. */
  readonly words: string;
  /** Whether what stands under one heading is summed: a prep day is no meal. */
  readonly sums: boolean;
  /** Whether the dishes' own cards go with it. */
  readonly cards: boolean;
  /** Programs by id; null for those of the table. */
  readonly programs: readonly string[] | null;
  readonly things: readonly WishedThing[];
}

/** Points of something under one program, and what they may be. */
export interface SheetPoints {
  readonly points: number;
  readonly raw: number;
  readonly low: number;
  readonly high: number;
  readonly certainty: Certainty;
  readonly complete: boolean;
}

export interface SheetThing {
  readonly words: string;
  readonly portion: number;
  /** By program; null where nobody knows. */
  readonly points: readonly (SheetPoints | null)[];
  readonly kcal: number | null;
  readonly note: string | null;
  /** Which of the cards below is its own; null for none. */
  readonly card: number | null;
}

export interface SheetPart {
  readonly heading: string | null;
  readonly things: readonly SheetThing[];
  /** null where nothing is summed. */
  readonly sum: {
    readonly points: readonly (Omit<SheetPoints, 'raw'> & {
      /** Summed the other way, where that is another number: what was added, rounded, or what was rounded, added. */
      readonly otherwise: number | null;
    })[];
    readonly kcal: SumOf;
  } | null;
}

/** Several dishes as they are passed on: plain data, fixed on the day they were counted. */
export interface Sheet {
  readonly kind: SheetKind;
  readonly title: string;
  readonly words: string | null;
  /** YYYY-MM-DD in the household's zone. */
  readonly countedOn: string;
  readonly programs: readonly Pick<Program, 'mark' | 'name' | 'by'>[];
  readonly parts: readonly SheetPart[];
  /** How its dishes are made, each once; none where the cook wants none. */
  readonly cards: readonly Card[];
  /** In words, of everything on it. */
  readonly allergens: readonly string[];
}

export interface SheetInput {
  readonly wish: SheetWish;
  readonly programs: readonly Program[];
  readonly pins: readonly Pin[];
  readonly sources: DaySources;
  /** The card of a thing; null for what has none. */
  cardOf(thing: WishedThing): Card | null;
  /** Allergens of a thing in words; of what has a card they are the card's. */
  allergensOf(thing: WishedThing): readonly string[];
  readonly countedOn: string;
}

/** Makes the sheet of several dishes: everything that it shows is counted here, for whoever reads it. */
export function makeSheet(input: SheetInput): Sheet {
  const { wish, programs, pins, sources } = input;
  const readers = programs.map((p): CountsFor => ({ eaterId: `program ${p.id}`, counter: plainCounter(p, pins) }));
  const headings = [...new Set(wish.things.map((t) => t.heading))];
  const counted = new Map(
    wish.things.map((t) => [t.id, readers.map((who) => countedForReader(t, who, sources))] as const),
  );
  const cards = new Map(wish.things.map((t) => [t.id, input.cardOf(t)]));
  const shown = wish.cards ? [...new Set(cards.values())].filter((c) => c !== null) : [];
  const placeOfCard = (thingId: string): number | null => {
    const at = shown.indexOf(cards.get(thingId)!);
    return at === -1 ? null : at;
  };
  return {
    kind: wish.kind,
    title: wish.title,
    words: wish.words.trim() || null,
    countedOn: input.countedOn,
    programs: programs.map(({ mark, name, by }) => ({ mark, name, by })),
    parts: headings.map((heading) => {
      const things = wish.things.filter((t) => t.heading === heading);
      return {
        heading: heading || null,
        things: things.map((t) => ({
          words: t.words,
          portion: t.portion,
          points: counted.get(t.id)!.map(pointsOfCount),
          kcal: counted.get(t.id)!.find((c) => c.kcal !== null)?.kcal ?? null,
          note: t.note.trim() || null,
          card: placeOfCard(t.id),
        })),
        sum: wish.sums ? sumOfPart(things, counted, programs) : null,
      };
    }),
    cards: shown,
    allergens: [...new Set(wish.things.flatMap((t) => cards.get(t.id)?.allergens ?? input.allergensOf(t)))],
  };
}

/** A thing as if somebody without exceptions of their own ate it. */
function countedForReader(thing: WishedThing, who: CountsFor, sources: DaySources): DayCount {
  const entry: DayEntry = {
    id: thing.id,
    eaterId: who.eaterId,
    day: '2000-01-01',
    meal: 'meal',
    position: 0,
    what: thing.what,
    words: thing.words,
    portion: thing.portion,
    spread: 0,
    state: 'planned',
  };
  try {
    return countEntry(entry, who, sources);
  } catch {
    return UNCOUNTED_DAY;
  }
}

function pointsOfCount(c: DayCount): SheetPoints | null {
  if (c.points === null || c.raw === null) return null;
  const ends = { low: c.low ?? c.points, high: c.high ?? c.points };
  return { points: c.points, raw: c.raw, ...ends, certainty: certaintyOf(c.points, ends), complete: c.complete };
}

function sumOfPart(
  things: readonly WishedThing[],
  counted: ReadonlyMap<string, readonly DayCount[]>,
  programs: readonly Program[],
): SheetPart['sum'] {
  const sums = programs.map((p, i) =>
    sumDay(
      things.map((t) => ({ ref: refOfEaten(t.what) ?? t.id, count: counted.get(t.id)![i]! })),
      { rule: p.rule, adds: p.week.adds, upwards: false },
    ),
  );
  const kcal = sums[0]?.kcal ?? { value: 0, complete: false };
  return {
    points: sums.map((s) => {
      const points = s.points ?? 0;
      const ends = { low: s.low ?? points, high: s.high ?? points };
      const other = s.rounded === points ? s.together : s.rounded;
      return {
        points,
        ...ends,
        certainty: certaintyOf(points, ends),
        complete: s.complete,
        otherwise: other === points ? null : other,
      };
    }),
    kcal,
  };
}
