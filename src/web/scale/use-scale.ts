import { useCallback, useEffect, useState } from 'react';
import { addressOf } from '../../contract/route.ts';
import { SCALE_API, type ScaleAct, ScaleReadingSchema } from '../../contract/scale.ts';
import type { ScaleReading } from '../../core/scale/scale-reading.ts';
import { type ScaleTrouble, scaleTrouble } from '../../core/scale/scale-watch.ts';
import { ask } from '../data/api.ts';
import { connectedScale, hearHere } from './connected-scale.ts';

/** So many readings are looked back at: eight seconds of a stream. */
const LOOKED_BACK = 40;
const LOOK_AGAIN_MS = 1000;

/** The scale of the household as it is heard here. */
export interface HeardScale {
  /** What it says; null before it has said anything. */
  readonly last: ScaleReading | null;
  readonly trouble: ScaleTrouble | null;
  /** Forgets what was said before: it was set to zero. */
  readonly forget: () => void;
  /** Does something to the stand-in. @returns what really stands on it then, g */
  readonly act: (act: ScaleAct) => Promise<number>;
}

/** Listens to the household's scale while a panel is open. */
export function useScale(householdId: string): HeardScale {
  const [readings, setReadings] = useState<readonly ScaleReading[]>([]);
  // What is late is seen by the clock of this device, at which it was heard.
  const [heardAt, setHeardAt] = useState(0);
  const [now, setNow] = useState(0);
  useEffect(() => {
    const began = Date.now();
    setHeardAt(began);
    const hear = (reading: ScaleReading): void => {
      setHeardAt(Date.now());
      setReadings((was) => [...was.slice(1 - LOOKED_BACK), reading]);
    };
    const source = new EventSource(`/api${addressOf(SCALE_API.scale, { h: householdId })}`);
    source.addEventListener('message', (e) => {
      // A scale at this device is heard here itself.
      if (connectedScale() !== null) return;
      try {
        hear(ScaleReadingSchema.parse(JSON.parse(e.data)));
      } catch {
        // What is no reading is not heard.
      }
    });
    const deaf = hearHere(hear);
    const beat = setInterval(() => setNow(Date.now()), LOOK_AGAIN_MS);
    return () => {
      source.close();
      deaf();
      clearInterval(beat);
    };
  }, [householdId]);
  const last = readings[readings.length - 1] ?? null;
  const late = Math.max(0, now - heardAt);
  const trouble =
    last === null && late < LOOK_AGAIN_MS
      ? null
      : scaleTrouble(readings, (last === null ? 0 : Date.parse(last.at)) + late);
  return {
    last,
    trouble,
    forget: useCallback(() => setReadings((was) => was.slice(-1)), []),
    act: useCallback(
      async (act: ScaleAct) => (await ask(SCALE_API.actOnScale, { h: householdId, body: act })).stands,
      [householdId],
    ),
  };
}
