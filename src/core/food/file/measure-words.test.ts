import { describe, expect, it } from 'vitest';
import { measureWords, readMeasures } from './measure-words.ts';

describe('measures in a cell', () => {
  it('come back as they went, with and without a form', () => {
    const measures = [
      { unit: 'cup', form: null, grams: 125 },
      { unit: 'cup', form: 'grated', grams: 110.5 },
      { unit: 'slice', form: null, grams: 28 },
    ];
    expect(measures.map(measureWords)).toEqual(['cup 125', 'cup (grated) 110.5', 'slice 28']);
    expect(readMeasures(measures.map(measureWords).join('; '))).toEqual(measures);
  });
  it('are read as people write them: a comma, a g, an abbreviation, an empty place', () => {
    expect(readMeasures('tbsp 12,5 g;; Wedge ( thick ) 40')).toEqual([
      { unit: 'tablespoon', form: null, grams: 12.5 },
      { unit: 'wedge', form: 'thick', grams: 40 },
    ]);
    expect(readMeasures(' ')).toEqual([]);
  });
  it.each(['cup', 'cup 0', 'cup 100001', '125', 'cup -5', 'cup (grated 110'])('cannot be "%s", and say so', (cell) => {
    expect(readMeasures(cell)).toMatch(/cannot be read. Write it as "cup 125"/);
  });
  it('may weigh up to 100 kg', () => {
    expect(readMeasures('sack 100000')).toEqual([{ unit: 'sack', form: null, grams: 100_000 }]);
  });
});
