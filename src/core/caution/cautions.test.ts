import { describe, expect, it } from 'vitest';
import { shippedFood } from '../../../tests/support/test-version.ts';
import { cautionsFor } from './cautions.ts';
import { CAUTION_RULES } from './rules.ts';

const ids = (foods: readonly string[], steps = '', lines = ''): string[] =>
  cautionsFor(
    foods.map((id) => shippedFood(id)!),
    steps,
    lines,
  ).map((c) => c.id);
const words = (id: string, foods: readonly string[], steps = '', lines = ''): string =>
  cautionsFor(
    foods.map((f) => shippedFood(f)!),
    steps,
    lines,
  ).find((c) => c.id === id)?.words ?? '';

/** Each caution where it belongs, and a dish much like it where it does not. */
const CASES: ReadonlyArray<
  readonly [
    id: string,
    applies: readonly [foods: string[], steps?: string, lines?: string],
    not: readonly [foods: string[], steps?: string, lines?: string],
  ]
> = [
  ['poultry', [['chicken-breast']], [['chicken-breast-cooked']]],
  ['ground-meat', [['lamb-ground']], [['beef-chuck']]],
  ['whole-meat', [['pork-loin']], [['bacon'], 'Fry the bacon crisp.']],
  [
    'stuffing',
    [['chicken-whole'], 'Stuff the bird and roast it.'],
    [['chicken-whole'], 'Roast it and make stuffing beside it.'],
  ],
  ['fish', [['salmon'], 'Bake the salmon.'], [['salmon-smoked'], 'Lay it on the bread.']],
  ['raw-fish', [['salmon'], 'Dress with lime juice and chill for an hour.'], [['salmon'], 'Grill it.']],
  ['shellfish', [['prawns'], 'Fry them.'], [['prawns-cooked'], 'Stir them in.']],
  ['bivalves', [['mussels'], 'Steam them open.'], [['scallops'], 'Sear them.']],
  [
    'raw-egg',
    [['egg', 'mascarpone'], 'Whisk the yolks with sugar, fold in the mascarpone and chill overnight.'],
    [['egg', 'flour-white'], 'Mix and bake for an hour.'],
  ],
  [
    'raw-egg',
    [['egg', 'pasta'], 'Boil the pasta and toss it with the eggs off the heat.'],
    [['egg', 'milk-whole'], 'Simmer the custard until thick.'],
  ],
  ['egg', [['egg', 'flour-white'], 'Mix and bake for an hour.'], [['egg', 'sugar'], 'Whisk to a mousse and chill.']],
  [
    'flour',
    [['flour-white', 'yeast-dry'], 'Knead to a dough and bake.'],
    [['flour-white', 'beef-chuck'], 'Dust the beef with flour, brown it and stew it.'],
  ],
  [
    'deep-frying',
    [['oil-vegetable', 'chicken-breast'], 'Fry the pieces.', '1 cup oil for frying'],
    [['oil-vegetable', 'onion'], 'Fry the onion in the oil.', '1 tbsp oil'],
  ],
  ['hot-sugar', [['sugar'], 'Boil the sugar to the soft ball stage.'], [['sugar'], 'Stir in the sugar.']],
  ['steam', [['broccoli'], 'Steam the broccoli.'], [['broccoli'], 'Roast the broccoli.']],
  ['blender', [['potato'], 'Boil the potatoes and blend the soup.'], [['banana'], 'Blend everything with ice.']],
  [
    'pressure',
    [['beans-black-canned'], 'Pressure cook for 5 minutes.'],
    [['beans-black-canned'], 'Cook under the lid.'],
  ],
  ['honey', [['honey']], [['maple-syrup']]],
  ['listeria', [['salmon-smoked']], [['salmon'], 'Bake it.']],
  ['listeria', [['brie']], [['cheddar']]],
  ['rice', [['rice-white']], [['rice-noodles']]],
  ['kidney-beans', [['beans-white-dry']], [['beans-white-canned']]],
  [
    'garlic-oil',
    [['garlic', 'oil-olive'], 'Steep the garlic in the oil for a week.'],
    [['garlic', 'oil-olive'], 'Fry the garlic in the oil.'],
  ],
  [
    'slow-cooker',
    [['pork-shoulder'], 'Cook in the slow cooker for 8 hours.'],
    [['pork-shoulder'], 'Roast for 3 hours.'],
  ],
  ['canning', [['tomato'], 'Process the jars in a water-bath for 40 minutes.'], [['tomato'], 'Simmer for 40 minutes.']],
  ['polyols', [['syrup-sugarfree']], [['maple-syrup']]],
  [
    'sweetener-baking',
    [['sweetener-granulated', 'flour-white'], 'Mix to a batter and bake the cake.'],
    [['sweetener-granulated'], 'Stir into the coffee.'],
  ],
];

describe('cautions', () => {
  it.each(CASES)('%s where it belongs, and nowhere else', (id, applies, not) => {
    expect(ids(...(applies as [string[], string?, string?]))).toContain(id);
    expect(ids(...(not as [string[], string?, string?]))).not.toContain(id);
  });
  it('have each been tried, and say who says so', () => {
    const tried = new Set([...CASES.map(([id]) => id), 'raw', 'alcohol', 'labels', 'leftovers']);
    expect(CAUTION_RULES.map((r) => r.id).filter((id) => !tried.has(id))).toEqual([]);
    for (const r of CAUTION_RULES) expect(r.source, r.id).not.toBe('');
  });
  it('never name two temperatures for one piece of meat', () => {
    for (const food of ['sausage-pork', 'lamb-ground', 'veal-ground', 'bison-ground', 'sausage-italian'])
      expect(ids([food]), food).not.toContain('whole-meat');
  });
  it('say that eggs that stay raw are not cooked to 160 °F', () => {
    expect(ids(['egg', 'mascarpone'], 'Whisk and chill.')).not.toContain('egg');
  });
  it('say that all of the alcohol stays where nothing is cooked', () => {
    expect(words('alcohol', ['rum', 'mascarpone'], 'Stir in the rum and chill.')).toMatch(/all of the alcohol stays/);
    expect(words('alcohol', ['wine-red', 'beef-chuck'], 'Simmer for two hours.')).toMatch(/35 %/);
  });
  it('name what of it may carry listeria', () => {
    expect(words('listeria', ['salmon-smoked', 'brie'])).toMatch(/smoked fish and soft cheese/);
  });
});
