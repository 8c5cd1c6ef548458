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
    const total = dishWeight(inner, kitchen);
    if (total <= 0) return { ...none, open: true };
    const whole = wholeShare(line, inner);
    const share = whole === null ? { mid: grams / total, low: low / total, high: high / total } : exactShare(whole);
    const scaled = (p: Part): Part => ({
      food: p.food,
      grams: p.grams * share.mid,
      range: { low: p.range.low * share.low, high: p.range.high * share.high },
    });
    return { ...base, parts: lines.flatMap((l) => l.parts.map(scaled)), open: lines.some((l) => l.open) };
  }
  return none;
}

const exactShare = (share: number) => ({ mid: share, low: share, high: share });

/**
 * How many times the other recipe a line takes, when it takes it whole or by servings: that stays true when the other
 * recipe changes. Null when the line takes a weight of it.
 */
function wholeShare(line: Line, inner: Version): number | null {
  if (line.weight?.from !== 'count' || line.amount === null) return null;
  const { quantity, quantityMax, unit } = line.amount;
  const middle = (quantity + (quantityMax ?? quantity)) / 2;
  if (unit === null) return middle;
  return unit === 'serving' && inner.servings !== null ? middle / inner.servings : null;
}

/**
 * What goes into the pot, g: the sum of all weighed lines. What cooks away or is poured off is not taken out.
 *
 * @param kitchen where the recipes are that it takes from: whole ones weigh what they weigh now.
 */
export function dishWeight(version: Version, kitchen: Kitchen | null = null, depth = 0): number {
  return version.lines.reduce((sum, l) => sum + (l.leftOut ? 0 : lineWeight(l, kitchen, depth)), 0);
}

function lineWeight(line: Line, kitchen: Kitchen | null, depth: number): number {
  const grams = line.weight?.grams ?? 0;
  if (line.food.kind !== 'recipe' || kitchen === null || depth >= DEEPEST) return grams;
  const inner = kitchen.version(line.food.versionId);
  const share = inner === null ? null : wholeShare(line, inner);
  return inner === null || share === null ? grams : share * dishWeight(inner, kitchen, depth + 1);
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
