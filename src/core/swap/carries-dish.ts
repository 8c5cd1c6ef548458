import { isNamedAfter } from '../dish/named-after.ts';
import type { Food, Role } from '../food/food.ts';
import type { Line, Version } from '../version/version.ts';
import { isBatter, roleOfLine } from './role-of-line.ts';

/** A line of at least this share of the dish's weight is what the dish is made of; the meat needs less: common practice. */
const MAIN_SHARE = 0.25;
const MAIN_SHARE_PROTEIN = 0.15;

/** Water and broth fill a pot and are not what it is. */
const isOnlyLiquid = (line: Line, food: (id: string) => Food | null): boolean => {
  const own = line.food.kind === 'food' ? food(line.food.foodId) : null;
  if (own === null) return line.food.kind === 'nothing';
  return own.kinds.includes('broth') || own.id === 'water';
};

/** The share of a dish that a line is, by weight, 0 to 1: of all its lines but water and broth, left out or not. */
function shareOfDish(line: Line, version: Version, food: (id: string) => Food | null): number {
  const solid = version.lines.filter((l) => !isOnlyLiquid(l, food));
  const whole = solid.reduce((g, l) => g + (l.weight?.grams ?? 0), 0);
  return whole > 0 && solid.includes(line) ? (line.weight?.grams ?? 0) / whole : 0;
}

/** What a batter or a dough is made of: flour, sugar, fat and egg are made less or swapped, and none goes altogether. */
const BATTER: ReadonlySet<Role> = new Set<Role>(['starch-base', 'sweetness', 'fat', 'binder']);

/**
 * Whether a dish is another one without this line: a rice pudding without milk, a cake without flour, pea soup without
 * peas. It is what the dish mostly is, or what it is named after.
 *
 * @param title the recipe's title; empty where nobody knows it
 */
export function carriesDish(line: Line, version: Version, food: (id: string) => Food | null, title = ''): boolean {
  const role = roleOfLine(line, version, food, title);
  const share = shareOfDish(line, version, food);
  if (share >= (role === 'protein' ? MAIN_SHARE_PROTEIN : MAIN_SHARE)) return true;
  if (title !== '' && isNamedAfter(title, line, version)) return true;
  return role !== null && BATTER.has(role) && isBatter(version, food);
}
