import { useEffect, useState } from 'react';

/** Whether this screen stays on while one cooks. */
export type Awake = 'stays' | 'refused' | 'unknown here';

/** Keeps the screen on as long as the page is looked at, where the browser lets it. */
export function useAwake(): Awake | null {
  const [awake, setAwake] = useState<Awake | null>(null);
  useEffect(() => {
    if (!('wakeLock' in navigator)) {
      setAwake('unknown here');
      return;
    }
    let lock: WakeLockSentinel | null = null;
    let ended = false;
    const hold = (): void => {
      if (document.visibilityState !== 'visible') return;
      navigator.wakeLock.request('screen').then(
        (held) => {
          if (ended) return void held.release();
          lock = held;
          setAwake('stays');
        },
        () => !ended && setAwake('refused'),
      );
    };
    hold();
    // It is let go whenever the page is left.
    document.addEventListener('visibilitychange', hold);
    return () => {
      ended = true;
      document.removeEventListener('visibilitychange', hold);
      void lock?.release();
    };
  }, []);
  return awake;
}

/** What a cook has to know of it; null where the screen stays on. */
export const awakeWords = (awake: Awake | null): string | null =>
  awake === 'refused'
    ? 'This browser lets the screen go dark: it may save its battery. A tap wakes it, and nothing is lost.'
    : awake === 'unknown here'
      ? 'The screen may go dark: keeping it awake needs a browser that can, over https. A tap wakes it, and nothing is lost.'
      : null;
