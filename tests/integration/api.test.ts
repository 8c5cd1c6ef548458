import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { KeptVersion, NewRecipe, RecipeList, RecipePage } from '../../src/contract/recipe.ts';
import { USUAL_PASS_ON } from '../../src/core/card/pass-on.ts';
import type { Food } from '../../src/core/food/food.ts';
import { lineChange } from '../../src/core/version/entry.ts';
import type { Version } from '../../src/core/version/version.ts';
import { type TestServer, testServer } from '../support/test-server.ts';
import { readVersion } from '../support/test-version.ts';

let server: TestServer;
beforeEach(async () => {
  server = await testServer();
});
afterEach(() => server.close());

const api = () => request(server.app);
const eater = {
  name: 'Runa',
  programId: 'program-ledger',
  exceptions: [],
  allergies: ['milk'],
  avoids: ['liver'],
  ratherNot: ['tripe'],
  notOnTop: [],
  standing: [],
};

function newRecipe(id: string, lines: readonly string[], rest: Partial<NewRecipe> = {}): NewRecipe {
  const version = readVersion(lines, {
    id: `${id}-v1`,
    recipeId: id,
    servings: 4,
    steps: [{ id: `${id}-s1`, text: 'Cook it all.' }],
  });
  const own = version.lines.map((l) => ({ ...l, id: `${id}-${l.id}`, originLineId: `${id}-${l.id}` }));
  return {
    id,
    title: `Dish ${id}`,
    credit: { author: null, url: null, whose: 'family' },
    claims: [],
    facts: { makes: null, times: { prep: null, cook: null, total: null }, pans: [], tools: [] },
    settled: [],
    shownVersionId: null,
    favourite: false,
    passOn: USUAL_PASS_ON,
    notes: '',
    asWritten: { ...version, lines: own },
    ...rest,
  };
}
const bringIn = async (recipe: NewRecipe) =>
  (await api().post('/api/households/home/recipes').send(recipe).expect(201)).body as RecipePage;

describe('the household', () => {
  it('is never answered from a browser’s cache: a page has the revision of its head, and changes with its versions', async () => {
    const { headers } = await api().get('/api/households/home').expect(200);
    expect(headers['cache-control']).toBe('no-store');
  });
  it('answers its health', async () => void (await api().get('/api/health').expect(200, { status: 'ready' })));
  it('takes, changes and removes eaters', async () => {
    await api().put('/api/households/home/eaters/eater-1').send(eater).expect(200);
    await api()
      .put('/api/households/home/eaters/eater-2')
      .send({ ...eater, name: 'Ida', programId: null })
      .expect(200);
    const exceptions = [{ foodId: 'egg', uncounted: true }];
    const put = () => api().put('/api/households/home/eaters/eater-1');
    await put()
      .send({ ...eater, exceptions })
      .expect(428);
    await put()
      .set('If-Match', '"0"')
      .send({ ...eater, exceptions })
      .expect(412);
    const changed = await put()
      .set('If-Match', '"1"')
      .send({ ...eater, exceptions })
      .expect(200);
    expect(changed.headers.etag).toBe('"2"');
    await api().delete('/api/households/home/eaters/eater-2').expect(204);
    const { body } = await api().get('/api/households/home').expect(200);
    expect(body.eaters).toEqual([
      { ...eater, id: 'eater-1', exceptions: [{ foodId: 'egg', uncounted: true }], allowance: null, revision: 2 },
    ]);
    expect(body.programs.map((p: { mark: string }) => p.mark)).toEqual(['LE', 'LA', 'HA', 'HO']);
  });
  it('refuses an unknown program in words', async () => {
    const { body } = await api()
      .put('/api/households/home/eaters/eater-9')
      .send({ ...eater, programId: 'program-nowhere' })
      .expect(422);
    expect(body).toMatchObject({ title: 'There is no such program.', detail: expect.stringContaining('Ledger') });
  });
  it('keeps its measures and name', async () => {
    await api().patch('/api/households/home').send({ system: 'metric' }).expect(200);
    expect((await api().get('/api/households/home')).body.household).toMatchObject({ system: 'metric', name: 'Home' });
    await api().patch('/api/households/home').send({ system: 'us' }).expect(200);
  });
  it('holds points the cook knows', async () => {
    const said = { saidOn: '2026-11-20', source: 'booklet, page 12', foodRevision: 1 };
    const pin = { foodId: 'sausage-smoked', programId: 'program-ledger', points: 4, grams: 50, ...said };
    const path = '/api/households/home/pins/sausage-smoked~program-ledger';
    await api().put(path).send(pin).expect(200);
    expect((await api().get('/api/households/home')).body.pins).toEqual([{ ...pin, revision: 1 }]);
    await api().put('/api/households/home/pins/sausage-smoked~program-nowhere').send(pin).expect(422);
    await api().delete(path).expect(204);
    expect((await api().get('/api/households/home')).body.pins).toEqual([]);
  });
});

describe('foods', () => {
  const label = {
    id: 'own-squares',
    name: 'Crispy squares',
    basisGrams: 30,
    household: null,
    printed: {
      kcal: 130,
      fat: 4,
      satFat: 0.5,
      carbs: 22,
      sugars: 6,
      addedSugars: null,
      fibre: 1,
      protein: 2,
      sodium: 150,
    },
    rules: 'us',
    kinds: [],
    roles: [],
    allergens: ['gluten'],
  };
  it('are added from a label, each change a new revision, own first', async () => {
    const first = await api().post('/api/households/home/foods').send(label).expect(201);
    expect(first.body).toMatchObject({ id: 'own-squares', revision: 1 });
    const second = await api()
      .post('/api/households/home/foods')
      .send({ ...label, name: 'Crispy squares, new recipe' })
      .expect(201);
    expect(second.body.revision).toBe(2);
    const pantry = (await api().get('/api/households/home/foods')).body as Food[];
    expect(pantry[0]).toMatchObject({ id: 'own-squares', revision: 2, name: 'Crispy squares, new recipe' });
    expect(pantry.filter((f) => f.id === 'own-squares')).toHaveLength(1);
    const rows = await server.db
      .selectFrom('food_revision')
      .select('revision')
      .where('food_id', '=', 'own-squares')
      .execute();
    expect(rows).toHaveLength(2);
  });
  it('that ship cannot be overwritten, and no revision is ever changed', async () => {
    await api()
      .post('/api/households/home/foods')
      .send({ ...label, id: 'butter' })
      .expect(409);
    await expect(
      server.db.updateTable('food_revision').set({ body: '{}' }).where('food_id', '=', 'butter').execute(),
    ).rejects.toThrow(/immutable/);
  });
  it('with a bad label are refused field by field', async () => {
    const { body } = await api()
      .post('/api/households/home/foods')
      .send({ ...label, id: 'own-x', basisGrams: 0, printed: { ...label.printed, kcal: -1 } })
      .expect(422);
    expect(body.errors.map((e: { field: string }) => e.field)).toEqual(['basisGrams', 'printed.kcal']);
  });
});

describe('the list of recipes', () => {
  const found = async (query: string): Promise<string[]> =>
    ((await api().get(`/api/households/home/recipes?order=title&${query}`).expect(200)).body as RecipeList).rows.map(
      (r) => r.id,
    );
  const step = (id: string, text: string) => ({ id, text });
  beforeEach(async () => {
    await api().put('/api/households/home/eaters/eater-1').send(eater).expect(200);
    const gratin = newRecipe('gratin', ['1 kg potatoes', '300 ml cream', '50 g walnuts'], {
      facts: { makes: null, times: { prep: 30, cook: 60, total: null }, pans: [], tools: [] },
    });
    await bringIn({
      ...gratin,
      asWritten: {
        ...gratin.asWritten,
        steps: [
          step('gratin-step', 'Layer it in a baking dish, pour the cream over it and bake as a gratin in the oven.'),
        ],
      },
    });
    const soup = newRecipe('soup', ['1 kg carrots', '1 l vegetable broth', '2 tbsp oil']);
    await bringIn({
      ...soup,
      asWritten: {
        ...soup.asWritten,
        steps: [step('soup-step', 'Simmer everything in a pot. Blend the soup smooth.')],
      },
    });
  });
  it('is narrowed by what is read of a dish, and leaves out what is not known', async () => {
    expect(await found('')).toEqual(['gratin', 'soup']);
    expect(await found('appliance=oven')).toEqual(['gratin']);
    expect(await found('appliance=blender')).toEqual(['soup']);
    expect(await found('minutesAtMost=90')).toEqual(['gratin']);
    expect(await found('minutesAtMost=60')).toEqual([]);
    expect(await found('onePot=yes&appliance=hob')).toEqual(['soup']);
    expect(await found('dish=gratin')).toEqual(['gratin']);
    await api().get('/api/households/home/recipes?dish=hat').expect(422);
  });
  it('knows who can eat it, and hears of an allergy at once', async () => {
    const notFor = async () =>
      ((await api().get('/api/households/home/recipes')).body as RecipeList).rows.find((r) => r.id === 'gratin')!
        .notFor;
    expect(await found('canEat=eater-1')).toEqual(['soup']);
    expect(await notFor()).toEqual(['eater-1']);
    const { body } = await api().get('/api/households/home');
    const kept = body.eaters.find((e: { id: string }) => e.id === 'eater-1');
    await api()
      .put('/api/households/home/eaters/eater-1')
      .set('If-Match', `"${kept.revision}"`)
      .send({ ...eater, allergies: [] })
      .expect(200);
    expect(await found('canEat=eater-1')).toEqual(['gratin', 'soup']);
    expect(await notFor()).toEqual([]);
  });
  it('has what the house has but for two things', async () => {
    expect(await found('inHouse=yes')).toEqual([]);
    const stocked = { foodId: 'carrot', name: 'carrots', grams: null, opened: false, useBy: null, lacking: false };
    await api()
      .put('/api/households/home/stock/stock-1')
      .send({ ...stocked, id: 'stock-1' })
      .expect(200);
    expect(await found('inHouse=yes')).toEqual(['soup']);
  });
  it('shows the version that the cook chose, and keeps favourites', async () => {
    const { versions } = (await api().get('/api/households/home/recipes/gratin')).body as RecipePage;
    for (const n of [1, 2]) {
      const copy = {
        ...versions[0]!,
        id: `light-${n}`,
        kind: 'lightened',
        name: `lighter ${n}`,
        parentId: 'gratin-v1',
      };
      const own = copy.lines.map((l) => ({ ...l, id: `${l.id}-${n}` }));
      const steps = copy.steps.map((x) => ({ ...x, id: `${x.id}-${n}` }));
      const forFeast = n === 2 ? { madeFor: 'feast-1' } : {};
      await api()
        .post('/api/households/home/recipes/gratin/versions')
        .send({ ...copy, ...forFeast, lines: own, steps, revision: 0 })
        .expect(201);
    }
    const shown = async () => {
      const { rows } = (await api().get('/api/households/home/recipes')).body as RecipeList;
      return rows.find((r) => r.id === 'gratin')!;
    };
    expect((await shown()).versionId).toBe('light-1');
    const patch = (body: object, revision: number) =>
      api().patch('/api/households/home/recipes/gratin').set('If-Match', `"${revision}"`).send(body).expect(200);
    const chosen = (await patch({ shownVersionId: 'gratin-v1' }, 0)).body;
    expect((await shown()).versionId).toBe('gratin-v1');
    expect(await found('favourite=yes')).toEqual([]);
    await patch({ favourite: true }, chosen.revision);
    expect(await found('favourite=yes')).toEqual(['gratin']);
    expect((await shown()).favourite).toBe(true);
  });
});

describe('recipes', () => {
  it('are brought in, listed and counted', async () => {
    await api().put('/api/households/home/eaters/eater-1').send(eater).expect(200);
    const page = await bringIn(newRecipe('gratin', ['1 kg potatoes', '300 ml cream', '150 g Gruyère']));
    expect(page.versions).toHaveLength(1);
    expect(page.foods.map((f) => f.id).sort()).toEqual(['cream-heavy', 'gruyere', 'potato']);
    const list = (await api().get('/api/households/home/recipes')).body as RecipeList;
    const row = list.rows.find((r) => r.id === 'gratin')!;
    const counted = (await api().get('/api/households/home/versions/gratin-v1/count')).body;
    expect(row.points).toEqual([
      {
        counter: 'eater-1',
        mark: 'LE',
        points: counted.eaters[0].points,
        was: null,
        complete: true,
        low: counted.eaters[0].points,
        high: counted.eaters[0].points,
      },
    ]);
    expect(counted.perServing.kcal.value).toBeCloseTo(row.kcal!, 9);
  });
  it('are found by the foods they use', async () => {
    await bringIn(newRecipe('with-quark', ['250 g fat-free quark']));
    const uses = (food: string) => api().get(`/api/households/home/foods/${food}/uses`);
    expect((await uses('quark-fatfree').expect(200)).body).toEqual([{ id: 'with-quark', title: 'Dish with-quark' }]);
    expect((await uses('lard')).body).toEqual([]);
    expect((await uses('%25').expect(422)).body.title).toBeTruthy();
  });
  it('sent twice are one', async () => {
    const recipe = newRecipe('twice', ['2 eggs']);
    await bringIn(recipe);
    await bringIn(recipe);
    const { rows } = (await api().get('/api/households/home/recipes')).body as RecipeList;
    expect(rows.filter((r) => r.id === 'twice')).toHaveLength(1);
  });
  it('change only from the state they are in', async () => {
    await bringIn(newRecipe('titled', ['2 eggs']));
    await api().patch('/api/households/home/recipes/titled').send({ title: 'Eggs' }).expect(428);
    await api().patch('/api/households/home/recipes/titled').set('If-Match', '"0"').send({ title: 'Eggs' }).expect(200);
    await api()
      .patch('/api/households/home/recipes/titled')
      .set('If-Match', '"0"')
      .send({ title: 'Omelette' })
      .expect(412);
    expect((await api().get('/api/households/home/recipes/titled')).body.recipe).toMatchObject({
      title: 'Eggs',
      revision: 1,
    });
  });
  it('may take from each other, but not in a circle, and stay while they are used', async () => {
    await bringIn(newRecipe('stock', ['2 carrots']));
    const soup = newRecipe('soup', ['1 l stock']);
    const line = {
      ...soup.asWritten.lines[0]!,
      food: { kind: 'recipe', recipeId: 'stock', versionId: 'stock-v1' } as const,
      weight: { grams: 100, low: 100, high: 100, from: 'weight' } as const,
    };
    const page = await bringIn({ ...soup, asWritten: { ...soup.asWritten, lines: [line] } });
    expect(page.inner.map((i) => i.title)).toEqual(['Dish stock']);
    await api().delete('/api/households/home/recipes/stock').expect(409);
    const stock = (await api().get('/api/households/home/versions/stock-v1')).body as KeptVersion;
    const back = {
      ...stock.document.lines[0]!,
      food: { kind: 'recipe', recipeId: 'soup', versionId: 'soup-v1' } as const,
    };
    const entry = {
      id: 'circle-1',
      label: 'circle',
      undoes: null,
      changes: [lineChange(stock.document, back.id, back)],
    };
    const { body } = await api()
      .post('/api/households/home/versions/stock-v1/entries')
      .set('If-Match', '"0"')
      .send(entry)
      .expect(422);
    expect(body.title).toMatch(/contain each other/);
    await api().delete('/api/households/home/recipes/soup').expect(204);
    await api().delete('/api/households/home/recipes/stock').expect(204);
  });
});

describe('entries', () => {
  it('append, apply, survive repetition, and refuse a stale state', async () => {
    const page = await bringIn(newRecipe('entries', ['100 g butter', '2 eggs']));
    const v = page.versions[0]!;
    const line = v.lines[0]!;
    const entry = {
      id: 'entry-1',
      label: 'Less butter',
      undoes: null,
      changes: [lineChange(v, line.id, { ...line, kept: true })],
    };
    const post = (expected: number, e: object) =>
      api().post(`/api/households/home/versions/${v.id}/entries`).set('If-Match', `"${expected}"`).send(e);
    expect((await post(0, entry).expect(200)).headers.etag).toBe('"1"');
    expect((await post(0, entry).expect(200)).body.revision).toBe(1);
    await post(0, { ...entry, id: 'entry-2' }).expect(412);
    const nowhere = { ...line, id: 'nowhere' };
    const strange = { kind: 'line', lineId: 'nowhere', before: nowhere, after: { ...nowhere, kept: true }, index: 0 };
    await post(1, { ...entry, id: 'entry-3', changes: [strange] }).expect(409);
    await post(1, { ...entry, id: 'entry-5', changes: [{ ...strange, lineId: line.id }] }).expect(422);
    await post(1, { ...entry, id: 'entry-4', changes: [] }).expect(422);
    const after = (await api().get(`/api/households/home/versions/${v.id}`)).body as KeptVersion;
    expect(after.entries.map((e) => e.id)).toEqual(['entry-1']);
    expect(after.document.lines[0]!.kept).toBe(true);
    await expect(
      server.db.updateTable('entry').set({ body: '{}' }).where('id', '=', 'entry-1').execute(),
    ).rejects.toThrow(/append-only/);
  });
  it('hold servings to what can be', async () => {
    const page = await bringIn(newRecipe('servings', ['2 eggs']));
    const send = (after: unknown) =>
      api()
        .post(`/api/households/home/versions/${page.versions[0]!.id}/entries`)
        .set('If-Match', '"0"')
        .send({ id: 'entry-s', label: 'servings', undoes: null, changes: [{ kind: 'servings', before: 4, after }] });
    for (const bad of [0, 1000, -2, 'many']) expect((await send(bad).expect(422)).body.title).toBeTruthy();
    expect((await send(null).expect(200)).body.document.servings).toBeNull();
  });
});

describe('versions', () => {
  it('are made from one of the recipe’s, and only those lightened can go', async () => {
    const page = await bringIn(newRecipe('versions', ['100 g butter']));
    const parent = page.versions[0]!;
    const copy: Version = {
      ...parent,
      id: 'versions-v2',
      parentId: parent.id,
      kind: 'lightened',
      name: 'lightened',
      lines: parent.lines.map((l) => ({ ...l, id: `${l.id}-2` })),
    };
    await api().post('/api/households/home/recipes/versions/versions').send(copy).expect(201);
    await api().post('/api/households/home/recipes/versions/versions').send(copy).expect(201);
    await api()
      .post('/api/households/home/recipes/versions/versions')
      .send({ ...copy, id: 'versions-v3', parentId: 'elsewhere' })
      .expect(422);
    await api().delete(`/api/households/home/versions/${parent.id}`).expect(409);
    await api().delete('/api/households/home/versions/versions-v2').expect(204);
    expect((await api().get('/api/households/home/recipes/versions')).body.versions).toHaveLength(1);
  });
});

describe('scoring over the wire', () => {
  it('answers as the engine does', async () => {
    const { body } = await api()
      .post('/api/households/home/score')
      .send({ text: 'Stew\nServes 4\n1 lb 80/20 ground beef\n2 onions' })
      .expect(200);
    expect(body.programs.map((p: { mark: string }) => p.mark)).toEqual(['LE', 'LA', 'HA', 'HO']);
    expect(body.unresolved).toEqual([]);
  });
});

describe('bad requests', () => {
  it.each([
    ['not JSON', () => api().post('/api/households').set('Content-Type', 'application/json').send('{no'), 400],
    ['another type', () => api().post('/api/households').set('Content-Type', 'text/plain').send('hello'), 415],
    ['an unknown household', () => api().get('/api/households/nowhere'), 404],
    ['an unknown recipe', () => api().get('/api/households/home/recipes/nowhere'), 404],
    ['an unknown version', () => api().get('/api/households/home/versions/nowhere'), 404],
    ['an unknown card', () => api().delete('/api/households/home/cards/nowhere'), 404],
    ['an unknown path', () => api().get('/api/nonsense'), 404],
    [
      'three megabytes',
      () =>
        api()
          .post('/api/households/home/score')
          .send({ text: 'x'.repeat(3_000_000) }),
      413,
    ],
    [
      '200 kB of noise',
      () =>
        api()
          .post('/api/households/home/score')
          .send({ text: 'x1 '.repeat(70_000) }),
      422,
    ],
    ['a list for an object', () => api().post('/api/households/home/recipes').send([1, 2]), 422],
    [
      '401 lines',
      () =>
        api()
          .post('/api/households/home/recipes')
          .send(
            newRecipe(
              'long',
              Array.from({ length: 401 }, () => '1 egg'),
            ),
          ),
      422,
    ],
  ] as const)('%s get a clear answer', async (_, send, status) => {
    const response = await send();
    expect(response.status).toBe(status);
    expect(response.headers['content-type']).toContain('application/problem+json');
    const body = JSON.parse(response.text);
    expect(body).toMatchObject({ status, title: expect.any(String) });
    expect(response.text).not.toMatch(/at .*\.(ts|js):\d/);
  });
});
