import { describe, expect, it } from 'vitest';
import { DEMO_RECIPES } from '../../../demo/recipes.ts';
import { readVersion } from '../../../tests/support/test-version.ts';
import { indexFoods } from '../food/match-food.ts';
import { SHIPPED_FOODS } from '../food/shipped/index.ts';
import { readRecipe } from '../page/read-page.ts';
import { checkSteps } from './check-steps.ts';

const doubts = (lines: readonly string[], ...steps: string[]) =>
  checkSteps(
    readVersion(lines).lines,
    steps.map((text, i) => ({ id: `s${i}`, text })),
  );
const INDEX = indexFoods(SHIPPED_FOODS);
const withPantry = (lines: readonly string[], ...steps: string[]) =>
  checkSteps(
    readVersion(lines).lines,
    steps.map((text, i) => ({ id: `s${i}`, text })),
    INDEX,
  );
const words = (...args: Parameters<typeof doubts>) => doubts(...args).map((d) => d.words);

describe('steps against the list', () => {
  it('point out what is listed and never used', () => {
    expect(words(['2 onions', '1 cup raisins'], 'Soften the onions.')).toEqual([
      'raisins is listed and never used in the steps.',
    ]);
  });
  it('know broader words: the meat, the cheese, the vegetables, everything', () => {
    expect(words(['1 lb beef chuck', '2 carrots'], 'Brown the meat.', 'Add the vegetables.')).toEqual([]);
    expect(words(['100 g cheddar', '1 cup raisins'], 'Combine all ingredients.')).toEqual([]);
    expect(words(['1 cup flour', '2 eggs'], 'Whisk everything to a batter.')).toEqual([]);
  });
  it('point out another meat in the steps than in the list', () => {
    expect(words(['1 lb ground turkey'], 'Brown the beef in a pan.')).toContain(
      'The steps speak of beef, the list of turkey.',
    );
    expect(words(['1 lb ground turkey'], 'Brown the turkey, add beef broth.')).toEqual([]);
  });
  it.each([
    ['Bake at 350 °C for 30 minutes.', 'temperature'],
    ['Bake at 3500 F.', 'temperature'],
    ['Simmer for 450 hours.', 'time'],
    ['Bake for 50 to 40 minutes.', 'time'],
  ])('point out what cannot be: %s', (step, kind) => {
    expect(doubts(['2 eggs'], `Beat the eggs. ${step}`).map((d) => d.kind)).toEqual([kind]);
  });
  it.each(['Bake at 180 °C (355 °F) for 45 to 55 minutes.', 'Marinate for 48 hours.', 'Roast at 425F for 20-25 min.'])(
    'say nothing of what can be: %s',
    (step) => {
      expect(doubts(['2 eggs'], `Beat the eggs. ${step}`)).toEqual([]);
    },
  );
  it('say nothing without steps', () => expect(doubts(['2 eggs'])).toEqual([]));
  it('say nothing wrong of the demo dishes', () => {
    for (const r of DEMO_RECIPES) {
      const text = readRecipe(r.text);
      const found = withPantry(
        text.ingredients.map((i) => i.text),
        ...text.steps,
      );
      expect(
        found.map((d) => d.words),
        text.title ?? '',
      ).toEqual([]);
    }
  });
  it.each([
    ['Cook the egg in the microwave for 55 minutes.', '55 minutes is long for a microwave'],
    ['Broil for 40 minutes.', '40 minutes is long for a broiler'],
    ['Deep-fry for 1 hour.', '1 hour is long for hot fat'],
  ])('point out minutes that the appliance cannot mean: %s', (step, said) => {
    expect(words(['2 eggs'], `Beat the eggs. ${step}`).join()).toContain(said);
  });
  it.each([
    'Microwave the eggs for 3 minutes.',
    'Thaw in the microwave for 40 minutes, then beat the eggs.',
    'Beat the eggs in a bowl that fits the microwave. Bake in the oven for 45 minutes.',
    'Broil for 3 min. until the eggs are brown.',
  ])('take what is meant otherwise: %s', (step) => expect(words(['2 eggs'], step)).toEqual([]));
  it('hold the sums of the steps against the list', () => {
    const steps = ['Heat 1 tbsp oil and brown the onions.', 'Add 1 tbsp oil and fry the potatoes.'];
    expect(words(['1 tbsp oil', '2 onions', '500 g potatoes'], ...steps)).toEqual([
      'The list has 1 tbsp oil; the steps use 1 tbsp and 1 tbsp. Which holds?',
    ]);
    expect(words(['2 tbsp oil', '2 onions', '500 g potatoes'], ...steps)).toEqual([]);
    // An amount that is said once more is no second one.
    expect(words(['1 tbsp oil', '2 onions'], 'Heat 1 tbsp oil and brown the onions.')).toEqual([]);
  });
  it('know that the directions of a package are for all of it', () => {
    expect(
      doubts(
        ['1/2 package pudding mix', '2 cups milk'],
        'Make the pudding with the milk according to package directions.',
      ).map((d) => d.kind),
    ).toEqual(['halfPackage']);
    expect(
      doubts(
        ['1 package pudding mix', '2 cups milk'],
        'Make the pudding with the milk according to package directions.',
      ),
    ).toEqual([]);
  });
  it('say when most of what they use is not in the list', () => {
    const found = withPantry(
      ['2 onions'],
      'Soften the onions, add 500 g ground beef, 2 cups rice and 100 g cheddar.',
      'Stir in 1 cup cream.',
    );
    expect(found.map((d) => d.kind)).toContain('mostlyMissing');
    expect(found[0]!.words).toMatch(/ground beef, rice, cheddar, cream/);
  });
  it('offer the line that is missing', () => {
    const found = withPantry(
      ['2 onions', '200 g rice', '100 g cheddar'],
      'Soften the onions in 2 tbsp olive oil. Add the rice and the cheddar.',
    );
    expect(found).toMatchObject([{ kind: 'notListed', add: '2 tbsp olive oil' }]);
  });
  it('miss nothing in steps that are short', () => {
    expect(words(['1 cup flour', '2 eggs', '1 cup raisins', '1 tsp vanilla', '100 g butter'], 'Mix. Bake.')).toEqual(
      [],
    );
    expect(words(['500 g beef', '2 onions', '1 cup raisins', '2 carrots'], 'Brown the beef well in a pot.')).toEqual(
      [],
    );
  });
  it('know a food by its other names', () => {
    expect(
      withPantry(
        ['1 lb hamburger', '1 onion', '2 cups scallions'],
        'Brown the mince with the onion and the spring onions.',
      ),
    ).toEqual([]);
    expect(withPantry(['100 g walnuts', '2 apples'], 'Chop the nuts and stir in the fruit.')).toEqual([]);
  });
});
