import type { Version } from './version.ts';

/** A lightened version as it begins: a copy of its parent, with ids of its own and the origins of the lines. */
export function lightenedCopy(parent: Version, name: string, newId: () => string): Version {
  return {
    ...parent,
    id: newId(),
    parentId: parent.id,
    kind: 'lightened',
    madeFor: null,
    name,
    lines: parent.lines.map((l) => ({ ...l, id: newId() })),
    steps: parent.steps.map((s) => ({ ...s, id: newId() })),
    revision: 0,
  };
}
