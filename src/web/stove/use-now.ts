import { useEffect, useState } from 'react';
import { serverNow, setServerClock } from './server-clock.ts';

/** The time on the server, ms, anew at every second while something is timed. @param ticking whether it is */
export function useNow(ticking: boolean): number {
  const [now, setNow] = useState(serverNow);
  useEffect(() => {
    void setServerClock().then(() => setNow(serverNow()));
    const look = (): void => {
      void setServerClock();
      setNow(serverNow());
    };
    window.addEventListener('focus', look);
    const beat = ticking ? setInterval(look, 1000) : undefined;
    return () => {
      window.removeEventListener('focus', look);
      clearInterval(beat);
    };
  }, [ticking]);
  return now;
}
