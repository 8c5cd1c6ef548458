import type { Food } from '../food/food.ts';
import { NUTRIENTS, type NutrientProfile, scaleProfile, sumProfiles } from '../food/nutrients.ts';
import { type Certainty, type CountLine, certaintyOf, count } from '../program/count.ts';
import { type Counter, type Pin, USUAL_WEEK } from '../program/program.ts';
import { roundPoints } from '../program/rule.ts';
import { exactly, type Interval } from '../quantity/interval.ts';
import type { Frozen, FrozenCounter, FrozenPart } from './frozen.ts';

/** What a share of a dish counts, and what is in it. */
export interface ShareCount {
  readonly points: number;
  readonly raw: number;
  readonly pointsRange: Interval;
  readonly certainty: Certainty;
  readonly nutrition: NutrientProfile;
}

/**
 * Counts a share of a dish as it was frozen.
 *
 * @param key whose count
 * @param share of all of the dish, 0 and more
 * @throws RangeError for somebody it was not frozen for
 */
export function countShare(frozen: Frozen, key: string, share: number): ShareCount {
  const counter = frozenCounter(frozen, key);
  const nutrition = scaleProfile(wholeOf(frozen), share);
  if (!(share > 0)) return { points: 0, raw: 0, pointsRange: exactly(0), certainty: 'exact', nutrition };
  const { lines, as } = countedAs(frozen, key);
  const { points, raw } = count(lines, as, { servings: 1, portion: share });
  const ends = {
    low: Math.min(points, roundPoints(raw - counter.below * share, counter.rule)),
    high: Math.max(points, roundPoints(raw + counter.above * share, counter.rule)),
  };
  return { points, raw, pointsRange: ends, certainty: certaintyOf(points, ends), nutrition };
}

/** All that is in a dish that was cooked. */
export const wholeOf = (frozen: Frozen): NutrientProfile =>
  sumProfiles(frozen.lines.flatMap((l) => l.parts.map(profileOfPart)));

const profileOfPart = ({ of }: FrozenPart): NutrientProfile =>
  Object.fromEntries(NUTRIENTS.map((n) => [n, { value: of[n], ...exactly(of[n] ?? 0) }])) as unknown as NutrientProfile;

interface CountedAs {
  readonly lines: readonly CountLine[];
  readonly as: Counter;
}
/** Records never change: what they are counted as is made once. */
const made = new WeakMap<FrozenCounter, CountedAs>();

function frozenCounter(frozen: Frozen, key: string): FrozenCounter {
  const counter = frozen.counters.find((c) => c.key === key);
  if (counter === undefined) throw new RangeError(`nobody ${key} was counted when it was dished up`);
  return counter;
}

/**
 * The lines as the engine counts them, for somebody who had no other list and pins than were kept.
 *
 * @throws RangeError for somebody it was not frozen for
 */
export function countedAs(frozen: Frozen, key: string): CountedAs {
  const counter = frozenCounter(frozen, key);
  const had = made.get(counter);
  if (had !== undefined) return had;
  const pins: Pin[] = [];
  const lines = frozen.lines.map((line, i): CountLine => {
    const parts = line.parts.flatMap((part, j) => {
      if (counter.uncounted[i]![j] && counter.pinned[i]![j] === null && counter.by !== 'serving') return [];
      const food = foodOfPart(part, `${i} ${j}`);
      const points = counter.pinned[i]![j] ?? null;
      if (points !== null && part.grams > 0)
        pins.push({ foodId: food.id, programId: counter.programId, points, grams: part.grams });
      return [{ food, grams: part.grams, range: exactly(part.grams) }];
    });
    return { id: String(i), label: line.label, parts, open: false };
  });
  const as: Counter = {
    program: {
      id: counter.programId,
      revision: counter.programRevision,
      mark: counter.mark,
      name: counter.mark,
      idea: '',
      rule: counter.rule,
      taught: null,
      by: counter.by,
      list: { entries: [], exclusions: [] },
      personal: false,
      allowance: 0,
      reserve: 0,
      floor: 0,
      week: USUAL_WEEK,
    },
    exceptions: [],
    pins,
  };
  const found = { lines, as };
  made.set(counter, found);
  return found;
}

/** A part as a food of its own, in 100 g of it. */
const foodOfPart = (part: FrozenPart, id: string): Food => ({
  id,
  revision: 1,
  name: part.name,
  synonyms: [],
  group: '',
  state: 'as is',
  per100g: scaleProfile(profileOfPart(part), part.grams > 0 ? 100 / part.grams : 0),
  measures: [],
  kinds: [],
  roles: [],
  allergens: [],
  source: '',
  energyNote: null,
});
