import type { Version } from '../version/version.ts';

/**
 * A version as it was really cooked, as it begins: a copy of the one that it was cooked by. Its steps keep their ids: what
 * is done at the stove is known by them.
 *
 * @param day in words
 */
export function asCookedCopy(of: Version, day: string, newId: () => string): Version {
  return {
    ...of,
    id: newId(),
    parentId: of.id,
    kind: 'asCooked',
    madeFor: null,
    name: `as cooked, ${day}`,
    lines: of.lines.map((l) => ({ ...l, id: newId() })),
    revision: 0,
  };
}
