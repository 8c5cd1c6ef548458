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

/** What was resolved already: a recipe that several lines take from is worked out once, and scaled for each. */
type Known = Map<string, Resolved>;
interface Resolved {
  /** The whole recipe's foods, each once. */
  readonly parts: readonly Part[];
  readonly open: boolean;
  readonly total: number;
}

/**
 * The lines of a version as the counting engine takes them: each with its foods and grams. A line that is an amount
 * of another recipe gets a part for each food in it, scaled by weight, and so carries its unrounded points.
 */
export function resolveLines(version: Version, kitchen: Kitchen): CountLine[] {
  const known: Known = new Map();
  return version.lines.filter((l) => !l.leftOut).map((l) => resolveLine(l, kitchen, [version.id], known));
}

/** One line as the counting engine takes it. */
export const resolveOne = (version: Version, line: Line, kitchen: Kitchen): CountLine =>
  resolveLine(line, kitchen, [version.id], new Map());

function resolveLine(line: Line, kitchen: Kitchen, path: readonly string[], known: Known): CountLine {
  const base = { id: line.id, label: line.item };
  const none = { ...base, parts: [], open: isOpenIn(line, kitchen) };
  if (line.weight === null) return none;
  const { grams, low, high } = line.weight;
  if (line.food.kind === 'food') {
    const food = kitchen.food(line.food.foodId, line.food.revision);
    if (food === null) return none;
    return { ...base, parts: [{ food, grams, range: { low, high } }], open: false };
  }
  if (line.food.kind === 'recipe') {
    const inner = kitchen.version(line.food.versionId);
    if (inner === null || path.includes(inner.id) || path.length >= DEEPEST) return { ...none, open: true };
    const whole = resolveWhole(inner, kitchen, path, known);
    if (whole.total <= 0) return { ...none, open: true };
    const taken = wholeShare(line, inner);
    const share =
      taken === null
        ? { mid: grams / whole.total, low: low / whole.total, high: high / whole.total }
        : exactShare(taken);
    return {
      ...base,
      parts: whole.parts.map((p) => ({
        food: p.food,
        grams: p.grams * share.mid,
        range: { low: p.range.low * share.low, high: p.range.high * share.high },
      })),
      open: whole.open,
    };
  }
  return none;
}

function resolveWhole(version: Version, kitchen: Kitchen, path: readonly string[], known: Known): Resolved {
  const key = `${version.id} ${path.length}`;
  const have = known.get(key);
  if (have) return have;
  const lines = version.lines
    .filter((l) => !l.leftOut)
    .map((l) => resolveLine(l, kitchen, [...path, version.id], known));
  const resolved = {
    parts: joined(lines.flatMap((l) => l.parts)),
    open: lines.some((l) => l.open),
    total: dishWeight(version, kitchen),
  };
  known.set(key, resolved);
  return resolved;
}

/** The same food in several parts as one, in the order in which each comes first. */
function joined(parts: readonly Part[]): Part[] {
  const out = new Map<Food, Part>();
  for (const p of parts) {
    const had = out.get(p.food);
    out.set(
      p.food,
      had === undefined
        ? p
        : {
            food: p.food,
            grams: had.grams + p.grams,
            range: { low: had.range.low + p.range.low, high: had.range.high + p.range.high },
          },
    );
  }
  return [...out.values()];
}

/** Whether a line waits for an answer here: also where what it takes from is not there any more. */
export function isOpenIn(line: Line, kitchen: Kitchen): boolean {
  if (line.leftOut) return false;
  if (isOpen(line)) return true;
  if (line.food.kind === 'recipe') return kitchen.version(line.food.versionId) === null;
  return line.food.kind === 'food' && kitchen.food(line.food.foodId, line.food.revision) === null;
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
export function dishWeight(version: Version, kitchen: Kitchen | null = null): number {
  return weightOf(version, kitchen, 0, new Map());
}

function weightOf(version: Version, kitchen: Kitchen | null, depth: number, known: Map<string, number>): number {
  const key = `${version.id} ${depth}`;
  const have = known.get(key);
  if (have !== undefined) return have;
  const sum = version.lines.reduce((s, l) => s + (l.leftOut ? 0 : lineWeight(l, kitchen, depth, known)), 0);
  known.set(key, sum);
  return sum;
}

function lineWeight(line: Line, kitchen: Kitchen | null, depth: number, known: Map<string, number>): number {
  const grams = line.weight?.grams ?? 0;
  if (line.food.kind !== 'recipe' || kitchen === null || depth >= DEEPEST) return grams;
  const inner = kitchen.version(line.food.versionId);
  const share = inner === null ? null : wholeShare(line, inner);
  return inner === null || share === null ? grams : share * weightOf(inner, kitchen, depth + 1, known);
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
