import { describe, expect, it } from 'vitest';
import { readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { batchVolume } from './batch-volume.ts';
import { panHolds, panVolume } from './pan-holds.ts';

describe('the volume of a batch, ml', () => {
  it('is that of its lines, by what a cup of each weighs', () => {
    const v = readVersion(['2 cups whole milk', '1 cup all-purpose flour', '2 tbsp olive oil']);
    const volume = batchVolume(v, shippedFood);
    expect(volume.ml).toBeCloseTo(3 * 236.6 + 2 * 14.8, -1);
    expect(volume.unknown).toEqual([]);
  });
  it('takes what nobody knows a cup of for as heavy as water, and says what has no weight', () => {
    const v = readVersion(['500 g potatoes', 'salt to taste', '2 gloops of moonfruit']);
    const volume = batchVolume(v, shippedFood);
    expect(volume.ml).toBeGreaterThan(400);
    expect(volume.unknown).toEqual(['2 gloops of moonfruit']);
  });
});

describe('what a pan holds, ml', () => {
  it.each([
    ['3 l', 3000],
    ['2 qt', 1893],
    ['9 x 13 inch', 3832],
    ['26 cm springform', 3717],
    ['9 x 5 inch loaf tin', 1843],
    ['20 cm round', 1571],
  ])('%s', (said, ml) => {
    expect(panVolume(said)! / ml).toBeCloseTo(1, 1);
  });
  it('is nothing for words', () => {
    expect(panVolume('my good pot')).toBeNull();
    expect(panVolume('0 l')).toBeNull();
  });
  it('is enough, full, or too small, in words', () => {
    expect(panHolds(1000, 3000)).toEqual({ fits: 'yes', words: 'It fills a third of it.' });
    expect(panHolds(2500, 3000).fits).toBe('full');
    expect(panHolds(2500, 3000).words).toMatch(/boil over|rises/);
    expect(panHolds(3200, 3000).fits).toBe('no');
    expect(panHolds(3200, 3000).words).toBe('It does not fit: it needs about 4.5 l, or two of these.');
  });
});
