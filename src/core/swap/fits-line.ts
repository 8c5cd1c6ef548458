import { dishKindOf } from '../dish/dish-kind.ts';
import { isFat } from '../dish/is-fat.ts';
import { useOfLine } from '../dish/technique.ts';
import type { Food, Role } from '../food/food.ts';
import type { Line, Version } from '../version/version.ts';
import { whyNot } from './apply-swap.ts';
import { isDeepFryingFat } from './frying-fat.ts';
import { isSweetDish, suitsDish } from './suits-dish.ts';
import type { Swap } from './swap.ts';
import { holdsIn } from './where-it-holds.ts';

/** Roles that one food plays in turn: fat in a batter or in a pan, flour that thickens or holds a cake. */
const STRICT: ReadonlySet<Role> = new Set<Role>(['fat', 'browning', 'thickener']);

/** Whether a swap is for the part that a line plays. */
export const fitsRole = (swap: Swap, role: Role | null): boolean => {
  if (swap.kind === 'twin') return swap.role !== 'fat' || role !== 'browning';
  return !STRICT.has(swap.role) || role === null || swap.role === role;
};

/** Swaps for what food is fried in swimming, and for nothing else. */
export const FOR_DEEP_FRYING: ReadonlySet<string> = new Set(['frying-to-oven']);

/**
 * The swaps that fit a line of a version: for its food, for the part that it plays, and for its dish.
 *
 * @param role the part the line plays
 */
export function swapsFitting(
  swaps: readonly Swap[],
  line: Line,
  version: Version,
  role: Role | null,
  food: (id: string) => Food | null,
): Swap[] {
  const own = line.food.kind === 'food' ? food(line.food.foodId) : null;
  const deep = isDeepFryingFat(line, version, isFat, own);
  const sweet = isSweetDish(version, food);
  const dish = dishKindOf(version, '', food);
  const { technique } = useOfLine(line, version, dish, food);
  const hasSteps = version.steps.length > 0;
  return swaps.filter(
    (s) =>
      FOR_DEEP_FRYING.has(s.id) === deep &&
      holdsIn(s.id, dish, technique, hasSteps) &&
      fitsRole(s, role) &&
      suitsDish(s, sweet, food) &&
      whyNot(s, line) === null,
  );
}
