import type { Aim } from './aim.ts';
import type { LineChoice, LineChoices } from './line-choices.ts';
import { search } from './search.ts';
import type { SearchModel } from './search-model.ts';
import { type Way, wayKey } from './way.ts';

const ALTERNATIVES = 3;
/** So many are shown even when they are not near. */
const AT_LEAST = 2;
/** An alternative is near when it departs no more than so many times as far, and a little more. */
const NEAR = { times: 1.5, more: 12 };

/**
 * Near alternatives that differ in kind: with fewer changes, without the change that departs most, without
 * what is left out, from what is in the house.
 */
export function alternatives(bench: SearchModel, aim: Aim, best: Way, stop: (() => boolean) | undefined): Way[] {
  const out: Way[] = [];
  const seen = new Set([wayKey(best)]);
  const offer = (found: { way: Way | null }, differs: string): void => {
    if (found.way === null || seen.has(wayKey(found.way))) return;
    seen.add(wayKey(found.way));
    out.push({ ...found.way, differs });
  };
  const only = (keep: (c: LineChoice) => boolean): LineChoices[] =>
    // What must go has its choices whatever the alternative is.
    bench.choices.map((l) =>
      l.mustGo.length > 0 ? l : { ...l, choices: l.choices.filter((c) => c.kind === 'stay' || keep(c)) },
    );
  const { inHouse } = bench;
  if (inHouse !== null && !best.changes.every(inHouse))
    offer(search(bench, aim, only(inHouse), stop), 'with what is in the house');
  if (best.changes.length > 1) {
    const fewer = { ...aim, changes: best.changes.length - 1 };
    offer(search(bench, fewer, bench.choices, stop), 'fewer changes');
  }
  const forced = new Set(bench.choices.filter((l) => l.mustGo.length > 0).map((l) => l.lineId));
  const chosen = best.changes.filter((c) => !forced.has(c.lineId));
  const widest = [...chosen].sort((a, b) => b.departure - a.departure)[0];
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
  if (chosen.some((c) => c.kind === 'leaveOut'))
    offer(
      search(
        bench,
        aim,
        only((c) => c.kind !== 'leaveOut'),
        stop,
      ),
      'nothing is left out',
    );
  if (chosen.some((c) => c.kind === 'standIn'))
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
    const asHeavy = bench.base.grams + bench.choices.reduce((g, l) => g + heaviest(l), 0);
    offer(search(bench, { ...aim, grams: asHeavy - 1e-6 }, bench.choices, stop), 'no smaller plate');
  }
  out.sort((a, b) => a.departure - b.departure);
  const near = out.filter((w) => w.departure <= best.departure * NEAR.times + NEAR.more);
  return out.slice(0, Math.min(ALTERNATIVES, Math.max(AT_LEAST, near.length)));
}

/** What a line weighs as it is; where it must go, as much as stands in for it at the most. */
const heaviest = (l: LineChoices): number =>
  l.mustGo.length === 0 ? l.asIs.grams : Math.max(0, ...l.choices.map((c) => c.grams));
