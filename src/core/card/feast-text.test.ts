import { expect, it } from 'vitest';
import { counterOf, sample } from '../../../tests/support/test-lines.ts';
import { kitchenOf, readVersion } from '../../../tests/support/test-version.ts';
import { boughtAsDish } from '../feast/bought-as-dish.ts';
import { countFeast } from '../feast/count-feast.ts';
import { feastText } from './feast-text.ts';

it('tells every dish with its points on every plate, what was bought among them, and the plates', () => {
  const stew = readVersion(['600 g chicken breast', '200 ml heavy cream'], { servings: 4 });
  const bread = boughtAsDish({
    id: 'b',
    text: '2 slices rye bread',
    foodId: 'bread-rye',
    revision: 1,
    grams: 80,
    portions: {},
  });
  const programs = [sample('LE'), sample('HA')];
  const { plates } = countFeast(
    [
      { version: stew, portions: [1, 1] },
      { version: bread, portions: [1, 0] },
    ],
    kitchenOf(),
    programs.map((p) => counterOf(p)),
  );
  const text = feastText({
    name: 'Supper',
    day: '2026-12-05',
    people: 6,
    dishes: [
      { title: 'Stew', version: 'lightened', points: plates.map((p) => p.dishes[0]?.points ?? null) },
      { title: '2 slices rye bread', version: null, points: plates.map((p) => p.dishes[1]?.points ?? null) },
    ],
    plates,
    programs,
  });
  const [le, ha] = plates;
  expect(le!.dishes[1]!.points).toBeGreaterThan(0);
  expect(text).toBe(
    [
      'Supper',
      '5 Dec 2026, for 6',
      '',
      `- Stew (lightened): LE ${le!.dishes[0]!.points} · HA ${ha!.dishes[0]!.points}`,
      `- 2 slices rye bread: LE ${le!.dishes[1]!.points}`,
      '',
      'The whole plate',
      `Ledger (LE): ${le!.points}, maybe ${le!.pointsRange.high}`,
      `Harvest (HA): ${ha!.points}`,
    ].join('\n'),
  );
});
