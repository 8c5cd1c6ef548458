import { useState } from 'react';
import type { CountingEater } from '../context/household-context.ts';

const storedUnder = (householdId: string): string => `imbiss.rowsOf.${householdId}`;
const ALL = 'all';

/**
 * Whose points the lines show where there is room for one: the first at the table, until somebody is chosen. Kept on
 * this device.
 */
export function useChosenEater(householdId: string, eaters: readonly CountingEater[]) {
  const [kept, setKept] = useState(() => localStorage.getItem(storedUnder(householdId)));
  const found = eaters.findIndex((e) => e.key === kept);
  /** The place of the chosen eater; null for everyone. */
  const chosen = kept === ALL ? null : Math.max(0, found);
  const choose = (at: number | null) => {
    const key = at === null ? ALL : (eaters[at]?.key ?? ALL);
    localStorage.setItem(storedUnder(householdId), key);
    setKept(key);
  };
  return { chosen, choose };
}
