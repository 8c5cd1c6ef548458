import { describe, expect, it } from 'vitest';
import { readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { NO_TIMES } from '../page/recipe-text.ts';
import { solveSchedule } from '../schedule/solve-schedule.ts';
import { stepsAtStove } from '../stove/steps-at-stove.ts';
import { dishTasks } from './dish-tasks.ts';
import { lanesOfWork } from './lanes-of-work.ts';
import { orderOfWork } from './order-of-work.ts';
import { type PrepKitchen, USUAL_KITCHEN } from './prep.ts';
import { closedUp, keptOrder, keptPlan, movedTask, planOf } from './prep-plan.ts';
import { type PrepProblem, prepProblem } from './prep-problem.ts';

const dish = (id: string, lines: string[], steps: string[]) => {
  const version = readVersion(lines, { servings: 4, steps: steps.map((text, i) => ({ id: `s${i + 1}`, text })) });
  return dishTasks(
    { id, version, led: stepsAtStove(version, shippedFood), times: NO_TIMES, hints: new Set() },
    { food: shippedFood, minutes: {}, mind: new Set() },
  );
};
const gratin = (heat = '180 °C') =>
  dish(
    'gratin',
    ['1 kg potatoes', '200 ml cream', '150 g Gruyère, grated'],
    [
      'Slice the potatoes.',
      'Layer the potatoes in a dish, pour over the cream, scatter the Gruyère.',
      `Bake at ${heat} for 55 minutes.`,
    ],
  );
const goulash = () =>
  dish(
    'goulash',
    ['1 kg beef brisket, cubed', '4 onions, sliced', '2 tbsp lard', '500 ml beef stock'],
    [
      'Brown the beef in the lard, 15 minutes.',
      'Soften the onions in the same pot, 10 minutes.',
      'Add the stock and simmer for 2 hours.',
    ],
  );
const loaf = (heat = '175 °C') =>
  dish(
    'loaf',
    ['3 eggs', '150 g sugar', '200 g flour', '100 g walnuts, chopped'],
    ['Beat the eggs with the sugar.', 'Fold in the flour and the walnuts.', `Bake at ${heat} for 50 minutes.`],
  );
const problemOf = (
  dishes: ReturnType<typeof dish>[],
  kitchen: Partial<PrepKitchen> = {},
  cooks: 1 | 2 = 1,
): PrepProblem => prepProblem(dishes, { ...USUAL_KITCHEN, ...kitchen }, cooks);
const solvedPlan = (p: PrepProblem) => planOf(p, solveSchedule(p.problem)!.schedule);
const told = (rows: ReturnType<typeof orderOfWork>) => rows.map((r) => `${r.clock} ${r.words}`);

describe('a prep day', () => {
  it('is one order of work with clock times, the oven hot when something goes in', () => {
    const rows = orderOfWork(solvedPlan(problemOf([gratin(), goulash()])), '14:00');
    // The board is used for onions before it is for raw meat: so it is washed once less.
    expect(told(rows)[0]).toBe('14:00 Get ready: 4 onions, sliced');
    const on = rows.find((r) => r.words === 'Oven on, to 180 °C')!;
    const bake = rows.find((r) => r.words === 'Bake')!;
    expect(bake.at - on.at).toBe(12);
    expect(rows.find((r) => r.words === 'Oven off')!.at).toBe(bake.at + 55);
    // While the goulash simmers, the gratin is made: the day is as long as the goulash alone.
    const alone = solveSchedule(problemOf([goulash()]).problem)!.schedule.minutes;
    expect(solveSchedule(problemOf([gratin(), goulash()]).problem)!.schedule.minutes).toBeLessThanOrEqual(alone + 6);
    expect(rows.map((r) => r.at)).toEqual(rows.map((r) => r.at).toSorted((a, b) => a - b));
    expect(
      rows
        .filter((r) => r.words === 'Into boxes')
        .map((r) => r.dishId)
        .sort(),
    ).toEqual(['goulash', 'gratin']);
  });

  it('goes on past midnight by the clock', () => {
    const rows = orderOfWork(solvedPlan(problemOf([goulash()])), '23:00');
    expect(rows.at(-1)!.clock).toMatch(/^01:\d\d$/);
    expect(rows.at(-1)!.isNextDay).toBe(true);
    expect(rows[0]!.isNextDay).toBe(false);
  });

  it('bakes together what a few degrees part, and says so; what more does, one after the other', () => {
    const near = problemOf([gratin(), loaf()]);
    expect(new Set(near.problem.jobs.flatMap((j) => j.heat ?? [])).size).toBe(1);
    expect(near.notes.join()).toMatch(/18?0? ?°C|175 °C/);
    const far = problemOf([gratin('220 °C'), loaf()]);
    expect(new Set(far.problem.jobs.flatMap((j) => j.heat ?? []))).toEqual(new Set([220, 175]));
    const range = problemOf([gratin('180 to 200 °C'), loaf('190 °C')]);
    expect(new Set(range.problem.jobs.flatMap((j) => j.heat ?? []))).toEqual(new Set([190]));
    expect(range.notes).toEqual([]);
    const rows = orderOfWork(solvedPlan(far), '10:00');
    expect(rows.filter((r) => /^Oven/.test(r.words)).map((r) => r.words)).toHaveLength(3);
  });

  it('takes what a dish cannot do without, and says so', () => {
    const soup = dish(
      'soup',
      ['500 g carrots', '1 l vegetable stock'],
      ['Simmer the carrots in the stock 20 minutes.', 'Blend until smooth.'],
    );
    const p = problemOf([soup], { blenders: 0 });
    expect(p.notes.join()).toMatch(/blender/);
    expect(solveSchedule(p.problem)).not.toBeNull();
  });

  it('keeps what was moved by hand, and the rest follows', () => {
    const p = problemOf([gratin(), goulash()]);
    const plan = solvedPlan(p);
    const brown = p.tasks.find((t) => /^Brown/.test(t.words))!;
    const at = (q: typeof plan, words: RegExp) => q.schedule.starts[q.tasks.findIndex((t) => words.test(t.words))]!;
    const later = movedTask(plan, brown.id, at(plan, /^Brown/) + 30)!;
    // It begins then, or when hands are free that were busy then.
    const wanted = at(plan, /^Brown/) + 30;
    expect(at(later, /^Brown/)).toBeGreaterThanOrEqual(wanted);
    expect(at(later, /^Brown/)).toBeLessThan(wanted + 12);
    expect(at(later, /^Simmer/)).toBeGreaterThanOrEqual(at(plan, /^Simmer/) + 30);
    // It is there again from what is kept of it.
    const again = keptPlan(p, keptOrder(later))!;
    expect(again.schedule.starts).toEqual(later.schedule.starts);
    // And nothing begins before what it waits for, however far it is dragged to the front.
    const first = movedTask(plan, p.tasks.find((t) => /^Simmer/.test(t.words))!.id, 0)!;
    expect(at(first, /^Simmer/)).toBeGreaterThanOrEqual(at(first, /^Add the stock/));
    // Without the gap it is as soon over as the order lets it.
    expect(closedUp(later)!.schedule.minutes).toBeLessThanOrEqual(later.schedule.minutes);
    expect(keptPlan(p, { starts: { 'gone~s1~0': 5 }, washes: [] })).toBeNull();
  });

  it('shares the work of two cooks, and says whose it is', () => {
    const one = solvedPlan(problemOf([gratin(), goulash(), loaf()], { boards: 2 }));
    const two = solvedPlan(problemOf([gratin(), goulash(), loaf()], { boards: 2 }, 2));
    expect(two.schedule.minutes).toBeLessThanOrEqual(one.schedule.minutes);
    const lanes = lanesOfWork(two);
    expect(lanes.filter((l) => l.kind === 'hands')).toHaveLength(2);
    for (const lane of lanes) {
      const bars = [...lane.bars].sort((a, b) => a.from - b.from);
      for (let i = 1; i < bars.length; i++) expect(bars[i]!.from).toBeGreaterThanOrEqual(bars[i - 1]!.to);
    }
    // Every task is in exactly one lane of hands, oven, hob or waiting.
    const shown = lanes.flatMap((l) => l.bars.flatMap((b) => b.taskId ?? []));
    expect([...new Set(shown)].sort()).toEqual(two.tasks.map((t) => t.id).toSorted());
  });
});
