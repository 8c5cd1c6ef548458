import type { ProbeReading } from './food-probe.ts';

const IN_FAHRENHEIT = 0x01;
/** What stands for no number. */
const NO_NUMBER = 0x7fffff;

/**
 * A message of a thermometer by radio, as the Bluetooth SIG's Health Thermometer Service (0x1809) has its Temperature
 * Measurement (0x2A1C): one byte of flags, then a float of IEEE 11073: 24 bits and a power of ten. Null for one that says
 * no temperature.
 *
 * @param at the instant, ISO 8601
 */
export function readTemperatureMeasurement(message: DataView, at: string): ProbeReading | null {
  if (message.byteLength < 5) return null;
  const low = message.getUint16(1, true);
  const high = message.getInt8(3);
  const mantissa = high * 65_536 + low;
  if (mantissa === NO_NUMBER) return null;
  const degrees = mantissa * 10 ** message.getInt8(4);
  const celsius = (message.getUint8(0) & IN_FAHRENHEIT) !== 0 ? ((degrees - 32) * 5) / 9 : degrees;
  return { at, state: 'on', celsius: Math.round(celsius * 10) / 10 };
}
