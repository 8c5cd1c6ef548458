import { expect, it } from 'vitest';
import { readVersion } from '../../../tests/support/test-version.ts';
import { getOut, washUp } from './get-out.ts';

const steps = (...texts: string[]) => texts.map((text, i) => ({ id: `s${i}`, text }));
const loaf = readVersion(['300 g carrots, grated', '3 eggs', '1 onion, finely chopped'], {
  steps: steps(
    'Heat the oven to 175 °C. Grease a loaf tin.',
    'Beat the eggs in a large bowl until pale, and brown the onion in a frying pan.',
    'Fold in the carrots, cover and let it rest for 10 minutes.',
    'Bake for 50 minutes.',
  ),
});

it('says what to get out, by what the steps and lines name or need', () => {
  expect(getOut(loaf).map((t) => t.name)).toEqual([
    'loaf tin',
    'grater',
    'knife and board',
    'bowl',
    'frying pan',
    'lid',
    'oven',
  ]);
});
it('knows what is not needed twice', () => {
  const soup = readVersion(['1 l stock'], {
    steps: steps('Bring the stock to the boil in a large pot.', 'Simmer in the pot, then blend it smooth.'),
  });
  expect(getOut(soup).map((t) => t.name)).toEqual(['pot', 'blender']);
});
it('gets out a pot and a pan where the steps simmer and fry in nothing that they name', () => {
  const rolls = readVersion(['600 g minced pork'], {
    steps: steps('Brown the pork.', 'Simmer it for an hour.'),
  });
  expect(getOut(rolls).map((t) => t.name)).toEqual(['pot', 'frying pan']);
});
it('says after which step something can be washed up, and what is last', () => {
  expect(washUp(loaf)).toEqual({
    before: [
      { after: 2, tools: ['grater', 'knife and board', 'frying pan'] },
      { after: 3, tools: ['bowl', 'lid'] },
    ],
    last: ['loaf tin'],
  });
});
