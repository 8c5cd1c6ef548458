import { EPSILON } from '../program/rule.ts';
import type { Picks, PortionPoints, ProposeProblem, Weighed, Weights } from './problem.ts';

/** What a pick is of, and what a portion of it comes to. */
export function sourceOf(
  p: ProposeProblem,
  pick: NonNullable<Picks[number]>,
): { readonly recipe: number; readonly points: PortionPoints } {
  switch (pick.kind) {
    case 'box':
      return p.boxes[pick.box]!;
    case 'pot':
      return p.pots[pick.pot]!;
    case 'cook':
      return p.dishes[pick.dish]!;
  }
}

/** What picks are weighed by, from them alone. */
export function weigh(p: ProposeProblem, picks: Picks): Weighed {
  const eaten = new Set<number>();
  const cooked = new Map<string, { readonly dish: number; portions: number }>();
  const had = new Map<number, Set<number>>();
  const days = new Map<string, { readonly least: number | null; sum: number; isFull: boolean }>();
  let empty = 0;
  let repeats = 0;
  for (const [i, { eater, day }] of p.places.entries()) {
    const pick = picks[i] ?? null;
    const key = `${eater} ${day}`;
    const of = days.get(key) ?? { least: p.least[eater]![day]!, sum: 0, isFull: true };
    days.set(key, of);
    if (pick === null) {
      empty++;
      of.isFull = false;
      continue;
    }
    const { recipe, points } = sourceOf(p, pick);
    of.sum += points[eater] ?? 0;
    const before = had.get(eater) ?? new Set();
    if (before.has(recipe)) repeats++;
    had.set(eater, before.add(recipe));
    if (pick.kind === 'box') eaten.add(pick.box);
    if (pick.kind === 'cook') {
      const pot = `${pick.dish} ${pick.day}`;
      const is = cooked.get(pot) ?? { dish: pick.dish, portions: 0 };
      is.portions++;
      cooked.set(pot, is);
    }
  }
  const pots = [...cooked.values()];
  return {
    empty,
    low: [...days.values()].filter((d) => d.isFull && d.least !== null && d.sum < d.least - EPSILON).length,
    spoiled: p.boxes.filter((b, k) => b.spoils && !eaten.has(k)).length,
    cooks: pots.reduce((sum, c) => sum + Math.ceil(c.portions / p.dishes[c.dish]!.servings), 0),
    foods: new Set(pots.flatMap((c) => p.dishes[c.dish]!.foods)).size,
    repeats,
  };
}

/** Below 0 where the first is better, by what comes first. */
export function compareWeighed(a: Weighed, b: Weighed, weights: Weights): number {
  for (const w of weights) if (a[w] !== b[w]) return a[w] - b[w];
  return 0;
}
