import type { Food } from '../food/food.ts';
import { NUTRIENTS, type NutrientProfile, scaleProfile, scaleProfileBy, sumProfiles } from '../food/nutrients.ts';
import { combine, type Deviation, NO_DEVIATION, widened } from '../quantity/deviation.ts';
import { add, exactly, type Interval, ZERO } from '../quantity/interval.ts';
import { pinOf } from './pin-of.ts';
import type { Counter } from './program.ts';
import { type CountingMethod, EPSILON, hasCaps, type Rule, rawOf, rawRange, roundPoints } from './rule.ts';
import { isUncounted } from './uncounted.ts';

/** An amount of one food in a line. A line that takes from another recipe has one part for each food in it. */
export interface Part {
  readonly food: Food;
  /** Best estimate, g. */
  readonly grams: number;
  /** What the grams may be. */
  readonly range: Interval;
}

export interface CountLine {
  readonly id: string;
  /** What the line is called in an explanation. */
  readonly label: string;
  readonly parts: readonly Part[];
  /** Foods that are in it, of which nobody knows how much: they count nothing, and are there all the same. */
  readonly besides?: readonly Food[];
  /** What the amount taken of another recipe may be, as a factor of it; what was said exactly, where left out. */
  readonly taken?: Interval;
  /** Whether the line says a weight, so that more or less of it is said in grams too. */
  readonly weighed?: boolean;
  /** Not read or weighed yet: the count is "so far". */
  readonly open: boolean;
}

/** One line's share of a counted portion. */
export interface LineCount {
  readonly id: string;
  readonly label: string;
  /** Unrounded points of the portion's share. */
  readonly raw: number;
  /** What raw may be by labels and unknown nutrients alone, of the best grams. */
  readonly bounds: Interval;
  /** What raw may be, by nutrients and grams. */
  readonly range: Interval;
  /** Words when the whole line is uncounted; null when any of it counts. */
  readonly uncounted: string | null;
  /** Why a listed food counts all the same. */
  readonly counts: string | null;
  readonly pinned: boolean;
  readonly open: boolean;
}

/** What a count hangs on most, where its interval crosses an edge. */
export interface Doubt {
  readonly lineId: string;
  /**
   * Whether it is the line's grams or its food's nutrients that are not known well enough, or what a taught rule makes of
   * the food.
   */
  readonly of: 'grams' | 'nutrients' | 'rule';
}

/** How sure a count is, in the words of the screen. */
export type Certainty = 'exact' | 'atMost' | 'atLeast' | 'range';

export interface Count {
  readonly points: number;
  /** Unrounded, as it stands before the floor of 0. */
  readonly raw: number;
  /** What labels and unknown nutrients leave of `raw`: these bounds add up over the lines. */
  readonly bounds: Interval;
  /**
   * The likely interval of `raw`: the bounds, widened by the spreads of the lines' grams. Those are independent (a
   * heaped cup here says nothing of the egg there) and so combine by the root of their squares.
   */
  readonly range: Interval;
  /** Points at either end of the interval. */
  readonly pointsRange: Interval;
  readonly certainty: Certainty;
  /** Whether every line is read and weighed; "so far" when not. */
  readonly complete: boolean;
  readonly by: CountingMethod;
  /** Servings counted, and out of how many. */
  readonly portion: number;
  readonly servings: number;
  readonly lines: readonly LineCount[];
  /** What narrows the interval most when it is known, where the interval crosses an edge. */
  readonly doubt: Doubt | null;
}

/** Servings are a number above 0 and at most this. */
export const MOST_SERVINGS = 500;

export interface CountOptions {
  /** Servings the dish makes, 0 < S ≤ 500, fractions allowed. */
  readonly servings: number;
  /** Servings on the plate; 1 when left out. */
  readonly portion?: number;
  /** The program's own way when left out. */
  readonly by?: CountingMethod;
}

const profileAt = (part: Part, share: number): NutrientProfile =>
  scaleProfile(part.food.per100g, (part.grams * share) / 100);

/** Raw points per gram of a food under a rule without caps, kept per rule and food: both are immutable. */
const rates = new WeakMap<Rule, WeakMap<Food, { readonly raw: number; readonly range: Interval }>>();
function ratePerGram(rule: Rule, food: Food): { readonly raw: number; readonly range: Interval } {
  let byFood = rates.get(rule);
  if (!byFood) rates.set(rule, (byFood = new WeakMap()));
  let rate = byFood.get(food);
  if (!rate) {
    const range = rawRange(rule, food.per100g);
    rate = { raw: rawOf(rule, food.per100g) / 100, range: { low: range.low / 100, high: range.high / 100 } };
    byFood.set(food, rate);
  }
  return rate;
}

/** Raw points with what nutrients leave of them, and what nutrients and grams leave together. */
interface RawPoints {
  readonly raw: number;
  readonly bounds: Interval;
  readonly range: Interval;
}

/** Raw points of a part's share by the rule alone. */
function rawByRule(rule: Rule, part: Part, share: number): RawPoints {
  const least = part.range.low * share;
  const most = part.range.high * share;
  if (!hasCaps(rule)) {
    const rate = ratePerGram(rule, part.food);
    return {
      raw: part.grams * share * rate.raw,
      bounds: { low: part.grams * share * rate.range.low, high: part.grams * share * rate.range.high },
      range: {
        low: Math.min(rate.range.low * least, rate.range.low * most),
        high: Math.max(rate.range.high * least, rate.range.high * most),
      },
    };
  }
  const at = (grams: number): NutrientProfile => scaleProfileBy(part.food.per100g, grams / 100, exactly(grams / 100));
  // Raw points are linear in grams up to where a cap bites, so the extremes lie at the ends and at those kinks.
  const candidates = [least, most];
  for (const [nutrient, cap] of Object.entries(rule.caps)) {
    const a = part.food.per100g[nutrient as keyof NutrientProfile];
    for (const per100 of [a.low, a.high]) {
      const kink = per100 > 0 ? (cap * 100) / per100 : Number.POSITIVE_INFINITY;
      if (kink > least && kink < most) candidates.push(kink);
    }
  }
  let low = Number.POSITIVE_INFINITY;
  let high = Number.NEGATIVE_INFINITY;
  for (const grams of candidates) {
    const r = rawRange(rule, at(grams));
    low = Math.min(low, r.low);
    high = Math.max(high, r.high);
  }
  const best = at(part.grams * share);
  const bounds = rawRange(rule, best);
  // A cap may hold the best grams higher or lower than either end.
  const range = { low: Math.min(low, bounds.low), high: Math.max(high, bounds.high) };
  return { raw: rawOf(rule, best), bounds, range };
}

/** How far raw points of a line that takes from another recipe lie off when more or less of it is taken. */
function takenDeviation(raw: number, taken: Interval): Deviation {
  const [less, more] = [raw * (1 - taken.low), raw * (taken.high - 1)];
  return raw >= 0 ? { below: less, above: more } : { below: -more, above: -less };
}

function countLine(line: CountLine, counter: Counter, share: number, by: CountingMethod): LineCount {
  let raw = 0;
  let bounds = ZERO;
  // Squares of the spreads, added as numbers: this runs at every key, over all lines.
  let [below, above] = [0, 0];
  const spreadBy = (inner: Interval, outer: Interval): void => {
    below += Math.max(0, inner.low - outer.low) ** 2;
    above += Math.max(0, outer.high - inner.high) ** 2;
  };
  let pinned = false;
  let uncounted: string | null = null;
  let counts: string | null = null;
  let anyCounts = line.parts.length === 0;
  for (const part of line.parts) {
    const pin = pinOf(counter, part.food);
    if (pin) {
      const perGram = pin.points / pin.grams;
      const points = part.grams * share * perGram;
      raw += points;
      bounds = add(bounds, exactly(points));
      const ends = { low: part.range.low * share * perGram, high: part.range.high * share * perGram };
      spreadBy(exactly(points), ends);
      pinned = true;
      anyCounts = true;
      continue;
    }
    const verdict = isUncounted(part.food, counter.program.list, counter.exceptions);
    if (verdict.uncounted && by !== 'serving') {
      uncounted ??= verdict.words;
      continue;
    }
    counts ??= verdict.uncounted ? null : verdict.words;
    anyCounts = true;
    const r = rawByRule(counter.program.rule, part, share);
    raw += r.raw;
    bounds = add(bounds, r.bounds);
    spreadBy(r.bounds, r.range);
  }
  if (line.taken !== undefined) {
    const by = takenDeviation(raw, line.taken);
    below += by.below ** 2;
    above += by.above ** 2;
  }
  let range = { low: bounds.low - Math.sqrt(below), high: bounds.high + Math.sqrt(above) };
  if (by === 'ingredients' && counter.program.rule.floorAt === 'line') {
    raw = Math.max(0, raw);
    bounds = { low: Math.max(0, bounds.low), high: Math.max(0, bounds.high) };
    range = { low: Math.max(0, range.low), high: Math.max(0, range.high) };
  }
  return {
    id: line.id,
    label: line.label,
    raw,
    bounds,
    range,
    uncounted: anyCounts ? null : uncounted,
    counts,
    pinned,
    open: line.open,
  };
}

/** What lines came to when they were last counted. Lines and counters are immutable: one that is the same counts the same. */
export interface LineMemo {
  /** Counts lines for one counter, those that are the same as before from memory. */
  of(lines: readonly CountLine[], counter: Counter, share: number, by: CountingMethod): LineCount[];
}

/** How lines were counted the last time. */
interface Remembered {
  readonly lines: readonly CountLine[];
  readonly share: number;
  readonly by: CountingMethod;
  readonly counts: readonly LineCount[];
}

/** A memory of line counts: for each counter, how lines were counted the last time. */
export function lineMemo(): LineMemo {
  const byCounter = new WeakMap<Counter, Remembered>();
  return {
    of: (lines, counter, share, by) => {
      const last = byCounter.get(counter);
      const had = last !== undefined && last.share === share && last.by === by ? last : null;
      const counts: LineCount[] = new Array(lines.length);
      let moved: Map<CountLine, LineCount> | null = null;
      for (let i = 0; i < lines.length; i++) {
        const line = lines[i]!;
        if (had !== null && had.lines[i] === line) {
          counts[i] = had.counts[i]!;
          continue;
        }
        // Lines that moved, as when one was put in before them, are the same lines still.
        if (had !== null && moved === null && had.lines.length !== lines.length)
          moved = new Map(had.lines.map((l, k) => [l, had.counts[k]!]));
        counts[i] = moved?.get(line) ?? countLine(line, counter, share, by);
      }
      byCounter.set(counter, { lines, share, by, counts });
      return counts;
    },
  };
}

/** The whole portion's nutrition through the rule, caps on the portion; pinned foods by their pins. */
function countWhole(lines: readonly CountLine[], counter: Counter, share: number): RawPoints {
  const rule = counter.program.rule;
  const profiles: NutrientProfile[] = [];
  let pins = 0;
  let spread = NO_DEVIATION;
  for (const line of lines) {
    for (const part of line.parts) {
      const least = part.range.low * (line.taken?.low ?? 1);
      const most = part.range.high * (line.taken?.high ?? 1);
      const pin = pinOf(counter, part.food);
      if (pin) pins += (part.grams * share * pin.points) / pin.grams;
      else profiles.push(profileAt(part, share));
      // A cap only ever lessens what a part moves; pulled both ways by several nutrients, at most it moves all of them.
      const perGram = pin ? pin.points / pin.grams : mostPerGram(rule, part.food);
      spread = combine(spread, {
        below: (part.grams - least) * share * perGram,
        above: (most - part.grams) * share * perGram,
      });
    }
  }
  const total = sumProfiles(profiles);
  const bounds = add(rawRange(rule, total), exactly(pins));
  return { raw: rawOf(rule, total) + pins, bounds, range: widened(bounds, spread) };
}

/** Points a gram that a food moves at most, whichever of its nutrients a cap holds back. */
const mostPerGram = (rule: Rule, food: Food): number =>
  NUTRIENTS.reduce((sum, n) => sum + Math.abs(rule.coefficients[n] ?? 0) * food.per100g[n].high, 0) / rule.per / 100;

/**
 * Counts a portion of a dish under a program for an eater.
 *
 * - `ingredients`: the shares of the lines added up, uncounted foods at nothing, rounded once; caps on a line's share.
 * - `serving`: the whole portion's nutrition, uncounted foods included, through the rule, rounded once.
 * - `items`: each line's share rounded, then added.
 *
 * @param memo keeps what each line came to, so that after one changed line only that one is counted anew
 * @throws RangeError for servings outside 0 < S ≤ 500 or a portion that is not above 0: callers parse at the border.
 * @example count(lines, plainCounter(ledger), { servings: 6 }).points
 */
export function count(
  lines: readonly CountLine[],
  counter: Counter,
  options: CountOptions,
  memo: LineMemo | null = null,
): Count {
  const { servings, portion = 1 } = options;
  if (!(servings > 0 && servings <= MOST_SERVINGS)) throw new RangeError('servings must be above 0 and at most 500');
  if (!(portion > 0)) throw new RangeError('a portion must be above 0');
  const rule = counter.program.rule;
  const by = options.by ?? counter.program.by;
  const share = portion / servings;
  const counted =
    memo === null ? lines.map((l) => countLine(l, counter, share, by)) : memo.of(lines, counter, share, by);

  let raw = 0;
  let bounds = ZERO;
  let range = ZERO;
  let points = 0;
  let pointsRange = ZERO;
  if (by === 'items') {
    for (const l of counted) {
      raw += l.raw;
      bounds = add(bounds, l.bounds);
      range = add(range, l.range);
      points += roundPoints(l.raw, rule);
      pointsRange = add(pointsRange, { low: roundPoints(l.range.low, rule), high: roundPoints(l.range.high, rule) });
    }
  } else {
    if (by === 'serving' && hasCaps(rule)) {
      const whole = countWhole(lines, counter, share);
      ({ raw, bounds, range } = whole);
    } else {
      // Without caps the rule is linear, and adding line by line keeps the ties between a line's nutrients.
      let [low, high, below, above] = [0, 0, 0, 0];
      for (const l of counted) {
        raw += l.raw;
        low += l.bounds.low;
        high += l.bounds.high;
        below += (l.bounds.low - l.range.low) ** 2;
        above += (l.range.high - l.bounds.high) ** 2;
      }
      bounds = { low, high };
      range = widened(bounds, { below: Math.sqrt(below), above: Math.sqrt(above) });
    }
    points = roundPoints(raw, rule);
    pointsRange = { low: roundPoints(range.low, rule), high: roundPoints(range.high, rule) };
  }
  const crosses = pointsRange.low !== pointsRange.high;
  return {
    points,
    raw,
    bounds,
    range,
    pointsRange,
    certainty: certaintyOf(points, pointsRange),
    complete: lines.every((l) => !l.open),
    by,
    portion,
    servings,
    lines: counted,
    doubt: crosses ? doubtOf(counted) : null,
  };
}

/** How sure points are that lie between two ends. */
export function certaintyOf(points: number, range: Interval): Certainty {
  if (range.low === range.high) return 'exact';
  if (points === range.high) return 'atMost';
  if (points === range.low) return 'atLeast';
  return 'range';
}

/** What narrows the sum of the lines most when it is known: a label's gap whole, a spread by what is left without it. */
function doubtOf(lines: readonly LineCount[]): Doubt | null {
  const spreadOf = (l: LineCount): number => l.range.high - l.bounds.high + l.bounds.low - l.range.low;
  const squares = lines.reduce((sum, l) => sum + spreadOf(l) ** 2, 0);
  let best: Doubt | null = null;
  let most = EPSILON;
  for (const l of lines) {
    const spread = spreadOf(l);
    const gains = [
      ['nutrients', l.bounds.high - l.bounds.low],
      ['grams', Math.sqrt(squares) - Math.sqrt(Math.max(0, squares - spread * spread))],
    ] as const;
    for (const [of, gain] of gains) {
      if (gain <= most) continue;
      most = gain;
      best = { lineId: l.id, of };
    }
  }
  return best;
}

/** A count with one line's grams multiplied: what slack and "by eye" ask. */
export function scaleLine(lines: readonly CountLine[], lineId: string, factor: number): CountLine[] {
  return lines.map((l) =>
    l.id !== lineId
      ? l
      : {
          ...l,
          parts: l.parts.map((p) => ({
            ...p,
            grams: p.grams * factor,
            range: { low: p.range.low * factor, high: p.range.high * factor },
          })),
        },
  );
}

/** Whether the count is a straight line through the portion's size and the lines' grams. */
export function isLinear(rule: Rule, by: CountingMethod): boolean {
  return by !== 'items' && !hasCaps(rule) && !(by === 'ingredients' && rule.floorAt === 'line');
}
