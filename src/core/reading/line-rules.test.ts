import { describe, expect, it } from 'vitest';
import { explainLine } from './explain-line.ts';
import { LINE_RULES } from './line-rules.ts';
import { readLine } from './read-line.ts';

describe('each rule of the reader', () => {
  for (const rule of LINE_RULES) {
    it(`takes what its example says: ${rule.name}`, () => {
      const { steps } = explainLine(rule.example);
      expect(steps).toContainEqual({ rule: rule.name, words: rule.takes });
    });

    it(`is needed for its example: ${rule.name}`, () => {
      const without = LINE_RULES.filter((r) => r !== rule);
      expect(readLine(rule.example, null, null, without)).not.toEqual(readLine(rule.example));
    });
  }

  it('has a name of its own', () => {
    expect(new Set(LINE_RULES.map((r) => r.name)).size).toBe(LINE_RULES.length);
  });
});

describe('what a line is explained with', () => {
  it('names the rules in their order, and leaves the food', () => {
    const { reading, steps } = explainLine('• 2 (15-ounce) cans black beans, drained (optional)');
    expect(steps.map((s) => s.words)).toEqual(['•', '(optional)', '2', '(15-ounce) cans', 'drained']);
    expect(reading.item).toBe('black beans');
  });

  it('tells words apart that went from two places', () => {
    const { steps } = explainLine('1 cup milk (warm) and cream (cold)');
    expect(steps.find((s) => s.rule === 'brackets behind the food')!.words).toBe('(warm) … (cold)');
  });

  it('reads as the reader does', () => {
    for (const { example } of LINE_RULES)
      expect(explainLine(example, 'Sauce').reading).toEqual(readLine(example, 'Sauce'));
  });
});

describe('fruit', () => {
  it('keeps the other fruit that the line offers, as what is drawn from it', () => {
    expect(readLine('juice of 1 lemon or lime')).toMatchObject({ item: 'lemon juice', alternatives: ['lime juice'] });
    expect(readLine('1 lemon or lime')).toMatchObject({ item: 'lemon', alternatives: ['lime'] });
  });
});

describe('packages', () => {
  it('are added to like any amount', () => {
    expect(readLine('1 14-oz can plus 1 cup crushed tomatoes')).toMatchObject({
      unit: 'can',
      packageQuantity: 14,
      item: 'crushed tomatoes',
      parts: [{ quantity: 1, quantityMax: null, unit: 'cup', relation: 'plus' }],
    });
  });
});

describe('shares of a package', () => {
  it.each([
    ['half of a 14 oz jar pasta sauce', { quantity: 0.5, unit: 'jar', packageQuantity: 14, packageUnit: 'ounce' }],
    [
      '7 of the 10 oz spinach',
      { quantity: 7, unit: 'ounce', packageQuantity: 10, packageUnit: 'ounce', item: 'spinach' },
    ],
    ['7 oz of the 10 oz package spinach', { quantity: 7, unit: 'ounce', packageQuantity: 10, item: 'spinach' }],
  ])('%s', (line, wanted) => expect(readLine(line)).toMatchObject(wanted));
  it.each(['2 of the 3 eggs', '4 cups of the 1 lb berries', '3 of the 1 cup measures', 'some of the 10 oz spinach'])(
    'are none in "%s"',
    (line) => expect(readLine(line).packageQuantity).toBeNull(),
  );
});

describe('brackets', () => {
  it.each([
    ['flour (125 g)', { quantity: 125, unit: 'gram', item: 'flour' }],
    ['milk (1 cup)', { quantity: 1, unit: 'cup', item: 'milk' }],
    ['eggs (2)', { quantity: 2, unit: null, item: 'eggs' }],
    ['onion (a big one)', { quantity: null, note: 'a big one' }],
    ['1 can tomatoes (400 g)', { packageQuantity: 400, packageUnit: 'gram', parts: [] }],
    ['2 chicken breasts (6 oz each)', { packageQuantity: 6, packageUnit: 'ounce', parts: [] }],
    [
      '2 chicken breasts (12 oz)',
      { packageQuantity: null, parts: [{ quantity: 12, unit: 'ounce', relation: 'same' }] },
    ],
    ['1 onion ( )', { item: 'onion', note: null }],
    ['1 head garlic (10 cloves)', { parts: [{ quantity: 10, unit: 'clove', relation: 'same' }] }],
    [
      '1 (14 oz) can tomatoes (2 cups)',
      { packageQuantity: 14, parts: [{ quantity: 2, unit: 'cup', relation: 'same' }] },
    ],
  ])('%s', (line, wanted) => expect(readLine(line)).toMatchObject(wanted));
});

describe('the unit behind the food', () => {
  it('is one only where a count stands in front', () => {
    expect(readLine('4 garlic cloves, crushed')).toMatchObject({ unit: 'clove', item: 'garlic', note: 'crushed' });
    expect(readLine('garlic cloves').unit).toBeNull();
    expect(readLine('2 tbsp garlic cloves')).toMatchObject({ unit: 'tablespoon', item: 'garlic cloves' });
    expect(readLine('2 (3 oz) celery stalks')).toMatchObject({ unit: null, packageQuantity: 3 });
  });
});

describe('how sure a reading is', () => {
  it('loses three tenths for each sign of a misread line', () => {
    expect(readLine('2 cups flour').confidence).toBe(1);
    expect(readLine('flour').confidence).toBe(0.7);
    expect(readLine('salt to taste').confidence).toBe(1);
    expect(readLine('2 cups of flour from the old mill down by river').confidence).toBe(0.7);
    expect(readLine('1 b3d flour').confidence).toBe(0.7);
    expect(readLine('1 lb 93% lean beef').confidence).toBe(1);
    expect(readLine('1 lb 80/20 ground beef').confidence).toBe(1);
  });
});

describe('juice and zest', () => {
  it('need a fruit that is counted', () => {
    expect(readLine('zest of 2 limes')).toMatchObject({ quantity: 2, item: 'lime zest' });
    expect(readLine('juice of lemon')).toMatchObject({ quantity: null });
    expect(readLine('juice of 2 cups cherries')).toMatchObject({ quantity: null });
  });
});
