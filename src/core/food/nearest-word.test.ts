import { describe, expect, it } from 'vitest';
import { indexFoods, matchFood, searchFoods } from './match-food.ts';
import { nearestWord } from './nearest-word.ts';
import { SHIPPED_FOODS } from './shipped/index.ts';

const index = indexFoods(SHIPPED_FOODS);

describe('mistyped words', () => {
  it.each([
    ['zuchini', 'zucchini'],
    ['brocolli', 'broccoli'],
    ['parmesean', 'parmesan'],
    ['tomatoe', 'tomato'],
    ['cinammon', 'cinnamon'],
    ['mozarella', 'mozzarella'],
    ['yoghrut', 'yoghurt'],
  ])('%s is %s', (typed, meant) => expect(nearestWord(typed, index.byWord.keys())).toBe(meant));
  it.each(['salt', 'malt', 'gloop', 'xyzzyx', '80/20', ''])('"%s" is left as it is', (typed) => {
    expect(nearestWord(typed, ['halt', 'melts', 'bloom', 'group'])).toBeNull();
  });
  it('are still matched, a little less surely', () => {
    const m = matchFood(index, 'zuchini')[0]!;
    expect(m.food.id).toBe('courgette');
    expect(m.confidence).toBeLessThan(1);
    expect(m.confidence).toBeGreaterThan(0.68);
  });
  it('are found by the search box', () => {
    expect(searchFoods(index, 'zuchini')[0]!.id).toBe('courgette');
    expect(searchFoods(index, 'brocolli')[0]!.id).toBe('broccoli');
  });
});
