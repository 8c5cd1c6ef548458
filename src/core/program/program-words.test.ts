import { describe, expect, it } from 'vitest';
import { testProgram } from '../../../tests/support/test-lines.ts';
import { shippedFood } from '../../../tests/support/test-version.ts';
import { allowanceWords, entryWords, ruleWords } from './program-words.ts';
import { SAMPLE_PROGRAMS } from './samples.ts';

const [ledger, , harvest, house] = SAMPLE_PROGRAMS;
const nameOf = (id: string) => shippedFood(id)?.name ?? null;

describe('a program in words', () => {
  it('says its rule as a sentence', () => {
    expect(ruleWords(ledger!.rule)).toBe(
      '1 point for every 45 of: kcal + 6.75 × saturated fat (g) + 2 × sugars (g) − 2 × fibre (g) − 2 × protein (g), rounded to the nearest point.',
    );
    expect(ruleWords(house!.rule)).toMatch(/2 × added sugars \(g\).*nearest half point\.$/);
    expect(ruleWords(testProgram({ rounding: 'up' }).rule)).toBe('1 point for each of: kcal, rounded up to a point.');
    expect(ruleWords(testProgram({ coefficients: { kcal: 0, fibre: -1 } }).rule)).toMatch(
      /^1 point for each of: − fibre/,
    );
  });
  it('says what there is a day and a week', () => {
    expect(allowanceWords(house!)).toBe('29½ a day, 25 reserve a week, not below 23');
  });
  it('says each entry of its list, with the foods by name or under which condition', () => {
    const [herbs, , garlic] = ledger!.list.entries;
    expect(entryWords(herbs!, nameOf)).toMatch(/^herb: parsley; coriander leaf; dill/);
    expect(entryWords(garlic!, nameOf)).toBe('garlic');
    expect(entryWords(harvest!.list.entries[0]!, nameOf)).toBe(
      'fresh plant food, nothing added: raw or frozen, at most 0.45 kcal a gram',
    );
    expect(entryWords({ words: 'own', foods: ['gone'], kinds: [], states: null, kcalAtMost: null }, () => null)).toBe(
      'own: gone',
    );
  });
});
