import { findUnit } from '../../quantity/units.ts';
import type { Measure } from '../food.ts';

/** A measure as a cell: `cup 125`, `cup (grated) 110`. */
export const measureWords = (m: Measure): string =>
  `${m.unit}${m.form === null ? '' : ` (${m.form})`} ${Math.round(m.grams * 1000) / 1000}`;

/** Reads measures with semicolons between; a string says what is wrong. */
export function readMeasures(cell: string): Measure[] | string {
  const out: Measure[] = [];
  for (const part of cell.split(';').map((p) => p.trim())) {
    if (part === '') continue;
    const m = /^([a-z][a-z -]*?)\s*(?:\(([^()]{1,40})\))?\s+(\d+(?:[.,]\d+)?)\s*g?$/i.exec(part);
    const grams = m === null ? Number.NaN : Number(m[3]!.replace(',', '.'));
    if (m === null || !(grams > 0 && grams <= 100_000))
      return `The measure "${part}" cannot be read. Write it as "cup 125" or "cup (grated) 110", in grams.`;
    out.push({ unit: findUnit(m[1]!)?.name ?? m[1]!.toLowerCase(), form: m[2]?.trim() ?? null, grams });
  }
  return out;
}
