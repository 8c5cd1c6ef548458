import { formatAmount } from './format-amount.ts';
import { formatMeasure } from './format-measure.ts';

/** Teaspoons in a cup, a tablespoon, a teaspoon: the same in every system but Australia's tablespoon. */
export const TEASPOONS: Readonly<Record<string, number>> = { cup: 48, tablespoon: 3, teaspoon: 1 };
/** Fractions that a set of measuring cups has. */
const CUP_PARTS = [0, 1 / 4, 1 / 3, 1 / 2, 2 / 3, 3 / 4];
const isAbout = (a: number, b: number): boolean => Math.abs(a - b) < 0.02;

/**
 * A volume of cups and spoons in the measures that a kitchen has: what does not come out even in cups is said in
 * spoons. Other units as they are.
 *
 * @example sayVolume(1 / 6, 'cup') // '2 tbsp + 2 tsp'
 * @example sayVolume(0.375, 'cup') // '¼ cup + 2 tbsp'
 */
export function sayVolume(quantity: number, unit: string | null): string {
  const per = unit === null ? undefined : TEASPOONS[unit];
  if (per === undefined) return formatMeasure(quantity, unit);
  const total = quantity * per;
  if (unit === 'teaspoon' && total < 3) return formatMeasure(quantity, unit);
  const said: string[] = [];
  let left = total;
  if (total >= 12 - 1e-9) {
    const cups = Math.floor(total / 48 + 1e-9);
    // Many cups are told to the nearest quarter: spoons would say more than a cup can measure.
    if (cups >= 4) return formatMeasure(Math.round(total / 12) / 4, 'cup');
    const fits = CUP_PARTS.map((p) => (cups + p) * 48).filter((tsp) => tsp <= total + 1e-6);
    const spoons = (by: number) =>
      fits.filter((tsp) => isAbout((total - tsp) % by, 0) || isAbout((total - tsp) % by, by));
    const inCups = (spoons(3).pop() ?? spoons(1.5).pop() ?? fits.pop())!;
    said.push(formatMeasure(inCups / 48, 'cup'));
    left -= inCups;
  }
  const spoons = Math.floor(left / 3 + 0.02);
  if (said.length > 0 && spoons >= 1) {
    said.push(`${formatAmount(Math.round((left / 3) * 2) / 2)} tbsp`);
    return said.join(' + ');
  }
  if (spoons >= 1) {
    const halves = isAbout(left % 3, 1.5) ? 0.5 : 0;
    said.push(`${formatAmount(spoons + halves)} tbsp`);
    left -= (spoons + halves) * 3;
  }
  const teaspoons = Math.round(left * 4) / 4;
  if (teaspoons > 0) said.push(`${formatAmount(teaspoons)} tsp`);
  return said.length === 0 ? formatMeasure(quantity, unit) : said.join(' + ');
}
