import { describe, expect, it } from 'vitest';
import { sample } from '../../../tests/support/test-lines.ts';
import { kitchenOf, readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { countVersion } from '../counting/count-version.ts';
import { plainCounter } from '../program/program.ts';
import { dishWeight } from '../version/dish-weight.ts';
import { applyEntry } from '../version/entry.ts';
import { answeredLoss } from '../version/line-loss.ts';
import { scaleChanges } from '../version/scale-version.ts';
import type { Version } from '../version/version.ts';
import { withExpectedLosses } from './expected-loss.ts';
import { lossWords } from './loss-words.ts';

const dish = (lines: string[], ...steps: string[]): Version =>
  withExpectedLosses(
    readVersion(lines, { servings: 4, steps: steps.map((text, i) => ({ id: `s${i}`, text })) }),
    shippedFood,
  );
const losses = (v: Version) => v.lines.map((l) => l.loss?.why ?? null);
const LE = plainCounter(sample('LE'));
const counted = (v: Version) => countVersion(v, kitchenOf(), [LE]);

describe('what is not eaten', () => {
  it.each([
    ['frying fat', ['1 l oil for frying', '1 kg potatoes'], 'Fry the potatoes in the hot oil.', ['frying', null]],
    ['oil in a pan', ['2 tbsp oil', '1 onion'], 'Soften the onion in the oil.', [null, null]],
    [
      'a marinade',
      ['1 kg chicken thighs', '1/2 cup soy sauce', '2 tbsp honey'],
      'Marinate the chicken in the soy sauce and honey overnight, lift it out and grill it.',
      [null, 'marinade', 'marinade'],
    ],
    [
      'a marinade that becomes the sauce',
      ['1 kg chicken thighs', '1/2 cup soy sauce'],
      'Marinate the chicken in the soy sauce. Pour the marinade over and bake it.',
      [null, null],
    ],
    [
      'buttermilk that chicken lies in',
      ['8 chicken drumsticks', '2 cups buttermilk'],
      'Soak the chicken in the buttermilk overnight. Drain it and bake it.',
      [null, 'marinade'],
    ],
    [
      'milk that bread soaks up',
      ['300 g white bread', '500 ml milk', '3 eggs'],
      'Soak the bread in the milk, stir in the eggs and bake.',
      [null, null, null],
    ],
    [
      'a coating',
      ['4 pork chops', '100 g flour', '2 eggs', '150 g breadcrumbs', '60 ml oil'],
      'Turn the pork in flour, egg and breadcrumbs, press them on and fry in the oil.',
      [null, 'coating', 'coating', 'coating', null],
    ],
    [
      'flour on the board',
      ['500 g flour', '2 tbsp flour for dusting', '7 g dry yeast'],
      'Knead the dough and roll it out.',
      [null, 'board', null],
    ],
    [
      'fat poured off',
      ['1 lb ground beef, 80 % lean', '1 onion'],
      'Brown the beef and drain off the fat. Add the onion.',
      ['poured-off', null],
    ],
    [
      'fat of bacon that stays in the pot',
      ['200 g bacon', '1 onion'],
      'Fry the bacon crisp and soften the onion in its fat.',
      [null, null],
    ],
    [
      'fat of bacon poured off',
      ['200 g bacon', '1 onion'],
      'Fry the bacon crisp and pour off the fat. Add the onion.',
      ['poured-off', null],
    ],
    ['fat that is not poured off', ['1 lb ground beef, 80 % lean'], 'Brown the beef; do not drain the fat.', [null]],
    ['lean meat', ['1 lb ground beef, 95 % lean'], 'Brown the beef and drain off the fat.', [null]],
    [
      'salt in the water',
      ['500 g pasta', '2 tbsp salt, for the pasta water'],
      'Boil the pasta and drain it.',
      [null, 'cooking-water'],
    ],
  ] as const)('of %s', (_, lines, steps, wanted) => {
    expect(losses(dish([...lines], ...steps.split(/(?<=\.) /)))).toEqual(wanted);
  });

  it('is counted as a range until the cook says it, and weighs nothing on the plate', () => {
    const fried = dish(['750 ml vegetable oil for frying', '1 kg potatoes'], 'Fry the potatoes in the hot oil.');
    const oil = fried.lines[0]!;
    expect(lossWords(oil.loss!)).toMatch(/^about \d+ to \d+ g stays in the pot$/);
    const all = { ...fried, lines: [{ ...oil, loss: null }, fried.lines[1]!] };
    expect(counted(all).counts[0]!.points).toBeGreaterThan(40);
    const now = counted(fried).counts[0]!;
    expect(now.points).toBeLessThan(16);
    expect(now.pointsRange.high).toBeGreaterThan(now.pointsRange.low);
    const said = { ...fried, lines: [{ ...oil, loss: answeredLoss('frying', 600) }, fried.lines[1]!] };
    expect(dishWeight(said)).toBeCloseTo(oil.weight!.grams - 600 + 1000, 6);
    const kcal = counted(said).perServing.kcal.value!;
    const bare = counted({ ...fried, lines: [fried.lines[1]!] }).perServing.kcal.value!;
    // What is left of the oil at 884 kcal in 100 g, over four plates.
    expect(kcal - bare).toBeCloseTo(((oil.weight!.grams - 600) * 8.84) / 4, 0);
  });

  // From memory of the USDA's food tables: 100 g of raw 80 % lean ground beef (254 kcal, 20 g fat) make 69 g of
  // drained crumbles with 272 kcal and 17.6 g fat in 100 g: 188 kcal, 12.1 g fat.
  it('of browned beef leaves what the tables have for drained crumbles', () => {
    const beef = dish(['400 g ground beef, 80 % lean'], 'Brown the beef and drain off the fat.');
    const per = counted(beef).perServing;
    expect(per.fat.low).toBeLessThan(12.1);
    expect(per.fat.high).toBeGreaterThan(12.1);
    expect(Math.abs(per.fat.value! - 12.1)).toBeLessThan(1);
    expect(Math.abs(per.kcal.value! - 188)).toBeLessThan(15);
    // The protein stays in the pan.
    const undrained = counted({ ...beef, lines: beef.lines.map((l) => ({ ...l, loss: null })) });
    expect(per.protein.value).toBeCloseTo(undrained.perServing.protein.value!, 6);
  });

  it('is as many times as much in as many times the dish', () => {
    const fried = dish(['750 ml vegetable oil for frying', '1 kg potatoes'], 'Fry the potatoes in the hot oil.');
    const changes = scaleChanges(fried, 8);
    const double = applyEntry(fried, { id: 'e', label: 'e', changes, undoes: null });
    expect(double.lines[0]!.loss!.low).toBeCloseTo(fried.lines[0]!.loss!.low * 2, 6);
    expect(counted(double).counts[0]!.points).toBe(counted(fried).counts[0]!.points);
  });
});
