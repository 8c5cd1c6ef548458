import { useState } from 'react';

const eaterKey = (h: string): string => `imbiss.eater.${h}`;

/** Remembers on this device whose day was looked at. */
export function rememberEater(h: string, eaterId: string): void {
  try {
    localStorage.setItem(eaterKey(h), eaterId);
  } catch {
    // A browser that keeps nothing begins with the first at the table.
  }
}

/** Whose day was looked at last on this device; null where nobody's was. */
export function useLastEater(h: string): string | null {
  const [last] = useState(() => {
    try {
      return localStorage.getItem(eaterKey(h));
    } catch {
      return null;
    }
  });
  return last;
}
