import { describe, expect, it } from 'vitest';
import { DEMO_RECIPES } from '../../../demo/recipes.ts';
import { readVersion } from '../../../tests/support/test-version.ts';
import { readRecipe } from '../page/read-page.ts';
import { checkSteps } from './check-steps.ts';

const doubts = (lines: readonly string[], ...steps: string[]) =>
  checkSteps(
    readVersion(lines).lines,
    steps.map((text, i) => ({ id: `s${i}`, text })),
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
      const found = words(
        text.ingredients.map((i) => i.text),
        ...text.steps,
      );
      expect(found, text.title ?? '').toEqual([]);
    }
  });
});
