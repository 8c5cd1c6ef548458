/** Fractions a measuring spoon knows, as people write them. */
const FRACTIONS: ReadonlyArray<readonly [number, string]> = [
  [0, ''],
  [1 / 8, '⅛'],
  [1 / 4, '¼'],
  [1 / 3, '⅓'],
  [3 / 8, '⅜'],
  [1 / 2, '½'],
  [5 / 8, '⅝'],
  [2 / 3, '⅔'],
  [3 / 4, '¾'],
  [7 / 8, '⅞'],
  [1, ''],
];

/**
 * A number as a cook says it: the nearest kitchen fraction when it lies within 2 % (at most 0.04, and below 100), else up to two decimals.
 *
 * @example formatAmount(1.5) // '1½'
 */
export function formatAmount(value: number): string {
  if (!Number.isFinite(value)) return '?';
  const whole = Math.floor(value + 1e-9);
  const rest = value - whole;
  let best = FRACTIONS[0]!;
  for (const f of FRACTIONS) if (Math.abs(f[0] - rest) < Math.abs(best[0] - rest)) best = f;
  if (value < 100 && Math.abs(best[0] - rest) <= Math.min(0.04, Math.max(0.004, 0.02 * value))) {
    const int = best[0] === 1 ? whole + 1 : whole;
    if (best[1] === '') return int === 0 && value > 0 ? trimmed(value, 2) : String(int);
    return (int === 0 ? '' : String(int)) + best[1];
  }
  return trimmed(value, value >= 100 ? 0 : value >= 10 ? 1 : 2);
}

/** Grams as a scale shows them: whole from 10 g up, one decimal below, two below 1. */
export function formatGrams(grams: number): string {
  return `${trimmed(grams, grams >= 10 ? 0 : grams >= 1 ? 1 : 2)} g`;
}

/** A number with at most `digits` decimals, without trailing zeros. */
export function trimmed(value: number, digits: number): string {
  const text = value.toFixed(digits);
  const short = text.includes('.') ? text.replace(/\.?0+$/, '') : text;
  return short === '-0' ? '0' : short;
}
