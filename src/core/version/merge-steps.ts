import { same } from '../history/same.ts';
import type { Step } from './version.ts';

/**
 * Steps that two devices changed at once, joined: what only one of them touched is taken from that one.
 *
 * @param base what both began with
 * @param theirs what the other made of it
 * @param mine what is wanted here
 * @returns null when both changed the same step, or both put one in at the same place in another order
 */
export function mergeSteps(base: readonly Step[], theirs: readonly Step[], mine: readonly Step[]): Step[] | null {
  const [inBase, inTheirs, inMine] = [byId(base), byId(theirs), byId(mine)];
  for (const step of base) {
    const [b, t, m] = [step, inTheirs.get(step.id), inMine.get(step.id)];
    if (!same(t, b) && !same(m, b) && !same(t, m)) return null;
  }
  const order = (steps: readonly Step[]): string[] =>
    steps.map((s) => s.id).filter((id) => inBase.has(id) && inTheirs.has(id) && inMine.has(id));
  const [was, other, own] = [order(base), order(theirs), order(mine)];
  if (!same(own, was) && !same(other, was) && !same(own, other)) return null;
  // The list of the one who moved steps is the frame; the other's new steps stand behind the step they stood behind.
  const [frame, guest] = same(own, was) ? [theirs, mine] : [mine, theirs];
  const [inFrame, inGuest] = same(own, was) ? [inTheirs, inMine] : [inMine, inTheirs];
  const pick = (s: Step): Step => {
    const b = inBase.get(s.id);
    const t = inTheirs.get(s.id) ?? s;
    const m = inMine.get(s.id) ?? s;
    return same(t, b) ? m : t;
  };
  const out = frame.filter((s) => inGuest.has(s.id) || !inBase.has(s.id)).map(pick);
  guest.forEach((s, i) => {
    if (inFrame.has(s.id) || inBase.has(s.id)) return;
    const before = guest
      .slice(0, i)
      .reverse()
      .find((g) => out.some((o) => o.id === g.id));
    out.splice(before === undefined ? 0 : out.findIndex((o) => o.id === before.id) + 1, 0, s);
  });
  return out;
}

const byId = (steps: readonly Step[]): ReadonlyMap<string, Step> => new Map(steps.map((s) => [s.id, s]));

/** What became of steps, in words: the first that changed. */
export function changedSteps(base: readonly Step[], now: readonly Step[]): string {
  const inBase = byId(base);
  const changed = now.find((s) => inBase.get(s.id)?.text !== s.text);
  if (changed) return `"${changed.text.slice(0, 80)}"`;
  const gone = base.find((s) => !now.some((n) => n.id === s.id));
  if (gone) return `without "${gone.text.slice(0, 80)}"`;
  return same(base, now) ? 'as before' : 'in another order';
}
