import { COOK_API } from '../../contract/cook-api.ts';
import { ask } from '../data/api.ts';

/** Under which this browser remembers how far its clock is off, ms. */
const CLOCK_KEPT = 'imbiss-clock-off';
/** A clock drifts by less than a second in so long, ms. */
const AGAIN_MS = 5 * 60_000;

/** Where nobody answered it is asked again after so long, ms. */
const SOONER_MS = 30_000;

let off: number | null = null;
let asked = 0;

const kept = (): number => {
  try {
    return Number(localStorage.getItem(CLOCK_KEPT)) || 0;
  } catch {
    return 0;
  }
};

/**
 * What the time is on the server, ms: timers are instants of its clock, and a phone's is off by minutes now and then. By
 * what was last known of it while nobody answers.
 */
export const serverNow = (): number => Date.now() + (off ?? (off = kept()));

/** Asks how far this clock is off, now and then. Where nobody answers, what was known holds. */
export async function setServerClock(): Promise<void> {
  if (Date.now() - asked < AGAIN_MS) return;
  asked = Date.now();
  const began = performance.now();
  try {
    const { now } = await ask(COOK_API.clock, {});
    const took = performance.now() - began;
    // Half of the way there and back: over the house's network it is milliseconds.
    off = Math.round(Date.parse(now) + took / 2 - Date.now());
    localStorage.setItem(CLOCK_KEPT, String(off));
  } catch {
    // Without network what was known holds; it is asked again after a while.
    asked = Date.now() - AGAIN_MS + SOONER_MS;
  }
}
