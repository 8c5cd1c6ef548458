import type { Nutrient, NutrientProfile } from '../food/nutrients.ts';
import { type Count, type CountLine, type CountOptions, certaintyOf, count, type LineMemo } from '../program/count.ts';
import { pinOf } from '../program/pin-of.ts';
import type { Counter } from '../program/program.ts';
import { roundPoints } from '../program/rule.ts';
import type { TaughtFrom } from '../program/taught-from.ts';
import { isUncounted } from '../program/uncounted.ts';
import { type Interval, ZERO } from '../quantity/interval.ts';
import { fitsOfEvidence } from './evidence.ts';
import type { Fit } from './fits.ts';
import { type Cap, rowPairOf, signedUnit } from './hypothesis.ts';
import { NO_AMOUNTS } from './known-food.ts';

/** Every rule that fits what a program was taught from. */
interface Freedom {
  readonly nutrients: readonly Nutrient[];
  /**
   * The same rules twice: a question begins at the corner where the last one ended, and after a key the most of a dish
   * is mostly at the corner where it was.
   */
  readonly forLeast: readonly Fit[];
  readonly forMost: readonly Fit[];
  readonly caps: readonly (Cap | null)[];
  /** What was known when it was taught. */
  readonly known: ReadonlySet<string>;
}

/** Worked out once for each table: programs are immutable. */
const freedoms = new WeakMap<TaughtFrom, Freedom>();
function freedomOf(taught: TaughtFrom): Freedom {
  let freedom = freedoms.get(taught);
  if (freedom === undefined) {
    const forLeast = fitsOfEvidence(taught);
    freedom = {
      nutrients: taught.nutrients,
      forLeast,
      forMost: fitsOfEvidence(taught),
      caps: [...new Set(forLeast.map((f) => f.hypothesis.cap))],
      known: new Set(taught.known.map((k) => k.name)),
    };
    freedoms.set(taught, freedom);
  }
  return freedom;
}

/**
 * Counts as `count` does; under a taught program with what its rule leaves open: the ends are taken over all rules that
 * fit at once, each of the whole dish, so that what one nutrient adds another may take away.
 *
 * Where roundings or floors at each line keep a dish from being one sum, the ends of its lines are added.
 */
export function countWithFreedom(
  lines: readonly CountLine[],
  counter: Counter,
  options: CountOptions,
  memo: LineMemo | null = null,
): Count {
  const plain = count(lines, counter, options, memo);
  const { taught } = counter.program;
  if (taught === null) return plain;
  const freedom = freedomOf(taught);
  return freedom.forLeast.length === 0 ? plain : withEnds(plain, lines, counter, freedom);
}

function withEnds(plain: Count, lines: readonly CountLine[], counter: Counter, freedom: Freedom): Count {
  const { rule } = counter.program;
  const byLine = plain.by === 'items' || (plain.by === 'ingredients' && rule.floorAt === 'line');
  const spreads = (c: { readonly bounds: Interval; readonly range: Interval }): Interval => ({
    low: c.bounds.low - c.range.low,
    high: c.range.high - c.bounds.high,
  });
  const ends = byLine
    ? lines.map((l, i) => endsOf([l], counter, plain, freedom, spreads(plain.lines[i]!))).reduce(sumOfEnds, NO_POINTS)
    : endsOf(lines, counter, plain, freedom, spreads(plain));
  const bounds = hull(plain.bounds, ends.bounds);
  const pointsRange = hull(plain.pointsRange, ends.points);
  const widest = Math.max(plain.bounds.low - bounds.low, bounds.high - plain.bounds.high);
  const isOfRule = widest > plain.range.high - plain.range.low;
  return {
    ...plain,
    bounds,
    range: hull(plain.range, ends.range),
    pointsRange,
    certainty: certaintyOf(plain.points, pointsRange),
    doubt:
      pointsRange.low === pointsRange.high
        ? null
        : isOfRule || plain.doubt === null
          ? { lineId: mostDisputed(lines, counter, plain, freedom), of: 'rule' }
          : plain.doubt,
  };
}

const hull = (a: Interval, b: Interval): Interval => ({ low: Math.min(a.low, b.low), high: Math.max(a.high, b.high) });

/** What all rules that fit make of some lines together. */
interface Ends {
  readonly bounds: Interval;
  readonly range: Interval;
  readonly points: Interval;
}
const NO_POINTS: Ends = { bounds: ZERO, range: ZERO, points: ZERO };
const sum = (a: Interval, b: Interval): Interval => ({ low: a.low + b.low, high: a.high + b.high });
const sumOfEnds = (a: Ends, b: Ends): Ends => ({
  bounds: sum(a.bounds, b.bounds),
  range: sum(a.range, b.range),
  points: sum(a.points, b.points),
});

type Counted = Pick<Count, 'by' | 'portion' | 'servings'>;

/** @param spread how far the grams alone may bring the points below and above */
function endsOf(
  lines: readonly CountLine[],
  counter: Counter,
  counted: Counted,
  { nutrients, forLeast, forMost, caps }: Freedom,
  spread: Interval,
): Ends {
  const rows = new Map(
    caps.map((cap) => {
      const { profile, pinned } = amountsOf(lines, counter, counted, nutrients, cap);
      return [cap, { ...rowPairOf(profile, nutrients, counted.by === 'serving' ? cap : null), pinned }];
    }),
  );
  let bounds = { low: Number.POSITIVE_INFINITY, high: Number.NEGATIVE_INFINITY };
  let points = { low: Number.POSITIVE_INFINITY, high: 0 };
  for (const [i, { hypothesis, rules }] of forLeast.entries()) {
    const { low, high, pinned } = rows.get(hypothesis.cap)!;
    const least = pinned - rules.maximise(low.map((v) => -v));
    const most = pinned + forMost[i]!.rules.maximise(high);
    bounds = hull(bounds, { low: least, high: most });
    points = hull(points, {
      low: roundPoints(least - spread.low, hypothesis.mode),
      high: roundPoints(most + spread.high, hypothesis.mode),
    });
  }
  return { bounds, range: { low: bounds.low - spread.low, high: bounds.high + spread.high }, points };
}

/** What lines hold of each nutrient where the rule decides, and the points that pins decide, of the portion. */
interface Amounts {
  readonly low: Float64Array;
  readonly high: Float64Array;
  readonly pinned: number;
}

/** Adds up what the lines hold. */
function amountsOf(
  lines: readonly CountLine[],
  counter: Counter,
  counted: Counted,
  nutrients: readonly Nutrient[],
  cap: Cap | null,
): { readonly profile: NutrientProfile; readonly pinned: number } {
  const low = new Float64Array(nutrients.length);
  const high = new Float64Array(nutrients.length);
  let pinned = 0;
  for (const line of lines) {
    const one = amountsOfLine(line, counter, counted, nutrients, cap);
    pinned += one.pinned;
    for (let j = 0; j < nutrients.length; j++) {
      low[j] = low[j]! + one.low[j]!;
      high[j] = high[j]! + one.high[j]!;
    }
  }
  const profile = { ...NO_AMOUNTS };
  for (const [j, n] of nutrients.entries()) profile[n] = { value: null, low: low[j]!, high: high[j]! };
  return { profile, pinned };
}

/** Lines as they were added last, by counter and cap: lines and counters are immutable, and a key changes one line. */
interface AddedBefore extends Amounts {
  readonly share: number;
  readonly by: Count['by'];
}
const addedBefore = new WeakMap<Counter, Map<Cap | null, WeakMap<CountLine, AddedBefore>>>();

function amountsOfLine(
  line: CountLine,
  counter: Counter,
  { by, portion, servings }: Counted,
  nutrients: readonly Nutrient[],
  cap: Cap | null,
): Amounts {
  let byCap = addedBefore.get(counter);
  if (byCap === undefined) addedBefore.set(counter, (byCap = new Map()));
  let byLine = byCap.get(cap);
  if (byLine === undefined) byCap.set(cap, (byLine = new WeakMap()));
  const share = portion / servings;
  const had = byLine.get(line);
  if (had !== undefined && had.share === share && had.by === by) return had;
  const low = new Float64Array(nutrients.length);
  const high = new Float64Array(nutrients.length);
  let pinned = 0;
  for (const part of line.parts) {
    const pin = pinOf(counter, part.food);
    if (pin) {
      pinned += (part.grams * share * pin.points) / pin.grams;
      continue;
    }
    if (by !== 'serving' && isUncounted(part.food, counter.program.list, counter.exceptions).uncounted) continue;
    const hundreds = (part.grams * share) / 100;
    for (let j = 0; j < nutrients.length; j++) {
      const n = nutrients[j]!;
      const of = part.food.per100g[n];
      // A cap holds each line's share; of a serving counted whole it holds the sum.
      const most = by !== 'serving' && cap?.nutrient === n ? cap.most : Number.POSITIVE_INFINITY;
      low[j] = low[j]! + Math.min(of.low * hundreds, most);
      high[j] = high[j]! + Math.min(of.high * hundreds, most);
    }
  }
  const added = { low, high, pinned, share, by };
  byLine.set(line, added);
  return added;
}

/**
 * The line of which the two rules at the ends of the dish say the most different points: with its food known one of them
 * is ruled out. Foods that were known already are not asked for again while there are others.
 */
function mostDisputed(
  lines: readonly CountLine[],
  counter: Counter,
  counted: Counted,
  { nutrients, forLeast, forMost, known }: Freedom,
): string {
  // How far the two rules lie apart in a unit of each nutrient.
  const aparts = forLeast.map(({ rules }, i) => {
    const other = forMost[i]!.rules.point;
    return rules.point.map((v, j) => (other[j]! - v) * signedUnit(nutrients[j]!));
  });
  let found = lines[0]?.id ?? '';
  let most = 0;
  for (const line of lines) {
    let disputed = 0;
    for (const [i, least] of forLeast.entries()) {
      const { cap } = least.hypothesis;
      const { high } = amountsOfLine(line, counter, counted, nutrients, cap);
      const apart = aparts[i]!;
      let difference = 0;
      for (let j = 0; j < high.length; j++) difference += high[j]! * apart[j]!;
      disputed = Math.max(disputed, Math.abs(difference));
    }
    const asked = line.parts.every((p) => known.has(p.food.name));
    const weighed = asked ? disputed / 1000 : disputed;
    if (weighed <= most) continue;
    most = weighed;
    found = line.id;
  }
  return found;
}
