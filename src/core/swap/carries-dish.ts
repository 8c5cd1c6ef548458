import type { Food, Role } from '../food/food.ts';
import type { Line, Version } from '../version/version.ts';
import { isBatter, roleOfLine } from './role-of-line.ts';

/** A line of at least this share of the dish's weight is what the dish is made of; the meat needs less: common practice. */
const MAIN_SHARE = 0.25;
const MAIN_SHARE_PROTEIN = 0.15;

/** The share of a dish that a line is, by weight, 0 to 1: of all its lines, left out or not. */
export function shareOfDish(line: Line, version: Version): number {
  const whole = version.lines.reduce((g, l) => g + (l.weight?.grams ?? 0), 0);
  return whole > 0 ? (line.weight?.grams ?? 0) / whole : 0;
}

/** What a batter or a dough is made of: flour, sugar, fat and egg are made less or swapped, and none goes altogether. */
const BATTER: ReadonlySet<Role> = new Set<Role>(['starch-base', 'sweetness', 'fat', 'binder']);

/** Whether a dish is another one without this line: a rice pudding without milk, a cake without flour. */
export function carriesDish(line: Line, version: Version, food: (id: string) => Food | null): boolean {
  const role = roleOfLine(line, version, food);
  if (shareOfDish(line, version) >= (role === 'protein' ? MAIN_SHARE_PROTEIN : MAIN_SHARE)) return true;
  return role !== null && BATTER.has(role) && isBatter(version, food);
}
