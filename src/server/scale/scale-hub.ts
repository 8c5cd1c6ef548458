import type { ScaleAct } from '../../contract/scale.ts';
import {
  type KitchenScale,
  kitchenScale,
  pouring,
  pressed,
  putOn,
  shownBy,
  standing,
  withBattery,
} from '../../core/scale/kitchen-scale.ts';
import type { ScaleReading } from '../../core/scale/scale-reading.ts';

/** So often it is looked whether a scale says something else, and so often it says that it is still there, ms. */
const LISTEN_MS = 200;
const STILL_THERE_MS = 1000;
/** A scale at a device that was silent for so long is unplugged, ms. */
const UNPLUGGED_MS = 4000;

type HearScale = (reading: ScaleReading) => void;

/** The scales of the households: each has one, a stand-in or one that is at some device. */
export interface ScaleHub {
  now(householdId: string): ScaleReading;
  /** Does something to the stand-in. @returns what really stands on it then, g */
  act(householdId: string, act: ScaleAct): number;
  /** What a scale at some device says. */
  say(householdId: string, reading: ScaleReading): void;
  /** Listens to one household's; the answer ends it. */
  listen(householdId: string, hear: HearScale): () => void;
}

interface HouseholdScale {
  standIn: KitchenScale;
  real: { readonly reading: ScaleReading; readonly heard: number } | null;
}

export function scaleHub(clock: () => Date): ScaleHub {
  const scales = new Map<string, HouseholdScale>();
  const listeners = new Map<string, Set<HearScale>>();
  const of = (h: string): HouseholdScale => {
    const scale = scales.get(h) ?? { standIn: kitchenScale(), real: null };
    scales.set(h, scale);
    return scale;
  };
  const now = (h: string): ScaleReading => {
    const at = clock().getTime();
    const { standIn, real } = of(h);
    return real !== null && at - real.heard < UNPLUGGED_MS ? real.reading : shownBy(standIn, at);
  };
  const tell = (h: string): void => {
    const reading = now(h);
    for (const hear of listeners.get(h) ?? []) hear(reading);
  };
  return {
    now,
    act: (h, act) => {
      const scale = of(h);
      const at = clock().getTime();
      scale.standIn =
        act.do === 'press'
          ? pressed(scale.standIn, act.key, at)
          : act.do === 'put'
            ? putOn(scale.standIn, act.grams, at)
            : act.do === 'pour'
              ? pouring(scale.standIn, act.perSecond, at)
              : withBattery(scale.standIn, act.left);
      tell(h);
      return standing(scale.standIn, at);
    },
    say: (h, reading) => {
      of(h).real = { reading, heard: clock().getTime() };
      tell(h);
    },
    listen: (h, hear) => {
      const own = listeners.get(h) ?? new Set();
      listeners.set(h, own.add(hear));
      let last = '';
      let said = 0;
      const look = (): void => {
        const { at, ...rest } = now(h);
        const words = JSON.stringify(rest);
        if (words === last && Date.now() - said < STILL_THERE_MS) return;
        last = words;
        said = Date.now();
        hear({ at, ...rest });
      };
      look();
      const beat = setInterval(look, LISTEN_MS);
      return () => {
        clearInterval(beat);
        own.delete(hear);
        if (own.size === 0) listeners.delete(h);
      };
    },
  };
}
