import type { Counter } from '../program/program.ts';
import { edgeOf, hasCaps, roundPoints } from '../program/rule.ts';
import { countVersion, type VersionCount } from '../recipe/count-version.ts';
import { applyEntry, type Change } from '../recipe/entry.ts';
import type { Kitchen } from '../recipe/resolve-lines.ts';
import type { Version } from '../recipe/version.ts';
import { wayChanges } from './apply-way.ts';
import { type ChoiceContext, type LineChoice, type LineChoices, lineChoices } from './line-choices.ts';
import type { ChoiceProblem, Limit } from './problem.ts';
import { type Solved, solveChoices } from './solve.ts';

/** What a way has to reach. Points by counter, in the order of the context; null for one that sets no limit. */
export interface Aim {
  readonly points: readonly (number | null)[];
  readonly kcal: number | null;
  /** The least protein of a serving, g. */
  readonly protein: number | null;
  /** The least a serving may weigh, g: eating less is not a swap. */
  readonly grams: number | null;
  /** The most lines that may change. */
  readonly changes: number | null;
}

/** A set of changes that reaches an aim, recounted by the counting engine. */
export interface Way {
  /** Points of a serving, by counter. */
  readonly points: readonly number[];
  readonly raw: readonly number[];
  readonly kcal: number | null;
  readonly protein: number | null;
  readonly grams: number;
  /** 0 on, in tenths: the departures of its changes added up. */
  readonly departure: number;
  readonly changes: readonly LineChoice[];
  /** How it differs from the best, in words; null for the best. */
  readonly differs: string | null;
}

/** The least departure at which a counter comes to at most so many points. */
export interface FrontierPoint {
  readonly points: number;
  readonly departure: number;
  readonly way: Way;
}

export interface WaysAnswer {
  readonly reachable: boolean;
  /** Whether the best is proved to be the best. */
  readonly proved: boolean;
  /** The best first, then near alternatives that differ in kind; empty when nothing reaches the aim. */
  readonly ways: readonly Way[];
  /** What stands in the way and the closest that can; null when the aim is reached. */
  readonly obstacle: { readonly words: readonly string[]; readonly closest: Way | null } | null;
  readonly frontier: readonly FrontierPoint[];
  readonly choices: readonly LineChoices[];
  /** What a serving counts that no choice changes. */
  readonly base: Sums;
}

export interface WaysOptions {
  /** The counter that the frontier is drawn for; the others' limits hold. null for no frontier. */
  readonly frontierOf: number | null;
  readonly stop?: () => boolean;
  /** Called with the share that is done, 0 to 1. */
  readonly progress?: (done: number) => void;
}

/** Answers that the engine rejects are cut off at most so often. */
const REJECTED = 12;
const ALTERNATIVES = 3;

/** A version with what its lines may become, ready to be searched. */
interface Bench {
  readonly version: Version;
  readonly context: ChoiceContext;
  readonly choices: readonly LineChoices[];
  readonly base: Sums;
  /** Rules whose counts do not add up over lines: answers are checked, and nothing is proved. */
  readonly additive: boolean;
}

/** A serving's sums over lines. */
export interface Sums {
  readonly raw: readonly number[];
  readonly kcal: number;
  readonly protein: number;
  readonly grams: number;
}

/**
 * Finds the way of least departure that reaches an aim, with near alternatives, the frontier, and what stands in the
 * way when nothing does. Every way is recounted by the counting engine, which has the last word.
 */
export function findWays(version: Version, aim: Aim, context: ChoiceContext, options: WaysOptions): WaysAnswer {
  const bench = setOut(version, context);
  const best = search(bench, aim, bench.choices, options.stop);
  options.progress?.(0.3);
  const ways = best.way === null ? [] : [best.way, ...alternatives(bench, aim, best.way, options.stop)];
  options.progress?.(0.5);
  const frontier = options.frontierOf === null ? [] : frontierOf(bench, aim, options.frontierOf, options);
  return {
    reachable: best.way !== null,
    proved: best.proved,
    ways,
    obstacle: best.way === null ? obstacleOf(bench, aim, options.stop) : null,
    frontier,
    choices: bench.choices,
    base: bench.base,
  };
}

function setOut(version: Version, context: ChoiceContext): Bench {
  const choices = lineChoices(version, context);
  const now = countVersion(version, context.kitchen, context.counters);
  const stay = (of: (c: LineChoice) => number): number => choices.reduce((s, l) => s + of(stayOf(l)), 0);
  const asItems = (counter: Counter, i: number): number =>
    counter.program.by === 'items' ? now.counts[i]!.points : now.counts[i]!.raw;
  return {
    version,
    context,
    choices,
    additive: context.counters.every((c) => !(c.program.by === 'serving' && hasCaps(c.program.rule))),
    base: {
      raw: context.counters.map((c, i) => asItems(c, i) - stay((x) => x.raw[i]!)),
      kcal: (now.perServing.kcal.value ?? now.perServing.kcal.high) - stay((x) => x.kcal),
      protein: (now.perServing.protein.value ?? 0) - stay((x) => x.protein),
      grams: now.servingGrams - stay((x) => x.grams),
    },
  };
}

const NOTHING: Omit<LineChoice, 'lineId' | 'raw'> = {
  swapId: null,
  share: 1,
  departure: 0,
  kcal: 0,
  protein: 0,
  grams: 0,
  from: '',
  to: '',
  kind: 'stay',
};
/** A line's choice to stay; what may not stay adds nothing to what the rest is counted from. */
const stayOf = (l: LineChoices): LineChoice =>
  l.choices.find((c) => c.kind === 'stay') ?? {
    ...NOTHING,
    lineId: l.lineId,
    raw: (l.choices[0]?.raw ?? []).map(() => 0),
  };

/** The limits of an aim; `less` is taken off each counter's room, where an answer was rejected. */
function limitsOf(
  bench: Bench,
  aim: Aim,
  less: readonly number[],
): { limits: Limit[]; of: ((c: LineChoice) => number)[] } {
  const limits: Limit[] = [];
  const of: ((c: LineChoice) => number)[] = [];
  bench.context.counters.forEach((counter, i) => {
    const most = aim.points[i] ?? null;
    if (most === null) return;
    const { rule, by } = counter.program;
    const items = by === 'items';
    const edge = items ? most : edgeOf(most + rule.step, rule);
    const holds = (sum: number): boolean =>
      items ? sum <= most + 1e-9 - less[i]! : roundPoints(sum + less[i]!, rule) <= most + 1e-9;
    limits.push({ base: bench.base.raw[i]!, most: edge - less[i]!, holds });
    of.push((c) => c.raw[i]!);
  });
  const add = (most: number | null, base: number, amount: (c: LineChoice) => number): void => {
    if (most === null) return;
    limits.push({ base, most, holds: (s) => s <= most + 1e-9 });
    of.push(amount);
  };
  add(aim.kcal, bench.base.kcal, (c) => c.kcal);
  add(aim.protein === null ? null : -aim.protein, -bench.base.protein, (c) => -c.protein);
  add(aim.grams === null ? null : -aim.grams, -bench.base.grams, (c) => -c.grams);
  add(aim.changes, 0, (c) => (c.kind === 'stay' ? 0 : 1));
  return { limits, of };
}

/** The best way among these choices, its answer accepted by the engine. */
function search(
  bench: Bench,
  aim: Aim,
  choices: readonly LineChoices[],
  stop: (() => boolean) | undefined,
): { way: Way | null; proved: boolean } {
  const less = bench.context.counters.map(() => 0);
  for (let tries = 0; tries < REJECTED; tries++) {
    const { limits, of } = limitsOf(bench, aim, less);
    const problem: ChoiceProblem = {
      lines: choices.map((l) =>
        l.choices.map((c) => ({ departure: Math.round(c.departure * 10), amounts: of.map((f) => f(c)) })),
      ),
      limits,
    };
    const solved: Solved = problem.lines.some((l) => l.length === 0)
      ? { kind: 'none', proved: true }
      : solveChoices(problem, { stop });
    if (solved.kind === 'none') return { way: null, proved: solved.proved && bench.additive && tries === 0 };
    const picked = choices.map((l, i) => l.choices[solved.solution.picks[i]!]!).filter((c) => c.kind !== 'stay');
    const way = wayOf(bench, picked, null);
    const over = overBy(bench, aim, way, picked);
    if (over === null) return { way, proved: solved.proved && bench.additive && tries === 0 };
    for (let i = 0; i < less.length; i++) less[i]! += over[i]! > 0 ? over[i]! + 1e-7 : 0;
  }
  return { way: null, proved: false };
}

/** By how much the engine's count is over what the sums said, by counter; null when every limit holds. */
function overBy(bench: Bench, aim: Aim, way: Way, picked: readonly LineChoice[]): number[] | null {
  const over = bench.context.counters.map((_, i) => {
    const most = aim.points[i] ?? null;
    if (most === null || way.points[i]! <= most + 1e-9) return 0;
    const changed = new Set(picked.map((c) => c.lineId));
    const stays = bench.choices.filter((l) => !changed.has(l.lineId)).map(stayOf);
    const said = bench.base.raw[i]! + [...picked, ...stays].reduce((s, c) => s + c.raw[i]!, 0);
    return Math.max(1e-6, way.raw[i]! - said);
  });
  return over.some((o) => o > 0) ? over : null;
}

/** Recounts a set of choices by the engine. */
function wayOf(bench: Bench, picked: readonly LineChoice[], differs: string | null): Way {
  const counted = countPicked(bench, picked);
  return {
    points: counted.counts.map((c) => c.points),
    raw: counted.counts.map((c) => c.raw),
    kcal: counted.perServing.kcal.value,
    protein: counted.perServing.protein.value,
    grams: counted.servingGrams,
    departure: Math.round(picked.reduce((d, c) => d + c.departure, 0) * 10) / 10,
    changes: picked,
    differs,
  };
}

function countPicked(bench: Bench, picked: readonly LineChoice[]): VersionCount {
  const { version, context } = bench;
  let n = 0;
  const changes: Change[] = wayChanges(version, picked, context, () => `way-${n++}`);
  const next = applyEntry(version, { id: 'way', label: 'way', changes, undoes: null });
  const kitchen: Kitchen = {
    food: (id, revision) => context.kitchen.food(id, revision) ?? context.food(id),
    version: context.kitchen.version,
  };
  return countVersion(next, kitchen, context.counters);
}

/** Near alternatives that differ in kind: with fewer changes, without the change that departs most, without what is left out. */
function alternatives(bench: Bench, aim: Aim, best: Way, stop: (() => boolean) | undefined): Way[] {
  const out: Way[] = [];
  const seen = new Set([keyOf(best)]);
  const offer = (found: { way: Way | null }, differs: string): void => {
    if (found.way === null || seen.has(keyOf(found.way)) || out.length >= ALTERNATIVES) return;
    seen.add(keyOf(found.way));
    out.push({ ...found.way, differs });
  };
  const only = (keep: (c: LineChoice) => boolean): LineChoices[] =>
    bench.choices.map((l) => ({ ...l, choices: l.choices.filter((c) => c.kind === 'stay' || keep(c)) }));
  if (best.changes.length > 1) {
    const fewer = { ...aim, changes: best.changes.length - 1 };
    offer(search(bench, fewer, bench.choices, stop), 'fewer changes');
  }
  const widest = [...best.changes].sort((a, b) => b.departure - a.departure)[0];
  if (widest) {
    const item = bench.choices.find((l) => l.lineId === widest.lineId)?.item ?? 'that line';
    offer(
      search(
        bench,
        aim,
        only((c) => c.lineId !== widest.lineId),
        stop,
      ),
      `${item}: as it is`,
    );
  }
  if (best.changes.some((c) => c.kind === 'leaveOut'))
    offer(
      search(
        bench,
        aim,
        only((c) => c.kind !== 'leaveOut'),
        stop,
      ),
      'nothing is left out',
    );
  if (best.changes.some((c) => c.kind === 'standIn'))
    offer(
      search(
        bench,
        aim,
        only((c) => c.kind !== 'standIn'),
        stop,
      ),
      'without stand-ins',
    );
  if (aim.grams === null) {
    const asHeavy = bench.base.grams + bench.choices.reduce((g, l) => g + stayOf(l).grams, 0);
    offer(search(bench, { ...aim, grams: asHeavy - 1e-6 }, bench.choices, stop), 'no smaller plate');
  }
  return out;
}

const keyOf = (way: Way): string => way.changes.map((c) => `${c.lineId} ${c.swapId} ${c.share}`).join('|');

/** For one counter the least departure for at most 0, 1, 2 … points, down from what it counts now; the others' limits hold. */
function frontierOf(bench: Bench, aim: Aim, of: number, options: WaysOptions): FrontierPoint[] {
  const counter = bench.context.counters[of];
  if (counter === undefined) return [];
  const { step } = counter.program.rule;
  const free = { ...aim, points: aim.points.map((p, i) => (i === of ? null : p)) };
  const out: FrontierPoint[] = [];
  const start = search(bench, free, bench.choices, options.stop).way;
  if (start === null) return [];
  const top = start.points[of]!;
  out.push({ points: top, departure: start.departure, way: start });
  for (let points = top - step; points >= -1e-9; points -= step) {
    if (options.stop?.()) break;
    const found = search(
      bench,
      { ...free, points: free.points.map((p, i) => (i === of ? points : p)) },
      bench.choices,
      options.stop,
    ).way;
    options.progress?.(0.5 + (0.5 * (top - points)) / Math.max(step, top));
    if (found === null) break;
    const last = out[out.length - 1]!;
    // One way may reach several points at once: it stands at the fewest.
    if (found.departure === last.departure)
      out[out.length - 1] = { points: found.points[of]!, departure: found.departure, way: found };
    else out.push({ points: found.points[of]!, departure: found.departure, way: found });
    points = Math.min(points, found.points[of]!);
  }
  return out;
}

/** What stands in the way of an aim, and the closest way to it. */
function obstacleOf(bench: Bench, aim: Aim, stop: (() => boolean) | undefined): WaysAnswer['obstacle'] {
  const words: string[] = [];
  const blocked = bench.choices.find((l) => l.choices.length === 0);
  if (blocked) {
    words.push(
      `${blocked.item} must not be in it, and ${blocked.kept ? 'it is kept' : 'nothing known stands in for it'}.`,
    );
    return { words, closest: null };
  }
  bench.context.counters.forEach((counter, i) => {
    const most = aim.points[i] ?? null;
    if (most === null) return;
    const least =
      bench.base.raw[i]! + bench.choices.reduce((s, l) => s + Math.min(...l.choices.map((c) => c.raw[i]!)), 0);
    const points = counter.program.by === 'items' ? least : roundPoints(least, counter.program.rule);
    if (points <= most) return;
    const heavy = bench.choices
      .map((l) => ({ l, raw: Math.min(...l.choices.map((c) => c.raw[i]!)) }))
      .filter((x) => x.raw > 0.05)
      .sort((a, b) => b.raw - a.raw)
      .slice(0, 3)
      .map(({ l }) => (l.kept ? `${l.item} (kept)` : l.item));
    words.push(
      `Under ${counter.program.mark} it comes to ${points} at the least: ${heavy.length > 0 ? `${heavy.join(', ')} still count` : 'what cannot be changed counts'}.`,
    );
  });
  const loosened: [keyof Aim, string][] = [
    ['changes', 'More lines have to change than you allow.'],
    ['grams', 'A serving would weigh less than you want.'],
    ['protein', 'There would be less protein than you want.'],
    ['kcal', 'The calories do not come down that far.'],
  ];
  if (words.length === 0) {
    for (const [key, why] of loosened) {
      if (aim[key] === null) continue;
      if (search(bench, { ...aim, [key]: null }, bench.choices, stop).way !== null) words.push(why);
    }
    if (words.length === 0) words.push('Each limit can be met, but not all of them together.');
  }
  return { words, closest: closestTo(bench, aim, stop) };
}

/** The way nearest to the aim: every counter a step looser at a time, until one is found. */
function closestTo(bench: Bench, aim: Aim, stop: (() => boolean) | undefined): Way | null {
  for (let more = 1; more <= 40; more++) {
    if (stop?.()) return null;
    const looser: Aim = {
      points: aim.points.map((p, i) => (p === null ? null : p + more * bench.context.counters[i]!.program.rule.step)),
      kcal: aim.kcal === null ? null : aim.kcal * (1 + more * 0.05),
      protein: aim.protein === null ? null : aim.protein * Math.max(0, 1 - more * 0.05),
      grams: aim.grams === null ? null : aim.grams * Math.max(0, 1 - more * 0.05),
      changes: aim.changes === null ? null : aim.changes + more,
    };
    const { way } = search(bench, looser, bench.choices, stop);
    if (way !== null) return way;
  }
  return null;
}
