import type { ChangeNote } from '../../contract/entry.ts';

type ChangeListener = (notes: readonly ChangeNote[]) => void;

/** Tells open pages what has a new state, household by household. */
export interface ChangeHub {
  tell(householdId: string, notes: readonly ChangeNote[]): void;
  /** Listens to one household; the answer ends it. */
  listen(householdId: string, listener: ChangeListener): () => void;
}

export function changeHub(): ChangeHub {
  const listeners = new Map<string, Set<ChangeListener>>();
  return {
    tell: (householdId, notes) => {
      if (notes.length === 0) return;
      for (const listener of listeners.get(householdId) ?? []) listener(notes);
    },
    listen: (householdId, listener) => {
      const own = listeners.get(householdId) ?? new Set();
      listeners.set(householdId, own.add(listener));
      return () => {
        own.delete(listener);
        if (own.size === 0) listeners.delete(householdId);
      };
    },
  };
}
