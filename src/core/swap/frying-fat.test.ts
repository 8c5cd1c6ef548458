import { describe, expect, it } from 'vitest';
import { FIXTURE_PROGRAMS } from '../../../tests/support/fixture-programs.ts';
import { offeredSwaps } from '../../../tests/support/offered-swaps.ts';
import { readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { testAim, testChoiceContext } from '../../../tests/support/test-ways.ts';
import { isDeepFryingFat } from '../dish/frying-fat.ts';
import { isFat } from '../dish/is-fat.ts';
import { plainCounter } from '../program/program.ts';
import { findWays } from '../ways/find-ways.ts';

const steps = (...texts: string[]) => texts.map((text, i) => ({ id: `s${i}`, text }));
const offered = (lines: string[], ...texts: string[]): string[] => offeredSwaps(lines, 0, ...texts);

describe('fat that food is fried in, swimming', () => {
  it.each([
    [['1 cup vegetable oil for frying', '4 chicken drumsticks'], 'Fry the chicken.'],
    [['1 cup vegetable oil', '4 chicken drumsticks'], 'Deep-fry the chicken in the oil.'],
    [['3 cups vegetable oil', '4 potatoes'], 'Heat the oil to 350 °F and fry the potatoes in batches.'],
  ])('%j is offered an oven and a spray, and nothing with water in it', (lines, step) => {
    expect(offered(lines, step)).toEqual(['frying-to-oven']);
  });
  it.each([
    [['2 tbsp vegetable oil', '2 onions'], 'Heat the oil and soften the onions.'],
    [['1/2 cup vegetable oil', '2 cups flour', '2 eggs', '1 cup sugar'], 'Mix to a batter and bake.'],
  ])('%j is none', (lines, step) => {
    const version = readVersion(lines, { servings: 4, steps: steps(step) });
    const [line] = version.lines;
    expect(isDeepFryingFat(line!, version, isFat, shippedFood('oil-vegetable'))).toBe(false);
    expect(offered(lines, step)).not.toContain('frying-to-oven');
  });
  it('by the spoon is for the pan, and no broth goes into it', () => {
    expect(offered(['4 tbsp oil for frying', '2 onions'], 'Fry the onions.')).not.toContain('dressing-fat-broth');
  });
  it('in no way of any size loses a part to broth, yogurt or purée', () => {
    const chicken = readVersion(
      ['1 cup vegetable oil for frying', '4 chicken drumsticks', '1 cup flour', '1 cup buttermilk'],
      {
        servings: 4,
        steps: steps('Dredge the chicken and fry it in the hot oil.'),
      },
    );
    const LE = plainCounter(FIXTURE_PROGRAMS[0]!);
    const { frontier } = findWays(chicken, testAim([null]), testChoiceContext([LE]), { frontierOf: 0 });
    const changes = frontier.flatMap((f) => f.way.changes).filter((c) => c.from.includes('for frying'));
    expect(changes.length).toBeGreaterThan(0);
    for (const c of changes) expect(c.swapId).toBe('frying-to-oven');
  });
});
