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
