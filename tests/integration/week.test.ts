import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { formatOf } from '../../src/contract/formats.ts';
import type { FitsAnswer, LookBackAnswer, TreatAnswer, WeekAnswer } from '../../src/contract/week-api.ts';
import type { TripItem } from '../../src/core/shopping/trip.ts';
import { lineChange } from '../../src/core/version/entry.ts';
import type { Version } from '../../src/core/version/version.ts';
import { nameSeasonings } from '../../src/server/store/name-seasonings.ts';
import { type TestServer, testServer } from '../support/test-server.ts';
import { readVersion } from '../support/test-version.ts';

let server: TestServer;
const home = '/api/households/home';
const api = () => request(server.app);
const put = (kind: string, id: string, document: object) => api().put(`${home}/${kind}/${id}/document`).send(document);
const ask = async <T>(path: string): Promise<T> => (await api().get(`${home}/${path}`).expect(200)).body;
const change = (at: string, entry: object, revision = 0) =>
  api().post(`${home}/${at}/entries`).set('If-Match', `"${revision}"`).send(entry).expect(200);
const recipe = (id: string, title: string, lines: string[], servings = 4, over: object = {}, facts?: object) => {
  const version = { ...readVersion(lines, { id: `${id}-v1`, recipeId: id, servings }), ...over };
  return api()
    .post(`${home}/recipes`)
    .send({
      id,
      title,
      credit: { author: null, url: null, whose: 'own' },
      claims: [],
      notes: '',
      facts,
      asWritten: {
        ...version,
        lines: version.lines.map((l) => ({ ...l, id: `${id}-${l.id}`, originLineId: `${id}-${l.id}` })),
      },
    })
    .expect(201);
};
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
const pot = (over: object = {}) => ({
  id: 'pot-1',
  recipeId: 'stew',
  versionId: 'stew-v1',
  day: '2026-11-26',
  meal: 'meal-supper',
  servings: 6,
  cookId: null,
  ...over,
});

beforeEach(async () => {
  server = await testServer();
  await recipe('stew', 'Leek stew', ['600 g leeks', '120 g butter', '1 lump of moonrock']);
  await recipe('cheesecake', 'Cheesecake', ['500 g cream cheese', '200 g sugar', '4 eggs'], 8);
  await put('eaters', 'ada', {
    id: 'ada',
    name: 'Ada',
    programId: 'program-ledger',
    exceptions: [],
    allergies: [],
    avoids: [],
  }).expect(200);
  await server.renew();
});
afterEach(() => server.close());

describe('a plan', () => {
  it('has pots, and knows how much of each is on nobody’s plate', async () => {
    await put('pots', 'pot-1', pot()).expect(200);
    await put(
      'day-entries',
      'one',
      entry('one', { kind: 'pot', recipeId: 'stew', potId: 'pot-1' }, { portion: 2 }),
    ).expect(200);
    const { pots, entries } = await ask<WeekAnswer>('week');
    expect(pots).toMatchObject([{ id: 'pot-1', title: 'Leek stew', servings: 6, left: 4 }]);
    expect(entries[0]!.count.points).toBeGreaterThan(0);
    await put('pots', 'pot-2', pot({ id: 'pot-2', versionId: 'cheesecake-v1' })).expect(422);
  });
  it('tells the groups of what was cooked and dished up, too', async () => {
    const frozen = { at: '2026-11-25T09:00:00.000Z', servings: 4, raw: 720, lines: [], counters: [] };
    await put('cooks', 'cook-1', {
      id: 'cook-1',
      recipeId: 'stew',
      fromId: 'stew-v1',
      versionId: 'stew-v1',
      as: 'cooked',
      day: '2026-11-25',
      out: { by: 'grams', amount: 700, grams: 700, cut: null },
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
    const what = { kind: 'cook', recipeId: 'stew', cookId: 'cook-1' };
    await put('day-entries', 'one', entry('one', what, { portion: 2 })).expect(200);
    expect(await ask('week/groups?days=1')).toMatchObject([{ vegetables: 300, colours: ['white'] }]);
  });
  it('tells the groups of its days', async () => {
    await put('pots', 'pot-1', pot()).expect(200);
    await put('day-entries', 'one', entry('one', { kind: 'pot', recipeId: 'stew', potId: 'pot-1' })).expect(200);
    const groups = await ask<{ day: string; vegetables: number; colours: string[] }[]>('week/groups?days=1');
    expect(groups).toMatchObject([{ day: '2026-11-25', vegetables: 150, colours: ['white'] }]);
  });
});

describe('shopping', () => {
  it('is the plan less the house, with everything that was not read by its words, and comes home once', async () => {
    await put('pots', 'pot-1', pot()).expect(200);
    await put('stock', 'butter-1', {
      id: 'butter-1',
      foodId: 'butter',
      name: 'butter',
      grams: 100,
      opened: false,
      useBy: null,
      lacking: false,
    }).expect(200);
    await put('buying', 'leek', {
      foodId: 'leek',
      shop: 'Market',
      leastGrams: null,
      packGrams: 500,
      price: 1.5,
    }).expect(200);
    const items = await ask<TripItem[]>('to-get?from=2026-11-25&to=2026-12-01');
    const of = (id: string) => items.find((i) => i.foodId === id);
    // 600 g for four is 900 g for six: two bundles of 500 g; 180 g of butter less 100 g.
    expect(of('leek')).toMatchObject({ grams: 900, sold: '2 × 500 g', shop: 'Market', price: 3, uses: ['Leek stew'] });
    expect(of('butter')).toMatchObject({ grams: 80 });
    expect(items.some((i) => /moonrock/.test(i.name))).toBe(true);
    await put('trips', 'trip-1', {
      id: 'trip-1',
      name: 'Week',
      from: '2026-11-25',
      to: '2026-12-01',
      made: '2026-11-25T10:00:00.000Z',
      items,
      ticks: { leek: { on: true, at: '2026-11-25T11:00:00.000Z' } },
      done: null,
    }).expect(200);
    await api().post(`${home}/trips/trip-1/home`).expect(204);
    await api().post(`${home}/trips/trip-1/home`).expect(204);
    const stock = await ask<{ foodId: string; grams: number }[]>('stock');
    expect(stock.filter((i) => i.foodId === 'leek')).toMatchObject([{ grams: 1000 }]);
    expect(stock.filter((i) => i.foodId === 'butter')).toMatchObject([{ grams: 100 }]);
    await api().post(`${home}/trips/nothing/home`).expect(404);
    // A phone that was without network says only now that it has the butter: it goes into the house, too, and once.
    const { revision } = (await ask<{ revision: number }[]>('trips'))[0]!;
    const late = (entryId: string, on: boolean, minute: number) =>
      api()
        .post(`${home}/trips/trip-1/entries`)
        .send({
          base: revision,
          entry: {
            id: entryId,
            label: 'Tick',
            undoes: null,
            changes: [
              { kind: 'field', path: ['ticks', 'butter'], after: { on, at: `2026-11-25T11:${minute}:00.000Z` } },
            ],
          },
        })
        .expect(200);
    await late('late', true, 10);
    await late('late-off', false, 11);
    await late('late-on', true, 12);
    const after = await ask<{ foodId: string; grams: number }[]>('stock');
    expect(after.filter((i) => i.foodId === 'butter').map((i) => i.grams)).toEqual([180]);
    expect(after.filter((i) => i.foodId === 'leek').map((i) => i.grams)).toEqual([1000]);
  });

  it('has what always stands on the days, and says what a serving costs as far as prices are kept', async () => {
    const milk = {
      id: 'milk',
      meal: 'meal-breakfast',
      words: 'milk',
      foodId: 'milk-whole',
      grams: 50,
      low: 50,
      high: 50,
    };
    const standing = [{ ...milk, weekdays: [1, 2, 3, 4, 5], since: '2026-11-01' }];
    const { revision, ...ada } = (await ask<{ eaters: { revision: number }[] }>('')).eaters[0]!;
    await api()
      .put(`${home}/eaters/ada`)
      .set('If-Match', `"${revision}"`)
      .send({ ...ada, standing })
      .expect(200);
    // Wednesday to Friday, Monday and Tuesday.
    const items = await ask<TripItem[]>('to-get?from=2026-11-25&to=2026-12-01');
    expect(items.find((i) => i.foodId === 'milk-whole')).toMatchObject({ grams: 250 });
    await put('pots', 'pot-1', pot()).expect(200);
    await put('buying', 'leek', { foodId: 'leek', shop: '', leastGrams: null, packGrams: 500, price: 2 }).expect(200);
    // 600 g of leeks at 4.00 a kilo, for four.
    expect(await ask('costs?from=2026-11-25&to=2026-12-01')).toEqual([
      { title: 'Leek stew', aServing: 0.6, priced: 1, of: 3 },
    ]);
  });

  it('keeps the later of two ticks, whichever phone is heard first', async () => {
    await put('trips', 'trip-1', {
      id: 'trip-1',
      name: 'Week',
      from: '2026-11-25',
      to: '2026-12-01',
      made: '2026-11-25T10:00:00.000Z',
      items: [],
      ticks: {},
      done: null,
    }).expect(200);
    const tick = (entryId: string, food: string, before: unknown, on: boolean, at: string) =>
      api()
        .post(`${home}/trips/trip-1/entries`)
        .send({
          base: 1,
          entry: {
            id: entryId,
            label: 'Tick',
            undoes: null,
            changes: [{ kind: 'field', path: ['ticks', food], before, after: { on, at: `2026-11-25T${at}:00.000Z` } }],
          },
        })
        .expect(200);
    // One phone ticks it at five past; the other had taken the tick away at three past, off line, and says so now.
    await tick('tick-a', 'leek', undefined, true, '11:05');
    await tick('tick-b', 'leek', undefined, false, '11:03');
    await tick('tick-c', 'butter', undefined, true, '11:04');
    await tick('tick-d', 'butter', undefined, false, '11:06');
    const [trip] = await ask<{ ticks: Record<string, { on: boolean }> }[]>('trips');
    expect(trip!.ticks).toMatchObject({ leek: { on: true }, butter: { on: false } });
  });
});

describe('what fits', () => {
  it('is nothing of which a line is not read: it is named, and fits once the line is read', async () => {
    const unread = async (query: string) => (await ask<FitsAnswer>(`fits?eater=ada&${query}`)).unread;
    const titles = async () => (await ask<FitsAnswer>('fits?eater=ada&points=30&of=recipes')).fits.map((f) => f.title);
    expect(await titles()).not.toContain('Leek stew');
    expect(await unread('points=30')).toEqual({ inAll: 1, first: [{ recipeId: 'stew', title: 'Leek stew' }] });
    // What cannot fit by what is read of it alone is not asked about.
    expect((await unread('points=0')).inAll).toBe(0);
    expect((await unread('points=30&of=foods')).inAll).toBe(0);
    const treat = await ask<TreatAnswer>('recipes/stew/treat?eater=ada&points=30');
    expect(treat.versions).toMatchObject([{ unread: true, portion: null }]);
    expect(treat.days).toEqual([]);
    const { document } = await ask<{ document: Version }>('versions/stew-v1');
    const moonrock = document.lines.find((l) => /moonrock/.test(l.text))!;
    const changes = [lineChange(document, moonrock.id, null)];
    await change('versions/stew-v1', { id: 'no-moonrock', label: 'Remove', changes, undoes: null });
    await server.renew();
    expect(await titles()).toContain('Leek stew');
    expect((await unread('points=30')).inAll).toBe(0);
  });
  it('counts doubts upwards where the household does, and says them where it does not', async () => {
    await recipe('bold', 'A bold stew', ['2-3 tbsp butter', '400 g leeks'], 2);
    await server.renew();
    const bold = async (points: number) =>
      (await ask<FitsAnswer>(`fits?eater=ada&points=${points}&of=recipes`)).fits.find((f) => f.title === 'A bold stew');
    const { points, high } = (await bold(99))!;
    expect(high).toBeGreaterThan(points!);
    expect(await bold(points!)).toMatchObject({ portion: 1, points, high });
    const changes = [{ kind: 'field', path: ['upwards'], before: false, after: true }];
    const { household } = await ask<{ household: { revision: number } }>('');
    const upwards = { id: 'count-upwards', label: 'Count upwards', changes, undoes: null };
    await change('household/home', upwards, household.revision);
    expect((await bold(points!))?.portion ?? 0).toBeLessThan(1);
    expect(await bold(high!)).toMatchObject({ portion: 1, points: high });
  });
  it('is what has room, with the portion of it; half of it where that is so', async () => {
    await recipe('soup', 'Leek soup', ['600 g leeks', '120 g butter']);
    await server.renew();
    const all = await ask<FitsAnswer>('fits?eater=ada&points=30');
    const [soup, cake] = ['soup', 'cheesecake'].map(
      (id) => all.fits.find((f) => 'recipeId' in f.what && f.what.recipeId === id)!,
    );
    expect(soup).toMatchObject({ title: 'Leek soup', portion: 1, words: 'a portion fits', lastEaten: null });
    const whole = cake!.points!;
    const half = await ask<FitsAnswer>(`fits?eater=ada&points=${Math.ceil(whole / 2)}&of=recipes`);
    const part = half.fits.find((f) => f.title === 'Cheesecake')!;
    expect(part).toMatchObject({ portion: 0.5, words: 'half of it fits' });
    for (const f of half.fits) expect(f.points!).toBeLessThanOrEqual(Math.ceil(whole / 2));
    expect((await ask<FitsAnswer>('fits?eater=ada&points=0&of=recipes')).fits).toEqual([]);
    await api().get(`${home}/fits?eater=nobody`).expect(404);
    await api().get(`${home}/fits?eater=ada&points=many`).expect(422);
  });
  it('is sought among all recipes: the quickest, what is in the house, what was not eaten for long, what has the protein', async () => {
    // Forty that come nearer to what is left than any of the four that are asked for.
    for (let i = 0; i < 40; i++) await recipe(`near-${i}`, `Near ${i}`, ['130 g butter', '1 leek'], 4);
    const times = { prep: null, cook: null, total: 7 };
    await recipe('quick', 'Quick carrots', ['100 g butter', '1 carrot'], 4, {}, { times, pans: [], tools: [] });
    await recipe('lean', 'Turkey breast', ['800 g turkey breast']);
    await recipe('house', 'Rice of the house', ['300 g rice', '20 g sugar']);
    for (const id of ['rice-white', 'sugar'])
      await put('stock', id, { id, foodId: id, name: id, grams: 900, opened: false, useBy: null, lacking: false });
    await server.renew();
    const near = (await ask<FitsAnswer>('fits?eater=ada&points=99&of=recipes')).fits.find((f) => f.title === 'Near 0')!;
    const first = async (query: string) =>
      (await ask<FitsAnswer>(`fits?eater=ada&points=${near.points}&of=recipes&${query}`)).fits[0]!.title;
    expect(await first('order=points')).toMatch(/^Near/);
    expect(await first('order=time')).toBe('Quick carrots');
    expect(await first('order=house')).toBe('Rice of the house');
    expect(await first('protein=30')).toBe('Turkey breast');
    for (let i = 0; i < 40; i++) {
      const what = { kind: 'version', recipeId: `near-${i}`, versionId: `near-${i}-v1` };
      await put('day-entries', `ate-${i}`, entry(`ate-${i}`, what, { day: '2026-11-24' })).expect(200);
    }
    expect(await first('order=lately')).not.toMatch(/^Near/);
    expect(await first('notLately=true')).not.toMatch(/^Near/);
  });
  it('is also a food that was eaten lately, though nobody keeps it in the house', async () => {
    await put(
      'day-entries',
      'an-apple',
      entry('an-apple', { kind: 'food', foodId: 'apple', grams: 150, low: 150, high: 150 }),
    ).expect(200);
    const { fits } = await ask<FitsAnswer>('fits?eater=ada&points=5&of=foods');
    expect(fits).toMatchObject([{ title: 'apple', inHouse: 0, lastEaten: '2026-11-25' }]);
    expect((await ask<FitsAnswer>('fits?eater=ada&points=5&of=foods&notLately=true')).fits).toEqual([]);
  });
  it('leaves what is only a part of other dishes to the last', async () => {
    await recipe('dough', 'A dough', ['500 g flour', '100 g butter']);
    const [line] = readVersion(['1 leek']).lines;
    const food = { kind: 'recipe', recipeId: 'dough', versionId: 'dough-v1' };
    await recipe('pie', 'A pie', ['1 leek'], 4, { lines: [{ ...line, food }] });
    await server.renew();
    const { fits } = await ask<FitsAnswer>('fits?eater=ada&points=40&of=recipes');
    const titles = fits.map((f) => f.title);
    expect(titles).toContain('A pie');
    expect(titles.at(-1)).toBe('A dough');
  });
  it('tells how a treat can be had: smaller, on another day, and what is bought of that kind', async () => {
    const treat = await ask<TreatAnswer>('recipes/cheesecake/treat?eater=ada&points=6');
    expect(treat.versions[0]!.portionPoints).toBeLessThanOrEqual(6);
    expect(treat.versions[0]!.points).toBeGreaterThan(6);
    expect(treat.days.length).toBe(6);
    expect(treat.bought.map((b) => b.foodId)).toContain('cheesecake');
  });
});

describe('what a week can be filled with', () => {
  it('is thirty dishes, favourites and the newest, and it is said how many were not looked at', async () => {
    const offer = () =>
      ask<{ dishes: { title: string }[]; notLookedAt: number }>('offer?from=2026-11-25&to=2026-12-01');
    const { notLookedAt } = await offer();
    expect(notLookedAt).toBe(0);
    for (let i = 0; i < 33; i++) await recipe(`pot-${i}`, `Pot ${i}`, ['800 g potatoes', '200 g cheddar'], 4);
    await server.renew();
    const many = await offer();
    // The other two dishes of this household are as new.
    const pots = many.dishes.filter((d) => /^Pot/.test(d.title)).length;
    expect(pots).toBeLessThanOrEqual(30);
    expect(pots).toBeGreaterThanOrEqual(28);
    expect(many.notLookedAt).toBeGreaterThanOrEqual(3);
  });
});

describe('an allergy', () => {
  it('is heeded where nobody knows how much there is: to decorate, to taste, and in what is not read', async () => {
    await recipe('soup', 'Leek soup', ['600 g leeks', 'walnuts, to decorate', 'soy sauce to taste']);
    await recipe('plain', 'Plain soup', ['600 g leeks', '20 g butter']);
    const eater = (id: string, allergies: string[]) =>
      put('eaters', id, { id, name: id, programId: 'program-ledger', exceptions: [], allergies, avoids: [] });
    await eater('nut-free', ['tree-nuts']).expect(200);
    await eater('soy-free', ['soy']).expect(200);
    await server.renew();
    const { rows } = await ask<{ rows: { id: string; notFor: string[] }[] }>('recipes');
    const listed = new Map(rows.map((r) => [r.id, r.notFor]));
    expect(listed.get('soup')).toEqual(expect.arrayContaining(['nut-free', 'soy-free']));
    expect(listed.get('plain')).toEqual([]);
    const eaten = (id: string, recipeId: string, eaterId: string) =>
      put(
        'day-entries',
        id,
        entry(id, { kind: 'version', recipeId, versionId: `${recipeId}-v1` }, { eaterId, words: recipeId }),
      ).expect(200);
    await eaten('nuts', 'soup', 'nut-free');
    await eaten('soya', 'soup', 'soy-free');
    await eaten('odd', 'stew', 'nut-free');
    await eaten('odd-ada', 'stew', 'ada');
    const told = new Map((await ask<WeekAnswer>('week')).entries.map((e) => [e.id, e]));
    expect(told.get('nuts')!.notFor.join()).toMatch(/tree nuts \(walnuts\)/);
    expect(told.get('soya')!.notFor.join()).toMatch(/soy/);
    // What is not read may hold it: that is no answer, and it is said.
    expect(told.get('odd')!.notFor).toEqual([]);
    expect(told.get('odd')!.notSure).toBe('Not sure for nut-free: “1 lump of moonrock” is not read.');
    expect(told.get('odd-ada')!.notSure).toBeNull();
  });
  it('is told of what is planned, and nothing that holds it fits: recipe, box or food', async () => {
    await recipe('loaf', 'Walnut loaf', ['200 g walnuts', '100 g sugar']);
    await recipe('soup', 'Leek soup', ['600 g leeks', '20 g butter']);
    await put('eaters', 'tom', {
      id: 'tom',
      name: 'Tom',
      programId: 'program-ledger',
      exceptions: [],
      allergies: ['tree-nuts'],
      avoids: ['leek'],
    }).expect(200);
    await server.renew();
    await put('stock', 'nuts', {
      id: 'nuts',
      foodId: 'walnuts',
      name: 'walnuts',
      grams: 200,
      opened: false,
      useBy: null,
      lacking: false,
    }).expect(200);
    await put('pots', 'pot-1', pot()).expect(200);
    const own = { eaterId: 'tom' };
    await put(
      'day-entries',
      'a-loaf',
      entry('a-loaf', { kind: 'version', recipeId: 'loaf', versionId: 'loaf-v1' }, own),
    ).expect(200);
    await put(
      'day-entries',
      'a-nut',
      entry('a-nut', { kind: 'food', foodId: 'walnuts', grams: 5, low: 5, high: 5 }, own),
    ).expect(200);
    await put('day-entries', 'a-pot', entry('a-pot', { kind: 'pot', recipeId: 'stew', potId: 'pot-1' }, own)).expect(
      200,
    );
    await put('day-entries', 'hers', entry('hers', { kind: 'version', recipeId: 'loaf', versionId: 'loaf-v1' })).expect(
      200,
    );
    const notFor = new Map((await ask<WeekAnswer>('week')).entries.map((e) => [e.id, e.notFor.join()]));
    expect(notFor.get('a-loaf')).toMatch(/tree nuts/);
    expect(notFor.get('a-nut')).toMatch(/tree nuts/);
    expect(notFor.get('a-pot')).toMatch(/avoids leek/);
    expect(notFor.get('hers')).toBe('');
    const titles = async (eater: string) =>
      (await ask<FitsAnswer>(`fits?eater=${eater}&points=40`)).fits.map((f) => f.title);
    expect(await titles('ada')).toEqual(expect.arrayContaining(['Walnut loaf', 'Leek soup', 'walnuts']));
    for (const title of await titles('tom')) expect(title).not.toMatch(/walnut|leek/i);
    const treat = await ask<TreatAnswer>('recipes/loaf/treat?eater=tom&points=40');
    expect(treat.versions[0]!.notFor.join()).toMatch(/tree nuts/);
    expect((await ask<TreatAnswer>('recipes/loaf/treat?eater=ada&points=40')).versions[0]!.notFor).toEqual([]);
  });
});

describe('recipes from before a seasoning said which food it is', () => {
  it('say it from the next start on, and are told to who is allergic to it', async () => {
    await recipe('soup', 'Leek soup', ['600 g leeks', 'soy sauce to taste', 'salt to taste']);
    await recipe('cake', 'Plain cake', ['200 g flour', 'walnuts, to decorate']);
    const eater = { id: 'tom', name: 'Tom', programId: null, exceptions: [], avoids: [] };
    await put('eaters', 'tom', { ...eater, allergies: ['soy', 'tree-nuts'] }).expect(200);
    await server.renew();
    // As they were: no food with what counts nothing, and a list that knew of neither.
    const { db } = server;
    const { lines } = await db
      .selectFrom('version')
      .select('lines')
      .where('id', '=', 'soup-v1')
      .executeTakeFirstOrThrow();
    const before = JSON.parse(lines).map((l: { food: { kind: string } }) =>
      l.food.kind === 'nothing' ? { ...l, food: { ...l.food, is: undefined } } : l,
    );
    await db
      .updateTable('version')
      .set({ lines: JSON.stringify(before), v: 1 })
      .where('id', '=', 'soup-v1')
      .execute();
    await db.deleteFrom('version_food').where('food_id', '=', 'soy-sauce').execute();
    await db.updateTable('recipe_listing').set({ not_for: '[]', foods: '' }).execute();
    await nameSeasonings(server.context);
    await server.renew();
    // What was read of an older format is written as today's, and not brought up to date twice.
    const { v } = await db.selectFrom('version').select('v').where('id', '=', 'soup-v1').executeTakeFirstOrThrow();
    expect(v).toBe(formatOf('version'));
    const { rows } = await ask<{ rows: { id: string; notFor: string[] }[] }>('recipes');
    expect(rows.find((r) => r.id === 'soup')!.notFor).toEqual(['tom']);
    expect(rows.find((r) => r.id === 'cake')!.notFor).toEqual(['tom']);
    const { document } = await ask<{ document: Version }>('versions/soup-v1');
    expect(document.lines.map((l) => (l.food.kind === 'nothing' ? (l.food.is?.foodId ?? null) : l.food.kind))).toEqual([
      'food',
      'soy-sauce',
      null,
    ]);
    // Once: what a cook says later of a line stays as it is said.
    await db
      .updateTable('version')
      .set({ lines: JSON.stringify(before) })
      .where('id', '=', 'soup-v1')
      .execute();
    await nameSeasonings(server.context);
    const again = await ask<{ document: Version }>('versions/soup-v1');
    expect(again.document.lines[1]!.food).not.toHaveProperty('is');
  });
});

describe('looking back', () => {
  it('has the days as they were lived, gaps as gaps, and what there was most', async () => {
    await put('day-entries', 'a', entry('aaa', { kind: 'known', points: 12, kcal: 500 })).expect(422);
    for (const [id, day] of [
      ['one', '2026-11-23'],
      ['two', '2026-11-25'],
    ])
      await put(
        'day-entries',
        id!,
        entry(
          id!,
          { kind: 'version', recipeId: 'stew', versionId: 'stew-v1' },
          { day, words: 'Leek stew', state: 'eaten' },
        ),
      ).expect(200);
    const back = await ask<LookBackAnswer>('eaters/ada/look-back?from=2026-11-23');
    expect(back.days.map((d) => d.points === null)).toEqual([false, true, false]);
    expect(back).toMatchObject({ gaps: 1, most: [{ recipeId: 'stew', times: 2 }] });
    expect(back.weeks).toMatchObject([{ from: '2026-11-23', daysTold: 2, variety: 1 }]);
    await api().get(`${home}/eaters/ada/look-back?from=2020-01-01`).expect(422);
    await api().get(`${home}/eaters/nobody/look-back?from=2026-11-23`).expect(404);
  });
});
