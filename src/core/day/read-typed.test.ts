import { describe, expect, it } from 'vitest';
import { indexFoods } from '../food/match-food.ts';
import { SHIPPED_FOODS } from '../food/shipped/index.ts';
import { readTyped } from './read-typed.ts';

const index = indexFoods(SHIPPED_FOODS);
const read = (text: string) => readTyped(text, index, 'us');
const brief = (text: string) => read(text).map((t) => (t.kind === 'food' ? [t.words, t.foodId] : [t.words, t.kind]));

describe('what is typed into a day', () => {
  it('is one thing or several, each by its own words', () => {
    expect(brief('2 eggs, 1 tbsp olive oil')).toEqual([
      ['2 eggs', 'egg'],
      ['1 tbsp olive oil', 'oil-olive'],
    ]);
    expect(brief('1 apple and 200 ml milk')).toHaveLength(2);
    const [eggs] = read('2 eggs');
    expect(eggs).toMatchObject({ kind: 'food' });
    if (eggs!.kind === 'food') {
      expect(eggs!.grams).toBeGreaterThan(80);
      expect(eggs!.low).toBeLessThanOrEqual(eggs!.grams);
      expect(eggs!.high).toBeGreaterThanOrEqual(eggs!.grams);
    }
  });
  it('keeps a comma that belongs to a thing', () => {
    expect(brief('1 onion, finely chopped')).toEqual([['1 onion, finely chopped', 'onion']]);
    expect(brief('1 onion, finely chopped, 2 eggs')).toHaveLength(2);
  });
  it('may be points that are known', () => {
    expect(read('5 points')).toMatchObject([{ kind: 'known', points: 5 }]);
    expect(read('3.5 points cake at the fair')).toMatchObject([
      { kind: 'known', points: 3.5, words: 'cake at the fair' },
    ]);
    expect(read('cake, 7 points')).toMatchObject([{ kind: 'known', points: 7, words: 'cake' }]);
  });
  it('says what it did not understand, and takes nothing for it', () => {
    expect(read('1 slice of moonrock')).toMatchObject([{ kind: 'unread', words: '1 slice of moonrock' }]);
    expect(read('2 eggs, 1 lump of moonrock').map((t) => t.kind)).toEqual(['food', 'unread']);
    expect(read('  ')).toEqual([]);
  });
});
