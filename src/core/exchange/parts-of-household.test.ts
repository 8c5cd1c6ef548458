import { describe, expect, it } from 'vitest';
import { type HouseholdPart, partsOfHousehold } from './parts-of-household.ts';

const food = (id: string, own: boolean) => ({ own, food: { id, revision: 1 } });
const version = (id: string, recipeId: string, ...foods: string[]) => ({
  id,
  recipeId,
  lines: foods.map((foodId) => ({ food: foodId.startsWith('v-') ? { versionId: foodId } : { foodId } })),
});
const file = {
  programs: ['a program'],
  foods: [food('own-jam', true), food('flour', false), food('leek', false)],
  recipes: [{ id: 'pie' }, { id: 'dough' }, { id: 'soup' }],
  versions: [
    version('v-pie', 'pie', 'v-dough', 'leek'),
    version('v-dough', 'dough', 'flour'),
    version('v-soup', 'soup', 'leek'),
  ],
  documents: {
    feasts: [{ dishes: [{ versionId: 'v-pie' }] }],
    swaps: ['a swap'],
    eaters: ['somebody'],
    days: ['a day'],
  },
  counted: ['a count'],
  closed: ['a day'],
  pictures: [{ recipeId: 'pie' }, { recipeId: 'soup' }],
};
const part = (...parts: HouseholdPart[]) => partsOfHousehold(file, new Set(parts));
const foodsOf = (f: typeof file) => f.foods.map((x) => x.food.id);

describe('a part of a household', () => {
  it('has nothing of anybody: no person, no day', () => {
    for (const p of ['recipes', 'programs', 'foods', 'swaps', 'feasts'] as const)
      expect(part(p)).toMatchObject({ documents: { eaters: [], days: [] }, counted: [], closed: [] });
  });
  it('a feast brings its recipes, what they are made of, their foods and pictures', () => {
    const feast = part('feasts');
    expect(feast.recipes.map((r) => r.id)).toEqual(['pie', 'dough']);
    expect(feast.versions.map((v) => v.id)).toEqual(['v-pie', 'v-dough']);
    expect(foodsOf(feast)).toEqual(['flour', 'leek']);
    expect(feast.pictures).toEqual([{ recipeId: 'pie' }]);
    expect(feast.programs).toEqual([]);
  });
  it('swaps and foods bring the own foods, and no recipe', () => {
    for (const p of ['swaps', 'foods'] as const) {
      expect(foodsOf(part(p))).toEqual(['own-jam']);
      expect(part(p).recipes).toEqual([]);
    }
    expect(part('swaps').documents.swaps).toEqual(['a swap']);
    expect(part('foods').documents.swaps).toEqual([]);
  });
  it('parts go together', () => {
    const both = part('programs', 'recipes');
    expect(both.programs).toEqual(['a program']);
    expect(both.recipes).toHaveLength(3);
    expect(both.documents.feasts).toEqual([]);
  });
});
