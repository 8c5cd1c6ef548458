import { describe, expect, it } from 'vitest';
import { ovenHeat, ovenSetWords, ovenWords } from './oven-heat.ts';

describe('the heat of an oven, as a step says it', () => {
  it.each([
    ['Heat the oven to 180 °C.', '180 °C (350 °F)'],
    ['Bake at 400°F for 20 minutes.', '400 °F (200 °C)'],
    ['Bake at 180 °C (355 °F) for 45 minutes.', '180 °C (355 °F)'],
    ['Preheat oven to 375F.', '375 °F (190 °C)'],
    ['Preheat the oven to 350 degrees F', '350 °F (180 °C)'],
    ['Preheat the oven to 350 degrees.', '350 °F (180 °C)'],
    ['Set the oven to 200 degrees.', '200 °C (400 °F)'],
    ['Bake at gas mark 4.', 'gas mark 4 (180 °C, 350 °F)'],
    ['Turn the fan oven to 160C.', '160 °C fan (325 °F)'],
    ['Roast at 200-220 °C.', '200 to 220 °C (400 to 425 °F)'],
  ])('%s', (text, words) => {
    expect(ovenWords(ovenHeat(text)!)).toBe(words);
  });
  it.each([
    'Cook until it reads 165 °F inside.',
    'Simmer until the chicken reads 165 °F (74 °C) inside.',
    'Heat the oil to 350 °F and fry the rings.',
    'Warm the milk to 40 °C.',
    'Bake until golden.',
  ])('%s is about no oven', (text) => {
    expect(ovenHeat(text)).toBeNull();
  });
  it('says what to set where the oven runs hot, or cold', () => {
    const heat = ovenHeat('Heat the oven to 180 °C.')!;
    expect(ovenSetWords(heat, 15)).toBe('Set it to 165 °C (330 °F): your oven runs 15 °C hot.');
    expect(ovenSetWords(heat, -10)).toBe('Set it to 190 °C (375 °F): your oven runs 10 °C cold.');
    expect(ovenSetWords(heat, 0)).toBeNull();
    expect(ovenSetWords(heat, null)).toBeNull();
  });
});
