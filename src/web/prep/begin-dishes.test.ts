import { describe, expect, it } from 'vitest';
import { testVersion } from '../../../tests/support/test-version.ts';
import { type Prep, USUAL_KITCHEN } from '../../core/prep/prep.ts';
import { beginDishes } from './begin-dishes.ts';

const dish = (id: string) => ({ id, recipeId: `${id}-r`, versionId: `${id}-v`, servings: 4, cookId: null });
const day: Prep = {
  id: 'prep-1',
  day: '2026-12-01',
  start: '14:00',
  cooks: 1,
  kitchen: USUAL_KITCHEN,
  dishes: [dish('soup'), dish('stew'), dish('gone')],
  minutes: {},
  kept: null,
  begun: null,
  ticks: {},
};

describe('the dishes of a prep day', () => {
  it('are each kept before the next, so that a begin that is cut off goes on where it stood', async () => {
    let kept = day;
    const keep = async (seen: Prep, after: Prep) => {
      expect(seen).toEqual(kept);
      kept = after;
    };
    const made: string[] = [];
    const versionOf = (id: string) => (id === 'gone' ? null : testVersion([], { id: `${id}-v`, recipeId: `${id}-r` }));
    const begin = (fails: string) => async (version: { recipeId: string; id: string }) => {
      if (version.recipeId === fails) throw new Error('cut off');
      made.push(version.recipeId);
      return { id: `cook-of-${version.recipeId}`, versionId: version.id };
    };
    await expect(beginDishes(day, versionOf, begin('stew-r'), keep)).rejects.toThrow('cut off');
    expect(kept.dishes.map((d) => d.cookId)).toEqual(['cook-of-soup-r', null, null]);
    const all = await beginDishes(kept, versionOf, begin(''), keep);
    expect(made).toEqual(['soup-r', 'stew-r']);
    expect(all.dishes.map((d) => d.cookId)).toEqual(['cook-of-soup-r', 'cook-of-stew-r', null]);
  });
});
