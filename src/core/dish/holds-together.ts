import type { Food, Role } from '../food/food.ts';
import type { DishKind, Technique } from '../version/dish-words.ts';
import type { Line, Version } from '../version/version.ts';
import { dishKindOf } from './dish-kind.ts';
import { partOfLine } from './part-of-line.ts';

/** Where less of a line changes what the dish is: a roux, a crust, what binds. */
const HOLD: ReadonlySet<Technique> = new Set<Technique>([
  'make a roux',
  'rub in',
  'bind',
  'whisk to an emulsion',
  'bread',
  'thicken',
  'dredge',
]);

/** What a crumble crumbles with, and a fudge sets with. */
const MADE_OF: Partial<Record<DishKind, readonly Role[]>> = {
  crumble: ['crunch', 'starch-base', 'fat'],
  confection: ['fat', 'sweetness', 'creaminess'],
};

/** Whether a line holds its dish together: nobody takes a little of it away, or leaves it out. */
export function holdsTogether(line: Line, version: Version, title: string, food: (id: string) => Food | null): boolean {
  const { role, technique } = partOfLine(line, version, title, food);
  if (MADE_OF[dishKindOf(version, title, food)]?.includes(role ?? 'flavour')) return true;
  return role === 'binder' || role === 'wrapper' || (technique !== null && HOLD.has(technique));
}

/** The lines of a version that hold the dish together. */
export const holdingTogether = (version: Version, food: (id: string) => Food | null, title = ''): ReadonlySet<string> =>
  new Set(version.lines.filter((l) => holdsTogether(l, version, title, food)).map((l) => l.id));
