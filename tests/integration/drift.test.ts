import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { Drift } from '../../src/contract/drift.ts';
import { USUAL_PASS_ON } from '../../src/core/card/pass-on.ts';
import { SHIPPED_FOODS } from '../../src/core/food/shipped/index.ts';
import type { Program } from '../../src/core/program/program.ts';
import { SAMPLE_PROGRAMS } from '../../src/core/program/samples.ts';
import { cardByToken } from '../../src/server/store/card-links.ts';
import { type TestServer, testServer } from '../support/test-server.ts';
import { readVersion } from '../support/test-version.ts';

let server: TestServer;
beforeEach(async () => {
  server = await testServer();
});
afterEach(() => server.close());

const home = '/api/households/home';
const api = () => request(server.app);
const ledger = SAMPLE_PROGRAMS[0]!;
const own: Program = { ...ledger, id: 'own-1', revision: 1, mark: 'GR', name: 'Old booklet' };
const put = (program: Program, from: number) =>
  api().put(`${home}/programs/${program.id}`).set('If-Match', `"${from}"`).send(program).expect(200);
const eater = (programId: string | null, over: object = {}) => ({
  name: 'Runa',
  programId,
  exceptions: [],
  allergies: [],
  avoids: [],
  ...over,
});
const drift = async (): Promise<Drift> => (await api().get(`${home}/drift`).expect(200)).body;

async function bringIn(id: string, texts: readonly string[], servings = 4, change = (line: object) => line) {
  const version = readVersion([...texts], { id: `${id}-v1`, recipeId: id, servings, steps: [] });
  const lines = version.lines.map((l) => change({ ...l, id: `${id}-${l.id}`, originLineId: `${id}-${l.id}` }));
  await api()
    .post(`${home}/recipes`)
    .send({
      id,
      title: `The ${id}`,
      credit: { author: null, url: null, whose: 'family' },
      claims: [],
      facts: { makes: null, times: { prep: null, cook: null, total: null }, pans: [], tools: [] },
      settled: [],
      shownVersionId: null,
      favourite: false,
      passOn: USUAL_PASS_ON,
      notes: '',
      asWritten: { ...version, lines },
    })
    .expect(201);
}
const pointsOf = async (id: string): Promise<number> => {
  const { rows } = (await api().get(`${home}/recipes`).expect(200)).body;
  return rows.find((r: { id: string }) => r.id === id).points[0].points;
};
/** The one eater counts by the own program, and there is a gratin. */
async function begin(): Promise<void> {
  await put(own, 0);
  await api().put(`${home}/eaters/eater-1`).send(eater('own-1')).expect(200);
  await bringIn('gratin', ['500 g potatoes', '200 ml cream', '100 g gouda']);
}

describe('what a change elsewhere has moved', () => {
  it('is nothing where nothing changed, and nothing for what the cook did to the recipe itself', async () => {
    await begin();
    expect(await drift()).toEqual({ causes: [], foods: [], cards: [], counting: 0 });
  });
  it('is every recipe under a changed program, from what to what and why', async () => {
    await begin();
    const was = await pointsOf('gratin');
    await put({ ...own, rule: { ...own.rule, per: 30 } }, 1);
    const now = await pointsOf('gratin');
    expect(now).toBeGreaterThan(was);
    const { causes } = await drift();
    expect(causes).toHaveLength(1);
    expect(causes[0]).toMatchObject({
      kind: 'program',
      aside: false,
      recipes: 1,
      most: [{ id: 'gratin', title: 'The gratin', points: [{ mark: 'GR', was, now }] }],
    });
    expect(causes[0]!.words).toContain('Old booklet');
    expect(causes[0]!.words).toContain('1 point for every 45, now 30');
    // A change that moves nothing is none, and one that was taken back moved nothing.
    await put({ ...own, rule: { ...own.rule, per: 30 }, reserve: 3 }, 2);
    expect((await drift()).causes).toHaveLength(1);
    await put(own, 3);
    expect(await pointsOf('gratin')).toBe(was);
    expect((await drift()).causes).toEqual([]);
  });
  it('is told of a pin, of an exception and of a recipe inside another', async () => {
    await begin();
    const butter = SHIPPED_FOODS.find((f) => f.id === 'potato')!;
    await api().put(`${home}/pins/${butter.id}~own-1`).send({ points: 9, grams: 100 }).expect(200);
    expect((await drift()).causes.map((c) => [c.kind, c.recipes])).toEqual([['pin', 1]]);
    await api()
      .put(`${home}/eaters/eater-1`)
      .set('If-Match', '"1"')
      .send(eater('own-1', { exceptions: [{ foodId: butter.id, uncounted: true }] }))
      .expect(200);
    await bringIn('sauce', ['100 g butter', '200 ml cream'], 2);
    await bringIn('pie', ['200 g flour', '200 ml cream'], 4, (l) =>
      (l as { text: string }).text.includes('cream')
        ? { ...l, food: { kind: 'recipe', recipeId: 'sauce', versionId: 'sauce-v1' } }
        : l,
    );
    const sauce = (await api().get(`${home}/versions/sauce-v1`).expect(200)).body;
    await api()
      .post(`${home}/versions/sauce-v1/entries`)
      .send({
        base: 0,
        entry: {
          id: 'less',
          label: 'Less',
          undoes: null,
          changes: [
            {
              kind: 'line',
              lineId: sauce.document.lines[0].id,
              index: 0,
              before: sauce.document.lines[0],
              after: { ...sauce.document.lines[0], leftOut: true },
            },
          ],
        },
      })
      .expect(200);
    const { causes } = await drift();
    const inner = causes.find((c) => c.kind === 'recipe');
    expect(inner?.most.map((r) => r.id)).toEqual(['pie']);
    expect(inner?.words).toContain('The sauce');
  });
  it('is kept by cause when very many are counted behind the change', async () => {
    await begin();
    for (let i = 0; i < 24; i++) await bringIn(`dish-${i}`, [`${300 + i} ml cream`], 2);
    await put({ ...own, rule: { ...own.rule, per: 30 } }, 1);
    expect((await drift()).counting).toBeGreaterThan(20);
    await server.renew();
    const { causes, counting } = await drift();
    expect([counting, causes.length, causes[0]!.recipes]).toEqual([0, 1, 25]);
  });
  it('can be put aside, and taken up again; another household sees none of it', async () => {
    await begin();
    await put({ ...own, rule: { ...own.rule, per: 30 } }, 1);
    const [cause] = (await drift()).causes;
    await api().put(`${home}/drift/${cause!.id}/aside`).send({ aside: true }).expect(204);
    expect((await drift()).causes[0]!.aside).toBe(true);
    await api().put(`${home}/drift/${cause!.id}/aside`).send({ aside: false }).expect(204);
    expect((await drift()).causes[0]!.aside).toBe(false);
    await api().post('/api/households').send({ id: 'next-door', name: 'Next door', zone: 'UTC' }).expect(201);
    expect((await api().get('/api/households/next-door/drift').expect(200)).body.causes).toEqual([]);
    await api().put(`/api/households/next-door/drift/${cause!.id}/aside`).send({ aside: true }).expect(404);
  });
  it('says how far off the rule a pin is by now', async () => {
    await begin();
    const potatoes = SHIPPED_FOODS.find((f) => f.id === 'potato')!;
    await api().put(`${home}/pins/${potatoes.id}~own-1`).send({ points: 4, grams: 500 }).expect(200);
    await put({ ...own, rule: { ...own.rule, per: 20 } }, 1);
    const cause = (await drift()).causes.find((c) => c.kind === 'program')!;
    expect(cause.pins).toHaveLength(1);
    expect(cause.pins[0]).toMatchObject({ food: 'potato', grams: 500, points: 4 });
    expect(cause.pins[0]!.now).toBeGreaterThan(cause.pins[0]!.was);
  });
});

describe('a food with a newer state', () => {
  it('moves no line by itself: its lines are named with what they would come to, and taken by the cook', async () => {
    await begin();
    const cheese = SHIPPED_FOODS.find((f) => f.id === 'gouda')!;
    const mine = { ...cheese, id: 'own-cheese', revision: 1, name: 'cheese of the dairy', synonyms: [] };
    await api().put(`${home}/foods/own-cheese`).set('If-Match', '"0"').send(mine).expect(200);
    await bringIn('toast', ['100 g gouda'], 1, (l) => ({
      ...l,
      food: { kind: 'food', foodId: 'own-cheese', revision: 1 },
    }));
    const was = await pointsOf('toast');
    expect((await drift()).foods).toEqual([]);
    const fat = { value: 10, low: 10, high: 10 };
    const leaner = {
      ...mine,
      revision: 2,
      per100g: { ...mine.per100g, kcal: { value: 150, low: 150, high: 150 }, fat, satFat: fat },
    };
    await api().put(`${home}/foods/own-cheese`).set('If-Match', '"1"').send(leaner).expect(200);
    expect(await pointsOf('toast')).toBe(was);
    expect((await drift()).foods).toEqual([{ id: 'own-cheese', name: 'cheese of the dairy', revision: 2, recipes: 1 }]);
    const lines = (await api().get(`${home}/foods/own-cheese/outdated`).expect(200)).body;
    expect(lines).toHaveLength(1);
    expect(lines[0]).toMatchObject({ recipeId: 'toast', versionId: 'toast-v1', points: [{ mark: 'GR', was }] });
    expect(lines[0].points[0].now).toBeLessThan(was);
    const [line] = lines[0].lines;
    const after = { ...line, food: { ...line.food, revision: 2 } };
    await api()
      .post(`${home}/versions/toast-v1/entries`)
      .send({
        base: lines[0].revision,
        entry: {
          id: 'take',
          label: 'Take',
          undoes: null,
          changes: [{ kind: 'line', lineId: line.id, index: 0, before: line, after }],
        },
      })
      .expect(200);
    expect((await drift()).foods).toEqual([]);
    expect(await pointsOf('toast')).toBe(lines[0].points[0].now);
  });
});

describe('a card that shows an older count', () => {
  it('says so, is published again under the same link, and goes back', async () => {
    await begin();
    const card = (await api().post(`${home}/versions/gratin-v1/cards`).expect(201)).body;
    const token = card.url.split('/c/')[1];
    const shown = async () => (await cardByToken(server.context, token))!;
    const was = (await shown()).card.programs[0]!.points;
    expect((await shown()).newer).toEqual([]);
    expect((await drift()).cards).toEqual([]);
    await put({ ...own, rule: { ...own.rule, per: 30 } }, 1);
    const now = await pointsOf('gratin');
    // What was published stays in sight, and the link says that there is a newer count.
    expect((await shown()).card.programs[0]!.points).toBe(was);
    expect((await shown()).newer).toEqual([{ mark: 'GR', was, now }]);
    expect((await drift()).cards).toMatchObject([{ id: card.id, title: 'The gratin', points: [{ was, now }] }]);
    const again = (await api().post(`${home}/cards/${card.id}/again`).send({ why: 'program', words: '' }).expect(200))
      .body;
    expect(again.url).toBe(card.url);
    expect((await shown()).card.programs[0]!.points).toBe(now);
    expect((await drift()).cards).toEqual([]);
    await api().post(`${home}/cards/${card.id}/before`).expect(200);
    expect((await shown()).card.programs[0]!.points).toBe(was);
    await api().post(`${home}/cards/${card.id}/before`).expect(409);
  });
});
