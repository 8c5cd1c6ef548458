import { minutesSaid } from '../quantity/minutes-said.ts';
import type { ProbeReading } from './food-probe.ts';

/** Degrees of a difference, in the other scale. */
const FAHRENHEIT_STEPS = 1.8;
/** So slow it warms that nobody can say when, °C a minute. */
const STILL = 0.05;
/** What is longer off than this is no guess any more, min. */
const LONGEST_GUESS_MIN = 600;

/**
 * How far food is from its safe temperature inside, and how long about, as it warmed lately.
 *
 * @param readings the oldest first
 * @param safe °C, as its source has it: what is a hair below is not safe
 */
export function probeWords(
  readings: readonly ProbeReading[],
  safe: number,
): { readonly safe: boolean; readonly words: string } {
  const told = readings.filter((r) => r.celsius !== null);
  const last = readings[readings.length - 1];
  if (last === undefined || last.celsius === null)
    return { safe: false, words: 'The probe says nothing. Put it into the middle, away from bone.' };
  const shown = degreesShown(last.celsius);
  if (last.celsius >= safe)
    return {
      safe: true,
      words: `It is safe inside: ${shown.celsius} °C (${shown.fahrenheit} °F).`,
    };
  const left = Math.ceil(safe - last.celsius);
  const [first] = told;
  const took = (Date.parse(last.at) - Date.parse(first!.at)) / 60_000;
  const perMinute = took > 0 ? (last.celsius - first!.celsius!) / took : 0;
  const minutes = Math.round((safe - last.celsius) / perMinute);
  const when = perMinute > STILL && minutes <= LONGEST_GUESS_MIN ? `, about ${minutesSaid(Math.max(1, minutes))}` : '';
  return { safe: false, words: `${left} °C (${Math.round(left * FAHRENHEIT_STEPS)} °F) to go${when}.` };
}

/** What a probe shows in both scales, never more than it is. */
export const degreesShown = (celsius: number): { readonly celsius: number; readonly fahrenheit: number } => ({
  celsius: Math.floor(celsius),
  fahrenheit: Math.floor(celsius * FAHRENHEIT_STEPS + 32),
});
