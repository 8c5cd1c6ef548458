import { describe, expect, it } from 'vitest';
import { FIXTURE_PROGRAMS } from '../../../tests/support/fixture-programs.ts';
import { seeded } from '../../../tests/support/hard-choices.ts';
import { asKnown, hiddenRule, madeUpFood, SEVEN } from '../../../tests/support/hidden-rules.ts';
import type { Food } from '../food/food.ts';
import { scaleProfile } from '../food/nutrients.ts';
import { SHIPPED_FOODS } from '../food/shipped/index.ts';
import { type CountLine, count } from '../program/count.ts';
import { type Counter, type Program, plainCounter } from '../program/program.ts';
import type { CountingMethod, Rule } from '../program/rule.ts';
import { exactly } from '../quantity/interval.ts';
import { anythingOf } from './fits.ts';
import { countWithFreedom } from './freedom.ts';
import type { KnownFood, TaughtFood } from './known-food.ts';
import { teach } from './teach.ts';

const plain: Program = { ...FIXTURE_PROGRAMS[0]!, list: { entries: [], exclusions: [] } };

/** A made-up food of the pantry. */
const asFood = (food: TaughtFood, i: number): Food => ({
  ...SHIPPED_FOODS[0]!,
  id: `made-up-${i}`,
  name: food.name,
  kinds: [],
  per100g: scaleProfile(food.profile, 100 / food.grams!),
});
const lineOf = (food: Food, grams: number): CountLine => ({
  id: food.id,
  label: food.name,
  parts: [{ food, grams, range: exactly(grams) }],
  open: false,
});
const withRule = (rule: Rule, by: CountingMethod): Program => ({ ...plain, rule, by, taught: null });

/** The program that a table teaches, and the one that it was made with. */
function taughtAndTrue(
  rule: Rule,
  known: readonly KnownFood[],
  by: CountingMethod,
): { taught: Counter; truth: Counter } {
  const { taught } = teach(known, anythingOf(SEVEN));
  const program: Program = { ...withRule(taught.explanation!.rule, by), taught: taught.evidence };
  return { taught: plainCounter(program), truth: plainCounter(withRule(rule, by)) };
}

const kinds: Partial<Rule>[] = [
  {},
  { rounding: 'up' },
  { rounding: 'down', step: 0.5 },
  { caps: { fibre: 4 } },
  { caps: { protein: 20 } },
];

describe('what a taught rule leaves open of a dish', () => {
  for (const by of ['ingredients', 'serving', 'items'] as const) {
    it(`never has the true points outside of what it says, counted by ${by}`, () => {
      const random = seeded(77);
      let exact = 0;
      let all = 0;
      for (const over of kinds) {
        const rule = hiddenRule(random, over);
        const known = Array.from({ length: 40 }, (_, i) => asKnown(rule, madeUpFood(random, `known ${i}`)));
        const { taught, truth } = taughtAndTrue(rule, known, by);
        for (let dish = 0; dish < 40; dish++) {
          const lines = Array.from({ length: 2 + Math.floor(random() * 7) }, (_, i) => {
            const food = asFood(madeUpFood(random, `line ${i}`), i);
            return lineOf(food, 20 + random() * 500);
          });
          const servings = 1 + Math.floor(random() * 8);
          const said = countWithFreedom(lines, taught, { servings });
          const right = count(lines, truth, { servings }).points;
          expect(said.pointsRange.low).toBeLessThanOrEqual(right);
          expect(said.pointsRange.high).toBeGreaterThanOrEqual(right);
          expect(said.pointsRange.low).toBeLessThanOrEqual(said.points);
          expect(said.pointsRange.high).toBeGreaterThanOrEqual(said.points);
          all++;
          if (said.certainty === 'exact') exact++;
        }
      }
      // It says something, too.
      if (by !== 'items') expect(exact / all).toBeGreaterThan(0.1);
    });
  }
  it('says of a dish what it says of one food with the nutrients of the dish, not the sum over its foods', () => {
    const random = seeded(5);
    const rule = hiddenRule(random);
    const known = Array.from({ length: 30 }, (_, i) => asKnown(rule, madeUpFood(random, `known ${i}`)));
    const teaching = teach(known, anythingOf(SEVEN));
    const { taught } = taughtAndTrue(rule, known, 'serving');
    let narrower = 0;
    for (let dish = 0; dish < 30; dish++) {
      const foods = Array.from({ length: 5 }, (_, i) => asFood(madeUpFood(random, `line ${i}`), i));
      const lines = foods.map((f) => lineOf(f, 60));
      const whole = foods.map((f) => scaleProfile(f.per100g, 0.6));
      const profile = Object.fromEntries(
        SEVEN.map((n) => {
          const sum = whole.reduce((s, p) => s + p[n].value!, 0);
          return [n, { value: sum, low: sum, high: sum }];
        }),
      );
      const asOne = teaching.points({
        name: 'all of it',
        grams: 300,
        profile: { ...whole[0]!, ...profile } as Food['per100g'],
      })!;
      const said = countWithFreedom(lines, taught, { servings: 1 });
      expect(said.pointsRange).toEqual({ low: asOne.min, high: asOne.max });
      const one = (f: Food) => countWithFreedom([lineOf(f, 60)], taught, { servings: 1 }).bounds;
      const sum = foods.map(one).reduce((s, b) => s + b.high - b.low, 0);
      if (said.bounds.high - said.bounds.low < sum * 0.8) narrower++;
    }
    expect(narrower).toBeGreaterThan(15);
  });
  it('names the line whose food is best looked up, and is sure of what is pinned or uncounted', () => {
    const random = seeded(9);
    const rule = hiddenRule(random);
    const known = Array.from({ length: 8 }, (_, i) => asKnown(rule, madeUpFood(random, `known ${i}`)));
    const { taught } = taughtAndTrue(rule, known, 'ingredients');
    const big = asFood(madeUpFood(random, 'big'), 1);
    const small = asFood(madeUpFood(random, 'small'), 2);
    const lines = [lineOf(big, 900), lineOf(small, 20)];
    const said = countWithFreedom(lines, taught, { servings: 1 });
    expect(said.certainty).not.toBe('exact');
    expect(said.doubt).toEqual({ lineId: big.id, of: 'rule' });
    const pinned: Counter = {
      ...taught,
      pins: [
        { foodId: big.id, programId: plain.id, points: 3, grams: 100 },
        { foodId: small.id, programId: plain.id, points: 1, grams: 20 },
      ],
    };
    const sure = countWithFreedom(lines, pinned, { servings: 1 });
    expect([sure.points, sure.certainty, sure.doubt]).toEqual([28, 'exact', null]);
    const nothing: Counter = {
      ...taught,
      exceptions: [
        { foodId: big.id, uncounted: true },
        { foodId: small.id, uncounted: true },
      ],
    };
    expect(countWithFreedom(lines, nothing, { servings: 1 }).pointsRange).toEqual({ low: 0, high: 0 });
  });
  it('is nothing for a rule that was typed, and keeps the sums of grams and labels as they are', () => {
    const food = SHIPPED_FOODS.find((f) => f.per100g.fat.value! > 70)!;
    const lines = [{ ...lineOf(food, 50), parts: [{ food, grams: 50, range: { low: 40, high: 65 } }] }];
    const counter = plainCounter(plain);
    expect(countWithFreedom(lines, counter, { servings: 1 })).toEqual(count(lines, counter, { servings: 1 }));
  });
  it('keeps of 2,000 known foods what decides, and never rules out the true rule by it', () => {
    const random = seeded(12);
    const rule = hiddenRule(random);
    const known = Array.from({ length: 2000 }, (_, i) => asKnown(rule, madeUpFood(random, `known ${i}`)));
    const { evidence } = teach(known, {
      ...anythingOf(SEVEN),
      modes: anythingOf(SEVEN).modes.slice(0, 1),
      caps: [null],
    }).taught;
    expect(evidence!.known.length).toBeLessThanOrEqual(300);
    const taught = plainCounter({ ...withRule(rule, 'ingredients'), taught: evidence });
    for (let i = 0; i < 50; i++) {
      const lines = [lineOf(asFood(madeUpFood(random, 'a'), 1), 150), lineOf(asFood(madeUpFood(random, 'b'), 2), 250)];
      const said = countWithFreedom(lines, taught, { servings: 2 });
      expect(said.pointsRange.high - said.pointsRange.low).toBeLessThanOrEqual(1);
    }
  });
});
