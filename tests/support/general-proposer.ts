import highsLoader from 'highs';
import type { PortionPoints, ProposeProblem } from '../../src/core/propose/problem.ts';

/** What each aim weighs for the general solver: more than all that come after it can. */
const WEIGHT = { empty: 1e6, low: 60_000, spoiled: 8_000, cooks: 500, foods: 20, repeats: 1 } as const;
/** More points than any day has. */
const MANY = 200;

/**
 * Proposes by a general solver, without any gap: the weighed sum of the aims in their usual order.
 *
 * @param seconds it may take so long; what it has then is what it says
 */
export async function generalProposer(seconds = 60): Promise<(p: ProposeProblem) => number> {
  const highs = await highsLoader();
  return (p) => {
    const out = highs.solve(model(p), { mip_rel_gap: 0, mip_abs_gap: 0, time_limit: seconds, output_flag: false });
    if (out.Status === 'Time limit reached') return Math.round(out.ObjectiveValue);
    if (out.Status !== 'Optimal') throw new Error(`The general solver says ${out.Status}.`);
    return Math.round(out.ObjectiveValue);
  };
}

/** The same sum of what was found otherwise. */
export const weighedSum = (w: Readonly<Record<keyof typeof WEIGHT, number>>): number =>
  (Object.keys(WEIGHT) as (keyof typeof WEIGHT)[]).reduce((sum, k) => sum + w[k] * WEIGHT[k], 0);

interface Column {
  readonly name: string;
  readonly place: number;
  readonly recipe: number;
  readonly points: number;
}

/** The week as a mixed-integer programme in the CPLEX LP format. */
function model(p: ProposeProblem): string {
  const columns: Column[] = [];
  const rows: string[] = [];
  const add = (name: string, place: number, recipe: number, points: PortionPoints): void => {
    const of = points[p.places[place]!.eater];
    if (of != null) columns.push({ name, place, recipe, points: of });
  };
  for (const [i, { day }] of p.places.entries()) {
    for (const [k, b] of p.boxes.entries()) if (day <= b.until) add(`b${i}_${k}`, i, b.recipe, b.points);
    for (const [k, t] of p.pots.entries()) if (day >= t.day && day <= t.until) add(`t${i}_${k}`, i, t.recipe, t.points);
    for (const [k, d] of p.dishes.entries())
      for (const c of p.cookDays) if (c <= day && day <= c + d.keeps) add(`c${i}_${k}_${c}`, i, d.recipe, d.points);
  }
  const names = (of: readonly Column[]): string => of.map((c) => `+ ${c.name}`).join(' ');
  const cooks = p.dishes.flatMap((_, k) => p.cookDays.map((c) => ({ name: `y${k}_${c}`, k, c })));
  for (const i of p.places.keys()) rows.push(`${names(columns.filter((c) => c.place === i))} + e${i} = 1`);
  p.boxes.forEach((_, k) => {
    const of = columns.filter((c) => c.name.startsWith('b') && c.name.endsWith(`_${k}`));
    if (of.length > 0) rows.push(`${names(of)} <= 1`);
    rows.push(`${names(of)} + s${k} >= 1`);
  });
  p.pots.forEach((t, k) => {
    const of = columns.filter((c) => c.name.startsWith('t') && c.name.endsWith(`_${k}`));
    if (of.length > 0) rows.push(`${names(of)} <= ${t.left}`);
  });
  for (const y of cooks) {
    const of = columns.filter((c) => c.name.startsWith('c') && c.name.endsWith(`_${y.k}_${y.c}`));
    if (of.length > 0) rows.push(`${names(of)} - ${p.dishes[y.k]!.servings} ${y.name} <= 0`);
    for (const f of p.dishes[y.k]!.foods) rows.push(`${p.places.length} z${f} - ${y.name} >= 0`);
  }
  const lows: string[] = [];
  const everyDay = p.room.flatMap((of, e) => of.map((room, day) => ({ e, room, day })));
  for (const { e, room, day } of everyDay) {
    const here = p.places.flatMap((x, i) => (x.eater === e && x.day === day ? [i] : []));
    if (here.length === 0) continue;
    const eaten = columns.filter((c) => here.includes(c.place));
    const sum = eaten.map((c) => `+ ${c.points} ${c.name}`).join(' ');
    if (room !== null && sum !== '') rows.push(`${sum} <= ${room}`);
    const least = p.least[e]![day];
    if (least == null) continue;
    lows.push(`l${e}_${day}`);
    const gaps = here.map((i) => `+ ${MANY} e${i}`).join(' ');
    rows.push(`${sum} + ${MANY} l${e}_${day} ${gaps} >= ${least}`);
  }
  // Who has something of a recipe has it once at least; every further time is a repeat.
  const had: string[] = [];
  p.room.forEach((_, e) => {
    for (const r of new Set(columns.map((c) => c.recipe))) {
      const of = columns.filter((c) => c.recipe === r && p.places[c.place]!.eater === e);
      if (of.length === 0) continue;
      had.push(`u${e}_${r}`);
      rows.push(`${names(of)} - u${e}_${r} >= 0`);
    }
  });
  const foods = [...new Set(p.dishes.flatMap((d) => d.foods))];
  const objective = [
    ...p.places.map((_, i) => `+ ${WEIGHT.empty} e${i}`),
    ...lows.map((l) => `+ ${WEIGHT.low} ${l}`),
    ...p.boxes.flatMap((b, k) => (b.spoils ? [`+ ${WEIGHT.spoiled} s${k}`] : [])),
    ...cooks.map((y) => `+ ${WEIGHT.cooks} ${y.name}`),
    ...foods.map((f) => `+ ${WEIGHT.foods} z${f}`),
    ...columns.map((c) => `+ ${WEIGHT.repeats} ${c.name}`),
    ...had.map((u) => `- ${WEIGHT.repeats} ${u}`),
  ];
  const binary = [
    ...columns.map((c) => c.name),
    ...p.places.map((_, i) => `e${i}`),
    ...p.boxes.map((_, k) => `s${k}`),
    ...foods.map((f) => `z${f}`),
    ...lows,
    ...had,
  ];
  const body = rows.map((r, i) => `r${i}: ${r.trim()}`).join('\n ');
  return `Minimize\n obj: ${objective.join(' ')}\nSubject To\n ${body}\nBinary\n ${binary.join('\n ')}\nGeneral\n ${cooks.map((y) => y.name).join('\n ')}\nEnd\n`;
}
