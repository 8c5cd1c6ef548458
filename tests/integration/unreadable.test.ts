import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { SHIPPED_FOODS } from '../../src/core/food/shipped/index.ts';
import { readRecipe } from '../../src/core/page/read-page.ts';
import { type TestServer, testServer } from '../support/test-server.ts';

let server: TestServer;
beforeEach(async () => {
  server = await testServer();
});
afterEach(() => server.close());
const api = () => request(server.app);
const home = '/api/households/home';

const printed = {
  kcal: 100,
  fat: null,
  satFat: null,
  carbs: null,
  sugars: null,
  addedSugars: null,
  fibre: null,
  protein: null,
  sodium: null,
};
const label = (id: string, rest: object) => ({
  id,
  name: 'Mistyped',
  basisGrams: 170,
  household: null,
  printed,
  rules: 'exact',
  kinds: [],
  roles: [],
  allergens: [],
  ...rest,
});
const foodsStillAnswer = async () => {
  const { body } = await api().get(`${home}/foods`).expect(200);
  expect(body.length).toBeGreaterThanOrEqual(SHIPPED_FOODS.length);
  await api().get(`${home}/foods/search?q=butter`).expect(200);
  await api().post(`${home}/score`).send({ text: '1 cup sugar' }).expect(200);
};

describe('a mistyped label', () => {
  it.each([
    ['a thousandth of a cup of 170 g', { household: { quantity: 0.001, unit: 'cup', grams: 170 } }],
    ['a basis of next to nothing', { basisGrams: 1e-320 }],
    ['a hundred-thousandth of 10 kg', { household: { quantity: 1e-5, unit: 'cup', grams: 10_000 } }],
    ['a quantity of next to nothing', { household: { quantity: 1e-320, unit: 'cup', grams: 20 } }],
  ])('is refused in words and spoils nothing: %s', async (_, rest) => {
    const { body } = await api().post(`${home}/foods`).send(label('mistyped-1', rest)).expect(422);
    expect(body.detail).toMatch(/that is|basis|for/i);
    await foodsStillAnswer();
  });
  it('of impossible energy is refused', async () => {
    const butter = SHIPPED_FOODS.find((f) => f.id === 'butter')!;
    const heavy = {
      ...butter,
      id: 'own-heavy',
      per100g: { ...butter.per100g, kcal: { value: 1e308, low: 1e308, high: 1e308 } },
    };
    await api().put(`${home}/foods/own-heavy`).send(heavy).expect(422);
    await foodsStillAnswer();
  });
});

describe('one row that cannot be read', () => {
  it('never hides the others: a food', async () => {
    await server.db
      .insertInto('food_revision')
      .values({ food_id: 'own-damaged', revision: 1, household_id: 'home', body: '{"id":3}', created_at: 'x' })
      .execute();
    await foodsStillAnswer();
    const { body } = await api().get('/api/unreadable').expect(200);
    expect(body).toEqual(['food own-damaged@1']);
  });
});

describe('numbers that cannot be', () => {
  it.each([1e-320, 0.001])('servings of %s are refused', async (servings) => {
    await api().post(`${home}/score`).send({ text: '1 cup sugar', servings }).expect(422);
  });
});

describe('a paste of blanks', () => {
  it.each([' ', '\u00a0', '\t', '-', ',', '(', ' ,', '\u2013'])('or of marks is read in no time (%j)', (blank) => {
    const started = performance.now();
    readRecipe(`1 cup${blank.repeat(Math.floor(99_000 / blank.length))}sugar`);
    // Quadratic reading took 39 s of processor time; reading once takes milliseconds, so a whole second is a wide margin.
    expect(performance.now() - started).toBeLessThan(1000);
  });
});
