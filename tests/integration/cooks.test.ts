import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { freeze } from '../../src/core/cook/freeze.ts';
import { countVersion } from '../../src/core/counting/count-version.ts';
import { plainCounter } from '../../src/core/program/program.ts';
import { openDatabase } from '../../src/server/db/open.ts';
import { BOXES, COOKS, EMPTY_VESSELS } from '../../src/server/store/cook-shelf.ts';
import { scopeOf } from '../../src/server/store/scope.ts';
import { layDown } from '../support/old-database.ts';
import { sample } from '../support/test-lines.ts';
import { type TestServer, testServer } from '../support/test-server.ts';
import { kitchenOf, readVersion } from '../support/test-version.ts';

let server: TestServer;
beforeEach(async () => {
  server = await testServer();
  const version = readVersion(['1 kg potatoes', '500 g carrots'], {
    id: 'stew-v1',
    recipeId: 'stew',
    servings: 6,
    steps: [],
  });
  const lines = version.lines.map((l) => ({ ...l, id: `stew-${l.id}`, originLineId: `stew-${l.id}` }));
  await api()
    .post(`${home}/recipes`)
    .send({
      id: 'stew',
      title: 'Stew',
      credit: { author: null, url: null, whose: 'own' },
      claims: [],
      notes: '',
      asWritten: { ...version, lines },
    })
    .expect(201);
});
afterEach(() => server.close());

const home = '/api/households/home';
const api = () => request(server.app);
const cook = (over: object = {}) => ({
  id: 'cook-1',
  recipeId: 'stew',
  fromId: 'stew-v1',
  versionId: 'stew-v1',
  as: 'cooked',
  day: '2026-11-27',
  out: { by: 'grams', amount: 2000, grams: 2000, cut: null },
  gross: 3200,
  vesselId: null,
  plates: { 'eater-1': 0.25 },
  beside: {},
  tookStock: false,
  minutes: null,
  verdicts: {},
  note: '',
  frozen: null,
  ...over,
});
const box = (id: string, share: number, over: object = {}) => ({
  id,
  cookId: 'cook-1',
  recipeId: 'stew',
  title: 'Stew',
  share,
  grams: share * 2000,
  eaterId: null,
  kindId: null,
  as: 'cooked',
  apart: [],
  place: 'fridge',
  packed: '2026-11-27',
  keepUntil: '2026-11-30',
  counts: [],
  kcal: 300,
  protein: null,
  taken: null,
  kept: null,
  ...over,
});
const make = (kind: string, document: { id: string }) =>
  api().put(`${home}/${kind}/${document.id}/document`).send(document);
const change = (
  kind: string,
  id: string,
  base: number,
  path: string[],
  before: unknown,
  after: unknown,
  entry = `${id}-${path[0]}`,
) =>
  api()
    .post(`${home}/${kind}/${id}/entries`)
    .send({
      base,
      entry: { id: entry, label: 'Change', undoes: null, changes: [{ kind: 'field', path, before, after }] },
    });

describe('a pot and its boxes', () => {
  it('are kept, and more than came out of the pot is refused in words, wherever it is tried', async () => {
    await make('cooks', cook()).expect(200);
    await make('boxes', box('box-1', 0.25)).expect(200);
    await make('boxes', box('box-2', 0.5)).expect(200);
    const refused = await make('boxes', box('box-3', 0.1)).expect(422);
    expect(refused.body.title).toBe('Plates and boxes take more than came out.');
    expect(refused.body.detail).toMatch(/weigh the pot again/);
    await change('cooks', 'cook-1', 1, ['plates', 'eater-1'], 0.25, 0.3).expect(422);
    await change('boxes', 'box-1', 1, ['share'], 0.25, 0.2).expect(200);
    await change('cooks', 'cook-1', 1, ['plates', 'eater-1'], 0.25, 0.3, 'again').expect(200);
    expect((await api().get(`${home}/cooks?recipe=stew`).expect(200)).body).toHaveLength(1);
    expect((await api().get(`${home}/boxes`).expect(200)).body.map((b: { id: string }) => b.id)).toEqual([
      'box-1',
      'box-2',
    ]);
  });
  it.each([
    ['0 pieces', { out: { by: 'pieces', amount: 0, grams: null, cut: null } }, /amount: must be above 0/],
    ['a weight below nothing', { out: { by: 'grams', amount: -5, grams: -5, cut: null } }, /must be above 0/],
    ['a plate below nothing', { plates: { 'eater-1': -0.1 } }, /cannot be below 0/],
    ['a version of another recipe', { versionId: 'nowhere-1', fromId: 'nowhere-2' }, /no such version/],
  ])('refuse %s', async (_, over, words) => {
    const { body } = await make('cooks', cook(over)).expect(422);
    expect(`${body.title} ${body.detail}`).toMatch(words);
  });
  it('are each taken by one: the other device is told who was first, and what it wanted is not lost', async () => {
    await make('cooks', cook()).expect(200);
    await make('boxes', box('box-1', 0.25)).expect(200);
    const runa = { eaterId: 'eater-1', name: 'Runa', at: '2026-11-28T11:00:00Z', entryId: null };
    const tomas = { eaterId: 'eater-2', name: 'Tomas', at: '2026-11-28T11:00:05Z', entryId: null };
    await change('boxes', 'box-1', 1, ['taken'], null, runa, 'runa-takes').expect(200);
    const told = await change('boxes', 'box-1', 1, ['taken'], null, tomas, 'tomas-takes').expect(409);
    expect(JSON.stringify(told.body)).toContain('who took it');
    expect(JSON.stringify(told.body)).toContain('there Runa');
    const [kept] = (await api().get(`${home}/boxes`).expect(200)).body;
    expect(kept.taken).toEqual(runa);
    // Put back, it is there for the other.
    await change('boxes', 'box-1', 2, ['taken'], runa, null, 'runa-puts-back').expect(200);
    await change('boxes', 'box-1', 3, ['taken'], null, tomas, 'tomas-takes-it').expect(200);
  });
  it('keep a cook that still has boxes, and nobody else sees any of it', async () => {
    await make('cooks', cook()).expect(200);
    await make('boxes', box('box-1', 0.25)).expect(200);
    const { body } = await api().delete(`${home}/cooks/cook-1`).expect(409);
    expect(`${body.title} ${body.detail}`).toMatch(/Boxes of it are still there/);
    await api().post('/api/households').send({ id: 'next-door', name: 'Next door', zone: 'UTC' }).expect(201);
    expect((await api().get('/api/households/next-door/boxes').expect(200)).body).toEqual([]);
    await api().get('/api/households/next-door/boxes/box-1/document').expect(404);
    await api().get('/api/households/next-door/cooks/cook-1/document').expect(404);
    await api()
      .put('/api/households/next-door/boxes/box-1/document')
      .send(box('box-1', 0.25))
      .expect((r) => expect(r.status).toBeGreaterThanOrEqual(400));
  });
});

describe('kits', () => {
  it('are raw: what they weigh teaches nothing of what the dish weighs cooked', async () => {
    await make(
      'cooks',
      cook({ as: 'kits', plates: {}, gross: null, out: { by: 'pieces', amount: 3, grams: 1500, cut: null } }),
    ).expect(200);
    const { body } = await api().get(`${home}/recipes/stew`).expect(200);
    expect(body.cooked.map((c: { id: string; grams: number | null }) => [c.id, c.grams])).toEqual([['cook-1', null]]);
  });
});

describe('a base in boxes', () => {
  it('gets less by the dish that names it, and all of it comes back with the way back', async () => {
    const eaters = [{ key: 'eater-1', program: sample('LE'), counter: plainCounter(sample('LE')) }];
    const version = readVersion(['1 kg potatoes', '500 g carrots'], { servings: 6 });
    const counted = countVersion(version, kitchenOf(), [eaters[0]!.counter]);
    await make('cooks', cook({ frozen: freeze(counted, eaters, '2026-11-27T18:00:00Z') })).expect(200);
    await make('boxes', box('box-1', 0.25)).expect(200);
    await make('boxes', box('box-2', 0.25, { keepUntil: '2026-12-02' })).expect(200);
    const bake = readVersion(['700 g stew'], { id: 'bake-v1', recipeId: 'bake', servings: 4, steps: [] });
    const lines = bake.lines.map((l) => ({
      ...l,
      id: 'bake-l0',
      originLineId: 'bake-l0',
      food: { kind: 'recipe', recipeId: 'stew', versionId: 'stew-v1', cooked: 2000, cookId: 'cook-1' },
      weight: { grams: 700, low: 700, high: 700, from: 'weight' },
    }));
    await api()
      .post(`${home}/recipes`)
      .send({
        id: 'bake',
        title: 'Stew bake',
        credit: { author: null, url: null, whose: 'own' },
        claims: [],
        notes: '',
        asWritten: { ...bake, lines },
      })
      .expect(201);
    // 700 of 2,000 g cooked is 35 % of 1,000 g potatoes and 500 g carrots, whatever they weighed raw.
    const whole = counted.perServing.kcal.value! * 6;
    const own = (await api().get(`${home}/versions/bake-v1/count`).expect(200)).body;
    expect(own.perServing.kcal.value * 4).toBeCloseTo(whole * 0.35, 3);
    const { body } = await api().post(`${home}/stock/take`).send({ versionId: 'bake-v1' }).expect(200);
    expect(body.boxes.map((b: { before: { id: string } }) => b.before.id)).toEqual(['box-1', 'box-2']);
    const there = (await api().get(`${home}/boxes`).expect(200)).body;
    expect(there.map((b: { id: string; grams: number; taken: unknown }) => [b.id, b.grams, b.taken !== null])).toEqual([
      ['box-1', 500, true],
      ['box-2', 300, false],
    ]);
    expect(there[1].share).toBeCloseTo(0.15, 9);
    expect(there[0].taken.name).toBe('Stew bake');
  });
});

describe('what was cooked before there were kits, wedges and kinds of boxes', () => {
  it('is read as it was, in the newest format', async () => {
    const dir = mkdtempSync(join(tmpdir(), 'imbiss-cooks-'));
    layDown('0012-dish-up', join(dir, 'imbiss.db'));
    const { db } = await openDatabase(join(dir, 'imbiss.db'));
    const s = scopeOf({ ...server.context, db }, 'home');
    const [kept] = await COOKS.all(s);
    expect(kept).toMatchObject({
      as: 'cooked',
      beside: {},
      tookStock: false,
      out: { by: 'pieces', amount: 6, cut: { shape: 'grid', rows: 2, columns: 3 } },
      note: 'less thyme',
    });
    expect(kept!.frozen!.servings).toBeNull();
    const [there] = await BOXES.all(s);
    expect(there).toMatchObject({ as: 'cooked', apart: [], kindId: null, place: 'freezer', grams: 375 });
    await db.destroy();
    rmSync(dir, { recursive: true, force: true });
  });
});

describe('what was cooked before there was a stove', () => {
  it('is read as it was, and what goes on at the stove joins it', async () => {
    const dir = mkdtempSync(join(tmpdir(), 'imbiss-cooks-'));
    layDown('0013-kinds-of-boxes', join(dir, 'imbiss.db'));
    const { db } = await openDatabase(join(dir, 'imbiss.db'));
    const s = scopeOf({ ...server.context, db }, 'home');
    const kept = (await COOKS.all(s)).find((c) => c.id === 'cook-two');
    expect(kept).toMatchObject({ gross: 2780, minutes: 55, begun: null, ticks: {}, timers: {}, weighed: {} });
    expect(kept).toMatchObject({ table: null, otherWay: null });
    const vessels = await EMPTY_VESSELS.all(s);
    expect(vessels.map((v) => [v.name, v.grams, v.millilitres])).toEqual([['the red pot', 1180, null]]);
    await db.destroy();
    rmSync(dir, { recursive: true, force: true });
  });
});

describe('what stands at the stove', () => {
  const begun = {
    id: 'at-stove',
    day: '2026-11-25',
    out: null,
    gross: null,
    plates: {},
    begun: '2026-11-25T09:30:00.000Z',
  };
  const timer = { id: 'timer-1', name: 'Bake', stepId: null, from: 600, to: null, left: null, quiet: 'no' };
  const running = { 'timer-1': { ...timer, endsAt: '2026-11-25T10:20:00.000Z' } };
  const stove = async () =>
    (await api().get(`${home}/stove`).expect(200)).body.map((c: { id: string; title: string }) => [c.id, c.title]);
  const put = (over: object) =>
    api()
      .put(`${home}/cooks/at-stove/document`)
      .send(cook({ ...begun, ...over }));

  it('is told with its title, to every device, until it is dished up and its timers are ended', async () => {
    expect(await stove()).toEqual([]);
    await put({ timers: running }).expect(200);
    expect(await stove()).toEqual([['at-stove', 'Stew']]);
    const change = (id: string, base: number, path: string[], before: unknown, after: unknown) =>
      api()
        .post(`${home}/cooks/at-stove/entries`)
        .send({ base, entry: { id, label: id, undoes: null, changes: [{ kind: 'field', path, before, after }] } })
        .expect(200);
    await change('entry-out', 1, ['out'], null, { by: 'grams', amount: 2000, grams: 2000, cut: null });
    expect(await stove()).toEqual([['at-stove', 'Stew']]);
    await change('entry-end', 2, ['timers', 'timer-1'], running['timer-1'], undefined);
    expect(await stove()).toEqual([]);
  });
  it('is not what was begun days ago and left', async () => {
    await put({ day: '2026-11-20' }).expect(200);
    expect(await stove()).toEqual([]);
  });
  it('refuses a timer of no time, and one of a thousand hours, in words', async () => {
    for (const from of [0, 3_600_000]) {
      const { body } = await put({ timers: { 'timer-1': { ...running['timer-1'], from } } }).expect(422);
      expect(JSON.stringify(body)).toMatch(/needs a time above 0 and of at most 99 hours/);
    }
  });
});
