import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { USUAL_PASS_ON } from '../../src/core/card/pass-on.ts';
import type { Program } from '../../src/core/program/program.ts';
import { SAMPLE_PROGRAMS } from '../../src/core/program/samples.ts';
import { type TestServer, testServer } from '../support/test-server.ts';
import { readVersion } from '../support/test-version.ts';

let server: TestServer;
beforeEach(async () => {
  server = await testServer();
});
afterEach(() => server.close());

const home = '/api/households/home';
const api = () => request(server.app);
const [ledger] = SAMPLE_PROGRAMS;
const own: Program = { ...ledger!, id: 'own-1', revision: 1, mark: 'GR', name: "Grandmother's booklet" };
const put = (program: object, ifMatch: number | null = null, id = 'own-1') => {
  const asked = api().put(`${home}/programs/${id}`);
  return (ifMatch === null ? asked : asked.set('If-Match', `"${ifMatch}"`)).send(program);
};
const table = async () => (await api().get(home).expect(200)).body;
const programs = async (): Promise<Program[]> => (await table()).programs;
const eater = (programId: string | null) => ({
  name: 'Runa',
  programId,
  exceptions: [],
  allergies: [],
  avoids: [],
});

const bringIn = () => {
  const version = readVersion(['500 g potatoes', '200 ml cream', '100 g gouda'], {
    id: 'gratin-v1',
    recipeId: 'gratin',
    servings: 4,
    steps: [],
  });
  const lines = version.lines.map((l) => ({ ...l, id: `gratin-${l.id}`, originLineId: `gratin-${l.id}` }));
  const facts = { makes: null, times: { prep: null, cook: null, total: null }, pans: [], tools: [] };
  const credit = { author: null, url: null, whose: 'family' };
  const recipe = {
    id: 'gratin',
    title: 'Gratin',
    credit,
    claims: [],
    facts,
    settled: [],
    shownVersionId: null,
    favourite: false,
    passOn: USUAL_PASS_ON,
    notes: '',
    asWritten: { ...version, lines },
  };
  return api().post(`${home}/recipes`).send(recipe).expect(201);
};

describe("a household's own program", () => {
  it('is written in revisions, and everyone sees the newest', async () => {
    expect((await put(own, 0).expect(200)).body.revision).toBe(1);
    const stricter = { ...own, rule: { ...own.rule, per: 40 } };
    expect((await put(stricter, 1).expect(200)).body.revision).toBe(2);
    // Changed from a state that is not the newest any more: nothing is written over.
    expect((await put(own, 1).expect(412)).body.title).toMatch(/changed elsewhere/);
    const { body: states } = await api().get(`${home}/programs/own-1/revisions`).expect(200);
    expect(states.map((s: { program: Program }) => s.program.rule.per)).toEqual([own.rule.per, 40]);
    await api().get(`${home}/programs/${ledger!.id}/revisions`).expect(409);
    const found = (await programs()).find((p) => p.id === 'own-1');
    expect(found).toMatchObject({ revision: 2, rule: { per: 40 } });
  });

  it('has a mark of its own, and is none of those that come with Imbiss', async () => {
    const taken = (await put({ ...own, mark: 'LE' }, 0).expect(422)).body;
    expect(taken.title).toBe('"Ledger" has the mark LE already.');
    expect(taken.detail).toMatch(/other letters/);
    const shipped = (await put({ ...own, id: ledger!.id }, null, ledger!.id).expect(409)).body;
    expect(shipped.detail).toBe('Copy it, and change the copy.');
    await api().delete(`${home}/programs/${ledger!.id}`).expect(409);
    await put(own, 0).expect(200);
    expect((await programs()).map((p) => p.mark)).toEqual(['LE', 'LA', 'HA', 'HO', 'GR']);
  });

  it.each([
    ['points of nothing', { rule: { ...own.rule, per: 0 } }, /per/],
    ['a cap below nothing', { rule: { ...own.rule, caps: { fibre: -1 } } }, /cannot be below 0/],
    ['a rule without a number', { rule: { ...own.rule, coefficients: {} } }, /at least one nutrient/],
    ['a rule of noughts', { rule: { ...own.rule, coefficients: { kcal: 0 } } }, /at least one nutrient/],
    ['a mark of colours', { mark: 'green' }, /capital letters/],
    ['a number that is none', { allowance: 'many' }, /not a number/],
  ])('is refused in words: %s', async (_, over, words) => {
    const { body } = await put({ ...own, ...over }, 0).expect(422);
    expect(JSON.stringify(body)).toMatch(words);
    expect(JSON.stringify(body)).not.toMatch(/at .*\.ts:/);
  });

  it('moves the list of recipes when an eater counts by it, when it is changed, and when it is taken back', async () => {
    await put(own, 0).expect(200);
    await api().put(`${home}/eaters/eater-1`).send(eater('own-1')).expect(200);
    await bringIn();
    const points = async (): Promise<number> => {
      await server.renew();
      return (await api().get(`${home}/recipes`).expect(200)).body.rows[0].points[0].points;
    };
    const before = await points();
    const strict = { ...own, rule: { ...own.rule, per: own.rule.per / 2 } };
    await put(strict, 1).expect(200);
    const after = await points();
    expect(after).toBeGreaterThanOrEqual(before * 2 - 1);
    await put(own, 2).expect(200);
    expect(await points()).toBe(before);
  });

  it('is not taken away from under those who count by it, and comes back as it was', async () => {
    await put(own, 0).expect(200);
    await api().put(`${home}/eaters/eater-1`).send(eater('own-1')).expect(200);
    const refused = (await api().delete(`${home}/programs/own-1`).expect(409)).body;
    expect(refused.title).toBe('Runa counts by this program.');
    await api().put(`${home}/eaters/eater-1`).set('If-Match', '"1"').send(eater(ledger!.id)).expect(200);
    await api().delete(`${home}/programs/own-1`).expect(204);
    expect((await programs()).some((p) => p.id === 'own-1')).toBe(false);
    expect((await api().get(`${home}/programs/removed`).expect(200)).body.map((p: Program) => p.id)).toEqual(['own-1']);
    await put({ ...own, id: 'own-2' }, 0, 'own-2').expect(200);
    // Its mark is another's by now.
    await api().post(`${home}/programs/own-1/restore`).expect(422);
    expect((await programs()).some((p) => p.id === 'own-1')).toBe(false);
    await api().delete(`${home}/programs/own-2`).expect(204);
    await api().post(`${home}/programs/own-1/restore`).expect(204);
    expect((await programs()).find((p) => p.id === 'own-1')).toMatchObject({ mark: 'GR', revision: 1 });
  });

  it("is no other household's", async () => {
    await put(own, 0).expect(200);
    await api().post('/api/households').send({ id: 'next-door', name: 'Next door', zone: 'UTC' }).expect(201);
    const theirs = '/api/households/next-door/programs/own-1';
    await api().put(theirs).send(own).expect(404);
    await api().delete(theirs).expect(404);
    await api().get(`${theirs}/revisions`).expect(404);
    await api().post(`${theirs}/restore`).expect(404);
    const { body } = await api().get('/api/households/next-door').expect(200);
    expect(body.programs.map((p: Program) => p.id)).not.toContain('own-1');
  });

  it('may give an eater another allowance than it says', async () => {
    await put(own, 0).expect(200);
    await api()
      .put(`${home}/eaters/eater-1`)
      .send({ ...eater('own-1'), allowance: 24.5 })
      .expect(200);
    expect((await table()).eaters[0].allowance).toBe(24.5);
  });
});
