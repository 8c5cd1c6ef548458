import type { Kitchen } from './kitchen.ts';
import type { Line, Version } from './version.ts';

/** Recipes inside recipes go no deeper than this. */
export const DEEPEST = 6;

/**
 * How many times the other recipe a line takes, when it takes it whole or by servings: that stays true when the other
 * recipe changes. Null when the line takes a weight of it.
 */
export function wholeShare(line: Line, inner: Version): number | null {
  if (line.weight?.from !== 'count' || line.amount === null) return null;
  const { quantity, quantityMax, unit } = line.amount;
  const middle = (quantity + (quantityMax ?? quantity)) / 2;
  if (unit === null) return middle;
  return unit === 'serving' && inner.servings !== null ? middle / inner.servings : null;
}

/** Whether taking an amount of `inner` into `outer` would go round in a circle, or deeper than recipes may go. */
export function makesCircle(outerRecipeId: string, inner: Version, kitchen: Kitchen): boolean {
  const clear = new Set<string>();
  const leadsBack = (version: Version, depth: number): boolean => {
    if (version.recipeId === outerRecipeId || depth >= DEEPEST) return true;
    const key = `${version.id} ${depth}`;
    if (clear.has(key)) return false;
    const back = version.lines.some((l) => {
      if (l.food.kind !== 'recipe') return false;
      const next = kitchen.version(l.food.versionId);
      return next !== null && leadsBack(next, depth + 1);
    });
    if (!back) clear.add(key);
    return back;
  };
  return leadsBack(inner, 0);
}
