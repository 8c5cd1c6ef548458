import { type ChoiceRows, dot, TOLERANCE } from './undominated.ts';

/** A mix of limits, and for every line the least that it and those behind it can bring the mix to with a departure. */
export interface BoundTable {
  readonly mix: Float64Array;
  readonly room: number;
  /** By line, then by departure: `least[i * width + d]`. */
  readonly least: Float64Array;
  readonly width: number;
}

export function boundTable(rows: ChoiceRows, mix: Float64Array, room: Float64Array, roof: number): BoundTable {
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

/** Mixes that are tried for a sharper floor at a time and in all, and how far a broken limit's weight moves. */
const SHARPENED_AT_ONCE = 3;
const SHARPENED = 24;
const WEIGHT_STEP = 0.35;

/**
 * Looks for mixes that allow less: what the sharpest table would choose breaks some limits, and those weigh more in
 * the next mix. Every such choice is an answer when it breaks none.
 */
export function sharpen(
  tables: BoundTable[],
  rows: ChoiceRows,
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
    if (over.every((o) => o <= TOLERANCE)) return false;
    const size = Math.max(...over.map(Math.abs));
    const mix = at.mix.map((w, k) => Math.max(0, w + (step * (w + 0.05) * over[k]!) / size));
    const sum = mix.reduce((s, x) => s + x, 0);
    const next = boundTable(
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
function chosenBy(t: BoundTable, rows: ChoiceRows, departure: number): number[] | null {
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
export function leastDeparture(t: BoundTable, roof: number): number {
  let low = 0;
  let high = roof;
  while (low < high) {
    const mid = (low + high) >> 1;
    if (t.least[mid]! <= t.room + toleranceOf(t)) high = mid;
    else low = mid + 1;
  }
  return low;
}

export const toleranceOf = (t: BoundTable): number => TOLERANCE * (1 + t.mix.reduce((s, x) => s + x, 0));

/** The mixes that bound what is left: the best mixtures of the limits first, then each that somebody could break. */
export function directions(rows: ChoiceRows, room: Float64Array, mixes: readonly Float64Array[]): Float64Array[] {
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
