import highsLoader from 'highs';
import { type ChoiceProblem, departureOfPicks, keepsLimits } from '../../src/core/knapsack/problem.ts';

/** What the general solver says of a problem; `kept` tells whether its picks keep every limit exactly. */
export interface GeneralAnswer {
  readonly departure: number | null;
  readonly picks: readonly number[] | null;
  readonly kept: boolean;
}

/** The problem as a mixed-integer programme in the CPLEX LP format. */
function model(problem: ChoiceProblem): string {
  const name = (i: number, j: number) => `x${i}_${j}`;
  const all = problem.lines.flatMap((row, i) => row.map((c, j) => ({ c, x: name(i, j) })));
  const sum = (terms: { readonly value: number; readonly x: string }[]) =>
    terms.map((t) => `${t.value < 0 ? '-' : '+'} ${Math.abs(t.value)} ${t.x}`).join(' ');
  const rows = [
    ...problem.lines.map((row, i) => `one${i}: ${row.map((_, j) => `+ ${name(i, j)}`).join(' ')} = 1`),
    ...problem.limits.map(
      (l, k) => `most${k}: ${sum(all.map(({ c, x }) => ({ value: c.amounts[k]!, x })))} <= ${l.most - l.base}`,
    ),
  ];
  return `Minimize\n obj: ${sum(all.map(({ c, x }) => ({ value: c.departure, x })))}\nSubject To\n ${rows.join('\n ')}\nBinary\n ${all.map((a) => a.x).join('\n ')}\nEnd\n`;
}

/** Solves by a general solver, without any gap; its answer is checked against the limits, not believed. */
export async function generalSolver(): Promise<(problem: ChoiceProblem) => GeneralAnswer> {
  const highs = await highsLoader();
  return (problem) => {
    const out = highs.solve(model(problem), { mip_rel_gap: 0, mip_abs_gap: 0, time_limit: 60, output_flag: false });
    if (out.Status !== 'Optimal') return { departure: null, picks: null, kept: true };
    const columns = out.Columns as Record<string, { Primal: number }>;
    const picks = problem.lines.map((row, i) => row.findIndex((_, j) => (columns[`x${i}_${j}`]?.Primal ?? 0) > 0.5));
    return { departure: departureOfPicks(problem, picks), picks, kept: keepsLimits(problem, picks) };
  };
}
