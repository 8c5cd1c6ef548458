import { useEffect, useState } from 'react';
import { PROBE_API } from '../../contract/probe.ts';
import type { ProbeReading } from '../../core/scale/food-probe.ts';
import { ask } from '../data/api.ts';

/** Food warms slowly: so often it is looked, and so far one looks back, ms. */
const PROBE_LOOK_MS = 2000;
const PROBE_KEPT = 150;

/** What the household's probe said since this was opened, the oldest first. */
export function useProbe(householdId: string): readonly ProbeReading[] {
  const [readings, setReadings] = useState<readonly ProbeReading[]>([]);
  useEffect(() => {
    let alive = true;
    const look = (): void =>
      void ask(PROBE_API.probe, { h: householdId }).then(
        (reading) => alive && setReadings((was) => [...was.slice(1 - PROBE_KEPT), reading]),
        () => undefined,
      );
    look();
    const beat = setInterval(look, PROBE_LOOK_MS);
    return () => {
      alive = false;
      clearInterval(beat);
    };
  }, [householdId]);
  return readings;
}
