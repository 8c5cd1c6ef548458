import type { Box, Cook } from '../cook/cook.ts';
import { countShare, wholeOf } from '../cook/count-share.ts';
import type { Frozen } from '../cook/frozen.ts';
import { countVersion } from '../counting/count-version.ts';
import { boughtAsDish } from '../feast/bought-as-dish.ts';
import { countFeast } from '../feast/count-feast.ts';
import { type Feast, portionOf } from '../feast/feast.ts';
import type { Food } from '../food/food.ts';
import { type NutrientProfile, scaleProfile, sumProfiles } from '../food/nutrients.ts';
import type { Count } from '../program/count.ts';
import type { Counter } from '../program/program.ts';
import { roundPoints } from '../program/rule.ts';
import type { Interval } from '../quantity/interval.ts';
import { countWithFreedom } from '../teach/freedom.ts';
import type { Kitchen } from '../version/kitchen.ts';
import type { Version } from '../version/version.ts';
import { type DayCount, UNCOUNTED_DAY } from './day-count.ts';
import type { DayEntry } from './day-entry.ts';
import type { Pot } from './pot.ts';

/** Where what is eaten is found; null for what is not there any more. */
export interface DaySources {
  readonly kitchen: Kitchen;
  version(id: string): Version | null;
  cook(id: string): Cook | null;
  box(id: string): Box | null;
  pot(id: string): Pot | null;
  feast(id: string): Feast | null;
  /** A food in its newest state. */
  food(id: string): Food | null;
}

/** Who eats: the key of their counts, and how they count; null for somebody who does not. */
export interface CountsFor {
  readonly eaterId: string;
  readonly counter: Counter | null;
}

/** Points and nutrition of something, before who counts it is written beside. */
interface Worth {
  readonly points: Pick<Count, 'points' | 'raw' | 'range' | 'pointsRange' | 'complete'> | null;
  readonly nutrition: NutrientProfile;
  readonly complete: boolean;
  readonly revision: number | null;
}

/**
 * Counts what somebody eats, as it is now.
 *
 * What is not there any more, or was never counted for them, has no points: that is not 0.
 */
export function countEntry(entry: DayEntry, who: CountsFor, from: DaySources): DayCount {
  const { counter } = who;
  const by = {
    programId: counter?.program.id ?? null,
    programRevision: counter?.program.revision ?? null,
  };
  if (entry.what.kind === 'known') {
    const points = entry.what.points * entry.portion;
    const kcal = entry.what.kcal === null ? null : entry.what.kcal * entry.portion;
    const said =
      counter === null ? {} : { raw: points, rawLow: points, rawHigh: points, points, low: points, high: points };
    return spreadBy({ ...UNCOUNTED_DAY, ...by, ...said, kcal, complete: true }, entry.spread, counter);
  }
  const worth = worthOf(entry, who, from);
  if (worth === null) return { ...UNCOUNTED_DAY, ...by };
  const { points, nutrition } = worth;
  return spreadBy(
    {
      ...by,
      refRevision: worth.revision,
      raw: points?.raw ?? null,
      rawLow: points?.range.low ?? null,
      rawHigh: points?.range.high ?? null,
      points: points?.points ?? null,
      low: points === null ? null : Math.min(points.points, points.pointsRange.low),
      high: points === null ? null : Math.max(points.points, points.pointsRange.high),
      kcal: nutrition.kcal.value,
      protein: nutrition.protein.value,
      fibre: nutrition.fibre.value,
      sodium: nutrition.sodium.value,
      complete: worth.complete,
    },
    entry.spread,
    counter,
  );
}

/** What is told by the nearest of one's own may be less or more of it. */
function spreadBy(count: DayCount, spread: number, counter: Counter | null): DayCount {
  if (spread === 0 || counter === null || count.raw === null) return count;
  const rawLow = Math.min(count.rawLow!, count.rawLow! * (1 - spread));
  const rawHigh = Math.max(count.rawHigh!, count.rawHigh! * (1 + spread));
  const ends = pointsBetween({ low: rawLow, high: rawHigh }, counter);
  return { ...count, rawLow, rawHigh, low: Math.min(count.low!, ends.low), high: Math.max(count.high!, ends.high) };
}

function worthOf(entry: DayEntry, who: CountsFor, from: DaySources): Worth | null {
  const { what, portion } = entry;
  switch (what.kind) {
    case 'version':
      return worthOfVersion(from.version(what.versionId), portion, who, from);
    case 'pot': {
      const pot = from.pot(what.potId);
      if (pot === null) return null;
      const cook = pot.cookId === null ? null : from.cook(pot.cookId);
      return cook === null
        ? worthOfVersion(from.version(pot.versionId), portion, who, from)
        : worthOfCook(cook, portion, who, from);
    }
    case 'cook': {
      const cook = from.cook(what.cookId);
      return cook === null ? null : worthOfCook(cook, portion, who, from);
    }
    case 'box': {
      const box = from.box(what.boxId);
      const frozen = box === null ? null : (from.cook(box.cookId)?.frozen ?? null);
      return box === null || frozen === null ? null : worthOfShare(frozen, box.share * portion, who);
    }
    case 'feast': {
      const feast = from.feast(what.feastId);
      return feast === null ? null : worthOfPlate(feast, portion, who, from);
    }
    case 'food': {
      const food = from.food(what.foodId);
      return food === null ? null : worthOfFood(food, what, portion, who);
    }
    case 'known':
      return null;
  }
}

/** Somebody who does not count has an energy all the same. */
function worthOfVersion(version: Version | null, portion: number, who: CountsFor, from: DaySources): Worth | null {
  if (version === null) return null;
  const counted = countVersion(version, from.kitchen, []);
  const { counter } = who;
  const complete = counted.open.length === 0;
  return {
    points:
      counter === null || !(portion > 0)
        ? nothingOf(counter)
        : countWithFreedom(counted.lines, counter, { servings: counted.servings, portion }),
    nutrition: scaleProfile(counted.perServing, portion),
    complete,
    revision: version.revision,
  };
}

const NOTHING_EATEN: Worth['points'] = {
  points: 0,
  raw: 0,
  range: { low: 0, high: 0 },
  pointsRange: { low: 0, high: 0 },
  complete: true,
};
const nothingOf = (counter: Counter | null): Worth['points'] => (counter === null ? null : NOTHING_EATEN);

/** As it came out; what is not dished up yet is counted by how it is being cooked. */
function worthOfCook(cook: Cook, portion: number, who: CountsFor, from: DaySources): Worth | null {
  const { frozen } = cook;
  if (frozen === null) return worthOfVersion(from.version(cook.versionId), portion, who, from);
  return worthOfShare(frozen, portion / (frozen.servings ?? 1), who);
}

function worthOfShare(frozen: Frozen, share: number, who: CountsFor): Worth {
  const nutrition = scaleProfile(wholeOf(frozen), share);
  const { counter, eaterId } = who;
  // Who was not at the table then counts as somebody else by the same program did.
  const key =
    counter === null
      ? undefined
      : (frozen.counters.find((c) => c.key === eaterId && c.programId === counter.program.id) ??
        frozen.counters.find((c) => c.programId === counter.program.id));
  if (key === undefined) return { points: null, nutrition, complete: counter === null, revision: null };
  const { points, raw, pointsRange } = countShare(frozen, key.key, share);
  const range = { low: raw - key.below * share, high: raw + key.above * share };
  return { points: { points, raw, range, pointsRange, complete: true }, nutrition, complete: true, revision: null };
}

function worthOfPlate(feast: Feast, portion: number, { eaterId, counter }: CountsFor, from: DaySources): Worth {
  const menu = [
    ...feast.dishes.map((d) => ({ dish: d, version: from.version(d.versionId) })),
    ...feast.bought.map((b) => ({ dish: b, version: boughtAsDish(b) as Version | null })),
  ];
  const served = menu.flatMap(({ dish, version }) => {
    const eaten = portionOf(dish, eaterId) * portion;
    return version === null || eaten <= 0 ? [] : [{ version, portions: [eaten] }];
  });
  const nutrition = sumProfiles(
    served.map((d) => scaleProfile(countVersion(d.version, from.kitchen, []).perServing, d.portions[0]!)),
  );
  const gone = menu.some((m) => m.version === null);
  const plate = counter === null ? null : countFeast(served, from.kitchen, [counter]).plates[0]!;
  const spread = served.reduce(
    (s, _d, i) => {
      const count = plate?.dishes[i];
      return count == null ? s : { low: s.low + count.range.low, high: s.high + count.range.high };
    },
    { low: 0, high: 0 },
  );
  return {
    points: plate === null ? null : { ...plate, range: spread },
    nutrition,
    complete: !gone && (plate?.complete ?? true),
    revision: feast.revision,
  };
}

function worthOfFood(
  food: Food,
  { grams, low, high }: Extract<DayEntry['what'], { kind: 'food' }>,
  portion: number,
  { counter }: CountsFor,
): Worth {
  const line = {
    id: food.id,
    label: food.name,
    parts: [{ food, grams: grams * portion, range: { low: low * portion, high: high * portion } }],
    open: false,
  };
  return {
    points:
      counter === null || !(portion > 0) ? nothingOf(counter) : countWithFreedom([line], counter, { servings: 1 }),
    nutrition: scaleProfile(food.per100g, (grams * portion) / 100),
    complete: true,
    revision: food.revision,
  };
}

/** Points at the ends of raw ones. */
const pointsBetween = (raw: Interval, { program }: Counter): Interval => ({
  low: roundPoints(raw.low, program.rule),
  high: roundPoints(raw.high, program.rule),
});
