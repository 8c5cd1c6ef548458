import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { withCorrection } from '../food-correction.ts';
import { SHIPPED_FOODS } from '../shipped/index.ts';
import { type FileRow, FOOD_COLUMNS, foodToRow, rowToFood } from './food-row.ts';
import { readMeasures } from './measure-words.ts';
import { type ImportContext, planImport, wrongColumns } from './plan-import.ts';

const own = { ...SHIPPED_FOODS.find((f) => f.id === 'jam')!, id: 'own-jam', name: 'Plum jam' };
const context = (): ImportContext => {
  let n = 0;
  return { pantry: [own, ...SHIPPED_FOODS], own: new Set([own.id]), newId: () => `new-${++n}` };
};
const foods = (...rows: FileRow[]) => planImport(rows, [...FOOD_COLUMNS], context()).rows;

describe('a file of foods', () => {
  it('comes back the same from every shipped food', () => {
    for (const f of SHIPPED_FOODS) {
      const read = rowToFood(foodToRow(f), f.id, f);
      expect('food' in read && read.food).toMatchObject({ ...f, energyNote: f.energyNote });
    }
    const rows = SHIPPED_FOODS.map(foodToRow);
    expect(planImport(rows, [...FOOD_COLUMNS], context()).rows.every((r) => r.kind === 'same')).toBe(true);
  });
  it('adds, changes and leaves alone, and says what changes', () => {
    const [added, changed, same] = foods(
      { name: 'Quince jelly', kcal: '250,5', carbs: '62', sugars: '60', measures: 'tbsp 20; cup (level) 320' },
      { ...foodToRow(own), kcal: '240' },
      foodToRow(own.id === 'own-jam' ? SHIPPED_FOODS[0]! : own),
    );
    expect(added).toMatchObject({ kind: 'new', line: 2, food: { id: 'new-1', name: 'Quince jelly' } });
    const food = added!.kind === 'new' ? added!.food : null;
    expect(food!.per100g.kcal.value).toBe(250.5);
    expect(food!.per100g.protein.value).toBeNull();
    expect(food!.measures).toEqual([
      { unit: 'tablespoon', form: null, grams: 20 },
      { unit: 'cup', form: 'level', grams: 320 },
    ]);
    expect(changed).toMatchObject({ kind: 'changed', line: 3, changes: [expect.stringMatching(/^kcal \d+ → 240$/)] });
    expect(same).toMatchObject({ kind: 'same', line: 4 });
  });
  it('finds an own food by its name', () => {
    expect(foods({ name: 'plum JAM', kcal: '10' })[0]).toMatchObject({ kind: 'changed', food: { id: 'own-jam' } });
  });
  it.each<[FileRow, RegExp]>([
    [{ name: '' }, /name is empty/],
    [{ name: 'x', kcal: 'many' }, /kcal is "many"/],
    [{ name: 'x', kcal: '5000' }, /between 0 and 902/],
    [{ name: 'x', fat: '-1' }, /between 0 and 100/],
    [{ name: 'x', fat: '2', satFat: '9' }, /satFat \(9\) is more than fat/],
    [{ name: 'x', kinds: 'tasty' }, /"tasty" is no kind/],
    [{ name: 'x', allergens: 'milk; air' }, /"air" is no allergen/],
    [{ name: 'x', measures: 'cup' }, /"cup" cannot be read/],
    [{ name: 'x', state: 'odd' }, /"odd" is no state/],
    [{ id: '!!', name: 'x' }, /is no id/],
    [{ id: 'butter', name: 'butter, salted', kcal: '1' }, /ships with Imbiss/],
  ])('says what is wrong with %j', (row, words) => {
    expect(foods({ name: 'before' }, row)[1]).toMatchObject({
      kind: 'wrong',
      line: 3,
      words: expect.stringMatching(words),
    });
  });
  it('takes no food twice', () => {
    expect(foods({ name: 'A food' }, { name: 'a FOOD' })[1]).toMatchObject({ kind: 'wrong', words: /line 2/ });
  });
  it('needs known columns', () => {
    expect(wrongColumns(['name', 'kcal'])).toBeNull();
    expect(wrongColumns(['food', 'unit', 'grams'])).toBeNull();
    expect(wrongColumns(['a', 'b'])).toMatch(/It has a, b/);
  });
  it('never throws, whatever stands in the cells', () => {
    const cell = fc.oneof(
      fc.string({ maxLength: 12 }),
      fc.constantFrom('', '1', '-1', '1e9', 'NaN', '½', '=1+1', ';;', '100'),
    );
    fc.assert(
      fc.property(fc.dictionary(fc.constantFrom(...FOOD_COLUMNS), cell), (row) => {
        const [r] = foods(row);
        expect(['new', 'changed', 'same', 'wrong']).toContain(r!.kind);
      }),
      { numRuns: 500 },
    );
  });
});

describe('a file of measures', () => {
  const measures = (...rows: FileRow[]) => planImport(rows, ['food', 'unit', 'form', 'grams'], context()).rows;
  it('becomes corrections that beat the food’s own measures and survive it', () => {
    const rows = measures(
      { food: 'kale', unit: 'bunch', grams: '210' },
      { food: 'scallions', unit: 'bunch', form: '', grams: '95' },
      { food: 'kale', unit: 'cup', form: 'chopped', grams: '60' },
      { food: 'butter', unit: 'tbsp', grams: '14.2' },
    );
    expect(rows.map((r) => r.kind)).toEqual(['measure', 'measure', 'measure', 'same']);
    const last = rows[2]!.kind === 'measure' ? rows[2]!.correction : null;
    const kale = withCorrection(SHIPPED_FOODS.find((f) => f.id === 'kale')!, last!);
    expect(kale.measures.filter((m) => m.unit === 'bunch')).toEqual([{ unit: 'bunch', form: null, grams: 210 }]);
    expect(kale.measures).toContainEqual({ unit: 'cup', form: 'chopped', grams: 60 });
  });
  it.each<[FileRow, RegExp]>([
    [{ food: 'moon dust', unit: 'cup', grams: '1' }, /Nothing in the pantry/],
    [{ food: 'kale', unit: 'cup', grams: 'light' }, /cannot be read/],
    [{ food: 'kale', unit: '', grams: '' }, /empty|cannot be read/],
  ])('says what is wrong with %j', (row, words) =>
    expect(measures(row)[0]).toMatchObject({ kind: 'wrong', words: expect.stringMatching(words) }),
  );
  it('reads grams with a comma', () =>
    expect(readMeasures('cup 12,5 g')).toEqual([{ unit: 'cup', form: null, grams: 12.5 }]));
});

describe('a row of a file of foods', () => {
  const row = (r: FileRow, before: Parameters<typeof rowToFood>[2] = null) => rowToFood(r, 'x', before);
  const full = SHIPPED_FOODS.find((f) => f.kinds.length > 0 && f.allergens.length > 0 && f.measures.length > 0)!;
  it('keeps what it had where a column is missing, and loses what a column leaves empty', () => {
    const kept = row({ name: 'Other' }, full);
    expect('food' in kept && kept.food).toMatchObject({
      kinds: full.kinds,
      roles: full.roles,
      allergens: full.allergens,
      measures: full.measures,
      synonyms: full.synonyms,
      per100g: full.per100g,
      revision: full.revision,
    });
    const emptied = row({ name: 'Other', kinds: '', allergens: '', measures: '', kcal: '' }, full);
    expect('food' in emptied && emptied.food).toMatchObject({ kinds: [], allergens: [], measures: [] });
    expect('food' in emptied && emptied.food.per100g.kcal.value).toBeNull();
    expect('food' in emptied && emptied.food.per100g.fat.value).toBe(full.per100g.fat.value);
  });
  it('is new with the usual, under the first revision', () => {
    const made = row({ name: 'New' });
    expect('food' in made && made.food).toMatchObject({ revision: 1, group: 'own foods', kinds: [], state: 'as is' });
  });
  it.each([
    ['group', 60],
    ['source', 200],
  ])('takes a %s of %i characters and no longer one', (column, most) => {
    expect('food' in row({ name: 'x', [column]: 'a'.repeat(most) })).toBe(true);
    expect(row({ name: 'x', [column]: 'a'.repeat(most + 1) })).toMatchObject({
      wrong: expect.stringContaining(`${most} characters`),
    });
  });
});
