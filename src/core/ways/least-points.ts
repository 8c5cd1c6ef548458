import type { LineChoice, LineChoices } from './line-choices.ts';
import type { SearchModel } from './search-model.ts';

/**
 * How few points each counter can surely come to, whatever it takes: every line as light as its choices make it, and
 * what takes other lines along where that is lighter than what they come to by themselves.
 */
export function leastPoints(bench: SearchModel): number[] {
  return bench.counters.map((_, i) => bench.recount(lightest(bench.choices, i)).points[i]!);
}

/** The lightest picks for a counter that hold together. */
function lightest(choices: readonly LineChoices[], counter: number): LineChoice[] {
  const raw = (c: LineChoice): number => c.raw[counter]!;
  const alone = (l: LineChoices): LineChoice | null =>
    l.choices
      .filter((c) => c.along.length === 0)
      .reduce<LineChoice | null>((a, c) => (a === null || raw(c) < raw(a) ? c : a), null);
  const picked = new Map<string, LineChoice | null>(choices.map((l) => [l.lineId, alone(l)]));
  const byId = new Map(choices.map((l) => [l.lineId, l]));
  const taken = new Set<string>();
  /** What is won when a choice takes its lines along, instead of each being as light as it is by itself. */
  const gain = (c: LineChoice): number => {
    const now = (id: string): number => {
      const p = picked.get(id);
      return p == null ? 0 : raw(p);
    };
    const theirs = c.along.reduce((sum, id) => sum + raw(byId.get(id)!.asIs) - now(id), 0);
    return now(c.lineId) - raw(c) - theirs;
  };
  const along = choices
    .flatMap((l) => l.choices.filter((c) => c.along.length > 0))
    .filter((c) => c.along.every((id) => byId.get(id)?.mustGo.length === 0));
  for (const c of [...along].sort((a, b) => gain(b) - gain(a))) {
    if ([c.lineId, ...c.along].some((id) => taken.has(id)) || gain(c) <= 0) continue;
    picked.set(c.lineId, c);
    for (const id of c.along) picked.set(id, byId.get(id)!.asIs);
    for (const id of [c.lineId, ...c.along]) taken.add(id);
  }
  return [...picked.values()].flatMap((c) => (c === null || c.kind === 'stay' ? [] : [c]));
}

/** An aim to begin with is this share of what it counts now. */
const SHARE = 0.6;

/**
 * The target that a search begins with: well below what it counts now, and one that can be reached.
 *
 * @param step the program's step, 1 or ½
 */
export function firstTarget(now: number, least: number, step: number): number {
  const wished = Math.ceil((Math.max(0, now) * SHARE) / step) * step;
  return Math.min(Math.max(wished, least), Math.max(now, least));
}
