import { isDeepFryingFat } from '../dish/frying-fat.ts';
import { isFat } from '../dish/is-fat.ts';
import type { Food, Role } from '../food/food.ts';
import type { Line, Version } from '../version/version.ts';
import { whyNot } from './apply-swap.ts';
import { goesAlong } from './goes-along.ts';
import { isSweetDish, suitsDish } from './suits-dish.ts';
import type { Swap } from './swap.ts';
import { holdsIn, type LineInDish, lineInDish } from './where-it-holds.ts';

/** Roles that one food plays in turn: fat in a batter or in a pan, flour that thickens or holds a cake. */
const STRICT: ReadonlySet<Role> = new Set<Role>(['fat', 'browning', 'thickener']);

/** Whether a swap is for the part that a line plays. */
export const fitsRole = (swap: Swap, role: Role | null): boolean => {
  if (swap.kind === 'twin') return swap.role !== 'fat' || role !== 'browning';
  return !STRICT.has(swap.role) || role === null || swap.role === role;
};

/** Swaps for what food is fried in swimming, and for nothing else. */
export const FOR_DEEP_FRYING: ReadonlySet<string> = new Set(['frying-to-oven', 'frying-to-pan']);

/** What fitting swaps are asked with besides the line. */
export interface FitsContext {
  readonly version: Version;
  readonly title: string;
  /** The part the line plays. */
  readonly role: Role | null;
  readonly food: (id: string) => Food | null;
}

/** The swaps that fit a line of a version: for its food, for the part that it plays, and for its dish. */
export function swapsFitting(swaps: readonly Swap[], line: Line, context: FitsContext): Swap[] {
  const { version, title, role, food } = context;
  const own = line.food.kind === 'food' ? food(line.food.foodId) : null;
  const forIt = own === null ? [] : swaps.filter((s) => s.from.includes(own.id));
  if (forIt.length === 0) return [];
  const deep = isDeepFryingFat(line, version, isFat, own);
  const sweet = isSweetDish(version, food);
  const asRead = lineInDish(line, version, food, title);
  const at: LineInDish = deep ? { ...asRead, technique: 'deep-fry' } : asRead;
  return forIt.filter(
    (s) =>
      FOR_DEEP_FRYING.has(s.id) === deep &&
      holdsIn(s, at) &&
      fitsRole(s, role) &&
      suitsDish(s, sweet, food) &&
      whyNot(s, line, s.share, version.servings) === null &&
      goesAlong(s, line, s.share, context).every((l) => !l.line.kept),
  );
}
