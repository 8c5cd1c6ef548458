import type { Food } from '../food/food.ts';
import type { CountLine, Part } from '../program/count.ts';
import { combine, deviationOf, widened } from '../quantity/deviation.ts';
import { exactly } from '../quantity/interval.ts';
import { unitNamed } from '../quantity/units.ts';
import { dishWeight } from '../version/dish-weight.ts';
import { DEEPEST, wholeShare } from '../version/inner-recipes.ts';
import type { Kitchen } from '../version/kitchen.ts';
import { type LineLoss, lossGrams } from '../version/line-loss.ts';
import { isOpen, type Line, type Version } from '../version/version.ts';
import { foodOfLineFood } from '../weighing/line-food.ts';
import { likelyGrams } from '../weighing/spread.ts';
import { statedKcal } from '../weighing/weigh.ts';
import { drainedFood, reducedFood } from '../yield/drained-food.ts';

/** What was resolved already: a recipe that several lines take from is worked out once, and scaled for each. */
type Known = Map<string, Resolved>;
interface Resolved {
  /** The whole recipe's foods, each once. */
  readonly parts: readonly Part[];
  readonly besides: readonly Food[];
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

/**
 * By how much a line's nutrients differ from the table's when it states its own energy ("45 kcal a slice"): what the
 * package says wins, and the rest of the food goes along. 1 where nothing is stated.
 */
function statedShare(line: Line, food: Food, grams: number): number {
  const energy = line.read?.energy ?? null;
  const table = ((food.per100g.kcal.value ?? 0) * grams) / 100;
  if (energy === null || table <= 0) return 1;
  return statedKcal({ energy, quantity: line.amount?.quantity ?? null })! / table;
}

function resolveLine(line: Line, kitchen: Kitchen, path: readonly string[], known: Known): CountLine {
  const base = { id: line.id, label: line.item };
  const none = { ...base, parts: [], open: isOpenIn(line, kitchen), ...unweighed(line, kitchen) };
  if (line.weight === null)
    return line.food.kind === 'recipe' ? unweighedRecipe(none, line, kitchen, path, known) : none;
  const { grams, low, high } = line.weight;
  if (line.food.kind === 'food') {
    const food = kitchen.food(line.food.foodId, line.food.revision);
    if (food === null) return none;
    const range = likelyGrams(line.weight, food, line.amount?.unit ?? null);
    const unit = line.amount?.unit ?? null;
    const weighed = unit !== null && unitNamed(unit)?.kind === 'weight';
    const share = statedShare(line, food, grams);
    const part = { food, grams: grams * share, range: { low: range.low * share, high: range.high * share } };
    return { ...base, parts: [eatenPart(part, line.loss)], weighed, open: false };
  }
  if (line.food.kind === 'recipe') {
    const inner = kitchen.version(line.food.versionId);
    if (inner === null || path.includes(inner.id) || path.length >= DEEPEST) return { ...none, open: true };
    const whole = resolveWhole(inner, kitchen, path, known);
    if (whole.total <= 0) return { ...none, open: true, ...besidesOf(foodsOfWhole(whole)) };
    // Grams of it cooked are a share of what came out of the pot, and no weight of what went in.
    const share = wholeShare(line, inner) ?? grams / (line.food.cooked ?? whole.total);
    return {
      ...base,
      parts: whole.parts.map((p) => ({
        food: p.food,
        grams: p.grams * share,
        range: { low: p.range.low * share, high: p.range.high * share },
      })),
      ...(low !== high && grams > 0 && { taken: { low: low / grams, high: high / grams } }),
      ...besidesOf(whole.besides),
      open: whole.open,
    };
  }
  return none;
}

const besidesOf = (foods: readonly Food[]): Pick<CountLine, 'besides'> =>
  foods.length === 0 ? {} : { besides: foods };
const foodsOfWhole = (whole: Resolved): Food[] => [...whole.parts.map((p) => p.food), ...whole.besides];

/** The food of a line that is not weighed, or that counts nothing. */
function unweighed(line: Line, kitchen: Kitchen): Pick<CountLine, 'besides'> {
  const is = line.leftOut ? null : foodOfLineFood(line.food);
  const food = is === null ? null : kitchen.food(is.foodId, is.revision);
  return besidesOf(food === null ? [] : [food]);
}

/** Of a recipe of which nobody knows how much there is, everything may be in it. */
function unweighedRecipe(
  none: CountLine,
  line: Line,
  kitchen: Kitchen,
  path: readonly string[],
  known: Known,
): CountLine {
  const inner = line.food.kind === 'recipe' ? kitchen.version(line.food.versionId) : null;
  if (inner === null || path.includes(inner.id) || path.length >= DEEPEST) return none;
  return { ...none, ...besidesOf(foodsOfWhole(resolveWhole(inner, kitchen, path, known))) };
}

/** A part without what is left behind of it. */
function eatenPart(part: Part, loss: LineLoss | null): Part {
  if (loss === null || loss.high <= 0) return part;
  const { food, grams, range } = part;
  const left = Math.max(0, grams - lossGrams(loss));
  if (loss.why !== 'poured-off' && loss.why !== 'cooked-away')
    return {
      food,
      grams: left,
      range: { low: Math.max(0, range.low - loss.high), high: Math.max(0, range.high - loss.low) },
    };
  const by = grams > 0 ? left / grams : 0;
  return {
    food: loss.why === 'poured-off' ? drainedFood(food, grams, loss) : reducedFood(food, grams, loss),
    grams: left,
    range: { low: range.low * by, high: range.high * by },
  };
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
    besides: [...new Set(lines.flatMap((l) => l.besides ?? []))],
    open: lines.some((l) => l.open),
    total: dishWeight(version, kitchen),
  };
  known.set(key, resolved);
  return resolved;
}

/** The same food in several parts as one, in the order in which each comes first; its spreads are independent. */
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
            range: widened(
              exactly(had.grams + p.grams),
              combine(deviationOf(exactly(had.grams), had.range), deviationOf(exactly(p.grams), p.range)),
            ),
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
