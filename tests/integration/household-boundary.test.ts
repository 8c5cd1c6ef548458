import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { RecipeList, RecipePage } from '../../src/contract/recipe.ts';
import { addHousehold } from '../../src/server/store/households.ts';
import { purge } from '../../src/server/store/purge.ts';
import { NOW, type TestServer, testServer } from '../support/test-server.ts';
import { readVersion } from '../support/test-version.ts';

let server: TestServer;
const api = () => request(server.app);
const home = '/api/households/home';
const other = '/api/households/other-home';

function recipeOf(id: string, lines: readonly string[], takes: string | null = null) {
  const version = readVersion(lines, { id: `${id}-v1`, recipeId: id, servings: 4 });
  const own = version.lines.map((l, i) => ({
    ...l,
    id: `${id}-l${i}`,
    originLineId: `${id}-l${i}`,
    ...(takes !== null &&
      i === 0 && {
        food: { kind: 'recipe' as const, recipeId: takes, versionId: `${takes}-v2` },
        weight: { grams: 50, low: 50, high: 50, from: 'weight' as const },
      }),
  }));
  const credit = { author: 'the grandmother', url: null, whose: 'family' };
  return { id, title: `Dish ${id}`, credit, claims: [], notes: '', asWritten: { ...version, lines: own } };
}
const add = (recipe: object, where = home) => api().post(`${where}/recipes`).send(recipe);
const copyOf = async (id: string, where = home) => {
  const page = (await api().get(`${where}/recipes/${id}`)).body as RecipePage;
  const [written] = page.versions;
  return {
    ...written!,
    id: `${id}-v2`,
    kind: 'lightened',
    parentId: written!.id,
    name: 'lightened',
    lines: written!.lines.map((l) => ({ ...l, id: `${l.id}-2` })),
  };
};

beforeEach(async () => {
  server = await testServer();
  await addHousehold(
    server.context,
    { id: 'other-home', name: 'Next door', demo: false, system: 'us', region: 'us', zone: 'UTC', sourceWords: {} },
    NOW.toISOString(),
  );
  await add(recipeOf('their-cake', ['100 g butter']), other).expect(201);
  await api()
    .post(`${other}/recipes/their-cake/versions`)
    .send(await copyOf('their-cake', other))
    .expect(201);
  await api()
    .put(`${other}/feasts/their-feast`)
    .send({ name: 'X', day: null, people: 2, dishes: [], targets: {} })
    .expect(200);
  await api()
    .put(`${other}/eaters/their-eater`)
    .send({ name: 'Cleo', programId: null, exceptions: [], allergies: [], avoids: [] })
    .expect(200);
});
afterEach(() => server.close());

describe('a household is a boundary', () => {
  it('what is another’s is not there, whatever is asked of it', async () => {
    await api().get(`${home}/recipes/their-cake`).expect(404);
    await api().patch(`${home}/recipes/their-cake`).set('If-Match', '"0"').send({ title: 'Mine' }).expect(404);
    await api().delete(`${home}/recipes/their-cake`).expect(404);
    for (const path of ['', '/count', '/card', '/document'])
      await api().get(`${home}/versions/their-cake-v1${path}`).expect(404);
    await api().delete(`${home}/versions/their-cake-v2`).expect(404);
    await api().post(`${home}/versions/their-cake-v1/cards`).expect(404);
    await api().post(`${home}/stock/take`).send({ versionId: 'their-cake-v1' }).expect(404);
    const entry = { id: 'stray-entry', label: 'x', undoes: null, changes: [{ kind: 'servings', before: 4, after: 9 }] };
    await api().post(`${home}/versions/their-cake-v1/entries`).send({ base: 0, entry }).expect(404);
    await api().get(`${home}/feasts/their-feast`).expect(404);
    await api().delete(`${home}/eaters/their-eater`).expect(404);
    await api().post(`${home}/eaters/their-eater/restore`).expect(404);
    const [link] =
      (await api().post(`${other}/versions/their-cake-v1/cards`).expect(201)) &&
      (await api().get(`${other}/recipes/their-cake`)).body.cards;
    await api().delete(`${home}/cards/${link.id}`).expect(404);
    expect((await api().get(`${other}/recipes/their-cake`)).body.recipe.title).toBe('Dish their-cake');
  });
  it('an id that another has cannot be taken', async () => {
    await add(recipeOf('their-cake', ['2 eggs'])).expect(404);
    await api()
      .put(`${home}/eaters/their-eater/document`)
      .send({ name: 'X', programId: null, exceptions: [], allergies: [], avoids: [] })
      .expect(404);
    await api()
      .put(`${home}/feasts/their-feast`)
      .send({ name: 'X', day: null, people: 2, dishes: [], targets: {} })
      .expect(404);
  });
  it('a line takes from no other household’s recipe', async () => {
    await add(recipeOf('thief', ['100 g cake'], 'their-cake')).expect(422);
  });
});

/** A sauce, lightened, and a dish that takes from it. */
async function addPasta() {
  await add(recipeOf('sauce', ['100 g butter', '200 ml cream'])).expect(201);
  await api()
    .post(`${home}/recipes/sauce/versions`)
    .send(await copyOf('sauce'))
    .expect(201);
  await add(recipeOf('pasta', ['50 g sauce', '200 g flour'], 'sauce')).expect(201);
}
const runa = { name: 'Runa', programId: 'program-ledger', exceptions: [], allergies: ['peanuts'], avoids: [] };
const addEater = (id: string, name: string) =>
  api()
    .put(`${home}/eaters/${id}`)
    .send({ ...runa, name })
    .expect(200);
const addMany = async () => {
  for (let n = 0; n < 23; n++)
    await add(recipeOf(`many-${n}`, [`${20 + ((n * 37) % 90)} g butter`, '2 eggs'])).expect(201);
};

describe('what others take from', () => {
  it('is refused by name, and goes when nothing needs it', async () => {
    await addPasta();
    const version = await api().delete(`${home}/versions/sauce-v2`).expect(409);
    expect(version.body).toMatchObject({
      type: 'urn:imbiss:problem:in-use',
      title: '"Dish pasta" takes from this version.',
    });
    const recipe = await api().delete(`${home}/recipes/sauce`).expect(409);
    expect(recipe.body.detail).toContain('"Dish pasta"');
    await api().delete(`${home}/recipes/pasta`).expect(204);
    await api().delete(`${home}/versions/sauce-v2`).expect(204);
    // Bringing the taker back shows that what it takes from is gone: an open line, and a count so far.
    await api().post(`${home}/recipes/pasta/restore`).expect(200);
    const { body } = await api().get(`${home}/versions/pasta-v1/count`).expect(200);
    expect(body.open).toEqual(['pasta-l0']);
    await api().post(`${home}/versions/sauce-v2/restore`).expect(200);
    expect((await api().get(`${home}/versions/pasta-v1/count`)).body.open).toEqual([]);
  });
  it('is counted anew when it changes: the outer recipe’s row follows the inner one', async () => {
    await addPasta();
    const row = async () => ((await api().get(`${home}/recipes?q=pasta`)).body as RecipeList).rows[0]!;
    const before = (await row()).kcal!;
    const { document } = (await api().get(`${home}/versions/sauce-v2`)).body;
    const line = document.lines[1];
    const half = { ...line, weight: { ...line.weight, grams: 20, low: 20, high: 20 } };
    const entry = {
      id: 'less-cream',
      label: 'Less cream',
      undoes: null,
      changes: [{ kind: 'line', lineId: line.id, before: line, after: half, index: 1 }],
    };
    await api().post(`${home}/versions/sauce-v2/entries`).send({ base: 0, entry }).expect(200);
    const counted = (await api().get(`${home}/versions/pasta-v1/count`)).body.perServing.kcal.value;
    expect((await row()).kcal).toBeCloseTo(counted, 9);
    expect(Math.abs(counted - before)).toBeGreaterThan(1);
  });
});

describe('removing', () => {
  it('of an eater keeps verdicts and place at the table', async () => {
    await addPasta();
    await addEater('eater-a', 'Runa');
    await addEater('eater-b', 'Tomas');
    await api()
      .put(`${home}/verdicts`)
      .send({ versionId: 'pasta-v1', eaterId: 'eater-a', again: 'again', enough: null, note: 'good' })
      .expect(200);
    await api().delete(`${home}/eaters/eater-a`).expect(204);
    const names = async () => (await api().get(home)).body.eaters.map((e: { name: string }) => e.name);
    expect(await names()).toEqual(['Tomas']);
    await api()
      .put(`${home}/eaters/eater-b`)
      .set('If-Match', '"1"')
      .send({ ...runa, name: 'Thomas' })
      .expect(200);
    await api().post(`${home}/eaters/eater-a/restore`).expect(200);
    expect(await names()).toEqual(['Runa', 'Thomas']);
    expect((await api().get(`${home}/verdicts`)).body).toMatchObject([{ eaterId: 'eater-a', note: 'good' }]);
  });
  it('of a recipe takes its cards away and brings them back with it', async () => {
    await add(recipeOf('carded', ['100 g butter'])).expect(201);
    const { body } = await api().post(`${home}/versions/carded-v1/cards`).expect(201);
    const path = new URL(body.url).pathname;
    await request(server.cards).get(path).expect(200);
    await api().delete(`${home}/recipes/carded`).expect(204);
    await request(server.cards).get(path).expect(404);
    expect((await api().get(`${home}/recipes?q=carded`)).body.rows).toEqual([]);
    await api().post(`${home}/recipes/carded/restore`).expect(200);
    await request(server.cards).get(path).expect(200);
    expect((await api().get(`${home}/recipes?q=carded`)).body.rows).toHaveLength(1);
  });
  it('of an own food takes it off the shelf and leaves the lines that name it', async () => {
    const butter = (await api().get(`${home}/foods?ids=butter`)).body[0];
    await api()
      .put(`${home}/foods/own-butter`)
      .send({ ...butter, name: 'Seehof butter' })
      .expect(200);
    const recipe = recipeOf('with-own', ['100 g butter']);
    const line = { ...recipe.asWritten.lines[0]!, food: { kind: 'food', foodId: 'own-butter', revision: 1 } };
    await add({ ...recipe, asWritten: { ...recipe.asWritten, lines: [line] } }).expect(201);
    const kcal = (await api().get(`${home}/versions/with-own-v1/count`)).body.perServing.kcal.value;
    await api().delete(`${home}/foods/own-butter`).expect(204);
    expect((await api().get(`${home}/foods?ids=own-butter`)).body).toEqual([]);
    expect((await api().get(`${home}/versions/with-own-v1/count`)).body.perServing.kcal.value).toBe(kcal);
    await api().post(`${home}/foods/own-butter/restore`).expect(204);
    expect((await api().get(`${home}/foods?ids=own-butter`)).body).toHaveLength(1);
    await api().delete(`${home}/foods/butter`).expect(409);
  });
  it('is for good after thirty days, but for what something still takes from', async () => {
    await add(recipeOf('carded', ['100 g butter'])).expect(201);
    await api().delete(`${home}/recipes/carded`).expect(204);
    expect(await purge(server.context)).toEqual({});
    server.setClock(new Date(NOW.getTime() + 31 * 86_400_000));
    expect(await purge(server.context)).toMatchObject({ recipe: 1 });
    await api().post(`${home}/recipes/carded/restore`).expect(404);
    server.setClock(NOW);
    const plan = server.connection.prepare('explain query plan delete from version where id = ?').all(['x']);
    expect(JSON.stringify(plan)).not.toContain('SCAN');
  });
});

describe('two devices at the API', () => {
  it('send what they saw: what does not touch is joined, what does is a question with both copies', async () => {
    await add(recipeOf('twice', ['100 g butter', '2 eggs'])).expect(201);
    const path = `${home}/versions/twice-v1/entries`;
    const send = (id: string, change: object) =>
      api()
        .post(path)
        .send({ base: 0, entry: { id, label: id, undoes: null, changes: [change] } });
    await send('entry-one', { kind: 'servings', before: 4, after: 9 }).expect(200);
    const joined = await send('entry-two', { kind: 'name', before: 'as written', after: 'from the notebook' }).expect(
      200,
    );
    expect(joined.body).toMatchObject({ revision: 2, document: { servings: 9, name: 'from the notebook' } });
    expect(joined.body.entries.map((e: { id: string }) => e.id)).toEqual(['entry-one', 'entry-two']);
    const asked = await send('entry-three', { kind: 'servings', before: 4, after: 6 }).expect(409);
    expect(asked.body).toMatchObject({
      type: 'urn:imbiss:problem:conflict',
      differences: [{ what: 'servings', here: '6', there: '9' }],
      kept: { revision: 2, document: { servings: 9 } },
    });
    // A script that names its state exactly is told so, and nothing is joined behind its back.
    const entry = {
      id: 'entry-four',
      label: 'x',
      undoes: null,
      changes: [{ kind: 'name', before: 'from the notebook', after: 'x' }],
    };
    await api().post(path).set('If-Match', '"0"').send(entry).expect(412);
    await api().post(path).send(entry).expect(428);
  });
  it('change one title each, and both are told what became of it', async () => {
    await add(recipeOf('twice', ['100 g butter', '2 eggs'])).expect(201);
    const patch = (title: string) => api().patch(`${home}/recipes/twice`).set('If-Match', '"0"').send({ title });
    const [first, second] = await Promise.all([patch('First'), patch('Second')]);
    expect([first.status, second.status].sort()).toEqual([200, 412]);
  });
  it('hear of each other by one stream', async () => {
    const heard: unknown[] = [];
    const deaf = server.context.changes.listen('home', (notes) => heard.push(...notes));
    await api().patch(home).send({ name: 'Home' }).expect(200);
    await api()
      .put(`${home}/stock/heard-item`)
      .send({ foodId: null, name: 'salt', grams: null, opened: false, useBy: null, lacking: false })
      .expect(200);
    deaf();
    await api().delete(`${home}/stock/heard-item`).expect(204);
    expect(heard).toEqual([{ kind: 'stock', id: 'heard-item', revision: 1 }]);
  });
});

describe('the list of recipes', () => {
  it('comes in pages that fit together, in every order, with what was asked for', async () => {
    await addEater('eater-a', 'Runa');
    await addMany();
    for (const order of ['changed', 'title', 'kcal', 'points', 'mostPoints']) {
      const seen: string[] = [];
      for (let after = ''; ; ) {
        const path = `${home}/recipes?q=many&order=${order}&counter=eater-a&limit=7${after && `&after=${after}`}`;
        const { rows, next, total } = (await api().get(path).expect(200)).body as RecipeList;
        expect(total).toBe(after === '' ? 23 : null);
        seen.push(...rows.map((r) => r.id));
        if (next === null) break;
        after = next;
      }
      expect(new Set(seen).size, order).toBe(23);
      expect(seen, order).toHaveLength(23);
    }
    const light = (await api().get(`${home}/recipes?q=many&order=points&counter=eater-a&pointsAtMost=5`))
      .body as RecipeList;
    const points = light.rows.map((r) => r.points.find((p) => p.counter === 'eater-a')!.points);
    expect(points.length).toBeGreaterThan(0);
    expect(points).toEqual([...points].sort((a, b) => a - b));
    expect(Math.max(...points)).toBeLessThanOrEqual(5);
    await api().get(`${home}/recipes?after=nonsense`).expect(422);
    // An ingredient and a source find it, too.
    expect(((await api().get(`${home}/recipes?q=grandmo%20butter`)).body as RecipeList).total).toBeGreaterThan(22);
  });
  it('says what is being counted anew, and says it right once it is', async () => {
    await addEater('eater-a', 'Runa');
    await addMany();
    await server.renew();
    await api()
      .put(`${home}/eaters/eater-a`)
      .set('If-Match', '"1"')
      .send({ ...runa, exceptions: [{ foodId: 'butter', uncounted: true }] })
      .expect(200);
    const list = async () => (await api().get(`${home}/recipes?q=many`)).body as RecipeList;
    expect((await list()).counting).toBeGreaterThan(20);
    expect((await list()).rows.every((r) => r.stale)).toBe(true);
    await server.renew();
    const { rows, counting } = await list();
    expect(counting).toBe(0);
    for (const r of rows) {
      const { eaters } = (await api().get(`${home}/versions/${r.versionId}/count`)).body;
      expect(r.points.map((p) => p.points)).toEqual(eaters.map((e: { points: number }) => e.points));
    }
  });
});
