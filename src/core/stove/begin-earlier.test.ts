import { describe, expect, it } from 'vitest';
import { readVersion } from '../../../tests/support/test-version.ts';
import { beginEarlier, beginWords } from './begin-earlier.ts';

const told = (lines: string[], ...texts: string[]) =>
  beginEarlier(readVersion(lines, { steps: texts.map((text, i) => ({ id: `s${i}`, text })) })).map(
    (b) => `${b.what}: ${b.minutes / 60} h`,
  );

describe('what has to begin earlier', () => {
  it.each([
    [['500 g frozen spinach, thawed'], ['Squeeze it.'], ['Thaw 500 g frozen spinach in the fridge: 12 h']],
    [['2 kg frozen turkey breast, thawed'], ['Roast it.'], ['Thaw 2 kg frozen turkey breast in the fridge: 24 h']],
    [['100 g butter, softened'], ['Beat.'], ['Take 100 g butter out of the fridge: 1 h']],
    [['300 g dried chickpeas, soaked overnight'], ['Boil.'], ['Soak 300 g dried chickpeas: 10 h']],
    [['300 g dried beans'], ['Soak the beans for 8 hours.', 'Boil.'], ['Step 1, soak: 8 h']],
    [['300 g pork'], ['Rub it.', 'Marinate overnight in the fridge.', 'Grill.'], ['Step 2, marinate: 10 h']],
    [['1 l cream'], ['Whip.', 'Freeze for at least 4 hours.'], ['Step 2, freeze: 4 h']],
    [['1 packet jelly'], ['Stir.', 'Chill until set, 2 to 4 hours.'], ['Step 2, chill: 4 h']],
    [['250 g flour'], ['Knead.', 'Let it rise for 45 minutes.', 'Bake.'], []],
    [['1 onion'], ['Fry.'], []],
  ])('%j %j', (lines, texts, wanted) => {
    expect(told(lines, ...texts)).toEqual(wanted);
  });
  it('says the clock time, and the day where it is another', () => {
    const table = new Date('2026-11-29T18:30:00');
    expect(beginWords(60, 90, table)).toBe('at 16:00');
    expect(beginWords(600, 90, table)).toBe('at 07:00');
    expect(beginWords(1440, 90, table)).toBe('on Saturday at 17:00');
    expect(beginWords(1440, null, table)).toBe('on Saturday at 18:30 at the latest');
  });
});
