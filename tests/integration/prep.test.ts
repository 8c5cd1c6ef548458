import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { DEMO_RECIPES } from '../../demo/recipes.ts';
import { cli } from '../../src/cli/main.ts';
import { PrepPrintedSchema } from '../../src/contract/prep-printed.ts';
import type { Prep } from '../../src/core/prep/prep.ts';
import { USUAL_KITCHEN } from '../../src/core/prep/prep.ts';
import { addHousehold } from '../../src/server/store/households.ts';
import { NOW, type TestServer, testServer } from '../support/test-server.ts';
import { testVersion } from '../support/test-version.ts';

let dir: string;
let server: TestServer;
beforeAll(async () => {
  dir = mkdtempSync(join(tmpdir(), 'imbiss-prep-'));
  server = await testServer();
});
afterAll(async () => {
  await server.close();
  rmSync(dir, { recursive: true, force: true });
});

async function imbiss(...args: string[]) {
  const said = { out: '', err: '' };
  const status = await cli(args, {
    stdin: () => Buffer.from(''),
    out: (text) => void (said.out += `${text}\n`),
    err: (text) => void (said.err += `${text}\n`),
    env: {},
  });
  return { status, ...said };
}
const fileOf = (title: string): string => {
  const path = join(dir, `${title}.txt`);
  writeFileSync(path, DEMO_RECIPES.find((r) => r.text.startsWith(title))!.text);
  return path;
};

describe('the command prep', () => {
  it('makes one order of work of several recipes, by the clock', async () => {
    const files = ['Potato and leek gratin', 'Beef goulash', 'Beetroot and apple soup'].map(fileOf);
    const { status, out } = await imbiss('prep', ...files, '--start', '10:00', '--json');
    expect(status).toBe(0);
    const printed = PrepPrintedSchema.parse(JSON.parse(out));
    expect(printed).toMatchObject({ start: '10:00', proved: true });
    expect(printed.minutes).toBeLessThan(printed.oneByOne);
    expect(printed.order[0]!.clock).toBe('10:00');
    const at = (words: RegExp) => printed.order.find((r) => words.test(r.words))!;
    // The oven is hot when the gratin goes in, and the soup is no more than warm when it is blended.
    expect(at(/^Bake/).at - at(/^Oven on/).at).toBe(12);
    expect(at(/^Blend/).at).toBeGreaterThanOrEqual(at(/cool a little/i).at + 15);
    expect(
      printed.order
        .filter((r) => r.words === 'Into boxes')
        .map((r) => r.dish)
        .sort(),
    ).toEqual(['Beef goulash', 'Beetroot and apple soup', 'Potato and leek gratin']);
    const plain = await imbiss('prep', ...files, '--start', '10:00');
    expect(plain.out).toContain('no order is shorter');
    expect(plain.out).toMatch(/^10:00 {2}/m);
    // Two cooks are no slower.
    const two = PrepPrintedSchema.parse(JSON.parse((await imbiss('prep', ...files, '--cooks', '2', '--json')).out));
    expect(two.minutes).toBeLessThanOrEqual(printed.minutes);
  });

  it.each([
    ['a time that is none', ['--start', '25:00'], /is no time/],
    ['three cooks', ['--cooks', '3'], /cannot cook/],
  ])('says what is wrong with %s', async (_, flags, words) => {
    const { status, err } = await imbiss('prep', fileOf('Beef goulash'), ...flags);
    expect(status).toBe(2);
    expect(JSON.parse(err).title).toMatch(words);
  });
});

describe('a prep day that is kept', () => {
  const home = '/api/households/home';
  const api = () => request(server.app);
  const day = (rest: Partial<Prep> = {}): Prep => ({
    id: 'prep-1',
    day: '2026-11-29',
    start: '14:00',
    cooks: 1,
    kitchen: USUAL_KITCHEN,
    dishes: [],
    minutes: {},
    kept: null,
    begun: null,
    ticks: {},
    ...rest,
  });
  const put = (prep: Prep) => api().put(`${home}/preps/${prep.id}/document`).set('Host', 'localhost').send(prep);
  const read = async () =>
    (await api().get(`${home}/preps`).set('Host', 'localhost').expect(200)).body as (Prep & { revision: number })[];
  const tick = async (base: number, task: string, state: 'begun' | 'done', minute: string) => {
    const after = { state, at: `2026-11-29T14:${minute}:00.000Z` };
    const changes = [{ kind: 'field', path: ['ticks', task], after }];
    const entry = { id: `${task}-${minute}`, label: 'Tick', undoes: null, changes };
    await api().post(`${home}/preps/prep-1/entries`).set('Host', 'localhost').send({ base, entry }).expect(200);
  };

  it('takes the ticks of two devices, and of two on one task the later', async () => {
    await put(day()).expect(200);
    const { revision } = (await read())[0]!;
    // Both saw the day without a tick; the phone that was without network is heard last.
    await tick(revision, 'cut', 'done', '09');
    await tick(revision, 'simmer', 'done', '40');
    await tick(revision, 'simmer', 'begun', '10');
    await tick(revision, 'stir', 'done', '12');
    const [kept] = await read();
    expect(Object.fromEntries(Object.entries(kept!.ticks).map(([id, t]) => [id, t.state]))).toEqual({
      cut: 'done',
      simmer: 'done',
      stir: 'done',
    });
  });

  it.each([
    ['a time that is none', { start: '24:10' }],
    [
      'nine dishes',
      {
        dishes: Array.from({ length: 9 }, (_, i) => ({
          id: `dish-${i}`,
          recipeId: 'abc',
          versionId: 'abc',
          servings: 1,
          cookId: null,
        })),
      },
    ],
    ['a task of no minutes', { minutes: { 's1~0': 0 } }],
    ['a start before the day', { kept: { starts: { a: -5 }, washes: [] } }],
  ])('is refused with %s, and says where', async (_, wrong) => {
    const { body } = await put(day({ id: 'prep-wrong', ...wrong })).expect(422);
    expect(body.errors.length).toBeGreaterThan(0);
  });

  it('has no dish of another house', async () => {
    const at = NOW.toISOString();
    const other = { id: 'next-door', name: 'Next door', demo: false, system: 'us', region: 'us', zone: 'UTC' } as const;
    await addHousehold(server.context, { ...other, sourceWords: {} }, at);
    const recipe = (id: string, versionId: string) => ({
      id,
      title: 'Stew',
      credit: { author: null, url: null, whose: 'own' },
      claims: [],
      notes: '',
      asWritten: testVersion(['egg'], { id: versionId, recipeId: id }),
    });
    const made = await api()
      .post('/api/households/next-door/recipes')
      .set('Host', 'localhost')
      .send(recipe('their-stew', 'their-version'));
    expect(made.status, JSON.stringify(made.body)).toBeLessThan(300);
    const dish = { id: 'dish-1', recipeId: 'their-stew', versionId: 'their-version', servings: null, cookId: null };
    const { body } = await put(day({ id: 'prep-theirs', dishes: [dish] })).expect(422);
    expect(body.title).toMatch(/no such version/);
  });
});
