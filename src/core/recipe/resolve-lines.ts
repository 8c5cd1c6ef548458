import type { Food } from '../food/food.ts';
import type { CountLine, Part } from '../program/count.ts';
import { isOpen, type Line, type Version } from './version.ts';

/** How foods and other recipes are found by id. Null when there is none. */
export interface Kitchen {
  food(id: string, revision: number): Food | null;
  version(id: string): Version | null;
}

/** Recipes inside recipes go no deeper than this. */
export const DEEPEST = 6;

/**
 * The lines of a version as the counting engine takes them: each with its foods and grams. A line that is an amount
 * of another recipe gets a part for each food in it, scaled by weight, and so carries its unrounded points.
 */
export function resolveLines(version: Version, kitchen: Kitchen, path: readonly string[] = []): CountLine[] {
  return version.lines.filter((l) => !l.leftOut).map((l) => resolveLine(l, kitchen, [...path, version.id]));
}

function resolveLine(line: Line, kitchen: Kitchen, path: readonly string[]): CountLine {
  const base = { id: line.id, label: line.item };
  const none = { ...base, parts: [], open: isOpen(line) };
  if (line.weight === null) return none;
  const { grams, low, high } = line.weight;
  if (line.food.kind === 'food') {
    const food = kitchen.food(line.food.foodId, line.food.revision);
    if (food === null) return { ...none, open: true };
    return { ...base, parts: [{ food, grams, range: { low, high } }], open: false };
  }
  if (line.food.kind === 'recipe') {
    const inner = kitchen.version(line.food.versionId);
    if (inner === null || path.includes(inner.id) || path.length >= DEEPEST) return { ...none, open: true };
    const lines = resolveLines(inner, kitchen, path);
    const total = dishWeight(inner);
    if (total <= 0) return { ...none, open: true };
    const scaled = (p: Part): Part => ({
      food: p.food,
      grams: (p.grams * grams) / total,
      range: { low: (p.range.low * low) / total, high: (p.range.high * high) / total },
    });
    return { ...base, parts: lines.flatMap((l) => l.parts.map(scaled)), open: lines.some((l) => l.open) };
  }
  return none;
}

/** What goes into the pot, g: the sum of all weighed lines. What cooks away or is poured off is not taken out. */
export function dishWeight(version: Version): number {
  return version.lines.reduce((sum, l) => sum + (l.leftOut ? 0 : (l.weight?.grams ?? 0)), 0);
}

/** Whether taking an amount of `inner` into `outer` would go round in a circle. */
export function makesCircle(outerRecipeId: string, inner: Version, kitchen: Kitchen, depth = 0): boolean {
  if (inner.recipeId === outerRecipeId || depth >= DEEPEST) return true;
  return inner.lines.some((l) => {
    if (l.food.kind !== 'recipe') return false;
    const next = kitchen.version(l.food.versionId);
    return next !== null && makesCircle(outerRecipeId, next, kitchen, depth + 1);
  });
}
