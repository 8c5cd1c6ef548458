import { OUNCE_G, POUND_G } from '../quantity/units.ts';
import type { ScaleReading, ScaleUnit } from './scale-reading.ts';

const GRAMS_OF: Readonly<Record<string, readonly [grams: number, unit: ScaleUnit]>> = {
  g: [1, 'g'],
  kg: [1000, 'g'],
  oz: [OUNCE_G, 'oz'],
  lb: [POUND_G, 'lb'],
};
const WEIGHT_SAID = /(?:^|[\s,+])([+-]?)\s*(\d{1,6}(?:\.\d{1,4})?)\s*(kg|g|oz|lb)\b\s*$/i;
/** "US" and "S D": it has not settled; "OL", "S +", "S -": it is beyond what it weighs. */
const UNSETTLED = /^(?:US\b|SD\b|S D\b|D\b)/i;
const BEYOND = /^(?:OL\b|S [+-]$|ST,OL)/i;

/** A scale of a kitchen weighs no more than this, g. */
const MOST_SAID_G = 200_000;

/**
 * A line of text as scales with a serial port send it: marks of its state, a weight, a unit (common practice). Null for
 * a line that says no weight.
 *
 * @param at the instant, ISO 8601
 * @example readScaleLine('ST,GS,+  123.4 g', at)?.grams // 123.4
 */
export function readScaleLine(line: string, at: string): ScaleReading | null {
  if (line.length > 80) return null;
  const text = line.trim();
  if (BEYOND.test(text)) return { at, state: 'overload', grams: null, steady: false, unit: 'g', battery: 'ok' };
  const m = WEIGHT_SAID.exec(text);
  if (m === null) return null;
  const [grams, unit] = GRAMS_OF[m[3]!.toLowerCase()]!;
  const weight = Number(m[2]) * grams * (/-\s*[\d.]+\s*\w+\s*$/.test(text) ? -1 : 1);
  if (Math.abs(weight) > MOST_SAID_G) return null;
  return { at, state: 'on', grams: weight, steady: !UNSETTLED.test(text), unit, battery: 'ok' };
}
