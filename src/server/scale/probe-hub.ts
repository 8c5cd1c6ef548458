import {
  type FoodProbe,
  foodProbe,
  type ProbeReading,
  probeShows,
  putInto,
  takenOut,
} from '../../core/scale/food-probe.ts';

/** A probe at a device that was silent for so long is unplugged, ms. */
const PROBE_SILENT_MS = 15_000;

/** The food probes of the households: each has one, a stand-in or one that is at some device. */
export interface ProbeHub {
  now(householdId: string): ProbeReading;
  /** Puts the stand-in into food that is so warm, in an oven that is so hot, °C. */
  putIn(householdId: string, celsius: number, around: number): void;
  takeOut(householdId: string): void;
  /** What a probe at some device says. */
  say(householdId: string, reading: ProbeReading): void;
}

export function probeHub(clock: () => Date): ProbeHub {
  const standIns = new Map<string, FoodProbe>();
  const real = new Map<string, { readonly reading: ProbeReading; readonly heard: number }>();
  const standIn = (h: string): FoodProbe => standIns.get(h) ?? foodProbe();
  return {
    now: (h) => {
      const at = clock().getTime();
      const heard = real.get(h);
      return heard !== undefined && at - heard.heard < PROBE_SILENT_MS ? heard.reading : probeShows(standIn(h), at);
    },
    putIn: (h, celsius, around) => void standIns.set(h, putInto(standIn(h), celsius, around, clock().getTime())),
    takeOut: (h) => void standIns.set(h, takenOut(standIn(h))),
    say: (h, reading) => void real.set(h, { reading, heard: clock().getTime() }),
  };
}
