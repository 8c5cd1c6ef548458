import { describe, expect, it } from 'vitest';
import { scaledStep } from './scale-step.ts';

describe('a step of a smaller or larger dish', () => {
  it.each([
    ['Add 200 ml water and roll 12 balls.', 0.5, 'Add 100 ml water and roll 6 balls.'],
    ['Stir in 1 cup of the milk.', 2, 'Stir in 2 cups of the milk.'],
    ['Stir in 2 cups milk.', 0.5, 'Stir in 1 cup milk.'],
    ['Add 2 to 3 tablespoons of water.', 2, 'Add 4 to 6 tablespoons of water.'],
    ['Beat in ½ cup sugar.', 3, 'Beat in 1½ cups sugar.'],
    ['Bake at 180 °C for 20 minutes.', 2, 'Bake at 180 °C for 20 minutes.'],
    ['Roll it out 5 mm thick and cut into 9 squares.', 2, 'Roll it out 5 mm thick and cut into 18 squares.'],
    ['Divide into 5 pieces.', 0.5, 'Divide into about 3 pieces.'],
    ['Fill 30 g each into the cases.', 2, 'Fill 30 g each into the cases.'],
    ['Pour it into a 20 cm round tin.', 2, 'Pour it into a 20 cm round (here about 28 cm) tin.'],
    ['Bake in a 9x13 inch pan.', 0.5, 'Bake in a 9x13 inch (here about 6.4 × 9.2 inches) pan.'],
    ['Let it rest.', 2, 'Let it rest.'],
  ])('%s × %s', (text, factor, wanted) => expect(scaledStep(text, factor)).toBe(wanted));
});
