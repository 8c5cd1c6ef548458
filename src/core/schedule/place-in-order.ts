import { atBeginning, type Move, moved, type Prepared, type Progress, soonest, washesFrom } from './moves.ts';
import type { Schedule, Wash } from './problem.ts';

export const asSchedule = (at: Progress): Schedule => ({
  starts: [...at.starts],
  washes: at.washes,
  minutes: at.end,
});

/**
 * Places jobs one after the other: each time the first in the order that can begin at all, as soon as it can; what is
 * too dirty for it is washed before.
 *
 * @param order every job once
 * @param eager whether what could begin sooner goes before what comes sooner in the order
 * @param washes what is washed at which time, where it can be: what is left out is washed when something waits for it
 * @returns null where it comes to a place where nothing can begin any more
 */
export function placeInOrder(
  p: Prepared,
  order: readonly number[],
  eager = false,
  washes: readonly Wash[] = [],
): Schedule | null {
  let at = atBeginning(p);
  const due = [...washes].sort((a, b) => a.start - b.start);
  while (at.placed < order.length) {
    const move = nextMove(p, at, order, eager);
    if (move === null) return null;
    const wash = due[0] !== undefined && due[0].start <= move.at ? washAt(p, at, due.shift()!) : null;
    if (wash !== null) at = moved(p, at, wash);
    else if (due[0] === undefined || due[0].start > move.at) at = moved(p, at, move);
  }
  return asSchedule(at);
}

function nextMove(p: Prepared, at: Progress, order: readonly number[], eager: boolean): Move | null {
  let best: Move | null = null;
  for (const job of order) {
    if (at.starts[job]! >= 0) continue;
    const t = soonest(p, at, job);
    if (t === Number.POSITIVE_INFINITY) {
      // It may be that something only has to be washed for it.
      const ready = p.problem.jobs[job]!.after.every((a) => at.starts[a]! >= 0);
      const wash = ready && !eager ? washFor(p, at, job) : null;
      if (wash !== null) return wash;
      continue;
    }
    const move: Move = { kind: 'job', job, at: t, minutes: p.problem.jobs[job]!.minutes };
    if (!eager) return move;
    if (best === null || t < best.at) best = move;
  }
  return best ?? washesFrom(p, at)[0] ?? null;
}

/** What was going to be washed then, if it can be. */
function washAt(p: Prepared, at: Progress, { pool, start }: Wash): Move | null {
  const wash = washesFrom(p, at).find((w) => w.kind === 'wash' && w.pool === pool && w.at <= start);
  return wash === undefined ? null : { ...wash, at: start };
}

/** The wash that lets a job begin; null where something else keeps it. */
function washFor(p: Prepared, at: Progress, job: number): Move | null {
  for (const h of p.opens[job]!) {
    const { pool, bears } = p.problem.holds[h]!;
    if (at.things[pool]!.some((t) => t.dirt <= bears && t.free < Number.POSITIVE_INFINITY)) continue;
    const wash = washesFrom(p, at).find((w) => w.kind === 'wash' && w.pool === pool);
    if (wash !== undefined) return wash;
  }
  return null;
}
