import { type BoundTable, toleranceOf } from './bound-tables.ts';
import { type ChoiceRows, dot, TOLERANCE } from './undominated.ts';

/** Partial choices of one line that are compared with each other; beyond, the bounds alone cut. */
const COMPARED = 48;

export interface Search {
  readonly rows: ChoiceRows;
  readonly room: Float64Array;
  readonly least: readonly Float64Array[];
  readonly tables: readonly BoundTable[];
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
export function searchBelow(search: Search): 'done' | 'stopped' | 'too many' {
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
  const slacks = tables.map(toleranceOf);
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
          if (sum[k]! + behind[k]! > room[k]! + TOLERANCE) {
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

/** A layer without the partial choices that another one beats: it departs as little and adds as little to every limit. */
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
