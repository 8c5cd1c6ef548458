import type { Entry } from './entry.ts';

export interface History<C> {
  /** The entry that undo would turn round. */
  readonly undo: Entry<C> | null;
  /** The undoing entry that redo would turn round. */
  readonly redo: Entry<C> | null;
  /** What was done and holds, oldest first. */
  readonly done: readonly Entry<C>[];
}

/**
 * What can be undone and redone after these entries, oldest first. A new entry ends what could be redone.
 *
 * @param entries all of them, or the tail of a long history: what turns round an entry from before the tail is passed
 * over, for neither of the two can be reached from here.
 */
export function historyOf<C>(entries: readonly Entry<C>[]): History<C> {
  const known = new Set(entries.map((e) => e.id));
  const done: Entry<C>[] = [];
  const undone: Entry<C>[] = [];
  for (const e of entries) {
    if (e.undoes !== null && done[done.length - 1]?.id === e.undoes) {
      done.pop();
      undone.push(e);
    } else if (e.undoes !== null && undone[undone.length - 1]?.id === e.undoes) {
      undone.pop();
      done.push(e);
    } else if (e.undoes !== null && !known.has(e.undoes)) {
    } else {
      done.push(e);
      undone.length = 0;
    }
  }
  return { undo: done[done.length - 1] ?? null, redo: undone[undone.length - 1] ?? null, done };
}

/** So many entries of a history are sent with a document; earlier ones when undo comes to them. */
export const HISTORY_TAIL = 60;
