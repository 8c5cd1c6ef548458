import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { countFeast } from '../../src/core/feast/count-feast.ts';
import type { Feast } from '../../src/core/feast/feast.ts';
import { plainCounter } from '../../src/core/program/program.ts';
import { SAMPLE_PROGRAMS } from '../../src/core/program/samples.ts';
import { type TestServer, testServer } from '../support/test-server.ts';
import { kitchenOf, readVersion } from '../support/test-version.ts';

let server: TestServer;
const base = '/api/households/home';
const version = readVersion(['200 g soured cream'], { id: 'feast-version', recipeId: 'feast-recipe' });
const asWritten = {
  ...version,
  lines: version.lines.map((l) => ({ ...l, id: 'feast-line', originLineId: 'feast-line' })),
};
beforeEach(async () => {
  server = await testServer();
  await request(server.app)
    .post(`${base}/recipes`)
    .send({
      id: 'feast-recipe',
      title: 'Cream',
      credit: { author: null, url: null, whose: 'own' },
      claims: [],
      notes: '',
      asWritten,
    })
    .expect(201);
  await request(server.app).post('/api/households').send({ id: 'other-home', name: 'Other', zone: 'UTC' });
});
afterEach(() => server.close());

const swap = {
  name: 'quark for soured cream',
  kind: 'standIn',
  role: 'creaminess',
  from: ['cream-sour'],
  into: [{ foodId: 'quark-fatfree', ratio: 1 }],
  share: 1,
  mostShare: 1,
  stays: 0,
  departure: 9.5,
  method: 'Stir it in off the heat.',
  watch: null,
  why: '',
  retired: false,
};

describe('swaps of a household', () => {
  const put = (id: string, body: object, home = base) => request(server.app).put(`${home}/swaps/${id}`).send(body);
  const all = async (home = base) => (await request(server.app).get(`${home}/swaps`).expect(200)).body;
  it('are kept, changed and retired, and stay with their household', async () => {
    await put('own-swap-one', swap).expect(200);
    expect(await all()).toEqual([{ ...swap, id: 'own-swap-one', revision: 1 }]);
    await put('own-swap-one', { ...swap, retired: true, departure: 12 }).expect(428);
    await put('own-swap-one', { ...swap, retired: true, departure: 12 })
      .set('If-Match', '"1"')
      .expect(200);
    expect(await all()).toEqual([{ ...swap, id: 'own-swap-one', retired: true, departure: 12, revision: 2 }]);
    expect(await all('/api/households/other-home')).toEqual([]);
    await put('own-swap-one', swap, '/api/households/other-home').expect(404);
  });
  it('fit together, with foods of the pantry, and never in place of a shipped one', async () => {
    const unknown = await put('own-swap-two', { ...swap, from: ['no-such-food'] }).expect(422);
    expect(unknown.body.title).toMatch(/no food no-such-food/);
    const empty = await put('own-swap-two', { ...swap, into: [] }).expect(422);
    expect(empty.body.detail).toMatch(/what comes in/);
    await put('own-swap-two', { ...swap, departure: 0 }).expect(422);
    await put('own-swap-two', { ...swap, share: 1.5 }).expect(422);
    await put('cream-to-evaporated', { ...swap, from: ['cream-heavy'] }).expect(409);
    await request(server.app).get('/api/households/nowhere/swaps').expect(404);
  });
});

describe('feasts', () => {
  const feast: Feast = {
    id: 'feast-one',
    name: 'Supper',
    day: '2026-12-05',
    guests: [],
    bought: [],
    people: 14,
    dishes: [
      { recipeId: 'feast-recipe', versionId: 'feast-version', portions: { 'eater-one': 1.5 }, mostDeparture: 15 },
    ],
    targets: { 'eater-one': 14 },
    revision: 0,
  };
  const put = (body: object, revision: number | null, home = base) => {
    const sent = request(server.app).put(`${home}/feasts/feast-one`);
    return (revision === null ? sent : sent.set('If-Match', `"${revision}"`)).send(body);
  };
  it('are kept with their dishes, and say their state', async () => {
    const kept = await put(feast, 0).expect(200);
    expect(kept.headers.etag).toBe('"1"');
    expect(kept.body).toEqual({ ...feast, revision: 1 });
    expect((await request(server.app).get(`${base}/feasts`)).body).toEqual([
      { ...feast, revision: 1, titles: ['Cream'] },
    ]);
    const page = await request(server.app).get(`${base}/feasts/feast-one`).expect(200);
    expect(page.body.feast).toEqual({ ...feast, revision: 1 });
    expect(page.body.pages[0].versions[0].id).toBe('feast-version');
  });
  it('are counted as the engine counts them, for everyone who counts', async () => {
    await put(feast, 0).expect(200);
    const eater = { name: 'One', programId: 'program-ledger', exceptions: [], allergies: [], avoids: [] };
    await request(server.app).put(`${base}/eaters/eater-one`).send(eater).expect(200);
    const { body } = await request(server.app).get(`${base}/feasts/feast-one/count`).expect(200);
    const counter = plainCounter(SAMPLE_PROGRAMS.find((p) => p.id === 'program-ledger')!);
    const [plate] = countFeast([{ version: asWritten, portions: [1.5] }], kitchenOf(), [counter]).plates;
    expect(body.plates).toHaveLength(1);
    expect(body.plates[0]).toMatchObject({ eater: 'One', mark: 'LE', points: plate!.points, apart: plate!.apart });
    expect(body.plates[0].raw).toBeCloseTo(plate!.raw, 9);
    expect(body.plates[0].dishes[0]).toMatchObject({ title: 'Cream', count: { portion: 1.5 } });
    await request(server.app).get(`${base}/feasts/nothing-here/count`).expect(404);
  });
  it('are not overwritten by a device that has not seen the last state', async () => {
    await put(feast, 0).expect(200);
    await put({ ...feast, name: 'Stale' }, 0).expect(412);
    await put({ ...feast, name: 'Blind' }, null).expect(428);
    await put({ ...feast, name: 'Supper by the lake' }, 1).expect(200);
    expect((await request(server.app).get(`${base}/feasts/feast-one`)).body.feast.name).toBe('Supper by the lake');
  });
  it('hold only this household’s dishes, each once, in portions that can be', async () => {
    await put(feast, 0).expect(200);
    const stray = { ...feast.dishes[0]!, recipeId: 'nothing-here' };
    await put({ ...feast, dishes: [stray] }, 1).expect(422);
    await put({ ...feast, dishes: [feast.dishes[0], feast.dishes[0]] }, 1).expect(422);
    await put({ ...feast, dishes: [{ ...feast.dishes[0], portions: { 'eater-one': -1 } }] }, 1).expect(422);
    await put({ ...feast, people: 0 }, 1).expect(422);
    await put({ ...feast, day: '2026-02-30' }, 1).expect(422);
    await put(feast, 0, '/api/households/other-home').expect(422);
    await put({ ...feast, dishes: [] }, 0, '/api/households/other-home').expect(404);
  });
  it('go on without a version or a recipe that was removed', async () => {
    const copy = {
      ...asWritten,
      id: 'feast-lighter',
      kind: 'lightened',
      parentId: 'feast-version',
      lines: asWritten.lines.map((l) => ({ ...l, id: 'lighter-line' })),
    };
    await request(server.app).post('/api/households/home/recipes/feast-recipe/versions').send(copy).expect(201);
    await put({ ...feast, dishes: [{ ...feast.dishes[0], versionId: 'feast-lighter' }] }, 0).expect(200);
    await request(server.app).delete('/api/households/home/versions/feast-lighter').expect(204);
    const dishes = async () => (await request(server.app).get(`${base}/feasts/feast-one`)).body.feast.dishes;
    expect((await dishes())[0].versionId).toBe('feast-version');
    await request(server.app).delete('/api/households/home/recipes/feast-recipe').expect(204);
    expect(await dishes()).toEqual([]);
    await request(server.app).delete(`${base}/feasts/feast-one`).expect(204);
    await request(server.app).get(`${base}/feasts/feast-one`).expect(404);
  });
});
