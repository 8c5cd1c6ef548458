import { isDeepFryingFat, saysFrying } from '../dish/frying-fat.ts';
import { isFat } from '../dish/is-fat.ts';
import { partOfLine } from '../dish/part-of-line.ts';
import type { Food, Role } from '../food/food.ts';
import type { Line, Version } from '../version/version.ts';

/** Fat up to this much a serving, in a dish that is no batter, is for the pan, g: common practice. */
const FOR_THE_PAN_G = 18;
/** Whether a dish is a batter or a dough: flour with egg, sugar, or something that raises it. */
export function isBatter(version: Version, food: (id: string) => Food | null): boolean {
  const foods = version.lines.flatMap((l) =>
    l.food.kind === 'food' && !l.leftOut ? [{ food: food(l.food.foodId), grams: l.weight?.grams ?? 0 }] : [],
  );
  const flour = foods.reduce(
    (g, f) => g + (f.food?.kinds.includes('flour') || f.food?.kinds.includes('mix') ? f.grams : 0),
    0,
  );
  const raised = foods.some((f) => /^(?:baking-|yeast-|sugar|flour-self)/.test(f.food?.id ?? ''));
  return flour >= 100 && (raised || foods.some((f) => f.food?.kinds.includes('egg')));
}

const isFatOrFlour = (own: Food): boolean => isFat(own) || own.kinds.includes('flour');

/**
 * The part a line plays in its dish: what the cook said, else what its food usually does, judged by the dish. Fat is
 * in a batter for its crumb, and in small amounts elsewhere for the pan.
 *
 * @param title the recipe's title, which helps to tell the kind of dish
 */
export function roleOfLine(line: Line, version: Version, food: (id: string) => Food | null, title = ''): Role | null {
  const own = line.food.kind === 'food' ? food(line.food.foodId) : null;
  if (own === null) return line.role;
  const usual = own.roles[0] ?? null;
  if (line.role !== null && (line.roleSaid || line.role !== usual)) return line.role;
  // The steps say it, where they use the line.
  const part = partOfLine(line, version, title, food);
  if (part.usedIn.length > 0 && (part.technique !== null || !isFatOrFlour(own))) return part.role;
  // What is fried in is for the pan, however much it is.
  if (isFat(own) && (saysFrying(line) || isDeepFryingFat(line, version, isFat, own))) return 'browning';
  const batter = isBatter(version, food);
  if (own.kinds.includes('flour') && batter) return 'starch-base';
  if (!isFat(own)) return usual;
  if (batter) return 'fat';
  const each = (line.weight?.grams ?? 0) / (version.servings ?? 4);
  return each <= FOR_THE_PAN_G ? 'browning' : 'fat';
}
