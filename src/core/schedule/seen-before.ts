import type { Prepared, Progress } from './moves.ts';

/** States that were tried, by what is done in them. */
export type Seen = Map<string, Int32Array[]>;

/** So many states with the same done are kept, and so many in all. */
const MOST_ALIKE = 24;
const MOST_IN_ALL = 1_500_000;

/**
 * Whether a state was tried in which the same is done and nothing is later, longer in use or dirtier; if not, it is kept
 * for the next.
 */
export function seenBefore(p: Prepared, seen: Seen, at: Progress): boolean {
  const key = keyOfProgress(at);
  const state = stateOf(p, at);
  const alike = seen.get(key);
  if (alike === undefined) {
    if (seen.size < MOST_IN_ALL) seen.set(key, [state]);
    return false;
  }
  for (const other of alike) if (isNoWorse(other, state)) return true;
  const left = alike.filter((other) => !isNoWorse(state, other));
  left.push(state);
  if (left.length > MOST_ALIKE) left.shift();
  seen.set(key, left);
  return false;
}

function keyOfProgress(at: Progress): string {
  let bits = 0;
  let key = '';
  for (let j = 0; j < at.starts.length; j++) {
    bits = (bits << 1) | (at.starts[j]! >= 0 ? 1 : 0);
    if (j % 16 === 15) {
      key += String.fromCharCode(bits);
      bits = 0;
    }
  }
  return `${key}${String.fromCharCode(bits)}${at.heat ?? ''}`;
}

/** Everything that the rest depends on, each the smaller the better; of two with the same done the same many. */
function stateOf({ problem, followers, washed }: Prepared, at: Progress): Int32Array {
  const out: number[] = [at.now, at.end];
  // What was over before now is over now.
  const since = (t: number): number => (t <= at.now ? at.now : t === Number.POSITIVE_INFINITY ? 1_000_000 : t);
  for (const c of at.cooks) out.push(since(c));
  if (at.heat !== null)
    for (const t of at.trays) out.push(t + problem.oven.change <= at.now ? at.now - problem.oven.change : t);
  for (let j = 0; j < at.starts.length; j++) {
    if (at.starts[j]! < 0 || !followers[j]!.some((f) => at.starts[f]! < 0)) continue;
    out.push(since(at.starts[j]! + problem.jobs[j]!.minutes));
  }
  at.things.forEach((things, i) => {
    const dirty = washed[i]!;
    const pairs = things
      .map((t) => [since(t.free), dirty && t.free < Number.POSITIVE_INFINITY ? t.dirt : 0] as const)
      .sort((a, b) => a[1] - b[1] || a[0] - b[0]);
    for (const [free, dirt] of pairs) out.push(free, dirt);
  });
  return Int32Array.from(out);
}

function isNoWorse(a: Int32Array, b: Int32Array): boolean {
  for (let i = 0; i < a.length; i++) if (a[i]! > b[i]!) return false;
  return true;
}
