import highsLoader from 'highs';
import { describe, expect, it } from 'vitest';
import { seeded } from '../../../tests/support/hard-choices.ts';
import { Simplex } from './simplex.ts';

/** The same problem for the general solver, in the CPLEX LP format. */
function general(
  highs: Awaited<ReturnType<typeof highsLoader>>,
  c: number[],
  rows: number[][],
  b: number[],
  most: number[],
) {
  const sum = (a: readonly number[]) => a.map((v, j) => `${v < 0 ? '-' : '+'} ${Math.abs(v)} x${j}`).join(' ');
  const bounds = most.map((m, j) => ` 0 <= x${j} <= ${m}`).join('\n');
  const text = `Maximize\n obj: ${sum(c)}\nSubject To\n ${rows.map((a, i) => `r${i}: ${sum(a)} <= ${b[i]}`).join('\n ')}\nBounds\n${bounds}\nEnd\n`;
  const out = highs.solve(text, { output_flag: false });
  return out.Status === 'Optimal' ? out.ObjectiveValue : null;
}

describe('the linear programs of teaching', () => {
  it('are solved as the general solver solves them, also where there is nothing to be found', async () => {
    const highs = await highsLoader();
    const random = seeded(7);
    let impossible = 0;
    for (let n = 0; n < 120; n++) {
      const k = 2 + Math.floor(random() * 6);
      const m = 3 + Math.floor(random() * 30);
      const most = Array.from({ length: k }, () => 1 + Math.floor(random() * 20));
      const rows = Array.from({ length: m }, () =>
        Array.from({ length: k }, () => Math.round((random() * 12 - 4) * 8) / 8),
      );
      const b = Array.from({ length: m }, () => Math.round((random() * 20 - (n % 3 === 0 ? 6 : 1)) * 8) / 8);
      const solver = new Simplex(most);
      for (const [i, a] of rows.entries()) solver.add(a, b[i]!, i);
      const c = Array.from({ length: k }, () => Math.round((random() * 8 - 3) * 8) / 8);
      const expected = general(highs, c, rows, b, most);
      const fits = solver.solve();
      expect(fits, `${n}`).toBe(expected !== null);
      if (!fits) {
        impossible++;
        // What it names as guilty cannot hold together.
        const guilty = solver.guilty();
        const alone = new Simplex(most);
        for (const i of guilty) alone.add(rows[i]!, b[i]!, i);
        expect(alone.solve(), `${n}: guilty`).toBe(false);
        continue;
      }
      for (const goal of [c, c.map((v) => -v), Array.from({ length: k }, () => random())]) {
        const own = solver.maximise(goal);
        const theirs = general(highs, goal, rows, b, most)!;
        expect(Math.abs(own - theirs), `${n}`).toBeLessThan(1e-7 * Math.max(1, Math.abs(theirs)));
      }
    }
    expect(impossible).toBeGreaterThan(10);
  });
});
