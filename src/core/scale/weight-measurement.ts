import type { ScaleReading } from './scale-reading.ts';

/** The flag that says pounds; what the weight is counted in, g; and the number for what could not be measured. */
const IN_POUNDS = 0x01;
const KILOS_STEP_G = 5;
const POUNDS_STEP_G = 4.5359237;
const NOT_MEASURED = 0xffff;

/**
 * A message of a scale by radio, as the Bluetooth SIG's Weight Scale Service (0x181D) has its Weight Measurement
 * (0x2A9D): one byte of flags, two of weight. Its steps are of 5 g: it is good for pots, and coarse for butter. Null for a
 * message that is too short.
 *
 * @param at the instant, ISO 8601
 */
export function readWeightMeasurement(message: DataView, at: string): ScaleReading | null {
  if (message.byteLength < 3) return null;
  const pounds = (message.getUint8(0) & IN_POUNDS) !== 0;
  const weight = message.getUint16(1, true);
  const said = { at, unit: pounds ? ('lb' as const) : ('g' as const), battery: 'ok' as const };
  if (weight === NOT_MEASURED) return { ...said, state: 'overload', grams: null, steady: false };
  return { ...said, state: 'on', grams: weight * (pounds ? POUNDS_STEP_G : KILOS_STEP_G), steady: true };
}
