import { describe, expect, it } from 'vitest';
import { offeredSwaps } from '../../../tests/support/offered-swaps.ts';
import { SWAPS } from './library.ts';

describe('where a swap holds', () => {
  const roux = ['60 g butter', '60 g flour', '500 ml milk'];
  const rouxSteps = [
    'Melt the butter, stir in the flour and cook the roux for 2 minutes.',
    'Whisk in the milk and simmer.',
  ];
  it('no spray, no half and no purée for the butter of a roux, and its flour stays', () => {
    const butter = offeredSwaps(roux, 0, ...rouxSteps);
    for (const id of ['butter-pan-to-spray', 'butter-half-pan', 'fat-to-pumpkin', 'butter-to-light'])
      expect(butter).not.toContain(id);
    expect(offeredSwaps(roux, 1, ...rouxSteps)).not.toContain('flour-out');
  });
  it('no cake swap in a hollandaise', () => {
    const found = offeredSwaps(
      ['3 egg yolks', '150 g butter'],
      1,
      'Melt the butter.',
      'Whisk the butter into the yolks drop by drop to an emulsion.',
    );
    for (const id of ['fat-to-applesauce', 'fat-to-pumpkin']) expect(found).not.toContain(id);
  });
  it('purées in a batter that bakes, not in cookies or rolls', () => {
    const cake = ['250 g flour', '150 g butter', '200 g sugar', '3 eggs'];
    expect(
      offeredSwaps(cake, 1, 'Cream butter and sugar, beat in the eggs, fold in the flour and bake in a tin.'),
    ).toContain('fat-to-applesauce');
    expect(
      offeredSwaps(cake, 1, 'Cream butter and sugar, beat in egg and flour, drop spoonfuls and bake the cookies.'),
    ).not.toContain('fat-to-applesauce');
    expect(
      offeredSwaps(
        ['500 g flour', '60 g butter', '7 g dry yeast'],
        1,
        'Knead flour and yeast, knead in the butter, bake.',
      ),
    ).not.toContain('fat-to-pumpkin');
  });
  it('broth in a dressing, and no hot pan', () => {
    const salad = offeredSwaps(
      ['4 tbsp olive oil', '1 tbsp vinegar', '4 tomatoes'],
      0,
      'Whisk oil and vinegar to a dressing and toss with the tomatoes.',
    );
    expect(salad).toContain('dressing-fat-broth');
    expect(salad).not.toContain('butter-half-pan');
    expect(offeredSwaps(['4 tbsp olive oil', '2 onions'], 0, 'Soften the onions in the oil.')).not.toContain(
      'dressing-fat-broth',
    );
  });
  it('no evaporated milk for what has to whip', () => {
    const fool = ['250 ml heavy cream', '300 g raspberries', '3 tbsp sugar'];
    const found = offeredSwaps(fool, 0, 'Whip the cream to soft peaks, fold in the raspberries and chill.');
    expect(found).not.toContain('cream-to-evaporated');
    expect(
      offeredSwaps(['250 ml heavy cream', '1 kg potatoes'], 0, 'Pour the cream over the potatoes and bake.'),
    ).toContain('cream-to-evaporated');
  });
  it('no strong cheese by less where the cheese is the sauce', () => {
    const lines = ['3 tbsp butter', '3 tbsp flour', '2 cups milk', '150 g cheddar'];
    const steps = ['Melt the butter, whisk in the flour, then the milk.', 'Melt the cheese in the sauce.'];
    expect(offeredSwaps(lines, 3, ...steps)).not.toContain('cheese-third-parmesan');
  });
  it('cauliflower in a mash and not in a potato salad', () => {
    expect(offeredSwaps(['1 kg potatoes', '50 g butter'], 0, 'Boil the potatoes and mash them.')).toContain(
      'mash-cauliflower',
    );
    expect(
      offeredSwaps(['1 kg potatoes', '150 g mayonnaise'], 0, 'Boil and slice the potatoes and toss with the dressing.'),
    ).not.toContain('mash-cauliflower');
  });
  it('makes mascarpone, ricotta and cream cheese no twins of fat-free ones', () => {
    const departs = (id: string) => SWAPS.find((s) => s.id === id)!.departure;
    expect(departs('quark-to-fatfree')).toBeLessThan(departs('ricotta-to-quark'));
    expect(departs('ricotta-to-quark')).toBeLessThan(departs('mascarpone-to-quark'));
    expect(departs('cheese-to-light')).toBeLessThan(departs('cheese-third-parmesan'));
  });
});
