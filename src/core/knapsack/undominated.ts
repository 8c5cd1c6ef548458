import type { ChoiceProblem, Limit } from './problem.ts';

/** Sums are compared with limits this loosely while searching; at the end `holds` decides. */
export const TOLERANCE = 1e-7;

/** A choice as the search sees it: its departure in common units, its amounts, and its place among the line's choices. */
export interface ChoiceRow {
  readonly departure: number;
  readonly amounts: readonly number[];
  readonly index: number;
}

/** The choices of every line. */
export type ChoiceRows = readonly (readonly ChoiceRow[])[];

const noMore = (a: readonly number[] | Float64Array, b: readonly number[] | Float64Array): boolean => {
  for (let k = 0; k < a.length; k++) if (a[k]! > b[k]!) return false;
  return true;
};

/** The largest number of tenths that all departures are whole times of: tables need no finer steps. */
export function commonUnit(problem: ChoiceProblem): number {
  const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));
  return problem.lines.flat().reduce((g, c) => gcd(c.departure, g), 0) || 1;
}

/** The choices that no other one beats: none departs as little and adds as little to every limit. The first of equals stays. */
export function undominated(choices: ChoiceProblem['lines'][number], unit: number): ChoiceRow[] {
  const rows = choices.map((c, index): ChoiceRow => ({ departure: c.departure / unit, amounts: c.amounts, index }));
  return rows.filter(
    (a) =>
      !rows.some((b) => {
        if (a === b || b.departure > a.departure || !noMore(b.amounts, a.amounts)) return false;
        const equal = b.departure === a.departure && noMore(a.amounts, b.amounts);
        return !equal || b.index < a.index;
      }),
  );
}

export function spreadOf(choices: ChoiceProblem['lines'][number], limits: readonly Limit[]): number {
  let spread = 0;
  limits.forEach((l, k) => {
    const values = choices.map((c) => c.amounts[k]!);
    const scale = Math.max(1e-9, Math.abs(l.most - l.base));
    spread = Math.max(spread, (Math.max(...values) - Math.min(...values)) / scale);
  });
  return spread;
}

/** The least that the lines from each one on can add, by limit. */
export function suffixLeast(rows: readonly (readonly ChoiceRow[])[], K: number): Float64Array[] {
  const out = [new Float64Array(K)];
  for (let i = rows.length - 1; i >= 0; i--) {
    const sums = Float64Array.from(out[0]!);
    for (let k = 0; k < K; k++) sums[k]! += Math.min(...rows[i]!.map((r) => r.amounts[k]!));
    out.unshift(sums);
  }
  return out;
}

export function dot(a: Float64Array, b: readonly number[] | Float64Array): number {
  let s = 0;
  for (let k = 0; k < a.length; k++) s += a[k]! * b[k]!;
  return s;
}
