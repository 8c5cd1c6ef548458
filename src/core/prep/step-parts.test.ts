import { describe, expect, it } from 'vitest';
import { stepParts } from './step-parts.ts';

const told = (text: string): string[] =>
  stepParts(text).map((p) =>
    [p.hands ? 'hands' : 'wait', p.place, p.minutes ?? '?'].filter((x) => x !== null).join(' '),
  );

describe('what a step asks of hands and places, and for how long', () => {
  it.each([
    ['Soften the leeks in the butter, 6 to 8 minutes, until they bend.', ['hands hob 8']],
    ['Bake at 180 °C (355 °F) for 45 to 55 minutes. Done when a knife meets no resistance.', ['wait oven 55']],
    ['Let it stand 10 minutes before cutting.', ['wait 10']],
    [
      'Cut the vegetables small and brown the onions with the carrots in the butter, in a large pot, 10 minutes.',
      ['hands ?', 'hands hob 10'],
    ],
    [
      'Add celery, leek, water and salt, bring to the boil and simmer for 45 minutes.',
      ['hands ?', 'wait hob ?', 'wait hob 45'],
    ],
    ['Strain. Keep the stock in the refrigerator for 3 to 4 days, or freeze it.', ['hands ?']],
    [
      'Return the beef, add the peppers and the stock, and simmer for 2 to 2½ hours, until a fork goes in easily.',
      ['hands ?', 'wait hob 150'],
    ],
    ['Boil the potatoes in their skins, 20 to 25 minutes, peel and slice them warm.', ['wait hob 25', 'hands ?']],
    ['Boil the cabbage whole for 10 minutes and take off 16 leaves.', ['wait hob 10', 'hands ?']],
    ['Slice the cucumbers very thinly, salt, and press after 20 minutes.', ['hands ?', 'wait 20', 'hands ?']],
    ['Chill for an hour.', ['wait fridge 60']],
    ['Fold in gherkins, eggs and mayonnaise; strew the bacon on top. Chill.', ['hands ?', 'wait fridge ?']],
    ['Knead flour, oil, water and salt for 10 minutes, until the dough is smooth and soft.', ['hands 10']],
    ['Cover it and let it rest for an hour in a warm place before it is pulled thin.', ['wait 60']],
    [
      'Warm the milk; stir yeast, a spoon of the sugar and the milk into the flour and let it rise for 20 minutes.',
      ['hands hob ?', 'hands ?', 'wait 20'],
    ],
    ['Whisk both flours, eggs, milk and salt to a batter and let it rest half an hour.', ['hands ?', 'wait 30']],
    [
      'Fry the onion and the mushrooms in half of the butter until dry, about 10 minutes. Stir in soured cream and parsley.',
      ['hands hob 10', 'hands ?'],
    ],
    ['Bake 8 thin pancakes in the rest of the butter.', ['hands hob ?']],
    [
      'Bring milk, vanilla and salt to the boil, add the rice and let it swell over low heat for 35 minutes, stirring often.',
      ['wait hob ?', 'hands ?', 'wait hob 35'],
    ],
    [
      'Roll it up, brush it with the rest of the butter and bake at 180 °C (355 °F) for 40 to 45 minutes, until golden.',
      ['hands ?', 'wait oven 45'],
    ],
    ['Heat the oven to 175 °C (350 °F). Grease a loaf tin.', ['hands ?']],
    ['Add the sausage for the last 10 minutes. Season with vinegar and mustard.', ['hands ?', 'wait 10', 'hands ?']],
    ['Brown the beef in the lard in two batches and take it out.', ['hands hob ?']],
    ['Let it cool a little before it goes into a blender: hot food spurts. Blend it smooth.', ['wait ?', 'hands ?']],
    ['Fry 2–3 min per side.', ['hands hob 6']],
    ['Cook, stirring all the time, for 5 minutes.', ['hands hob 5']],
    ['Simmer gently until thick.', ['wait hob ?']],
    ['Marinate overnight.', ['wait fridge 600']],
    ['Serve.', ['hands ?']],
  ])('%s', (text, parts) => {
    expect(told(text)).toEqual(parts);
  });

  it('drops no food of a list', () => {
    expect(
      stepParts('Add celery, leek, water and salt, bring to the boil and simmer for 1½ hours.').map((p) => p.words),
    ).toEqual(['Add celery, leek, water and salt', 'Bring to the boil', 'Simmer']);
    expect(stepParts('Bake at 180 °C for 40 minutes, until brown.').map((p) => p.words)).toEqual(['Bake, until brown']);
  });

  it('takes the last minutes from what goes on', () => {
    expect(stepParts('Add the sausage for the last 10 minutes.').map((p) => [p.words, p.minutes, p.ofBefore])).toEqual([
      ['Add the sausage', null, false],
      ['Goes on', 10, true],
    ]);
  });

  it('names each part by its own words', () => {
    expect(stepParts('Roll it up and bake for 40 minutes.').map((p) => p.words)).toEqual(['Roll it up', 'Bake']);
    expect(stepParts('Add the rest, bring to the boil and simmer for 45 minutes.').map((p) => p.words)).toEqual([
      'Add the rest',
      'Bring to the boil',
      'Simmer',
    ]);
  });
});
