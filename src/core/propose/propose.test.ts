import { describe, expect, it } from 'vitest';
import { generalProposer, weighedSum } from '../../../tests/support/general-proposer.ts';
import { proposeWeeks } from '../../../tests/support/propose-weeks.ts';
import { LEAST_COOKING, LEAST_SHOPPING, MOST_VARIETY, type Picks, type ProposeProblem } from './problem.ts';
import { propose } from './propose.ts';
import { weigh } from './weigh.ts';

const looks = (n: number) => {
  let left = n;
  return () => --left <= 0;
};

/** What of a proposal cannot be: worked out from the picks alone. */
function faultsOf(p: ProposeProblem, picks: Picks): string[] {
  const faults: string[] = [];
  const cooked = new Map<string, number>();
  p.boxes.forEach((b, k) => {
    const at = p.places.filter((_, i) => picks[i]?.kind === 'box' && (picks[i] as { box: number }).box === k);
    if (at.length > 1) faults.push(`box ${k} is eaten twice`);
    if (at.some((x) => x.day > b.until)) faults.push(`box ${k} is eaten too late`);
  });
  p.pots.forEach((t, k) => {
    const at = p.places.filter((_, i) => picks[i]?.kind === 'pot' && (picks[i] as { pot: number }).pot === k);
    if (at.length > t.left) faults.push(`pot ${k} has not so much`);
    if (at.some((x) => x.day < t.day || x.day > t.until)) faults.push(`pot ${k} is eaten too soon or too late`);
  });
  const sums = new Map<string, number>();
  picks.forEach((pick, i) => {
    if (pick === null) return;
    const { eater, day } = p.places[i]!;
    const points =
      pick.kind === 'box'
        ? p.boxes[pick.box]!.points
        : pick.kind === 'pot'
          ? p.pots[pick.pot]!.points
          : p.dishes[pick.dish]!.points;
    if (points[eater] == null) faults.push(`place ${i} has what its eater must not have`);
    sums.set(`${eater} ${day}`, (sums.get(`${eater} ${day}`) ?? 0) + (points[eater] ?? 0));
    if (pick.kind !== 'cook') return;
    const dish = p.dishes[pick.dish]!;
    if (!p.cookDays.includes(pick.day)) faults.push(`place ${i} is cooked on a day on which nobody cooks`);
    if (day < pick.day || day > pick.day + dish.keeps) faults.push(`place ${i} is eaten too soon or too late`);
    const key = `${pick.dish} ${pick.day}`;
    cooked.set(key, (cooked.get(key) ?? 0) + 1);
  });
  for (const [key, sum] of sums) {
    const [eater, day] = key.split(' ').map(Number);
    const room = p.room[eater!]![day!];
    if (room != null && sum > room + 1e-9) faults.push(`eater ${eater} is over on day ${day}`);
  }
  return faults;
}

describe('a week proposed', () => {
  const dish = (rest: Partial<ProposeProblem['dishes'][number]> = {}) => ({
    recipe: 0,
    points: [5],
    servings: 4,
    keeps: 3,
    foods: [],
    ...rest,
  });
  const week = (rest: Partial<ProposeProblem>): ProposeProblem => ({
    places: [0, 1, 2].map((day) => ({ eater: 0, day })),
    room: [[10, 10, 10]],
    least: [[null, null, null]],
    boxes: [],
    pots: [],
    dishes: [dish()],
    cookDays: [0, 1, 2],
    ...rest,
  });

  it('cooks once for three days where the pot keeps', () => {
    const { picks, weighed, proved } = propose(week({}));
    expect(weighed).toMatchObject({ empty: 0, cooks: 1, repeats: 2 });
    expect(proved).toBe(true);
    expect(picks.every((x) => x?.kind === 'cook' && x.day === 0)).toBe(true);
  });

  it('eats a box while it is good, and only by whom it may be eaten', () => {
    const box = { recipe: 1, points: [6], until: 1, spoils: true };
    expect(propose(week({ boxes: [box] })).weighed).toMatchObject({ spoiled: 0, cooks: 1 });
    expect(propose(week({ boxes: [{ ...box, points: [null] }] })).weighed).toMatchObject({ spoiled: 1 });
    expect(propose(week({ boxes: [{ ...box, points: [11] }] })).weighed).toMatchObject({ spoiled: 1 });
  });

  it('leaves a place empty rather than breaking a limit', () => {
    const { picks, weighed } = propose(week({ room: [[10, 4, 10]] }));
    expect(picks[1]).toBeNull();
    expect(weighed.empty).toBe(1);
  });

  it('fills a day above its floor where something does', () => {
    const light = dish({ recipe: 0, points: [2] });
    const more = dish({ recipe: 1, points: [8], foods: [1, 2] });
    const floor = week({ dishes: [light, more], least: [[6, 6, 6]] });
    const { picks, weighed } = propose(floor);
    expect(weighed.low).toBe(0);
    expect(picks.every((x) => x?.kind === 'cook' && x.dish === 1)).toBe(true);
    expect(propose(week({ dishes: [light], least: [[6, 6, 6]] })).weighed).toMatchObject({ empty: 0, low: 3 });
  });

  it('differs in kind: least cooking, least shopping, most variety', () => {
    const big = dish({ recipe: 0, foods: [0, 1, 2, 3] });
    const near = [1, 2, 3].map((recipe) => dish({ recipe, servings: 1, keeps: 0 }));
    const p = week({ dishes: [big, ...near] });
    expect(propose(p, LEAST_COOKING).weighed).toMatchObject({ cooks: 1, foods: 4, repeats: 2 });
    expect(propose(p, LEAST_SHOPPING).weighed).toMatchObject({ cooks: 3, foods: 0 });
    expect(propose(p, MOST_VARIETY).weighed).toMatchObject({ repeats: 0, cooks: 3, foods: 0 });
  });

  it('is as good as a general solver finds, on 60 small weeks', { timeout: 60_000 }, async () => {
    const general = await generalProposer();
    const weeks = proposeWeeks(5, 60, true);
    let hard = 0;
    for (const [i, p] of weeks.entries()) {
      const { picks, weighed, proved } = propose(p);
      expect(proved, String(i)).toBe(true);
      expect(faultsOf(p, picks), String(i)).toEqual([]);
      expect(weigh(p, picks), String(i)).toEqual(weighed);
      expect(weighedSum(weighed), String(i)).toBe(general(p));
      if (weighed.empty > 0 || weighed.low > 0 || weighed.spoiled > 0) hard++;
    }
    expect(hard).toBeGreaterThan(20);
  });

  it('keeps every limit on 300 weeks, whichever aim comes first', { timeout: 60_000 }, () => {
    const orders = [LEAST_COOKING, LEAST_SHOPPING, MOST_VARIETY];
    for (const [i, p] of proposeWeeks(9, 300, false).entries()) {
      const { picks, weighed } = propose(p, orders[i % 3]!, { stop: looks(12) });
      expect(faultsOf(p, picks), String(i)).toEqual([]);
      expect(weigh(p, picks), String(i)).toEqual(weighed);
    }
  });
});
