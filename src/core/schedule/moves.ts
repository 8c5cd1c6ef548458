import type { Hold, Pool, ScheduleProblem, Wash } from './problem.ts';

/** What is in use, and how dirty it is. */
interface Thing {
  /** When it is free; Infinity while the job that gives it back has not begun. */
  readonly free: number;
  readonly dirt: number;
}

/** How far a schedule is worked out, always forward in time: no job begins before the one that was placed last. */
export interface Progress {
  readonly now: number;
  /** When each job begins; -1 for one that is not placed. */
  readonly starts: Int16Array;
  readonly placed: number;
  /** When the last of what is placed is over. */
  readonly end: number;
  /** When each cook is free, the soonest first. */
  readonly cooks: readonly number[];
  /** When each tray is free, the soonest first, and how hot the oven is; null while it is cold. */
  readonly trays: readonly number[];
  readonly heat: number | null;
  /** By pool. */
  readonly things: readonly (readonly Thing[])[];
  /** Which thing each open hold has, by hold; -1 for none. */
  readonly held: Int8Array;
  readonly washes: readonly Wash[];
}

/** What can be done next: a job, or something that is washed. */
export type Move =
  | { readonly kind: 'job'; readonly job: number; readonly at: number; readonly minutes: number }
  | {
      readonly kind: 'wash';
      readonly pool: number;
      readonly thing: number;
      readonly at: number;
      readonly minutes: number;
    };

/** A problem with what is looked up again and again. */
export interface Prepared {
  readonly problem: ScheduleProblem;
  /** By job, the holds that begin with it, and those that end with it. */
  readonly opens: readonly (readonly number[])[];
  readonly closes: readonly (readonly number[])[];
  readonly followers: readonly (readonly number[])[];
  /** By job, the longest way from its beginning to the end of everything behind it, min. */
  readonly tail: readonly number[];
  /** By job that bakes, how long it and what bakes at its heat behind it take, one after the other, min. */
  readonly baking: readonly number[];
  /** By pool, whether anything in it is ever washed. */
  readonly washed: readonly boolean[];
}

/** @throws RangeError where jobs wait for each other in a circle, or need what there is none of */
export function prepare(problem: ScheduleProblem): Prepared {
  const n = problem.jobs.length;
  const by = (key: (h: Hold) => number): number[][] => {
    const out = Array.from({ length: n }, (): number[] => []);
    for (const [i, h] of problem.holds.entries()) out[key(h)]!.push(i);
    return out;
  };
  const followers = Array.from({ length: n }, (): number[] => []);
  problem.jobs.forEach((j, i) => {
    for (const a of j.after) followers[a]!.push(i);
  });
  const tail: number[] = new Array(n).fill(-1);
  const visit = (j: number, path: Set<number>): number => {
    if (path.has(j)) throw new RangeError('Jobs wait for each other.');
    if (tail[j]! >= 0) return tail[j]!;
    path.add(j);
    let longest = 0;
    for (const f of followers[j]!) longest = Math.max(longest, visit(f, path));
    path.delete(j);
    return (tail[j] = longest + problem.jobs[j]!.minutes);
  };
  for (let j = 0; j < n; j++) visit(j, new Set());
  const needsHands = problem.jobs.some((j) => j.hands);
  const needsOven = problem.jobs.some((j) => j.heat !== null);
  if ((needsHands && problem.cooks < 1) || (needsOven && problem.oven.trays < 1))
    throw new RangeError('There is nobody to do it, or nowhere to put it.');
  for (const h of problem.holds) if (problem.pools[h.pool]!.count < 1) throw new RangeError('There is none of it.');
  const washed = problem.pools.map((_, p) => {
    const holds = problem.holds.filter((h) => h.pool === p);
    return holds.some((a) => holds.some((b) => a !== b && a.soils > b.bears));
  });
  return {
    problem,
    opens: by((h) => h.from),
    closes: by((h) => h.to),
    followers,
    tail,
    baking: bakingOf(problem, followers),
    washed,
  };
}

/** What follows one another at one heat cannot bake at once, however many trays there are. */
function bakingOf({ jobs }: ScheduleProblem, followers: readonly (readonly number[])[]): number[] {
  const from = (j: number, heat: number, known: Map<number, number>): number => {
    const had = known.get(j);
    if (had !== undefined) return had;
    const behind = Math.max(0, ...followers[j]!.map((f) => from(f, heat, known)));
    const is = behind + (jobs[j]!.heat === heat ? jobs[j]!.minutes : 0);
    known.set(j, is);
    return is;
  };
  const byHeat = new Map<number, Map<number, number>>();
  return jobs.map((job, j) => {
    if (job.heat === null) return 0;
    const known = byHeat.get(job.heat) ?? new Map<number, number>();
    byHeat.set(job.heat, known);
    return from(j, job.heat, known);
  });
}

/** Nothing is done yet, everything is clean. */
export function atBeginning({ problem }: Prepared): Progress {
  return {
    now: 0,
    starts: new Int16Array(problem.jobs.length).fill(-1),
    placed: 0,
    end: 0,
    cooks: new Array(problem.cooks).fill(0),
    trays: new Array(problem.oven.trays).fill(0),
    heat: null,
    things: problem.pools.map((p: Pool) => Array.from({ length: p.count }, () => ({ free: 0, dirt: 0 }))),
    held: new Int8Array(problem.holds.length).fill(-1),
    washes: [],
  };
}

/** When a job could begin at the soonest; Infinity where something has to be washed, or given back, before. */
export function soonest({ problem, opens }: Prepared, at: Progress, j: number): number {
  const job = problem.jobs[j]!;
  let t = Math.max(at.now, job.notBefore);
  for (const a of job.after) {
    if (at.starts[a]! < 0) return Number.POSITIVE_INFINITY;
    t = Math.max(t, at.starts[a]! + problem.jobs[a]!.minutes);
  }
  if (job.hands) t = Math.max(t, at.cooks[0]!);
  if (job.heat !== null) t = Math.max(t, job.heat === at.heat ? at.trays[0]! : at.trays.at(-1)! + problem.oven.change);
  const wanted = opens[j]!;
  // Several of one pool at a time are taken one after the other, each the soonest that is clean enough.
  const taken: number[][] = problem.pools.map(() => []);
  for (const h of wanted) {
    const { pool, bears } = problem.holds[h]!;
    let best = Number.POSITIVE_INFINITY;
    let which = -1;
    at.things[pool]!.forEach((thing, i) => {
      if (thing.dirt <= bears && thing.free < best && !taken[pool]!.includes(i)) {
        best = thing.free;
        which = i;
      }
    });
    if (which === -1) return Number.POSITIVE_INFINITY;
    taken[pool]!.push(which);
    t = Math.max(t, best);
  }
  return t;
}

/** Everything that can be done next, each as soon as it can be. */
export function movesFrom(p: Prepared, at: Progress): Move[] {
  const { problem } = p;
  const moves: Move[] = [];
  for (let j = 0; j < problem.jobs.length; j++) {
    if (at.starts[j]! >= 0) continue;
    const t = soonest(p, at, j);
    if (t < Number.POSITIVE_INFINITY) moves.push({ kind: 'job', job: j, at: t, minutes: problem.jobs[j]!.minutes });
  }
  return [...moves, ...washesFrom(p, at)];
}

/** What is worth washing: what is too dirty for something that is still to come. */
export function washesFrom({ problem, washed }: Prepared, at: Progress): Move[] {
  const moves: Move[] = [];
  problem.pools.forEach((pool, i) => {
    if (!washed[i]) return;
    let cleanest = Number.POSITIVE_INFINITY;
    for (const h of problem.holds) if (h.pool === i && at.starts[h.from]! < 0) cleanest = Math.min(cleanest, h.bears);
    const seen = new Set<string>();
    at.things[i]!.forEach((thing, n) => {
      if (thing.dirt <= cleanest || thing.free === Number.POSITIVE_INFINITY) return;
      const like = `${thing.free} ${thing.dirt}`;
      if (seen.has(like)) return;
      seen.add(like);
      moves.push({
        kind: 'wash',
        pool: i,
        thing: n,
        at: Math.max(at.now, thing.free, at.cooks[0]!),
        minutes: pool.wash,
      });
    });
  });
  return moves;
}

const sorted = (times: readonly number[]): number[] => [...times].sort((a, b) => a - b);
/** The soonest is busy until then. */
const busyUntil = (times: readonly number[], until: number): number[] => sorted([...times.slice(1), until]);

/** How far it is after a move. */
export function moved(p: Prepared, at: Progress, move: Move): Progress {
  const until = move.at + move.minutes;
  if (move.kind === 'wash') {
    const things = at.things.map((of, i) =>
      i === move.pool ? of.map((t, n) => (n === move.thing ? { free: until, dirt: 0 } : t)) : of,
    );
    const washes = [...at.washes, { pool: move.pool, start: move.at, minutes: move.minutes }];
    return { ...at, now: move.at, cooks: busyUntil(at.cooks, until), things, washes, end: Math.max(at.end, until) };
  }
  const { problem, opens, closes } = p;
  const job = problem.jobs[move.job]!;
  const starts = at.starts.slice();
  starts[move.job] = move.at;
  let { things, held, trays, heat } = at;
  if (opens[move.job]!.length > 0 || closes[move.job]!.length > 0) {
    const next = things.map((of) => [...of]);
    held = held.slice();
    for (const h of opens[move.job]!) {
      const { pool, bears } = problem.holds[h]!;
      let which = -1;
      // Of those that are free then, the dirtiest that is clean enough: the cleaner ones are kept for others.
      next[pool]!.forEach((thing, i) => {
        if (thing.free <= move.at && thing.dirt <= bears && (which === -1 || thing.dirt > next[pool]![which]!.dirt))
          which = i;
      });
      next[pool]![which] = { ...next[pool]![which]!, free: Number.POSITIVE_INFINITY };
      held[h] = which;
    }
    for (const h of closes[move.job]!) {
      const { pool, soils } = problem.holds[h]!;
      next[pool]![held[h]!] = { free: until, dirt: soils };
      held[h] = -1;
    }
    things = next;
  }
  if (job.heat !== null) {
    trays = job.heat === heat ? busyUntil(trays, until) : sorted([...trays.map(() => move.at).slice(1), until]);
    heat = job.heat;
  }
  return {
    now: move.at,
    starts,
    placed: at.placed + 1,
    end: Math.max(at.end, until),
    cooks: job.hands ? busyUntil(at.cooks, until) : at.cooks,
    trays,
    heat,
    things,
    held,
    washes: at.washes,
  };
}
