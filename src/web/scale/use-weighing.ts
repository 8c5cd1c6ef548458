import { useEffect, useState } from 'react';
import { type HowWeighed, weighedNet } from '../../core/scale/weighed-net.ts';
import { type HeardScale, useScale } from './use-scale.ts';

/** One weighing, from a zero on. */
export interface OpenWeighing {
  readonly scale: HeardScale;
  /** What was weighed since zero, g; null while the scale shows nothing. */
  readonly net: number | null;
  /** Makes what it shows now the zero. */
  readonly zero: () => void;
}

/** Weighs from the first steady reading on, or from where zero was pressed: with any scale, whatever stands on it. */
export function useWeighing(householdId: string, how: HowWeighed): OpenWeighing {
  const scale = useScale(householdId);
  const [start, setStart] = useState<number | null>(null);
  const shows = scale.last?.grams ?? null;
  const steady = scale.last?.steady ?? false;
  useEffect(() => {
    if (start === null && steady && shows !== null) setStart(shows);
  }, [start, steady, shows]);
  return {
    scale,
    net: start === null || shows === null ? null : weighedNet(how, start, shows),
    zero: () => {
      if (shows === null) return;
      setStart(shows);
      scale.forget();
    },
  };
}
