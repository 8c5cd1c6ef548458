import { describe, expect, it } from 'vitest';
import { kitchenOf, readVersion } from '../../../tests/support/test-version.ts';
import { SAMPLE_PROGRAMS } from '../program/samples.ts';
import { doubtWords } from './doubt-words.ts';
import { resolveLines } from './resolve-lines.ts';

const rule = SAMPLE_PROGRAMS[0]!.rule;
const why = (text: string, of: 'grams' | 'nutrients' = 'grams') => {
  const version = readVersion([text]);
  return doubtWords({ doubt: { lineId: 'l0', of } }, version.lines, resolveLines(version, kitchenOf()), rule);
};

describe('why a count says maybe', () => {
  it.each([
    ['a handful of walnuts', 'A handful of walnuts is never quite the same: weigh it.'],
    ['a knob of walnuts', 'The weight of walnuts is a guess: weigh it.'],
    ['2 to 3 tbsp butter', 'The line says 2 to 3 tbsp of butter: say which.'],
    ['1 cup grated cheddar', 'A cup of cheddar is never quite the same: weigh it.'],
    ['4 chicken thighs', 'Pieces of chicken thighs differ: weigh them.'],
    ['1 can (400 g) chickpeas, drained', 'How much of chickpeas is left when it is drained differs: weigh it.'],
  ])('%s', (text, words) => expect(why(text)).toBe(words));
  it('the label of a food, or what it does not say', () => {
    expect(why('100 g butter', 'nutrients')).toBe(
      'The label of butter is rounded: values per 100 g, where it has them, are finer.',
    );
  });
  it('nothing where the count is sure, or the line is gone', () => {
    const version = readVersion(['100 g butter']);
    const counted = resolveLines(version, kitchenOf());
    expect(doubtWords({ doubt: null }, version.lines, counted, rule)).toBeNull();
    expect(doubtWords({ doubt: { lineId: 'gone', of: 'grams' } }, version.lines, counted, rule)).toBeNull();
    const l0 = { doubt: { lineId: 'l0', of: 'grams' as const } };
    expect(doubtWords(l0, version.lines, [], rule)).toBeNull();
    expect(doubtWords(l0, [], counted, rule)).toBeNull();
  });
});
