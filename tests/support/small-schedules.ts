import type { Hold, Job, Schedule, ScheduleProblem } from '../../src/core/schedule/problem.ts';
import { seeded } from './hard-choices.ts';

/** Small problems from a seed, the same in every run: so small that everything can be tried. */
export function smallSchedules(seed: number, count: number): ScheduleProblem[] {
  const random = seeded(seed);
  const upTo = (n: number): number => Math.floor(random() * (n + 1));
  return Array.from({ length: count }, (): ScheduleProblem => {
    const n = 3 + upTo(2);
    const jobs = Array.from({ length: n }, (_, i): Job => {
      const inOven = random() < 0.25;
      return {
        minutes: 1 + upTo(2),
        hands: !inOven && random() < 0.6,
        after: Array.from({ length: i }, (_, a) => a).filter(() => random() < 0.3),
        heat: inOven ? [180, 200][upTo(1)]! : null,
        notBefore: random() < 0.1 ? upTo(3) : 0,
      };
    });
    const holds: Hold[] = [];
    for (let j = 0; j < n; j++) {
      if (random() > 0.6) continue;
      // What it is given back by comes after it, or is itself.
      const later = jobs.flatMap((k, i) => (k.after.includes(j) ? [i] : []));
      const to = later.length > 0 && random() < 0.5 ? later[upTo(later.length - 1)]! : j;
      holds.push({ pool: upTo(1), from: j, to, bears: upTo(2), soils: upTo(3) });
    }
    return {
      jobs,
      holds,
      pools: [
        { count: 1 + upTo(1), wash: 1 },
        { count: 1 + upTo(1), wash: 1 + upTo(1) },
      ],
      cooks: 1 + upTo(1),
      oven: { trays: 1 + upTo(1), change: 1 + upTo(1) },
    };
  });
}

interface Moment {
  readonly started: readonly number[];
  /** By hold, the thing that it has. */
  readonly has: readonly (number | null)[];
  /** By pool and thing: how dirty it is, and until when it is washed. */
  readonly things: readonly (readonly { readonly dirt: number; readonly washedUntil: number }[])[];
  readonly washing: readonly number[];
}

/**
 * The least minutes, by trying at every minute everything that could begin then, with every thing that could be taken
 * for it. It shares nothing with the search but the words of the problem.
 *
 * @returns null where nothing ends within `most`
 */
export function leastByTrying(problem: ScheduleProblem, most: number): number | null {
  if (!endsWithin(problem, most)) return null;
  let within = most;
  while (within > 1 && endsWithin(problem, within - 1)) within--;
  return within;
}

function endsWithin({ jobs, holds, pools, cooks, oven }: ScheduleProblem, within: number): boolean {
  const seen = new Set<string>();
  const endOf = (m: Moment, j: number): number => m.started[j]! + jobs[j]!.minutes;
  const runs = (m: Moment, j: number, t: number): boolean => m.started[j]! >= 0 && endOf(m, j) > t;
  const visit = (t: number, given: Moment): boolean => {
    // What a job that is over gives back is as dirty as it left it.
    let m = given;
    holds.forEach((h, i) => {
      const thing = m.has[i];
      if (thing == null || m.started[h.to]! < 0 || endOf(m, h.to) > t) return;
      const things = m.things.map((of, p) =>
        p === h.pool ? of.map((x, k) => (k === thing ? { ...x, dirt: h.soils } : x)) : of,
      );
      m = { ...m, has: m.has.map((x, k) => (k === i ? null : x)), things };
    });
    // What is over is over, whenever it was; but the oven is known by what stood in it last.
    const past = m.started.map((s, j) => (s < 0 ? s : jobs[j]!.heat !== null ? s : Math.max(endOf(m, j), t)));
    const washing = m.things.map((of) => of.map((x) => `${x.dirt}~${Math.max(x.washedUntil, t)}`));
    const key = `${t} ${past} ${m.has} ${washing.join('/')}`;
    if (seen.has(key)) return false;
    seen.add(key);
    if (m.started.every((s, j) => s >= 0 && endOf(m, j) <= within)) return true;
    if (t >= within) return false;
    const busy = jobs.filter((j, i) => j.hands && runs(m, i, t)).length + m.washing.filter((w) => w > t).length;
    const isFree = (p: number, k: number): boolean =>
      m.things[p]![k]!.washedUntil <= t && !holds.some((h, i) => h.pool === p && m.has[i] === k);
    for (let j = 0; j < jobs.length; j++) {
      const job = jobs[j]!;
      if (m.started[j]! >= 0 || job.notBefore > t || t + job.minutes > within) continue;
      if (!job.after.every((a) => m.started[a]! >= 0 && endOf(m, a) <= t)) continue;
      if (job.hands && busy >= cooks) continue;
      if (job.heat !== null) {
        const there = jobs.flatMap((o, i) => (o.heat !== null && m.started[i]! >= 0 ? [i] : []));
        if (there.filter((i) => runs(m, i, t)).length >= oven.trays) continue;
        const last = there.filter((i) => jobs[i]!.heat !== job.heat).map((i) => endOf(m, i));
        // From another heat, and back from another heat again.
        const latest = there.reduce((best, i) => (best < 0 || m.started[i]! >= m.started[best]! ? i : best), -1);
        const isCold = latest === -1;
        const isOther = !isCold && jobs[latest]!.heat !== job.heat;
        if (isCold && t < oven.change) continue;
        if (isOther && t < Math.max(...there.map((i) => endOf(m, i))) + oven.change) continue;
        if (!isOther && last.some((e) => e > t)) continue;
      }
      const wants = holds.flatMap((h, i) => (h.from === j ? [i] : []));
      const take = (n: number, has: Moment['has']): boolean => {
        if (n === wants.length) return visit(t, { ...m, has, started: m.started.map((s, i) => (i === j ? t : s)) });
        const h = holds[wants[n]!]!;
        return m.things[h.pool]!.some((x, k) => {
          const taken = holds.some((o, i) => o.pool === h.pool && has[i] === k);
          return (
            !taken &&
            x.washedUntil <= t &&
            x.dirt <= h.bears &&
            take(
              n + 1,
              has.map((y, i) => (i === wants[n] ? k : y)),
            )
          );
        });
      };
      if (take(0, m.has)) return true;
    }
    if (busy < cooks)
      for (let p = 0; p < pools.length; p++)
        for (let k = 0; k < m.things[p]!.length; k++) {
          const until = t + pools[p]!.wash;
          if (m.things[p]![k]!.dirt === 0 || !isFree(p, k) || until > within) continue;
          const things = m.things.map((of, q) =>
            q === p ? of.map((x, i) => (i === k ? { dirt: 0, washedUntil: until } : x)) : of,
          );
          if (visit(t, { ...m, things, washing: [...m.washing, until] })) return true;
        }
    return visit(t + 1, m);
  };
  return visit(0, {
    started: jobs.map(() => -1),
    has: holds.map(() => null),
    things: pools.map((p) => Array.from({ length: p.count }, () => ({ dirt: 0, washedUntil: 0 }))),
    washing: [],
  });
}

/** What a schedule does that cannot be, minute by minute; nothing where it holds. */
export function faultsOf(
  { jobs, holds, pools, cooks, oven }: ScheduleProblem,
  { starts, washes, minutes }: Schedule,
): string[] {
  const faults: string[] = [];
  const end = (j: number): number => starts[j]! + jobs[j]!.minutes;
  jobs.forEach((job, j) => {
    if (starts[j]! < job.notBefore) faults.push(`job ${j} begins too soon`);
    if (end(j) > minutes) faults.push(`job ${j} is over after the end`);
    for (const a of job.after) if (end(a) > starts[j]!) faults.push(`job ${j} does not wait for ${a}`);
  });
  for (let t = 0; t < minutes; t++) {
    const at = jobs.flatMap((_, j) => (starts[j]! <= t && t < end(j) ? [j] : []));
    const washing = washes.filter((w) => w.start <= t && t < w.start + w.minutes);
    if (at.filter((j) => jobs[j]!.hands).length + washing.length > cooks) faults.push(`too few hands at ${t}`);
    const heats = at.flatMap((j) => jobs[j]!.heat ?? []);
    if (heats.length > oven.trays) faults.push(`too few trays at ${t}`);
    if (new Set(heats).size > 1) faults.push(`two heats at ${t}`);
    pools.forEach((pool, p) => {
      const used = holds.filter((h) => h.pool === p && starts[h.from]! <= t && t < end(h.to)).length;
      if (used + washing.filter((w) => w.pool === p).length > pool.count) faults.push(`too few of pool ${p} at ${t}`);
    });
  }
  const baked = jobs.flatMap((job, j) => (job.heat === null ? [] : [j])).sort((a, b) => starts[a]! - starts[b]!);
  if (baked.length > 0 && starts[baked[0]!]! < oven.change) faults.push('the oven is cold');
  for (let i = 1; i < baked.length; i++) {
    const [a, b] = [baked[i - 1]!, baked[i]!];
    if (jobs[a]!.heat !== jobs[b]!.heat && starts[b]! < Math.max(...baked.slice(0, i).map(end)) + oven.change)
      faults.push(`the oven is not at its heat for ${b}`);
  }
  pools.forEach((pool, p) => {
    const events = [
      ...holds.flatMap((h, i) =>
        h.pool === p
          ? [
              { at: starts[h.from]!, kind: 2, i },
              { at: end(h.to), kind: 0, i },
            ]
          : [],
      ),
      ...washes.flatMap((w, i) => (w.pool === p ? [{ at: w.start, kind: 1, i }] : [])),
    ].sort((a, b) => a.at - b.at || a.kind - b.kind);
    const there = Array.from({ length: pool.count }, () => ({ dirt: 0, from: 0 }));
    const has = new Map<number, number>();
    for (const { at, kind, i } of events) {
      if (kind === 0) {
        there.push({ dirt: holds[i]!.soils, from: at });
        continue;
      }
      there.sort((a, b) => b.dirt - a.dirt);
      const most = kind === 1 ? Number.POSITIVE_INFINITY : holds[i]!.bears;
      const k = there.findIndex((x) => x.from <= at && x.dirt <= most);
      if (k === -1) {
        faults.push(`nothing clean enough of pool ${p} at ${at}`);
        continue;
      }
      there.splice(k, 1);
      if (kind === 1) there.push({ dirt: 0, from: at + washes[i]!.minutes });
      else has.set(i, at);
    }
  });
  return faults;
}
