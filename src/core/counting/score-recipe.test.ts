import { describe, expect, it } from 'vitest';
import { FIXTURE_PROGRAMS } from '../../../tests/support/fixture-programs.ts';
import { indexFoods } from '../food/match-food.ts';
import { SHIPPED_FOODS } from '../food/shipped/index.ts';
import { scoreRecipe } from './score-recipe.ts';

const index = indexFoods(SHIPPED_FOODS);
const options = { servings: null, programs: FIXTURE_PROGRAMS, index, system: 'us', by: null } as const;

/**
 * A line worked by hand: what is written, then for the whole amount kcal, saturated fat, sugars, protein, fibre (g),
 * written down from memory of the public US tables for that household amount, and the marks that do not count it.
 */
type Worked = readonly [
  line: string,
  kcal: number,
  sat: number,
  sugars: number,
  protein: number,
  fibre: number,
  uncounted: string,
];
const ALL = 'LE LA HA';

const RECIPES: ReadonlyArray<{ title: string; servings: number; lines: readonly Worked[] }> = [
  {
    title: 'Porridge with apple',
    servings: 2,
    lines: [
      ['1 cup rolled oats', 307, 0.9, 0.8, 10.7, 8.2, 'HA'],
      ['2 cups skim milk', 166, 0.4, 25, 16.6, 0, ''],
      ['1 medium apple, grated', 95, 0.1, 19, 0.5, 4.4, 'LA HA'],
      ['1 tbsp honey', 64, 0, 17.2, 0.1, 0, ''],
      ['a pinch of salt', 0, 0, 0, 0, 0, ''],
    ],
  },
  {
    title: 'Tomato omelette',
    servings: 2,
    lines: [
      ['4 large eggs', 286, 6.2, 0.8, 25.2, 0, 'LA'],
      ['2 tomatoes, chopped', 44, 0, 6.4, 2.2, 3, ALL],
      ['1 tablespoon butter', 102, 7.3, 0, 0.1, 0, ''],
      ['1 oz feta', 75, 4, 0.1, 4, 0, ''],
      ['salt and pepper to taste', 0, 0, 0, 0, 0, ''],
    ],
  },
  {
    title: 'Lentil soup',
    servings: 6,
    lines: [
      ['2 cups dried lentils', 1352, 0.6, 7.8, 94, 41, 'LA HA'],
      ['2 carrots, diced', 50, 0, 5.8, 1.2, 3.4, ALL],
      ['1 onion, chopped', 44, 0, 4.7, 1.2, 1.9, ALL],
      ['2 tbsp olive oil', 239, 3.7, 0, 0, 0, ''],
      ['8 cups vegetable broth', 96, 0, 11, 4, 0, 'HA'],
      ['1 (14.5 oz) can diced tomatoes', 82, 0, 10.5, 3.6, 4.5, ALL],
      ['1 tsp ground cumin', 8, 0, 0, 0.4, 0.2, ''],
    ],
  },
  {
    title: 'Beef chilli',
    servings: 5,
    lines: [
      ['1 lb 90/10 ground beef', 798, 17.7, 0, 90.7, 0, ''],
      ['2 (15 oz) cans kidney beans, drained and rinsed', 632, 1, 10, 41, 33, 'LA HA'],
      ['1 (28 oz) can crushed tomatoes', 166, 0.2, 21, 7.1, 8.7, ALL],
      ['1 large onion', 60, 0, 6.3, 1.6, 2.6, ALL],
      ['1 green bell pepper', 24, 0, 2.9, 1, 2, ALL],
      ['1 tbsp vegetable oil', 120, 1, 0, 0, 0, ''],
      ['1 tbsp chili powder', 23, 0.2, 0.6, 1.1, 2.8, ''],
    ],
  },
  {
    title: 'Baked salmon with potatoes',
    servings: 4,
    lines: [
      ['four 6-oz salmon fillets', 1415, 21, 0, 139, 0, 'LA'],
      ['2 lb potatoes', 699, 0.2, 7.4, 19, 19, 'HA'],
      ['3 tbsp olive oil', 358, 5.6, 0, 0, 0, ''],
      ['1 lemon, sliced', 17, 0, 1.5, 0.6, 1.6, 'LA HA'],
      ['½ cup plain nonfat Greek yogurt', 72, 0.1, 4, 12.5, 0, 'LA'],
    ],
  },
  {
    title: 'Banana bread',
    servings: 12,
    lines: [
      ['2 cups all-purpose flour', 910, 0.4, 0.7, 25.8, 6.8, ''],
      ['¾ cup sugar', 581, 0, 150, 0, 0, ''],
      ['½ cup butter, melted', 814, 58.3, 0.1, 1, 0, ''],
      ['2 eggs', 143, 3.1, 0.4, 12.6, 0, 'LA'],
      ['3 ripe bananas, mashed', 315, 0.4, 43.3, 3.9, 9.2, 'LA HA'],
      ['1 tsp baking soda', 0, 0, 0, 0, 0, ''],
      ['½ cup chopped walnuts', 383, 3.6, 1.5, 8.9, 3.9, ''],
    ],
  },
  {
    title: 'Macaroni cheese',
    servings: 6,
    lines: [
      ['12 oz macaroni', 1262, 1, 9.1, 44.2, 10.9, ''],
      ['3 tbsp butter', 305, 21.9, 0, 0.4, 0, ''],
      ['3 tbsp flour', 85, 0, 0.1, 2.4, 0.6, ''],
      ['2½ cups whole milk', 372, 11.5, 31, 19.3, 0, ''],
      ['8 oz cheddar, grated', 914, 42.9, 1.1, 52, 0, ''],
      ['½ cup dry breadcrumbs', 213, 0.6, 3.3, 7.2, 2.4, ''],
    ],
  },
  {
    title: 'Chicken and rice',
    servings: 4,
    lines: [
      ['1.5 lb boneless, skinless chicken breasts', 816, 4, 0, 153, 0, 'LA'],
      ['1½ cups long-grain rice', 1012, 0.5, 0.3, 19.8, 3.6, ''],
      ['3 cups chicken broth', 45, 0.6, 2, 4.5, 0, ''],
      ['1 cup frozen peas', 103, 0.1, 6.7, 7, 6, 'HA'],
      ['2 cloves garlic', 9, 0, 0, 0.4, 0.1, ALL],
      ['1 tbsp olive oil', 119, 1.9, 0, 0, 0, ''],
    ],
  },
  {
    title: 'Potato pancakes',
    servings: 4,
    lines: [
      ['1 kg potatoes', 770, 0.3, 8, 21, 21, 'HA'],
      ['1 onion', 44, 0, 4.7, 1.2, 1.9, ALL],
      ['2 eggs', 143, 3.1, 0.4, 12.6, 0, 'LA'],
      ['¼ cup flour', 114, 0, 0.1, 3.2, 0.8, ''],
      ['100 ml sunflower oil', 815, 6.9, 0, 0, 0, ''],
      ['1 cup unsweetened applesauce', 102, 0, 23, 0.4, 2.7, 'LA HA'],
    ],
  },
  {
    title: 'Tuna and bean salad',
    servings: 3,
    lines: [
      ['2 (5 oz) cans tuna in water, drained', 264, 0.5, 0, 58, 0, 'LA'],
      ['1 (15 oz) can white beans, drained', 301, 0.3, 1, 19.7, 14.5, 'LA HA'],
      ['1 red onion, sliced', 44, 0, 4.7, 1.2, 1.9, ALL],
      ['3 tbsp olive oil', 358, 5.6, 0, 0, 0, ''],
      ['2 tbsp red wine vinegar', 6, 0, 0, 0, 0, 'HA'],
      ['½ cup black olives', 88, 1.1, 0.1, 0.6, 2, ''],
      ['a handful of parsley', 5, 0, 0.1, 0.4, 0.5, ALL],
    ],
  },
];

const energy = ([, kcal, sat, sugars, protein, fibre]: Worked): number =>
  kcal + 2 * sugars + 6.75 * sat - 2 * protein - 2 * fibre;

describe('recipes worked by hand', () => {
  it.each(RECIPES.map((r) => [r.title, r] as const))('%s', (_, recipe) => {
    const text = `${recipe.title}\nServes ${recipe.servings}\n\nIngredients\n${recipe.lines.map((l) => l[0]).join('\n')}`;
    const score = scoreRecipe(text, options);
    expect(score.unresolved).toEqual([]);
    expect(score.servings).toBe(recipe.servings);
    const kcal = recipe.lines.reduce((s, l) => s + l[1], 0) / recipe.servings;
    expect(Math.abs(score.perServing.kcal! - kcal) / kcal).toBeLessThan(0.05);
    for (const mark of ['LE', 'LA', 'HA']) {
      const counted = recipe.lines.filter((l) => !l[6].split(' ').includes(mark));
      const raw = counted.reduce((s, l) => s + energy(l), 0) / 45 / recipe.servings;
      const got = score.programs.find((p) => p.mark === mark)!.raw;
      expect(Math.abs(got - raw), `${mark}: ${got.toFixed(2)} against ${raw.toFixed(2)}`).toBeLessThan(
        Math.max(0.2, 0.05 * raw),
      );
    }
  });
});

describe('a score', () => {
  it('counts the whole when there are no servings', () => {
    const whole = scoreRecipe('Dip\n1 cup sour cream\n1 clove garlic', options);
    expect(whole.servings).toBeNull();
    expect(whole.asks).toEqual(['How many servings does it make? Until then the whole is counted.']);
    const four = scoreRecipe('Dip\n1 cup sour cream\n1 clove garlic', { ...options, servings: 4 });
    expect(four.asks).toEqual([]);
    expect(whole.perServing.kcal).toBeCloseTo(4 * four.perServing.kcal!);
  });
  it('lets the given servings beat the text', () => {
    expect(scoreRecipe('Stew\nServes 4\n1 lb beef\n2 onions', { ...options, servings: 8 }).servings).toBe(8);
  });
  it('lists what is open and is "so far" by that', () => {
    const s = scoreRecipe('Stew\nServes 4\n1 lb beef\n1 packet of mystery dust', options);
    expect(s.unresolved).toEqual(['1 packet of mystery dust']);
    expect(s.lines[1]).toMatchObject({ food: null, grams: null, gramsFrom: 'none' });
  });
  it('knows nothing of a serving while every line is open', () => {
    expect(
      scoreRecipe('Stew\nServes 4\n1 packet of mystery dust\n2 cups moon rock', options).perServing.kcal,
    ).toBeNull();
  });
  it('tells what cannot be, what it is made in, and in which language', () => {
    const s = scoreRecipe(
      'Tin bake\nServes 4\nPrep time: 10 min\n\n1 lb beef\n2 onions\n\n1. Brown beef and onions.\n2. Bake in a 9-inch square pan at 900 F.',
      {
        ...options,
        language: 'de',
      },
    );
    expect(s.doubts.join()).toMatch(/hotter than a kitchen oven/);
    expect(s).toMatchObject({ language: 'de', pans: [{ words: '9-inch square pan' }], times: { prep: 10 } });
    expect(s.steps).toHaveLength(2);
  });
  it('says of each line how sure it is, what it stands in for, and under which heading it was', () => {
    const s = scoreRecipe(
      'Cake\nServes 4\n\nIngredients\nFor the dough:\n200 g flour\nsome cheddar\n\nMethod\nMix and bake.',
      options,
    );
    expect(s.groups).toEqual(['For the dough']);
    expect(s.lines[0]).toMatchObject({ group: 'For the dough', confidence: 1, standIn: null, doubt: null });
    expect(s.lines[1]!.doubt).toMatchObject({ kind: 'estimate' });
  });
  it('says by line who does not count it', () => {
    const s = scoreRecipe('Salad\n2 apples\n1 tbsp oil', options);
    expect(s.lines[0]!.uncounted).toEqual(['LA', 'HA']);
    expect(s.lines[1]!.uncounted).toEqual([]);
  });
  it('keeps its interval around raw', () => {
    const s = scoreRecipe('Bake\nServes 3\n4 to 6 slices bacon\n1 bunch lettuce', options);
    for (const p of s.programs) {
      expect(p.low).toBeLessThan(p.raw);
      expect(p.high).toBeGreaterThan(p.raw);
    }
  });
});

describe('what is printed of a line', () => {
  const text = 'Serves 2\n\nIngredients\n100 g butter\n1 cup water\n2 xyzzy\n';
  it('is its food, or the food that counts nothing, or none; and its points by mark', () => {
    const [butter, water, unknown] = scoreRecipe(text, options).lines;
    expect(butter).toMatchObject({ food: { id: 'butter' }, grams: 100, gramsFrom: 'weight' });
    expect(Object.keys(butter!.raw)).toEqual(FIXTURE_PROGRAMS.map((p) => p.mark));
    expect(butter!.raw.LE).toBeGreaterThan(8);
    expect(water).toMatchObject({ food: { id: 'water' }, raw: { LE: 0 } });
    expect(unknown).toMatchObject({ food: null, grams: null, gramsFrom: 'none' });
  });
});
