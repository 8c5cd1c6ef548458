import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sortedJson } from './sorted-json.ts';
import { withIds } from './with-ids.ts';

const ids = new Map([
  ['old-a', 'new-a'],
  ['old-b', 'new-b'],
]);

describe('ids given anew', () => {
  it('stand wherever the old ones did: texts, pairs, keys', () => {
    expect(withIds({ id: 'old-a', of: ['old-b', 'else'], 'old-a': 1, pair: 'old-a~old-b', n: 5 }, ids)).toEqual({
      id: 'new-a',
      of: ['new-b', 'else'],
      'new-a': 1,
      pair: 'new-a~new-b',
      n: 5,
    });
  });
  it('touch nothing else, and lead back', () => {
    const back = new Map([...ids].map(([a, b]) => [b, a]));
    fc.assert(
      fc.property(fc.jsonValue(), (value) => {
        const text = JSON.stringify(value) ?? 'null';
        fc.pre(!/new-[ab]|__proto__/.test(text));
        expect(JSON.stringify(withIds(withIds(value, ids), back))).toBe(text);
      }),
    );
  });
});

describe('JSON in order', () => {
  it('is the same text whatever the order of keys, and reads back the same', () => {
    fc.assert(
      fc.property(fc.dictionary(fc.string(), fc.jsonValue()), (value) => {
        fc.pre(!JSON.stringify(value).includes('__proto__'));
        const turned = Object.fromEntries(Object.entries(value).reverse());
        expect(sortedJson(turned)).toBe(sortedJson(value));
        expect(JSON.parse(sortedJson(value))).toEqual(JSON.parse(JSON.stringify(value)));
      }),
    );
  });
});
