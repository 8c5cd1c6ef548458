import { type ChoiceRow, type ChoiceRows, dot, TOLERANCE } from './undominated.ts';

/** Directions besides the limits themselves in which what is left is bounded: every one is a table to fill. */
const MOST_MIXED = 3;
/** Two mixtures nearer than this to each other bound the same: a share of their size. */
const APART = 0.02;
/**
 * Subgradient steps. The step begins wide and shrinks by `SHRINK` whenever `PATIENCE` rounds have brought nothing: the
 * usual rule for Lagrangian multipliers (Held, Wolfe and Crowder, 1974; from memory). How many rounds is set by timing:
 * a sharper bound saves tables, and costs a pass over all choices.
 */
const ROUNDS = 90;
const FIRST_STEP = 100;
const PATIENCE = 6;
const SHRINK = 0.6;
/** Choices from which a first answer is mended. */
const STARTS = 3;
/** Improvements of a first answer at most. */
const IMPROVED = 40;

/**
 * Multipliers near the best of the Lagrangian dual, by subgradient steps, and the choices that they lead to.
 *
 * A multiplier is a price on a limit. With prices every line chooses by itself what is cheapest, so the sum over lines
 * is a bound on the whole; a limit that is broken gets dearer, one with room to spare cheaper, until the bound is as high
 * as it gets. The prices of the best rounds are the mixtures that the tables are made of.
 */
export function findMultipliers(rows: ChoiceRows, room: Float64Array): { mixes: Float64Array[]; starts: number[][] } {
  const K = room.length;
  const scale = Float64Array.from(room, (_, k) => {
    const widths = rows.map((r) => Math.max(...r.map((c) => c.amounts[k]!)) - Math.min(...r.map((c) => c.amounts[k]!)));
    const most = Math.max(0, ...widths);
    return most > 1e-12 ? most : 1;
  });
  const lambda = new Float64Array(K);
  const kept: { value: number; lambda: Float64Array; chosen: number[] }[] = [];
  let bestValue = Number.NEGATIVE_INFINITY;
  let step = FIRST_STEP;
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
    } else if (++stale >= PATIENCE) {
      step *= SHRINK;
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
      return d / size > APART;
    });
    if (far) mixes.push(l);
    if (mixes.length >= MOST_MIXED) break;
  }
  return { mixes, starts: kept.slice(0, STARTS).map((x) => x.chosen) };
}

/** Mends a choice that breaks limits: the change that takes off most of what is over for the least departure, again and again. */
export function mend(rows: ChoiceRows, start: readonly number[], room: Float64Array): number[] | null {
  const K = room.length;
  const chosen = [...start];
  const sums = new Float64Array(K);
  chosen.forEach((c, i) => {
    for (let k = 0; k < K; k++) sums[k]! += rows[i]![c]!.amounts[k]!;
  });
  const weight = Float64Array.from(room, (r) => 1 / (Math.abs(r) + 1));
  const excess = (to: ChoiceRow | null, from: ChoiceRow | null): number => {
    let e = 0;
    for (let k = 0; k < K; k++) {
      const s = sums[k]! + (to === null || from === null ? 0 : to.amounts[k]! - from.amounts[k]!);
      // A little inside the room, so that rounding does not undo it: the limits themselves decide at the end.
      e += Math.max(0, s - room[k]! + TOLERANCE) * weight[k]!;
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
export function improve(rows: ChoiceRows, start: readonly number[], room: Float64Array): number[] {
  const K = room.length;
  const chosen = [...start];
  const left = Float64Array.from(room);
  chosen.forEach((c, i) => {
    for (let k = 0; k < K; k++) left[k]! -= rows[i]![c]!.amounts[k]!;
  });
  const fits = (to: ChoiceRow, from: ChoiceRow, to2: ChoiceRow | null, from2: ChoiceRow | null): boolean => {
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

export const cost = (rows: ChoiceRows, chosen: readonly number[]): number =>
  chosen.reduce((d, c, i) => d + rows[i]![c]!.departure, 0);
