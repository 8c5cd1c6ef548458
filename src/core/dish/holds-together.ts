import type { Food } from '../food/food.ts';
import type { Version } from '../version/version.ts';
import { partOfLine } from './part-of-line.ts';
import type { Technique } from './technique.ts';

/** Where less of a line changes what the dish is: a roux, a crust, what binds. */
const HOLD: ReadonlySet<Technique> = new Set<Technique>([
  'make a roux',
  'rub in',
  'bind',
  'whisk to an emulsion',
  'bread',
  'thicken',
]);

/** The lines of a version of which nobody takes a little away: they hold the dish together. */
export const holdingTogether = (version: Version, food: (id: string) => Food | null): ReadonlySet<string> =>
  new Set(
    version.lines
      .filter((l) => {
        const { role, technique } = partOfLine(l, version, '', food);
        return role === 'binder' || role === 'wrapper' || (technique !== null && HOLD.has(technique));
      })
      .map((l) => l.id),
  );
