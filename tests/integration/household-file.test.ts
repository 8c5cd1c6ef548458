import { unzipSync, zipSync } from 'fflate';
import request from 'supertest';
import { afterEach, describe, expect, it } from 'vitest';
import type { TakeInAnswer } from '../../src/contract/exchange-api.ts';
import { SWAPS } from '../../src/core/swap/library.ts';
import { seedDemo } from '../../src/server/seed-demo.ts';
import { scopeOf } from '../../src/server/store/scope.ts';
import { addManyRecipes } from '../support/many-recipes.ts';
import { type TestServer, testServer } from '../support/test-server.ts';

const DEMO = 'demo-household';
let servers: TestServer[] = [];
afterEach(async () => {
  for (const s of servers) await s.close();
  servers = [];
});
async function started(demo = false): Promise<TestServer> {
  const server = await testServer();
  servers.push(server);
  if (demo) {
    await seedDemo(server.context);
    await server.renew();
  }
  return server;
}

const binary = (res: request.Response, done: (e: Error | null, b: Buffer) => void): void => {
  const parts: Buffer[] = [];
  res.on('data', (d: Buffer) => parts.push(d));
  res.on('end', () => done(null, Buffer.concat(parts)));
};
const exported = async (server: TestServer, h: string): Promise<Buffer> =>
  (
    await request(server.app)
      .get(`/api/households/${h}/export`)
      .buffer(true)
      .parse(binary as never)
      .expect(200)
  ).body;
const told = (zip: Uint8Array) => JSON.parse(Buffer.from(unzipSync(zip)['household.json']!).toString('utf8'));
const packed = (content: unknown, more: Record<string, Uint8Array> = {}): Buffer =>
  Buffer.from(zipSync({ 'household.json': Buffer.from(JSON.stringify(content)), ...more }));

const sent = (server: TestServer, path: string, zip: Buffer) =>
  request(server.app).post(path).set('Content-Type', 'application/zip').send(zip);
const preview = async (server: TestServer, h: string, zip: Buffer): Promise<TakeInAnswer> =>
  (await sent(server, `/api/households/${h}/take-in/preview`, zip).expect(200)).body;
const takeIn = async (server: TestServer, h: string, zip: Buffer, theirs = ''): Promise<TakeInAnswer> => {
  const { text } = await sent(server, `/api/households/${h}/take-in?theirs=${theirs}`, zip).expect(200);
  const lines = text
    .trim()
    .split('\n')
    .map((l) => JSON.parse(l));
  return lines[lines.length - 1].done;
};
const pointsOf = async (server: TestServer, h: string) => {
  await server.renew();
  const { rows } = (await request(server.app).get(`/api/households/${h}/recipes?order=title&limit=100`)).body;
  return rows.map((r: { title: string; points: { points: number }[]; kcal: number }) => [
    r.title,
    r.points.map((p) => p.points),
    r.kcal,
  ]);
};
const states = (a: TakeInAnswer) =>
  Object.fromEntries(['new', 'same', 'differs', 'cannot'].map((s) => [s, a.rows.filter((r) => r.state === s).length]));

/** A swap of the demo household's own: as one that comes with Imbiss, under another name. */
async function addOwnSwap(server: TestServer): Promise<void> {
  const { departs: _, ...swap } = SWAPS[0]! as (typeof SWAPS)[0] & { departs?: unknown };
  const own = { ...swap, id: 'swap-of-ours', name: 'as we do it', retired: false };
  const { status, body } = await request(server.app)
    .put(`/api/households/${DEMO}/swaps/swap-of-ours/document`)
    .send(own);
  expect(status, JSON.stringify(body)).toBeLessThan(300);
}

describe('a household as a file', () => {
  it('is the same bytes again, and the same again from an empty installation that took it in', async () => {
    const from = await started(true);
    const zip = await exported(from, DEMO);
    expect(zip.equals(await exported(from, DEMO))).toBe(true);
    const to = await started();
    const { text } = await sent(to, '/api/households/from-file', zip).expect(200);
    const lines = text
      .trim()
      .split('\n')
      .map((l: string) => JSON.parse(l));
    expect(lines.length).toBeGreaterThan(1);
    expect(lines[lines.length - 1].done.householdId).toBe(DEMO);
    expect(lines[lines.length - 1].done.rows.filter((r: { state: string }) => r.state !== 'new')).toEqual([]);
    expect(told(await exported(to, DEMO))).toEqual(told(zip));
    expect((await exported(to, DEMO)).equals(zip)).toBe(true);
    expect(await pointsOf(to, DEMO)).toEqual(await pointsOf(from, DEMO));
  });

  it('is the same bytes with five hundred recipes, there and back', async () => {
    const from = await started();
    await addManyRecipes(scopeOf(from.context, 'home'), 500, 6);
    const zip = await exported(from, 'home');
    expect(told(zip).recipes).toHaveLength(500);
    const to = await started();
    // The household of the other is there, empty, under the same id: it is taken into that one.
    await takeIn(to, 'home', zip);
    expect(told(await exported(to, 'home')).recipes).toEqual(told(zip).recipes);
    expect((await exported(to, 'home')).equals(zip)).toBe(true);
  }, 60_000);

  it('goes out in parts, each with what it cannot be understood without, and comes in elsewhere', async () => {
    const from = await started(true);
    const part = async (only: string): Promise<Buffer> =>
      (
        await request(from.app)
          .get(`/api/households/${DEMO}/export?only=${only}`)
          .buffer(true)
          .parse(binary as never)
          .expect(200)
      ).body;
    await addOwnSwap(from);
    const whole = told(await exported(from, DEMO));
    const filled = (file: { documents: Record<string, unknown[]> }) =>
      Object.entries(file.documents).flatMap(([kind, rows]) => (rows.length > 0 ? [kind] : []));
    const programs = told(await part('programs'));
    expect(programs).toMatchObject({ programs: whole.programs, foods: [], recipes: [], versions: [], pictures: [] });
    expect(filled(programs)).toEqual([]);
    const swaps = told(await part('swaps'));
    expect(swaps.documents.swaps).toEqual(whole.documents.swaps);
    expect(filled(swaps)).toEqual(['swaps']);
    const feasts = told(await part('feasts'));
    expect(filled(feasts)).toEqual(['feasts']);
    expect(feasts.recipes.length).toBeGreaterThan(0);
    expect(feasts.recipes.length).toBeLessThan(whole.recipes.length);
    await request(from.app).get(`/api/households/${DEMO}/export?only=everything`).expect(422);
    for (const only of ['recipes', 'programs', 'foods', 'swaps', 'feasts', 'programs,feasts']) {
      const to = await started();
      const { rows } = await takeIn(to, 'home', await part(only));
      expect(rows.filter((r) => r.state === 'cannot')).toEqual([]);
      expect(rows.filter((r) => r.state === 'differs' && r.kind !== 'household')).toEqual([]);
    }
  }, 60_000);

  it('changes nothing where everything is there already', async () => {
    const server = await started(true);
    const zip = await exported(server, DEMO);
    const seen = await preview(server, DEMO, zip);
    expect(states(seen)).toMatchObject({ new: 0, differs: 0, cannot: 0 });
    await takeIn(server, DEMO, zip);
    expect((await exported(server, DEMO)).equals(zip)).toBe(true);
  });

  it('gets new ids where its own are another household’s, and is found by the old ones the next time', async () => {
    const server = await started(true);
    const zip = await exported(server, DEMO);
    const seen = await preview(server, 'home', zip);
    expect(seen.rows.filter((r) => r.state === 'cannot')).toEqual([]);
    // A preview writes nothing.
    expect((await request(server.app).get('/api/households/home/recipes')).body.rows).toEqual([]);
    const done = await takeIn(server, 'home', zip);
    expect(states(done)).toEqual(states(seen));
    expect(await pointsOf(server, 'home')).toEqual(await pointsOf(server, DEMO));
    const again = await preview(server, 'home', zip);
    expect(states(again)).toMatchObject({ new: 0, cannot: 0 });
    expect(again.rows.filter((r) => r.state === 'differs').map((r) => r.kind)).toEqual(['household']);
    // And the household that it came from is as it was.
    expect((await exported(server, DEMO)).equals(zip)).toBe(true);
  });

  it('keeps what the household has of what differs, or takes the other where the cook says so', async () => {
    const server = await started(true);
    const zip = await exported(server, DEMO);
    const content = told(zip);
    const recipe = content.recipes[0];
    recipe.title = 'Called otherwise';
    const changed = packed(content);
    const seen = await preview(server, DEMO, changed);
    expect(seen.rows.filter((r) => r.state === 'differs')).toEqual([
      expect.objectContaining({ kind: 'recipes', id: recipe.id, why: expect.stringContaining('title') }),
    ]);
    const titleNow = async () =>
      (await request(server.app).get(`/api/households/${DEMO}/recipes/${recipe.id}`)).body.recipe.title;
    const before = await titleNow();
    await takeIn(server, DEMO, changed);
    expect(await titleNow()).toBe(before);
    await takeIn(server, DEMO, changed, `recipes/${recipe.id}`);
    expect(await titleNow()).toBe('Called otherwise');
  });

  it('says which rows cannot be taken in and why, and takes the others', async () => {
    const server = await started(true);
    const content = told(await exported(server, DEMO));
    content.documents.eaters[0].programId = 'program-nobody-has';
    content.documents.verdicts.push({
      versionId: 'version-gone',
      eaterId: 'eater-gone',
      again: 'again',
      enough: null,
      note: '',
      swaps: [],
    });
    const other = await started();
    const seen = await preview(other, 'home', packed(content));
    const cannot = seen.rows.filter((r) => r.state === 'cannot');
    expect(cannot.map((r) => r.kind)).toEqual(expect.arrayContaining(['eaters', 'verdicts']));
    for (const r of cannot) expect(r.why).toMatch(/\w/);
    expect(seen.rows.filter((r) => r.kind === 'recipes' && r.state === 'new').length).toBe(content.recipes.length);
  });

  it('leaves out what the cook does not want of it', async () => {
    const from = await started(true);
    const zip = await exported(from, DEMO);
    const light = told(zip).versions.find((v: { kind: string }) => v.kind === 'lightened');
    const to = await started();
    await sent(to, `/api/households/home/take-in?without=versions/${light.id}`, zip).expect(200);
    const { versions } = (await request(to.app).get(`/api/households/home/recipes/${light.recipeId}`).expect(200)).body;
    expect(versions.some((v: { id: string }) => v.id === light.id)).toBe(false);
    expect(versions.some((v: { kind: string }) => v.kind === 'asWritten')).toBe(true);
  });

  it('names what it does not hold', async () => {
    const server = await started(true);
    const { body } = await request(server.app).get(`/api/households/${DEMO}/export/about`).expect(200);
    expect(body.without.join(' ')).toMatch(/links.*history|history.*links/s);
    expect(body.recipes).toBeGreaterThan(5);
  });
});

describe('a file that is none, or a trap', () => {
  const deep = () => `${'['.repeat(200_000)}${']'.repeat(200_000)}`;
  const traps: Record<string, () => Buffer> = {
    'no archive': () => Buffer.from('hello'),
    'an empty file': () => Buffer.alloc(0),
    'cut off in the middle': () => packed({ format: 'imbiss-household', v: 1 }).subarray(0, 60),
    'an archive without a household': () => Buffer.from(zipSync({ 'readme.txt': Buffer.from('x') })),
    'no JSON': () => Buffer.from(zipSync({ 'household.json': Buffer.from('{') })),
    'broken letters': () => Buffer.from(zipSync({ 'household.json': Buffer.from([0x7b, 0xff, 0xfe, 0x7d]) })),
    'another format': () => packed({ format: 'something', v: 1 }),
    'a later format': () => packed({ format: 'imbiss-household', v: 99 }),
    'nested without end': () => Buffer.from(zipSync({ 'household.json': Buffer.from(deep()) })),
    // What it says that it unpacks to stands at the end of an archive, 24 bytes behind the mark of its file.
    'a bomb': () => {
      const zip = packed({});
      zip.writeUInt32LE(260_000_000, zip.lastIndexOf(Buffer.from([0x50, 0x4b, 0x01, 0x02])) + 24);
      return zip;
    },
    'paths that lead out': () =>
      Buffer.from(zipSync({ 'household.json': Buffer.from('{}'), '../../etc/passwd': Buffer.from('x') })),
  };
  it.each(Object.keys(traps))('%s: is refused in words, and nothing is changed', async (name) => {
    const server = await started();
    const answer = await sent(server, '/api/households/home/take-in/preview', traps[name]!());
    expect(answer.status).toBe(422);
    expect(answer.body.title).toMatch(/\w{3}/);
    expect(JSON.stringify(answer.body)).not.toMatch(/ at |\.ts:|Error:/);
    expect((await request(server.app).get('/api/households/home/recipes')).body.rows).toEqual([]);
  });
});
