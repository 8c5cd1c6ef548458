import type { Line, Step, Version } from './version.ts';

/** One small change of a version, with what was before, so that it can be turned round. */
export type Change =
  | {
      readonly kind: 'line';
      readonly lineId: string;
      /** null when the line is new. */
      readonly before: Line | null;
      /** null when the line goes. */
      readonly after: Line | null;
      /** Where it stands, or stood. */
      readonly index: number;
    }
  | { readonly kind: 'servings'; readonly before: number | null; readonly after: number | null }
  | { readonly kind: 'steps'; readonly before: readonly Step[]; readonly after: readonly Step[] }
  | { readonly kind: 'name'; readonly before: string; readonly after: string };

/** An append-only entry in a version's history: what a cook did in one go. */
export interface Entry {
  readonly id: string;
  /** In words, for undo: "Swap cream". */
  readonly label: string;
  readonly changes: readonly Change[];
  /** The entry that this one turns round; null for one of its own. */
  readonly undoes: string | null;
}

/** An entry does not fit the version it is applied to: something else changed it in between. */
export class EntryConflict extends Error {}

/**
 * The version after an entry. Pure; the revision grows by one.
 *
 * @throws EntryConflict when a line that the entry changes is missing, or there already.
 */
export function applyEntry(version: Version, entry: Entry): Version {
  let lines = [...version.lines];
  let { servings, steps, name } = version;
  for (const c of entry.changes) {
    switch (c.kind) {
      case 'line': {
        const at = lines.findIndex((l) => l.id === c.lineId);
        if (c.before === null) {
          if (at !== -1 || c.after === null) throw new EntryConflict(`line ${c.lineId} is there already`);
          lines.splice(Math.min(c.index, lines.length), 0, c.after);
        } else {
          if (at === -1) throw new EntryConflict(`line ${c.lineId} is gone`);
          const after = c.after;
          lines = after === null ? lines.filter((_, i) => i !== at) : lines.map((l, i) => (i === at ? after : l));
        }
        break;
      }
      case 'servings':
        servings = c.after;
        break;
      case 'steps':
        steps = c.after;
        break;
      case 'name':
        name = c.after;
        break;
    }
  }
  return { ...version, lines, servings, steps, name, revision: version.revision + 1 };
}

/** The changes that turn an entry round, last first. */
export function invertChanges(changes: readonly Change[]): Change[] {
  return [...changes].reverse().map(invert);
}

function invert(c: Change): Change {
  switch (c.kind) {
    case 'line':
      return { ...c, before: c.after, after: c.before };
    case 'servings':
      return { ...c, before: c.after, after: c.before };
    case 'steps':
      return { ...c, before: c.after, after: c.before };
    case 'name':
      return { ...c, before: c.after, after: c.before };
  }
}

export interface History {
  /** The entry that undo would turn round. */
  readonly undo: Entry | null;
  /** The undoing entry that redo would turn round. */
  readonly redo: Entry | null;
}

/** What can be undone and redone after these entries, oldest first. A new entry ends what could be redone. */
export function historyOf(entries: readonly Entry[]): History {
  const done: Entry[] = [];
  const undone: Entry[] = [];
  for (const e of entries) {
    if (e.undoes !== null && done[done.length - 1]?.id === e.undoes) {
      done.pop();
      undone.push(e);
    } else if (e.undoes !== null && undone[undone.length - 1]?.id === e.undoes) {
      undone.pop();
      done.push(e);
    } else {
      done.push(e);
      undone.length = 0;
    }
  }
  return { undo: done[done.length - 1] ?? null, redo: undone[undone.length - 1] ?? null };
}

/** The change that puts a line's new state in place of its old one. */
export function lineChange(version: Version, lineId: string, after: Line | null): Change {
  const index = version.lines.findIndex((l) => l.id === lineId);
  const before = version.lines[index] ?? null;
  return { kind: 'line', lineId, before, after, index: index === -1 ? version.lines.length : index };
}
