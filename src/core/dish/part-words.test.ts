import { describe, expect, it } from 'vitest';
import { readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { whyPart } from './part-words.ts';

const soup = readVersion(['2 tbsp oil', '4 onions', '100 g cheddar'], {
  steps: ['Warm the broth.', 'Soften the onions in the oil.', 'Simmer.', 'Scatter the cheddar over the soup.'].map(
    (text, i) => ({ id: `s${i}`, text }),
  ),
});
const why = (i: number, line = soup.lines[i]!) => whyPart(line, soup, shippedFood, 'Onion soup');

describe('why a line is read as it is', () => {
  it('names the step and what it does', () => {
    expect(why(0)).toBe('step 2 fries in it');
    expect(why(2)).toBe('step 4 scatters it on top');
    expect(why(1)).toBe('that is what it usually does');
  });
  it('is the cook, where the cook said it', () => {
    expect(why(0, { ...soup.lines[0]!, roleSaid: true, role: 'fat' })).toBe('you said so');
    expect(why(0, { ...soup.lines[0]!, technique: 'dress' })).toBe('you said that a step dresses with it');
  });
});
