/** An oven is off by so much at most, °C: what is more is a slip. */
export const MOST_OVEN_OFF_C = 100;

/**
 * By how much an oven is too hot, as it is typed: "15", "-10". Null for nothing, which says that nobody knows; undefined
 * for what is no such number.
 */
export function readOvenOff(text: string): number | null | undefined {
  if (text.trim() === '') return null;
  const degrees = Number(
    text
      .trim()
      .replace(',', '.')
      .replace(/[−–]/g, '-')
      .replace(/\s?°?\s?C?$/i, ''),
  );
  return Math.abs(degrees) <= MOST_OVEN_OFF_C ? degrees : undefined;
}
