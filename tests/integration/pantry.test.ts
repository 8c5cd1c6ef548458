import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { Food } from '../../src/core/food/food.ts';
import { SHIPPED_FOODS } from '../../src/core/food/shipped/index.ts';
import type { StockItem } from '../../src/core/stock/stock.ts';
import { SHIPPED_PRODUCTS } from '../../src/server/lookup/shipped-lookup.ts';
import { syncShippedFoods } from '../../src/server/store/foods.ts';
import { addHousehold } from '../../src/server/store/households.ts';
import { NOW, type TestServer, testServer } from '../support/test-server.ts';
import { readVersion } from '../support/test-version.ts';

let server: TestServer;
beforeEach(async () => {
  server = await testServer();
  await addHousehold(
    server.context,
    { id: 'other', name: 'Other', demo: false, system: 'us', region: 'us', zone: 'UTC', sourceWords: {} },
    NOW.toISOString(),
  );
});
afterEach(() => server.close());

const get = (path: string) => request(server.app).get(`/api/households/home${path}`);
const put = (path: string, body: object) => request(server.app).put(`/api/households/home${path}`).send(body);
const own = (id: string, over: Partial<Food> = {}): Food => ({
  ...SHIPPED_FOODS.find((f) => f.id === 'jam')!,
  id,
  name: 'Plum jam of ours',
  synonyms: [],
  ...over,
});
const search = async (q: string): Promise<string[]> =>
  (await get(`/foods/search?q=${encodeURIComponent(q)}`).expect(200)).body.map((f: Food) => f.id);

describe('search', () => {
  it.each([
    ['conf sugar', 'sugar-icing'],
    ['scallion', 'spring-onion'],
    ['zuchini', 'courgette'],
    ['oleo', 'margarine'],
    ['80/20', 'beef-ground-80'],
    ['curd cheese', 'quark-20'],
    ['minced beef', 'beef-ground-80'],
    ['Crème fraîche', 'creme-fraiche'],
    ['eggplant', 'aubergine'],
    ['garbanzo', 'chickpeas-canned'],
    ['tomatos', 'tomato'],
    ['berries', 'berries-mixed'],
  ])('%s finds %s', async (q, id) => expect((await search(q)).slice(0, 12)).toContain(id));
  it.each(['', '   ', '"', "'; drop table food_name; --", '***', 'AND OR NOT', '🙂', 'x'.repeat(5000), 'food_text:a'])(
    'takes "%s" without falling over',
    async (q) => void (await get(`/foods/search?q=${encodeURIComponent(q)}`).expect(200)),
  );
  it('ranks what the household cooks with first', async () => {
    const before = await search('cheese');
    const cooked = before[6]!;
    for (let i = 0; i < 8; i++) {
      const version = readVersion(['50 g cheddar'], { id: `use-version-${i}`, recipeId: `use-recipe-${i}` });
      const line = {
        ...version.lines[0]!,
        id: `use-line-${i}`,
        originLineId: `use-line-${i}`,
        food: { kind: 'food' as const, foodId: cooked, revision: 1 },
      };
      await request(server.app)
        .post('/api/households/home/recipes')
        .send({
          id: `use-recipe-${i}`,
          title: 'Toast',
          credit: { author: null, url: null, whose: 'own' },
          claims: [],
          notes: '',
          asWritten: { ...version, lines: [line] },
        })
        .expect(201);
    }
    expect((await search('cheese')).indexOf(cooked)).toBeLessThan(before.indexOf(cooked));
    expect((await get(`/foods/${cooked}/uses`)).body).toHaveLength(8);
  });
});

describe('own foods', () => {
  it('are added, changed and undone as revisions, and found', async () => {
    const first = (await put('/foods/own-jam-1', own('own-jam-1')).expect(200)).body as Food;
    expect(first.revision).toBe(1);
    await put('/foods/own-jam-1', { ...first, name: 'Quince jam of ours' }).expect(200);
    expect(await search('quince')).toContain('own-jam-1');
    const revisions = (await get('/foods/own-jam-1/revisions')).body as { food: Food }[];
    expect(revisions.map((r) => r.food.name)).toEqual(['Plum jam of ours', 'Quince jam of ours']);
    const undone = (await put('/foods/own-jam-1', revisions[0]!.food).expect(200)).body as Food;
    expect(undone).toMatchObject({ revision: 3, name: 'Plum jam of ours' });
    expect(await search('quince')).not.toContain('own-jam-1');
  });
  it('stay in their household, and shipped ones stay as they are', async () => {
    await put('/foods/own-jam-1', own('own-jam-1')).expect(200);
    await put('/foods/butter', own('butter')).expect(409);
    await request(server.app).put('/api/households/other/foods/own-jam-1').send(own('own-jam-1')).expect(404);
    await request(server.app).get('/api/households/other/foods/own-jam-1/revisions').expect(404);
    const other = await request(server.app).get('/api/households/other/foods/search?q=plum%20jam');
    expect(other.body.map((f: Food) => f.id)).not.toContain('own-jam-1');
  });
  it('cannot have a value outside of its interval', async () => {
    const jam = own('own-jam-2');
    const kcal = { value: 10, low: 20, high: 30 };
    const answer = await put('/foods/own-jam-2', { ...jam, per100g: { ...jam.per100g, kcal } }).expect(422);
    expect(answer.body.detail).toContain('outside of its interval');
  });
  it('come in by the batch, all or none', async () => {
    const post = (foods: Food[]) =>
      request(server.app).post('/api/households/home/foods/batch').send({ foods, corrections: [] });
    await post([own('batch-1'), own('butter')]).expect(409);
    expect((await get('/foods/batch-1/revisions')).status).toBe(404);
    await post([own('batch-1'), own('batch-1')]).expect(422);
    const many = Array.from({ length: 3000 }, (_, i) => own(`batch-${i}`, { name: `Jam number ${i}` }));
    expect((await post(many).expect(200)).body).toEqual({ foods: 3000, corrections: 0 });
    expect(await search('jam number 2999')).toContain('batch-2999');
  });
});

describe('a database from before the full text', () => {
  it('has its own foods found after the next start', async () => {
    await put('/foods/own-jam-old', own('own-jam-old', { name: 'Rosehip jam of ours' })).expect(200);
    await server.db.deleteFrom('food_name').where('food_id', '=', 'own-jam-old').execute();
    expect(await search('rosehip')).not.toContain('own-jam-old');
    await syncShippedFoods(server.db, NOW.toISOString());
    expect(await search('rosehip')).toContain('own-jam-old');
  });
});

describe('the household’s words and weights', () => {
  it('beat the food’s own, are found by search, and survive a renewed pantry', async () => {
    const correction = {
      synonyms: ['winter greens of grandma'],
      measures: [{ unit: 'bunch', form: null, grams: 222 }],
    };
    await put('/corrections/kale', correction).expect(200);
    const check = async () => {
      const kale = (await get('/foods')).body.find((f: Food) => f.id === 'kale') as Food;
      expect(kale.measures[0]).toEqual({ unit: 'bunch', form: null, grams: 222 });
      expect(kale.synonyms).toContain('winter greens of grandma');
      expect(await search('grandma greens')).toContain('kale');
      return kale;
    };
    const kale = await check();
    // A renewed pantry is a new revision of the shipped food.
    await server.db
      .insertInto('food_revision')
      .values({
        food_id: 'kale',
        revision: kale.revision + 1,
        household_id: null,
        body: JSON.stringify({ ...SHIPPED_FOODS.find((f) => f.id === 'kale')!, revision: kale.revision + 1 }),
        created_at: NOW.toISOString(),
      })
      .execute();
    expect((await check()).revision).toBe(kale.revision + 1);
    await put('/corrections/kale', { synonyms: [], measures: [] }).expect(428);
    await put('/corrections/kale', { synonyms: [], measures: [] }).set('If-Match', '"1"').expect(200);
    expect(await search('grandma greens')).not.toContain('kale');
    await put('/corrections/no-such-food', correction).expect(404);
  });
});

describe('stock', () => {
  const item: StockItem = {
    id: 'stock-1',
    foodId: 'butter',
    name: 'butter, salted',
    grams: 250,
    opened: false,
    useBy: '2026-12-01',
    lacking: false,
  };
  it('is a list that a cook takes from', async () => {
    await put('/stock/stock-1', item).expect(200);
    await put('/stock/stock-2', { ...item, foodId: null, name: 'saffron', grams: null, lacking: true }).expect(200);
    const read = readVersion(['100 g butter'], { id: 'stock-version', recipeId: 'stock-recipe' });
    const version = { ...read, lines: [{ ...read.lines[0]!, id: 'stock-line', originLineId: 'stock-line' }] };
    await request(server.app)
      .post('/api/households/home/recipes')
      .send({
        id: 'stock-recipe',
        title: 'Butter',
        credit: { author: null, url: null, whose: 'own' },
        claims: [],
        notes: '',
        asWritten: version,
      })
      .expect(201);
    const taken = await request(server.app)
      .post('/api/households/home/stock/take')
      .send({ versionId: 'stock-version' })
      .expect(200);
    expect(taken.body).toEqual({ stock: [{ before: item, after: { ...item, grams: 150, opened: true } }], boxes: [] });
    expect((await get('/stock')).body[0]).toMatchObject({ grams: 150, opened: true });
    await request(server.app).delete('/api/households/home/stock/stock-1').expect(204);
    expect((await get('/stock')).body.map((i: StockItem) => i.name)).toEqual(['saffron']);
  });
  it('says what cannot be', async () => {
    await put('/stock/stock-2', item).expect(200);
    const wrong = await put('/stock/stock-3', { ...item, useBy: '2026-02-31' }).expect(422);
    expect(wrong.body.detail).toContain('is not a day');
    await request(server.app).put('/api/households/other/stock/stock-2').send(item).expect(404);
  });
});

describe('barcodes', () => {
  it('are known for at least 40 made-up products, under codes left to a shop’s own use', () => {
    expect(SHIPPED_PRODUCTS.length).toBeGreaterThanOrEqual(40);
    expect(SHIPPED_PRODUCTS.every((p) => /^20\d{11}$/.test(p.code))).toBe(true);
    expect(new Set(SHIPPED_PRODUCTS.map((p) => p.code)).size).toBe(SHIPPED_PRODUCTS.length);
  });
  it('give the label as printed, then the food that was made of it', async () => {
    const product = SHIPPED_PRODUCTS[0]!;
    const found = await get(`/barcodes/${product.code}`).expect(200);
    expect(found.body).toEqual({ code: product.code, foodId: null, product });
    const food = await request(server.app)
      .post('/api/households/home/foods')
      .send({ ...product.label, id: 'own-scanned' })
      .expect(201);
    await put(`/barcodes/${product.code}`, { foodId: food.body.id }).expect(200);
    expect((await get(`/barcodes/${product.code}`)).body).toMatchObject({ foodId: 'own-scanned', product: null });
  });
  it('unknown ones lead to the label, wrong ones say which digit', async () => {
    expect((await get('/barcodes/9780306406157').expect(404)).body.detail).toMatch(/label/);
    expect((await get('/barcodes/9780306406158').expect(422)).body.detail).toMatch(/One digit/);
  });
});
