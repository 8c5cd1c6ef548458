import type { Prepared, Progress } from './moves.ts';

/**
 * So long it takes at least, however the rest is ordered, min: the longest way through what is left, the cooks' hands,
 * and the oven, each for itself.
 */
export function leastMinutes(p: Prepared, at: Progress): number {
  const { jobs, cooks, oven } = p.problem;
  const heads = headsOf(p, at);
  let least = at.end;
  const hands: Piece[] = [];
  const byHeat = new Map<number, { sum: number; longest: number }>();
  let ovenHead = Number.POSITIVE_INFINITY;
  let ovenTail = Number.POSITIVE_INFINITY;
  for (let j = 0; j < jobs.length; j++) {
    if (at.starts[j]! >= 0) continue;
    const { minutes, hands: byHand, heat } = jobs[j]!;
    const head = heads[j]!;
    const tail = p.tail[j]!;
    least = Math.max(least, head + tail);
    if (byHand) hands.push({ head, minutes, tail: tail - minutes });
    if (heat === null) continue;
    const of = byHeat.get(heat) ?? { sum: 0, longest: 0 };
    byHeat.set(heat, { sum: of.sum + minutes, longest: Math.max(of.longest, p.baking[j]!) });
    ovenHead = Math.min(ovenHead, head);
    ovenTail = Math.min(ovenTail, tail - minutes);
  }
  if (byHeat.size > 0) {
    let work = (byHeat.size - 1) * oven.change;
    for (const { sum, longest } of byHeat.values()) work += Math.max(longest, Math.ceil(sum / oven.trays));
    least = Math.max(least, ovenHead + work + ovenTail);
  }
  if (hands.length === 0) return least;
  return Math.max(least, cooks === 1 ? oneCook(hands) : manyCooks(hands, cooks));
}

interface Piece {
  readonly head: number;
  readonly minutes: number;
  /** What has to follow it, min. */
  readonly tail: number;
}

/** When each job that is not placed can begin at the soonest, as far as its own line of work says. */
function headsOf({ problem }: Prepared, at: Progress): Int32Array {
  const { jobs, oven } = problem;
  const heads = new Int32Array(jobs.length).fill(-1);
  const headOf = (j: number): number => {
    if (heads[j]! >= 0) return heads[j]!;
    const job = jobs[j]!;
    let t = Math.max(at.now, job.notBefore);
    for (const a of job.after) t = Math.max(t, (at.starts[a]! >= 0 ? at.starts[a]! : headOf(a)) + jobs[a]!.minutes);
    if (job.hands) t = Math.max(t, at.cooks[0]!);
    if (job.heat !== null) t = Math.max(t, job.heat === at.heat ? at.trays[0]! : ovenChanged(at, oven.change));
    return (heads[j] = t);
  };
  for (let j = 0; j < jobs.length; j++) if (at.starts[j]! < 0) headOf(j);
  return heads;
}

/** An oven that stands at another heat, or will by then, is there at the soonest. */
const ovenChanged = (at: Progress, change: number): number => at.trays.at(-1)! + change;

/** One cook who may leave off and come back: a bound that can be worked out at once (Jackson's preemptive schedule). */
function oneCook(pieces: readonly Piece[]): number {
  const left = pieces.map((p) => p.minutes);
  const order = pieces.map((_, i) => i).sort((a, b) => pieces[a]!.head - pieces[b]!.head);
  let t = 0;
  let least = 0;
  let next = 0;
  const open: number[] = [];
  let toDo = pieces.length;
  while (toDo > 0) {
    while (next < order.length && pieces[order[next]!]!.head <= t) open.push(order[next++]!);
    if (open.length === 0) {
      t = pieces[order[next]!]!.head;
      continue;
    }
    let at = 0;
    for (let i = 1; i < open.length; i++) if (pieces[open[i]!]!.tail > pieces[open[at]!]!.tail) at = i;
    const one = open[at]!;
    const until = next < order.length ? pieces[order[next]!]!.head : Number.POSITIVE_INFINITY;
    const worked = Math.min(left[one]!, until - t);
    t += worked;
    left[one]! -= worked;
    if (left[one] === 0) {
      least = Math.max(least, t + pieces[one]!.tail);
      open.splice(at, 1);
      toDo--;
    }
  }
  return least;
}

/** Several cooks share what is left evenly at best. */
function manyCooks(pieces: readonly Piece[], cooks: number): number {
  const byTail = [...pieces].sort((a, b) => b.tail - a.tail);
  let sum = 0;
  let head = Number.POSITIVE_INFINITY;
  let least = 0;
  for (const p of byTail) {
    sum += p.minutes;
    head = Math.min(head, p.head);
    least = Math.max(least, head + Math.ceil(sum / cooks) + p.tail);
  }
  return least;
}
