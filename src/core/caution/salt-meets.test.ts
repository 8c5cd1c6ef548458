import { describe, expect, it } from 'vitest';
import { readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { saltMeets } from './salt-meets.ts';

const says = (...lines: string[]) => saltMeets(readVersion(lines).lines, shippedFood);

describe('salt on salt', () => {
  it('is pointed out where broth, cured meat and added salt meet', () => {
    expect(says('1 l chicken broth', '100 g bacon', '1 tsp salt')).toMatch(
      /chicken broth and bacon, streaky and added salt meet/,
    );
    expect(says('200 g smoked turkey sausage', 'salt to taste')).toMatch(/sausage and added salt/);
  });
  it('is not where one of them is alone', () => {
    expect(says('1 l chicken broth', '2 carrots')).toBeNull();
    expect(says('2 carrots', '1 tsp salt')).toBeNull();
    expect(says('100 g unsalted butter', '100 g bacon')).toBeNull();
  });
  it('is not of what was left out', () => {
    const { lines } = readVersion(['1 l chicken broth', '1 tsp salt']);
    expect(
      saltMeets(
        lines.map((l) => ({ ...l, leftOut: true })),
        shippedFood,
      ),
    ).toBeNull();
  });
});

describe('what is cured', () => {
  it('is meat, fish and poultry with much sodium: not fresh meat', () => {
    expect(says('200 g ham', '1 tsp salt')).toMatch(/ham.* and added salt meet/);
    expect(says('50 g anchovies', '1 tsp salt')).toMatch(/anchov.* and added salt/);
    expect(says('500 g ground beef', '1 tsp salt')).toBeNull();
  });
  it('begins at 700 mg of sodium in 100 g', () => {
    const { lines } = readVersion(['100 g bacon', '1 tsp salt']);
    const withSodium = (value: number | null) => (id: string) => {
      const food = shippedFood(id)!;
      return { ...food, per100g: { ...food.per100g, sodium: { value, low: 0, high: 0 } } };
    };
    expect(saltMeets(lines, withSodium(700))).not.toBeNull();
    expect(saltMeets(lines, withSodium(699))).toBeNull();
    expect(saltMeets(lines, withSodium(null))).toBeNull();
  });
  it('is not asked of a food that is not there any more, or of a line that is open', () => {
    const { lines } = readVersion(['1 l chicken broth', 'xyzzy', '1 tsp salt']);
    expect(saltMeets(lines, (id) => (id === 'broth-chicken' ? shippedFood(id) : null))).toMatch(/broth and added/);
    expect(saltMeets(lines, () => null)).toBeNull();
  });
});

describe('what salts a dish without being called salt', () => {
  it.each([
    [['2 tbsp soy sauce', '1 tsp salt'], /soy sauce and added salt/],
    [['2 tbsp soy sauce', '1 tbsp fish sauce'], /soy sauce and fish sauce/],
    [['1 can condensed cream of mushroom soup', '1/2 tsp salt'], /soup.* and added salt/],
    [['1 bouillon cube', '50 g parmesan'], /bouillon cube and parmesan/i],
    [['100 g bacon', '200 g smoked sausage'], /bacon.* and .*sausage/],
    [['100 g olives', '100 g feta'], /feta/],
  ] as const)('%j', (lines, words) => expect(says(...lines)).toMatch(words));
  it.each([[['2 tbsp soy sauce', '2 carrots']], [['50 g parmesan', '300 g pasta']], [['1 cup milk', '1 tsp salt']]])(
    'is not where it is alone: %j',
    (lines) => expect(says(...lines)).toBeNull(),
  );
});
