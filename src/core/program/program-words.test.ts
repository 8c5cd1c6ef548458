import { describe, expect, it } from 'vitest';
import { testProgram } from '../../../tests/support/test-lines.ts';
import { shippedFood } from '../../../tests/support/test-version.ts';
import { allowanceWords, conditionWords, entryWords, ruleWords } from './program-words.ts';
import { SAMPLE_PROGRAMS } from './samples.ts';
import { anyFood } from './uncounted.ts';

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
      'fresh plant food, nothing added: raw or frozen, with at most 45 kcal in 100 g',
    );
    expect(entryWords({ ...anyFood('own'), foods: ['gone'] }, () => null)).toBe('own: gone');
  });
  it.each([
    [{ kinds: ['poultrybreast'], atMost: { fat: 7 } }, 'breast of poultry, with at most 7 g fat in 100 g'],
    [{ kinds: ['cultured0'] }, 'plain fat-free yogurt, quark and the like'],
    [
      { kinds: ['fruit'], states: ['raw', 'frozen'], without: ['fattyfruit'] },
      'whole fruit, raw or frozen, but no fatty fruit',
    ],
    [
      { groups: ['dairy'], atMost: { fat: 0.5, sugars: 6 } },
      'all of dairy, with at most 0.5 g fat and 6 g sugars in 100 g',
    ],
    [{ foods: ['garlic', 'leek'] }, 'garlic; leek'],
    [{ atMost: { kcal: 45 } }, 'any food, with at most 45 kcal in 100 g'],
    [{}, 'nothing yet'],
  ] as const)('reads a condition aloud: %o', (over, words) => {
    expect(conditionWords({ ...anyFood(''), ...over }, nameOf)).toBe(words);
  });
});
