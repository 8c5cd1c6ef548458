import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { WeekAnswer } from '../../src/contract/week-api.ts';
import { freeze } from '../../src/core/cook/freeze.ts';
import { countVersion } from '../../src/core/counting/count-version.ts';
import { plainCounter } from '../../src/core/program/program.ts';
import type { Meal } from '../../src/core/table/meal.ts';
import { prepareDatabase } from '../../src/server/prepare-database.ts';
import { purge } from '../../src/server/store/purge.ts';
import { sample } from '../support/test-lines.ts';
import { type TestServer, testServer } from '../support/test-server.ts';
import { kitchenOf, readVersion } from '../support/test-version.ts';

let server: TestServer;
const home = '/api/households/home';
const api = () => request(server.app);
const stew = () => {
  const version = readVersion(['500 g potatoes', '100 g butter'], { id: 'stew-v1', recipeId: 'stew', servings: 4 });
  return { ...version, lines: version.lines.map((l) => ({ ...l, id: `stew-${l.id}`, originLineId: `stew-${l.id}` })) };
};
const put = (kind: string, id: string, document: object) => api().put(`${home}/${kind}/${id}/document`).send(document);
const change = (
  kind: string,
  id: string,
  base: number,
  path: string[],
  before: unknown,
  after: unknown,
  entry: string,
) =>
  api()
    .post(`${home}/${kind}/${id}/entries`)
    .send({
      base,
      entry: { id: entry, label: entry, undoes: null, changes: [{ kind: 'field', path, before, after }] },
    });
const entry = (id: string, what: object, over: object = {}) => ({
  id,
  eaterId: 'ada',
  day: '2026-11-25',
  meal: 'meal-lunch',
  position: 0,
  what,
  words: id,
  portion: 1,
  spread: 0,
  state: 'planned',
  ...over,
});
const eat = (id: string, what: object, over: object = {}) => put('day-entries', id, entry(id, what, over)).expect(200);
const week = async (query = ''): Promise<WeekAnswer> => (await api().get(`${home}/week${query}`).expect(200)).body;
const told = async (day: string, eaterId = 'ada') =>
  (await week(`?from=${day}&days=1`)).told.find((d) => d.eaterId === eaterId)!;
const inWeek = async (id: string) => (await week()).entries.find((e) => e.id === id)!;
const STEW = { kind: 'version', recipeId: 'stew', versionId: 'stew-v1' };
const BUTTER = { kind: 'food', foodId: 'butter', grams: 20, low: 20, high: 20 };

beforeEach(async () => {
  server = await testServer();
  await api()
    .post(`${home}/recipes`)
    .send({
      id: 'stew',
      title: 'Stew',
      credit: { author: null, url: null, whose: 'own' },
      claims: [],
      notes: '',
      asWritten: stew(),
    })
    .expect(201);
  for (const [id, name, programId] of [
    ['ada', 'Ada', 'program-ledger'],
    ['bob', 'Bob', 'program-ledger'],
    ['kit', 'Kit', null],
  ])
    await put('eaters', id!, { id, name, programId, exceptions: [], allergies: [], avoids: [] }).expect(200);
});
afterEach(() => server.close());

async function cookAndBox() {
  const version = stew();
  const LE = sample('LE');
  const counted = countVersion(version, kitchenOf(version), [plainCounter(LE)]);
  const frozen = freeze(
    counted,
    ['ada', 'bob'].map((key) => ({ key, program: LE, counter: plainCounter(LE) })).slice(0, 1),
    '2026-11-24T12:00:00.000Z',
  );
  await put('cooks', 'cook-1', {
    id: 'cook-1',
    recipeId: 'stew',
    fromId: 'stew-v1',
    versionId: 'stew-v1',
    as: 'cooked',
    day: '2026-11-24',
    out: { by: 'grams', amount: 1000, grams: 1000, cut: null },
    gross: null,
    vesselId: null,
    plates: {},
    beside: {},
    tookStock: false,
    minutes: null,
    verdicts: {},
    note: '',
    frozen,
  }).expect(200);
  await put('boxes', 'box-1', {
    id: 'box-1',
    cookId: 'cook-1',
    recipeId: 'stew',
    title: 'Stew',
    share: 0.25,
    grams: 250,
    eaterId: null,
    kindId: null,
    as: 'cooked',
    apart: [],
    place: 'fridge',
    packed: '2026-11-24',
    keepUntil: '2026-11-27',
    counts: [],
    kcal: null,
    protein: null,
    taken: null,
    kept: null,
  }).expect(200);
}

describe('a day of somebody’s', () => {
  it('is the sum of a recipe, a box and a typed line, with the allowance left', async () => {
    await cookAndBox();
    await eat('of-recipe', STEW, { state: 'eaten' });
    await eat('of-box', { kind: 'box', recipeId: 'stew', boxId: 'box-1' });
    await eat('butter', BUTTER);
    const version = stew();
    const serving = countVersion(version, kitchenOf(version), [plainCounter(sample('LE'))]);
    const { points, raw } = serving.counts[0]!;
    const day = await told('2026-11-25');
    const butter = await inWeek('butter');
    expect(butter.count.points).toBe(Math.round(butter.count.raw!));
    expect(day.rounded).toBe(points * 2 + butter.count.points!);
    expect(day.together).toBe(Math.round(raw * 2 + butter.count.raw!));
    expect(day.points).toBe(day.rounded);
    expect(day).toMatchObject({ allowance: 38, left: 38 - day.points!, things: 3, complete: true });
    expect(day.mayTake).toBe(38 - day.points! + 20);
    expect(day.kcal.value).toBeCloseTo(serving.perServing.kcal.value! * 2 + butter.count.kcal!, 6);
    // Somebody who eats along has energy, and no points: that is not 0.
    await eat('kits', STEW, { eaterId: 'kit' });
    expect(await told('2026-11-25', 'kit')).toMatchObject({ points: null, allowance: null, left: null });
  });

  it('keeps the numbers that it was lived with when foods, recipes, programs and allowances move', async () => {
    await eat('eaten', STEW, { state: 'eaten' });
    await eat('planned', STEW);
    const before = (await inWeek('eaten')).count;
    await change('versions', 'stew-v1', 0, ['x'], 1, 2, 'nonsense').expect(422);
    await api()
      .post(`${home}/versions/stew-v1/entries`)
      .send({
        base: 0,
        entry: {
          id: 'more-for-two',
          label: 'Servings',
          undoes: null,
          changes: [{ kind: 'servings', before: 4, after: 2 }],
        },
      })
      .expect(200);
    expect((await inWeek('eaten')).count).toEqual(before);
    expect((await inWeek('planned')).count.raw).toBeCloseTo(before.raw! * 2, 9);
    // The day ends: from now on the planned one stays, too.
    server.setClock(new Date('2026-11-26T00:00:01Z'));
    const atMidnight = (await inWeek('planned')).count;
    expect((await inWeek('planned')).frozen).toBe(true);
    await change('eaters', 'ada', 1, ['allowance'], null, 20, 'less').expect(200);
    await change('eaters', 'ada', 2, ['programId'], 'program-ledger', 'program-larder', 'other').expect(200);
    await api()
      .post(`${home}/versions/stew-v1/entries`)
      .send({
        base: 1,
        entry: {
          id: 'for-eight',
          label: 'Servings',
          undoes: null,
          changes: [{ kind: 'servings', before: 2, after: 8 }],
        },
      })
      .expect(200);
    expect((await inWeek('planned')).count).toEqual(atMidnight);
    expect((await inWeek('eaten')).count).toEqual(before);
    expect(await told('2026-11-25')).toMatchObject({ allowance: 38, points: before.points! + atMidnight.points! });
    expect(await told('2026-11-26')).toMatchObject({ allowance: 20 });
  });

  it('counts a changed portion of what was eaten by the revisions that it names, and anew only when it is asked to', async () => {
    await eat('eaten', STEW, { state: 'eaten' });
    const { count } = await inWeek('eaten');
    await api()
      .post(`${home}/versions/stew-v1/entries`)
      .send({
        base: 0,
        entry: { id: 'for-two', label: 'Servings', undoes: null, changes: [{ kind: 'servings', before: 4, after: 2 }] },
      })
      .expect(200);
    await change('day-entries', 'eaten', 1, ['portion'], 1, 1.5, 'half-more').expect(200);
    const more = (await inWeek('eaten')).count;
    expect(more.raw).toBeCloseTo(count.raw! * 1.5, 9);
    expect(more).toMatchObject({ points: Math.round(count.raw! * 1.5), refRevision: count.refRevision });
    await api().post(`${home}/day-entries/eaten/count-anew`).expect(204);
    expect((await inWeek('eaten')).count.raw).toBeCloseTo(count.raw! * 3, 9);
    await api().post(`${home}/day-entries/nothing/count-anew`).expect(404);
  });

  it('has what always stands there, once, and not on days of which nothing was told', async () => {
    const standing = [
      {
        id: 'milk',
        meal: 'meal-breakfast',
        words: 'milk in the coffee',
        foodId: 'butter',
        grams: 5,
        low: 5,
        high: 5,
        weekdays: [1, 2, 3, 4, 5, 6, 7],
        since: '2026-11-25',
      },
    ];
    await api()
      .post(`${home}/eaters/ada/entries`)
      .send({
        base: 1,
        entry: {
          id: 'always',
          label: 'Always',
          undoes: null,
          changes: [{ kind: 'item', path: ['standing'], id: 'milk', after: standing[0], index: 0 }],
        },
      })
      .expect(200);
    expect((await week()).entries.filter((e) => e.standing).map((e) => e.day)).toHaveLength(7);
    await eat('eaten', STEW, { state: 'eaten' });
    // Thursday nothing is told; on Friday it is looked at again.
    server.setClock(new Date('2026-11-27T08:00:00Z'));
    const { entries } = await week('?from=2026-11-25&days=2');
    expect(entries.map((e) => [e.id, e.day, e.frozen])).toEqual([
      ['milk-20261125', '2026-11-25', true],
      ['eaten', '2026-11-25', true],
    ]);
    expect(await told('2026-11-26')).toMatchObject({ things: 0, left: null });
  });

  it('ends when it ends in the household’s zone, not in the server’s', async () => {
    await api().patch(`${home}`).send({ zone: 'America/New_York' }).expect(200);
    await eat('planned', STEW);
    server.setClock(new Date('2026-11-26T04:59:00Z'));
    expect(await week()).toMatchObject({ today: '2026-11-25' });
    expect((await inWeek('planned')).frozen).toBe(false);
    server.setClock(new Date('2026-11-26T05:00:00Z'));
    expect(await week()).toMatchObject({ today: '2026-11-26' });
    expect((await week('?from=2026-11-25')).entries[0]).toMatchObject({ id: 'planned', frozen: true });
  });

  it('is closed by a start before that brings new foods and programs', async () => {
    await eat('planned', STEW);
    await prepareDatabase(server.db, () => new Date('2026-11-26T08:00:00Z'));
    const row = await server.db
      .selectFrom('day_entry')
      .selectAll()
      .where('id', '=', 'planned')
      .executeTakeFirstOrThrow();
    expect(row.counted_at).toBe('2026-11-26T08:00:00.000Z');
    expect(row.points).toBeGreaterThan(0);
  });

  it('is told when it cannot be closed, of this database and of no other, until it is', async () => {
    const open = 'the days before 2026-11-26 of home, which are to be closed';
    const broken = async (of = server): Promise<string[]> => (await request(of.app).get('/api/unreadable')).body;
    await eat('planned', STEW);
    server.connection.exec(
      "create trigger broken before update of days_closed on household begin select raise(abort, 'broken'); end",
    );
    server.setClock(new Date('2026-11-26T10:00:00Z'));
    expect((await inWeek('planned')).frozen).toBe(false);
    expect(await broken()).toContain(open);
    const other = await testServer();
    expect(await broken(other)).not.toContain(open);
    await other.close();
    server.connection.exec('drop trigger broken');
    expect((await inWeek('planned')).frozen).toBe(true);
    expect(await broken()).not.toContain(open);
  });

  it('begins another reckoning on the day on which the program changes', async () => {
    // Monday to Wednesday by Ledger (38, reserve 20), from Thursday on by Larder (27, reserve 30).
    for (const day of ['2026-11-23', '2026-11-24', '2026-11-25'])
      await eat(`known-${day}`, { kind: 'known', points: 43, kcal: null }, { day, state: 'eaten' });
    expect((await told('2026-11-25')).reserveLeft).toBe(5);
    server.setClock(new Date('2026-11-26T10:00:00Z'));
    await change('eaters', 'ada', 1, ['programId'], 'program-ledger', 'program-larder', 'other').expect(200);
    await eat('known-thursday', { kind: 'known', points: 29, kcal: null }, { day: '2026-11-26', state: 'eaten' });
    expect(await told('2026-11-25')).toMatchObject({ allowance: 38, reserveLeft: 5 });
    expect(await told('2026-11-26')).toMatchObject({ allowance: 27, left: -2, reserveLeft: 28 });
  });
});

describe('a box', () => {
  beforeEach(cookAndBox);
  const box = async () => (await api().get(`${home}/boxes`).expect(200)).body[0];
  const taken = (over: object = {}) => ({
    eaterId: 'ada',
    name: 'Ada',
    at: '2026-11-25T12:10:00.000Z',
    entryId: null,
    ...over,
  });

  it('that is taken is on the taker’s day in the same moment, and off it when it is put back', async () => {
    await change('boxes', 'box-1', 1, ['taken'], null, taken(), 'take').expect(200);
    const named = (await box()).taken;
    expect(named.entryId).toBeTruthy();
    expect(await inWeek(named.entryId)).toMatchObject({
      eaterId: 'ada',
      day: '2026-11-25',
      meal: 'meal-lunch',
      state: 'eaten',
      frozen: true,
      words: 'Stew',
    });
    const { points } = (await inWeek(named.entryId)).count;
    expect(points).toBeGreaterThan(0);
    await change('boxes', 'box-1', 2, ['taken'], named, null, 'back').expect(200);
    expect(await inWeek(named.entryId)).toBeUndefined();
    expect((await box()).taken).toBeNull();
  });

  it('that is eaten on a day is taken by it; a second device is told who has it, and nothing is written', async () => {
    await eat('plan', { kind: 'box', recipeId: 'stew', boxId: 'box-1' });
    expect((await box()).taken).toBeNull();
    await change('day-entries', 'plan', 1, ['state'], 'planned', 'eaten', 'eat').expect(200);
    expect((await box()).taken).toMatchObject({ eaterId: 'ada', name: 'Ada', entryId: 'plan' });
    const refused = await put('day-entries', 'second', {
      ...entry('second', { kind: 'box', recipeId: 'stew', boxId: 'box-1' }, { eaterId: 'bob', state: 'eaten' }),
    }).expect(409);
    expect(refused.body.title).toMatch(/Ada/);
    expect(await inWeek('second')).toBeUndefined();
    // Undone, it stands there again, and Bob may have it.
    await change('day-entries', 'plan', 2, ['state'], 'eaten', 'planned', 'not').expect(200);
    expect((await box()).taken).toBeNull();
    await put('day-entries', 'second', {
      ...entry('second', { kind: 'box', recipeId: 'stew', boxId: 'box-1' }, { eaterId: 'bob', state: 'eaten' }),
    }).expect(200);
    expect((await box()).taken).toMatchObject({ name: 'Bob' });
    await api().delete(`${home}/day-entries/second`).expect(204);
    expect((await box()).taken).toBeNull();
    await api().post(`${home}/day-entries/second/restore`).expect(200);
    expect((await box()).taken).toMatchObject({ name: 'Bob' });
  });

  it('that was planned and is taken by hand lies on the day once, where it was planned', async () => {
    await eat('plan', { kind: 'box', recipeId: 'stew', boxId: 'box-1' }, { meal: 'meal-supper', day: '2026-11-26' });
    await change('boxes', 'box-1', 1, ['taken'], null, taken(), 'take').expect(200);
    const { entries } = await week();
    expect(entries.map((e) => [e.day, e.meal, e.state])).toEqual([['2026-11-25', 'meal-supper', 'eaten']]);
  });

  it('of which the first half is not eaten after all is the other half’s', async () => {
    const half = { kind: 'box', recipeId: 'stew', boxId: 'box-1' };
    await eat('half-a', half, { portion: 0.5, state: 'eaten' });
    await eat('half-b', half, { portion: 0.5, state: 'eaten', eaterId: 'bob' });
    await change('day-entries', 'half-a', 1, ['state'], 'eaten', 'planned', 'not').expect(200);
    expect((await box()).taken).toMatchObject({ name: 'Bob', entryId: 'half-b' });
    await api().delete(`${home}/day-entries/half-b`).expect(204);
    expect((await box()).taken).toBeNull();
  });

  it('may be half for one and half for another, and not more than it is', async () => {
    const half = { kind: 'box', recipeId: 'stew', boxId: 'box-1' };
    await eat('half-a', half, { portion: 0.5, state: 'eaten' });
    await eat('half-b', half, { portion: 0.5, state: 'eaten', eaterId: 'bob' });
    await put('day-entries', 'half-c', entry('half-c', half, { portion: 0.5, state: 'eaten' })).expect(409);
  });
});

describe('plates of a cook', () => {
  beforeEach(cookAndBox);
  it('go onto the days of those who have them: what was planned of it becomes what was eaten, once', async () => {
    await put('pots', 'pot-1', {
      id: 'pot-1',
      recipeId: 'stew',
      versionId: 'stew-v1',
      day: '2026-11-24',
      meal: 'meal-supper',
      servings: 4,
      cookId: null,
    }).expect(200);
    await eat('planned', { kind: 'pot', recipeId: 'stew', potId: 'pot-1' }, { day: '2026-11-24' });
    for (const [eater, share] of [
      ['ada', 0.375],
      ['bob', 0.25],
    ] as const)
      await api()
        .post(`${home}/cooks/cook-1/entries`)
        .send({
          base: 1,
          entry: {
            id: `plate-${eater}`,
            label: 'Plate',
            undoes: null,
            changes: [{ kind: 'field', path: ['plates', eater], after: share }],
          },
        })
        .expect(200);
    const { body } = await api().post(`${home}/cooks/cook-1/on-days`).expect(200);
    expect(body).toEqual({ plates: 2 });
    await api().post(`${home}/cooks/cook-1/on-days`).expect(200);
    const { entries } = await week('?from=2026-11-24&days=1');
    const own = entries.filter((e) => e.day === '2026-11-24').sort((a, b) => a.eaterId.localeCompare(b.eaterId));
    expect(own.map((e) => [e.eaterId, e.what.kind, e.portion, e.state])).toEqual([
      ['ada', 'cook', 1.5, 'eaten'],
      ['bob', 'cook', 1, 'eaten'],
    ]);
    expect(own[0]!.id).toBe('planned');
    await api().post(`${home}/cooks/nothing/on-days`).expect(404);
  });
});

describe('what is kept about somebody', () => {
  beforeEach(cookAndBox);
  const bobs = { eaterId: 'bob', points: 7, kcal: null, protein: null };
  /** Two aims for the evening, one of them Ada's. @returns the aims of all meals, as they are then */
  const aimAtSupper = async () => {
    const { household } = (await api().get(home).expect(200)).body;
    const aims = [{ eaterId: 'ada', points: 9, kcal: null, protein: 20 }, bobs];
    const changed = { meals: household.meals.map((m: Meal) => (m.name === 'Evening' ? { ...m, aims } : m)) };
    await api().patch(home).send(changed).expect(200);
    return async () => (await api().get(home).expect(200)).body.household.meals.map((m: Meal) => m.aims);
  };
  it('can be taken along, and forgotten for good; what was cooked stays, with nobody’s name', async () => {
    await eat('eaten', { kind: 'box', recipeId: 'stew', boxId: 'box-1' }, { state: 'eaten' });
    await eat('bobs', STEW, { eaterId: 'bob', state: 'eaten' });
    const kept = (await api().get(`${home}/eaters/ada/kept`).expect(200)).body;
    expect(kept).toMatchObject({ eater: { name: 'Ada' }, entries: [{ id: 'eaten' }], boxes: [{ id: 'box-1' }] });
    expect(kept.entries[0].count.points).toBeGreaterThan(0);
    expect((await api().delete(`${home}/eaters/ada/kept`).expect(200)).body).toMatchObject({ entries: 1, boxes: 1 });
    const [box] = (await api().get(`${home}/boxes`).expect(200)).body;
    expect(box.taken).toMatchObject({ eaterId: null, name: 'somebody', entryId: null });
    expect((await week()).entries.map((e) => e.id)).toEqual(['bobs']);
    expect((await api().get(`${home}/eaters/ada/kept`).expect(200)).body.entries).toEqual([]);
  });

  it('goes with somebody who was removed, thirty days later, and their name off the boxes', async () => {
    await eat('eaten', { kind: 'box', recipeId: 'stew', boxId: 'box-1' }, { state: 'eaten' });
    const meals = await aimAtSupper();
    expect((await api().get(`${home}/eaters/ada/kept`).expect(200)).body.aims).toEqual([
      { meal: 'Evening', points: 9, kcal: null, protein: 20 },
    ]);
    await api().delete(`${home}/eaters/ada`).expect(204);
    const rows = () => server.db.selectFrom('day_entry').select('id').execute();
    await purge({ db: server.db, clock: () => new Date('2026-12-20T10:00:00Z') });
    expect(await rows()).toHaveLength(1);
    await purge({ db: server.db, clock: () => new Date('2026-12-26T10:00:00Z') });
    expect(await rows()).toHaveLength(0);
    expect(await meals()).toEqual([[], [], [bobs], []]);
    const [box] = (await api().get(`${home}/boxes`).expect(200)).body;
    expect(box.taken).toMatchObject({ eaterId: null, name: 'somebody' });
  });
});
