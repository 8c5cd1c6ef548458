import { type ChoiceProblem, departureOfPicks, keepsLimits, type Limit, type Solution, sumsOf } from './problem.ts';

/** What came of a search. `proved` is false only when it was stopped before it was done. */
export type Solved =
  | { readonly kind: 'best'; readonly solution: Solution; readonly proved: boolean }
  | { readonly kind: 'none'; readonly proved: boolean };

export interface SolveOptions {
  /** Asked now and then; true ends the search with the best so far, not proved. */
  readonly stop?: () => boolean;
  /** Picks that are known to be worse than what is looked for are not looked at: departures in tenths below this. */
  readonly below?: number;
}

/** Sums are compared with limits this loosely while searching; at the end `holds` decides. */
const SLACK = 1e-7;
/** Directions besides the limits themselves in which what is left is bounded. */
const MOST_MIXED = 3;
const ROUNDS = 90;
/** Partial choices of one line that are compared with each other; beyond, the bounds alone cut. */
const COMPARED = 48;

/**
 * The picks of least departure that keep every limit, and that there are no better ones.
 *
 * Exact. Departures are whole tenths, so for any one sum (a limit's, or several mixed into one) a table tells the
 * least that the lines still to come can bring it to with a given departure. A partial choice is cut as soon as one
 * table shows that it cannot come out below the ceiling; the ceiling begins at what the tables say can be at best, and
 * is raised until an answer is found. With one limit the table is the answer. Mixing by the multipliers of the
 * Lagrangian dual makes the tables of several limits nearly as sharp (surrogate relaxation).
 */
export function solveChoices(problem: ChoiceProblem, options: SolveOptions = {}): Solved {
  const { limits } = problem;
  const K = limits.length;
  const unit = commonUnit(problem);
  const order = problem.lines
    .map((choices, at) => ({ at, rows: undominated(choices, unit), spread: spreadOf(choices, limits) }))
    .sort((a, b) => b.spread - a.spread);
  const rows = order.map((o) => o.rows);
  const n = rows.length;
  const room = Float64Array.from(limits, (l) => l.most - l.base);
  const least = suffixLeast(rows, K);
  for (let k = 0; k < K; k++) if (least[0]![k]! > room[k]! + SLACK) return { kind: 'none', proved: true };

  let best: Solution | null = null;
  const below = options.below ?? Number.POSITIVE_INFINITY;
  const offer = (chosen: readonly number[]): void => {
    const picks = new Array<number>(n);
    order.forEach((o, i) => {
      picks[o.at] = rows[i]![chosen[i]!]!.index;
    });
    const departure = departureOfPicks(problem, picks);
    if (departure >= below || !keepsLimits(problem, picks)) return;
    if (
      best !== null &&
      (departure > best.departure || (departure === best.departure && changes(picks) >= changes(best.picks)))
    )
      return;
    best = { picks, departure, sums: sumsOf(problem, picks) };
  };
  const found = (): Solution | null => best;

  const { mixes, starts } = findMultipliers(rows, room);
  let first: number[] | null = null;
  for (const start of starts) {
    offer(start);
    const mended = mend(rows, start, room);
    if (mended && (first === null || cost(rows, mended) < cost(rows, first))) first = mended;
  }
  if (first) offer(improve(rows, first, room));
  const most = rows.reduce((d, row) => d + Math.max(...row.map((r) => r.departure)), 0);
  const roof = Math.min(most + 1, Math.ceil(below / unit), found() === null ? most + 1 : found()!.departure / unit);
  // The best mixture first; more tables only where it leaves too much.
  const waiting = directions(rows, room, mixes);
  const tables = waiting.splice(0, 1).map((mix) => tableOf(rows, mix, room, roof));
  const sharpener = sharpen(tables, rows, room, roof, offer);
  const sharper = (): boolean => {
    if (sharpener()) return true;
    const more = waiting.splice(0);
    tables.push(...more.map((mix) => tableOf(rows, mix, room, roof)));
    return more.length > 0;
  };
  // No answer departs less than the strictest table allows.
  const floorNow = (): number => Math.max(0, ...tables.map((t) => leastDeparture(t, roof)));
  const roofNow = (): number => Math.min(roof, found() === null ? roof : found()!.departure / unit);
  let floor = floorNow();
  let wide = NARROW;
  for (let step = 1; floor < roofNow(); ) {
    const ceiling = Math.min(roofNow(), floor + step);
    const before = found()?.departure;
    const done = searchBelow({ rows, room, least, tables, ceiling, offer, stop: options.stop, most: wide });
    if (done === 'stopped') return stopped(found());
    if (done === 'too many') {
      // A narrower window, sharper tables, then more room.
      if (step > 1) {
        step = Math.max(1, step >> 2);
        if (step > 1) continue;
      }
      if (!sharper()) wide *= 4;
      floor = Math.max(floor, floorNow());
      continue;
    }
    if (found() !== null && found()!.departure !== before) break;
    floor = ceiling;
    step *= 2;
  }
  const solution = found();
  return solution === null ? { kind: 'none', proved: true } : { kind: 'best', solution, proved: true };
}

/** A mix of limits, and for every line the least that it and those behind it can bring the mix to with a departure. */
interface Table {
  readonly mix: Float64Array;
  readonly room: number;
  /** By line, then by departure: `least[i * width + d]`. */
  readonly least: Float64Array;
  readonly width: number;
}

function tableOf(rows: readonly (readonly Row[])[], mix: Float64Array, room: Float64Array, roof: number): Table {
  const n = rows.length;
  const width = roof + 1;
  const least = new Float64Array((n + 1) * width);
  for (let i = n - 1; i >= 0; i--) {
    const here = least.subarray(i * width, (i + 1) * width).fill(Number.POSITIVE_INFINITY);
    const behind = least.subarray((i + 1) * width, (i + 2) * width);
    for (const row of rows[i]!) {
      const amount = dot(mix, row.amounts);
      const shift = row.departure;
      for (let d = shift; d < width; d++) {
        const value = amount + behind[d - shift]!;
        if (value < here[d]!) here[d] = value;
      }
    }
  }
  return { mix, room: dot(mix, room), least, width };
}

/** Partial choices of one line that are looked at before the tables are made sharper. */
const NARROW = 1500;
/** Mixes that are tried for a sharper floor at a time and in all, and how far a broken limit's weight moves. */
const SHARPENED_AT_ONCE = 3;
const SHARPENED = 24;
const WEIGHT_STEP = 0.35;

/**
 * Looks for mixes that allow less: what the sharpest table would choose breaks some limits, and those weigh more in
 * the next mix. Every such choice is an answer when it breaks none.
 */
function sharpen(
  tables: Table[],
  rows: readonly (readonly Row[])[],
  room: Float64Array,
  roof: number,
  offer: (chosen: readonly number[]) => void,
): () => boolean {
  const start = tables.find((t) => t.mix.filter((x) => x > 0).length > 1);
  if (start === undefined) return () => false;
  let best = start;
  let at = best;
  let floor = leastDeparture(best, roof);
  let step = WEIGHT_STEP;
  let rounds = 0;
  const round = (): boolean => {
    const chosen = chosenBy(at, rows, Math.min(roof, leastDeparture(at, roof)));
    if (chosen === null) return false;
    offer(chosen);
    const over = Float64Array.from(room, (r, k) => chosen.reduce((s, c, i) => s + rows[i]![c]!.amounts[k]!, 0) - r);
    if (over.every((o) => o <= SLACK)) return false;
    const size = Math.max(...over.map(Math.abs));
    const mix = at.mix.map((w, k) => Math.max(0, w + (step * (w + 0.05) * over[k]!) / size));
    const sum = mix.reduce((s, x) => s + x, 0);
    const next = tableOf(
      rows,
      mix.map((x) => x / sum),
      room,
      roof,
    );
    const reached = leastDeparture(next, roof);
    if (reached >= floor) {
      if (reached > floor) step = Math.min(WEIGHT_STEP, step * 1.2);
      floor = reached;
      best = next;
      tables.push(next);
      at = next;
    } else {
      step *= 0.7;
      at = reached < floor - 4 ? best : next;
    }
    return true;
  };
  return () => {
    let moved = false;
    for (let i = 0; i < SHARPENED_AT_ONCE && rounds < SHARPENED && floor < roof; i++, rounds++) {
      if (!round()) {
        rounds = SHARPENED;
        break;
      }
      moved = true;
    }
    return moved;
  };
}

/** The choices by which a table reaches its least sum with a departure; null when none does. */
function chosenBy(t: Table, rows: readonly (readonly Row[])[], departure: number): number[] | null {
  const chosen: number[] = [];
  let left = departure;
  for (let i = 0; i < rows.length; i++) {
    const want = t.least[i * t.width + left]!;
    const c = rows[i]!.findIndex(
      (row) =>
        row.departure <= left && dot(t.mix, row.amounts) + t.least[(i + 1) * t.width + left - row.departure]! === want,
    );
    if (c === -1) return null;
    chosen.push(c);
    left -= rows[i]![c]!.departure;
  }
  return chosen;
}

/** The least departure at which a table's mix can be brought within its room; `roof` when none below it can. */
function leastDeparture(t: Table, roof: number): number {
  let low = 0;
  let high = roof;
  while (low < high) {
    const mid = (low + high) >> 1;
    if (t.least[mid]! <= t.room + slackOf(t)) high = mid;
    else low = mid + 1;
  }
  return low;
}

const slackOf = (t: Table): number => SLACK * (1 + t.mix.reduce((s, x) => s + x, 0));

interface Search {
  readonly rows: readonly (readonly Row[])[];
  readonly room: Float64Array;
  readonly least: readonly Float64Array[];
  readonly tables: readonly Table[];
  readonly ceiling: number;
  readonly offer: (chosen: readonly number[]) => void;
  readonly stop: (() => boolean) | undefined;
  /** Partial choices of one line at most. */
  readonly most: number;
}

/** The partial choices of one line, side by side: departures, sums, and what each was made of. */
interface Layer {
  readonly count: number;
  readonly departures: Int32Array;
  readonly sums: Float64Array;
  readonly befores: Int32Array;
  readonly picks: Uint8Array;
}

/** Offers every undominated choice that departs less than the ceiling, unless it is stopped or looks at too many. */
function searchBelow(search: Search): 'done' | 'stopped' | 'too many' {
  const { rows, room, least, tables, ceiling, offer, stop, most } = search;
  const K = room.length;
  const n = rows.length;
  const layers: Layer[] = [
    {
      count: 1,
      departures: new Int32Array(1),
      sums: new Float64Array(K),
      befores: Int32Array.of(-1),
      picks: new Uint8Array(1),
    },
  ];
  const slacks = tables.map(slackOf);
  const sum = new Float64Array(K);
  for (let i = 0; i < n; i++) {
    const from = layers[i]!;
    const to = growing(K);
    const behind = least[i + 1]!;
    for (let at = 0; at < from.count; at++) {
      if ((at & 511) === 511 && stop?.()) return 'stopped';
      if (to.count() > most) return 'too many';
      for (let c = 0; c < rows[i]!.length; c++) {
        const row = rows[i]![c]!;
        const departure = from.departures[at]! + row.departure;
        const budget = ceiling - 1 - departure;
        if (budget < 0) continue;
        let fits = true;
        for (let k = 0; k < K; k++) {
          sum[k] = from.sums[at * K + k]! + row.amounts[k]!;
          if (sum[k]! + behind[k]! > room[k]! + SLACK) {
            fits = false;
            break;
          }
        }
        for (let t = 0; fits && t < tables.length; t++) {
          const table = tables[t]!;
          const needs = dot(table.mix, sum) + table.least[(i + 1) * table.width + budget]!;
          if (needs > table.room + slacks[t]!) fits = false;
        }
        if (fits) to.push(departure, sum, at, c);
      }
    }
    layers.push(withoutDominated(to.layer(), K));
  }
  const last = layers[n]!;
  for (let at = 0; at < last.count; at++) {
    const chosen = new Array<number>(n);
    let here = at;
    for (let i = n; i > 0; i--) {
      chosen[i - 1] = layers[i]!.picks[here]!;
      here = layers[i]!.befores[here]!;
    }
    offer(chosen);
  }
  return 'done';
}

/** A layer that grows. */
function growing(K: number) {
  let room = 256;
  let count = 0;
  let departures = new Int32Array(room);
  let sums = new Float64Array(room * K);
  let befores = new Int32Array(room);
  let picks = new Uint8Array(room);
  const grow = <T extends Int32Array | Float64Array | Uint8Array>(old: T, size: number): T => {
    const next = new (old.constructor as new (n: number) => T)(size);
    next.set(old as never);
    return next;
  };
  return {
    push(departure: number, sum: Float64Array, before: number, pick: number): void {
      if (count === room) {
        room *= 2;
        departures = grow(departures, room);
        sums = grow(sums, room * K);
        befores = grow(befores, room);
        picks = grow(picks, room);
      }
      departures[count] = departure;
      for (let k = 0; k < K; k++) sums[count * K + k] = sum[k]!;
      befores[count] = before;
      picks[count] = pick;
      count++;
    },
    count: () => count,
    layer: (): Layer => ({ count, departures, sums, befores, picks }),
  };
}

/** A layer without the partial choices that another departs and sums to no more than. */
function withoutDominated(layer: Layer, K: number): Layer {
  const { count, departures, sums } = layer;
  if (count < 2) return layer;
  const byCost = Array.from({ length: count }, (_, i) => i).sort(
    (a, b) => departures[a]! - departures[b]! || (K > 0 ? sums[a * K]! - sums[b * K]! : 0),
  );
  const kept: number[] = [];
  for (const a of byCost) {
    let dominated = K === 0 && kept.length > 0;
    for (let i = kept.length - 1, seen = 0; !dominated && i >= 0 && seen < COMPARED; i--, seen++) {
      const b = kept[i]! * K;
      let more = false;
      for (let k = 0; k < K; k++) {
        if (sums[b + k]! > sums[a * K + k]!) {
          more = true;
          break;
        }
      }
      dominated = !more;
    }
    if (!dominated) kept.push(a);
  }
  const out = {
    count: kept.length,
    departures: new Int32Array(kept.length),
    sums: new Float64Array(kept.length * K),
    befores: new Int32Array(kept.length),
    picks: new Uint8Array(kept.length),
  };
  kept.forEach((a, i) => {
    out.departures[i] = departures[a]!;
    for (let k = 0; k < K; k++) out.sums[i * K + k] = sums[a * K + k]!;
    out.befores[i] = layer.befores[a]!;
    out.picks[i] = layer.picks[a]!;
  });
  return out;
}

/** The mixes that bound what is left: the best mixtures of the limits first, then each that somebody could break. */
function directions(
  rows: readonly (readonly Row[])[],
  room: Float64Array,
  mixes: readonly Float64Array[],
): Float64Array[] {
  const alone: Float64Array[] = [];
  room.forEach((r, k) => {
    const most = rows.reduce((s, row) => s + Math.max(...row.map((c) => c.amounts[k]!)), 0);
    if (most > r) alone.push(Float64Array.from(room, (_, j) => (j === k ? 1 : 0)));
  });
  if (alone.length < 2) return alone;
  const mixed = mixes.flatMap((mix) => {
    const size = mix.reduce((s, x) => s + x, 0);
    return mix.filter((x) => x > 1e-9 * size).length > 1 ? [mix.map((x) => x / size)] : [];
  });
  return [...mixed, ...alone];
}

const stopped = (best: Solution | null): Solved =>
  best === null ? { kind: 'none', proved: false } : { kind: 'best', solution: best, proved: false };

const changes = (picks: readonly number[]): number => picks.reduce((n, p) => n + (p === 0 ? 0 : 1), 0);

const cost = (rows: readonly (readonly Row[])[], chosen: readonly number[]): number =>
  chosen.reduce((d, c, i) => d + rows[i]![c]!.departure, 0);

interface Row {
  readonly departure: number;
  readonly amounts: readonly number[];
  readonly index: number;
}

const noMore = (a: readonly number[] | Float64Array, b: readonly number[] | Float64Array): boolean => {
  for (let k = 0; k < a.length; k++) if (a[k]! > b[k]!) return false;
  return true;
};

/** The largest number of tenths that all departures are whole times of: tables need no finer steps. */
function commonUnit(problem: ChoiceProblem): number {
  const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));
  return problem.lines.flat().reduce((g, c) => gcd(c.departure, g), 0) || 1;
}

/** Choices without those that another departs and sums to no more than. Of equals the first stays. */
function undominated(choices: ChoiceProblem['lines'][number], unit: number): Row[] {
  const rows = choices.map((c, index): Row => ({ departure: c.departure / unit, amounts: c.amounts, index }));
  return rows.filter(
    (a) =>
      !rows.some((b) => {
        if (a === b || b.departure > a.departure || !noMore(b.amounts, a.amounts)) return false;
        const equal = b.departure === a.departure && noMore(a.amounts, b.amounts);
        return !equal || b.index < a.index;
      }),
  );
}

function spreadOf(choices: ChoiceProblem['lines'][number], limits: readonly Limit[]): number {
  let spread = 0;
  limits.forEach((l, k) => {
    const values = choices.map((c) => c.amounts[k]!);
    const scale = Math.max(1e-9, Math.abs(l.most - l.base));
    spread = Math.max(spread, (Math.max(...values) - Math.min(...values)) / scale);
  });
  return spread;
}

/** The least that the lines from each one on can add, by limit. */
function suffixLeast(rows: readonly (readonly Row[])[], K: number): Float64Array[] {
  const out = [new Float64Array(K)];
  for (let i = rows.length - 1; i >= 0; i--) {
    const sums = Float64Array.from(out[0]!);
    for (let k = 0; k < K; k++) sums[k]! += Math.min(...rows[i]!.map((r) => r.amounts[k]!));
    out.unshift(sums);
  }
  return out;
}

function dot(a: Float64Array, b: readonly number[] | Float64Array): number {
  let s = 0;
  for (let k = 0; k < a.length; k++) s += a[k]! * b[k]!;
  return s;
}

/** Choices from which a first answer is mended. */
const STARTS = 3;
/** Improvements of a first answer at most. */
const IMPROVED = 40;

/** Multipliers near the best of the Lagrangian dual, by subgradient steps, and the choices that they lead to. */
function findMultipliers(
  rows: readonly (readonly Row[])[],
  room: Float64Array,
): { mixes: Float64Array[]; starts: number[][] } {
  const K = room.length;
  const scale = Float64Array.from(room, (_, k) => {
    const widths = rows.map((r) => Math.max(...r.map((c) => c.amounts[k]!)) - Math.min(...r.map((c) => c.amounts[k]!)));
    const most = Math.max(0, ...widths);
    return most > 1e-12 ? most : 1;
  });
  const lambda = new Float64Array(K);
  const kept: { value: number; lambda: Float64Array; chosen: number[] }[] = [];
  let bestValue = Number.NEGATIVE_INFINITY;
  let step = 100;
  let stale = 0;
  const over = new Float64Array(K);
  for (let round = 0; round < ROUNDS; round++) {
    let value = -dot(lambda, room);
    for (let k = 0; k < K; k++) over[k] = -room[k]!;
    const chosen: number[] = [];
    for (const row of rows) {
      let at = 0;
      let lowest = Number.POSITIVE_INFINITY;
      for (let c = 0; c < row.length; c++) {
        const v = row[c]!.departure + dot(lambda, row[c]!.amounts);
        if (v < lowest - 1e-12) {
          lowest = v;
          at = c;
        }
      }
      value += lowest;
      chosen.push(at);
      for (let k = 0; k < K; k++) over[k]! += row[at]!.amounts[k]!;
    }
    if (value > bestValue + 1e-6) {
      bestValue = value;
      stale = 0;
    } else if (++stale >= 6) {
      step *= 0.6;
      stale = 0;
    }
    kept.push({ value, lambda: Float64Array.from(lambda), chosen });
    let length = 0;
    for (let k = 0; k < K; k++) length += (over[k]! / scale[k]!) ** 2;
    if (length < 1e-18) break;
    const by = step / Math.sqrt(length);
    for (let k = 0; k < K; k++) lambda[k] = Math.max(0, lambda[k]! + (by * over[k]!) / scale[k]! ** 2);
  }
  kept.sort((a, b) => b.value - a.value);
  const mixes: Float64Array[] = [];
  for (const { lambda: l } of kept) {
    const far = mixes.every((o) => {
      let d = 0;
      let size = 1e-12;
      for (let k = 0; k < K; k++) {
        d += Math.abs(o[k]! - l[k]!) * scale[k]!;
        size += (o[k]! + l[k]!) * scale[k]!;
      }
      return d / size > 0.02;
    });
    if (far) mixes.push(l);
    if (mixes.length >= MOST_MIXED) break;
  }
  return { mixes, starts: kept.slice(0, STARTS).map((x) => x.chosen) };
}

/** Mends a choice that breaks limits: the change that takes off most of what is over for the least departure, again and again. */
function mend(rows: readonly (readonly Row[])[], start: readonly number[], room: Float64Array): number[] | null {
  const K = room.length;
  const chosen = [...start];
  const sums = new Float64Array(K);
  chosen.forEach((c, i) => {
    for (let k = 0; k < K; k++) sums[k]! += rows[i]![c]!.amounts[k]!;
  });
  const weight = Float64Array.from(room, (r) => 1 / (Math.abs(r) + 1));
  const excess = (to: Row | null, from: Row | null): number => {
    let e = 0;
    for (let k = 0; k < K; k++) {
      const s = sums[k]! + (to === null || from === null ? 0 : to.amounts[k]! - from.amounts[k]!);
      // A hair inside the room: the limits themselves decide at the end.
      e += Math.max(0, s - room[k]! + SLACK) * weight[k]!;
    }
    return e;
  };
  for (let round = 0; round < 2 * rows.length; round++) {
    const now = excess(null, null);
    if (now <= 0) return chosen;
    let line = -1;
    let choice = 0;
    let bestRatio = 0;
    for (let i = 0; i < rows.length; i++) {
      const from = rows[i]![chosen[i]!]!;
      for (let c = 0; c < rows[i]!.length; c++) {
        if (c === chosen[i]) continue;
        const to = rows[i]![c]!;
        const gain = now - excess(to, from);
        if (gain <= 1e-12) continue;
        const ratio = gain / Math.max(0.5, to.departure - from.departure);
        if (ratio > bestRatio) {
          bestRatio = ratio;
          line = i;
          choice = c;
        }
      }
    }
    if (line === -1) return null;
    for (let k = 0; k < K; k++) sums[k]! += rows[line]![choice]!.amounts[k]! - rows[line]![chosen[line]!]!.amounts[k]!;
    chosen[line] = choice;
  }
  return null;
}

/**
 * Takes back departure where there is room: a line's change for a smaller one, and a change of two lines at once that
 * departs less, until nothing gives.
 */
function improve(rows: readonly (readonly Row[])[], start: readonly number[], room: Float64Array): number[] {
  const K = room.length;
  const chosen = [...start];
  const left = Float64Array.from(room);
  chosen.forEach((c, i) => {
    for (let k = 0; k < K; k++) left[k]! -= rows[i]![c]!.amounts[k]!;
  });
  const fits = (to: Row, from: Row, to2: Row | null, from2: Row | null): boolean => {
    for (let k = 0; k < K; k++) {
      const more = to.amounts[k]! - from.amounts[k]! + (to2 === null ? 0 : to2.amounts[k]! - from2!.amounts[k]!);
      if (more > left[k]!) return false;
    }
    return true;
  };
  const take = (i: number, c: number): void => {
    for (let k = 0; k < K; k++) left[k]! += rows[i]![chosen[i]!]!.amounts[k]! - rows[i]![c]!.amounts[k]!;
    chosen[i] = c;
  };
  for (let round = 0; round < IMPROVED; round++) {
    let gain = 0;
    let move: readonly [number, number, number, number] | null = null;
    for (let i = 0; i < rows.length; i++) {
      const from = rows[i]![chosen[i]!]!;
      for (let c = 0; c < rows[i]!.length; c++) {
        const to = rows[i]![c]!;
        const saves = from.departure - to.departure;
        if (c === chosen[i]) continue;
        if (saves > gain && fits(to, from, null, null)) {
          gain = saves;
          move = [i, c, -1, 0];
        }
        if (saves <= gain) continue;
        for (let j = 0; j < rows.length; j++) {
          if (j === i) continue;
          const from2 = rows[j]![chosen[j]!]!;
          for (let d = 0; d < rows[j]!.length; d++) {
            const to2 = rows[j]![d]!;
            const both = saves + from2.departure - to2.departure;
            if (both > gain && fits(to, from, to2, from2)) {
              gain = both;
              move = [i, c, j, d];
            }
          }
        }
      }
    }
    if (move === null) return chosen;
    take(move[0], move[1]);
    if (move[2] >= 0) take(move[2], move[3]);
  }
  return chosen;
}
