import type { Food, FoodKind } from '../../src/core/food/food.ts';
import { profileOf, type StatedNutrients } from '../../src/core/food/nutrients.ts';
import type { CountLine } from '../../src/core/program/count.ts';
import type { Counter, Program } from '../../src/core/program/program.ts';
import type { Rule } from '../../src/core/program/rule.ts';
import { exactly, type Interval } from '../../src/core/quantity/interval.ts';
import { FIXTURE_PROGRAMS } from './fixture-programs.ts';

/** A food for tests, from its values per 100 g. */
export function testFood(id: string, stated: StatedNutrients, kinds: readonly FoodKind[] = []): Food {
  return {
    id,
    revision: 1,
    name: id,
    group: 'test',
    state: 'as is',
    per100g: profileOf(stated),
    measures: [],
    kinds,
    roles: [],
    allergens: [],
    synonyms: [],
    source: 'a test',
    energyNote: null,
  };
}

/** A line of one food. */
export const testLine = (food: Food, grams: number, range: Interval = exactly(grams)): CountLine => ({
  id: `line-${food.id}`,
  label: food.name,
  parts: [{ food, grams, range }],
  open: false,
});

/** A food whose raw points are its grams: for tests of roundings and edges. */
export const pointFood = (id = 'point', kinds: readonly FoodKind[] = []): Food => testFood(id, { kcal: 100 }, kinds);

/** A program that counts kcal one to one, with whatever the test wants different. */
export function testProgram(rule: Partial<Rule> = {}, rest: Partial<Program> = {}): Program {
  return {
    ...FIXTURE_PROGRAMS[0]!,
    id: 'test-program',
    mark: 'TE',
    list: { entries: [], exclusions: [] },
    ...rest,
    rule: {
      coefficients: { kcal: 1 },
      per: 1,
      caps: {},
      step: 1,
      rounding: 'nearest',
      floorAt: 'serving',
      ...rule,
    },
  };
}

export const counterOf = (program: Program, rest: Partial<Counter> = {}): Counter => ({
  program,
  exceptions: [],
  pins: [],
  ...rest,
});

/** A fixture program by its mark. */
export const sample = (mark: string): Program => FIXTURE_PROGRAMS.find((p) => p.mark === mark)!;
