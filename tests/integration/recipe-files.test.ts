import { zipSync } from 'fflate';
import request from 'supertest';
import { afterEach, describe, expect, it } from 'vitest';
import type { TakeInAnswer } from '../../src/contract/exchange-api.ts';
import { seedDemo } from '../../src/server/seed-demo.ts';
import { type TestServer, testServer } from '../support/test-server.ts';

let servers: TestServer[] = [];
afterEach(async () => {
  for (const s of servers) await s.close();
  servers = [];
});
async function started(): Promise<TestServer> {
  const server = await testServer();
  servers.push(server);
  return server;
}

const bytes = (text: string): Buffer => Buffer.from(text, 'utf8');
const zipOf = (files: Record<string, string | Uint8Array>): Buffer =>
  Buffer.from(
    zipSync(Object.fromEntries(Object.entries(files).map(([n, c]) => [n, typeof c === 'string' ? bytes(c) : c]))),
  );
const sent = (server: TestServer, path: string, body: Buffer) =>
  request(server.app).post(path).set('Content-Type', 'application/octet-stream').send(body);
const preview = async (server: TestServer, body: Buffer): Promise<TakeInAnswer> =>
  (await sent(server, '/api/households/home/take-in/preview', body).expect(200)).body;
const takeIn = async (server: TestServer, body: Buffer, query = ''): Promise<TakeInAnswer & { progress: number[] }> => {
  const { text } = await sent(server, `/api/households/home/take-in${query}`, body).expect(200);
  const lines = text
    .trim()
    .split('\n')
    .map((l) => JSON.parse(l));
  return { ...lines.at(-1).done, progress: lines.flatMap((l) => (l.total ? [l.progress] : [])) };
};
const titles = async (server: TestServer): Promise<string[]> =>
  (await request(server.app).get('/api/households/home/recipes?order=title&limit=100')).body.rows.map(
    (r: { title: string }) => r.title,
  );
const rowsOf = (a: TakeInAnswer) => a.rows.map((r) => [r.kind, r.title, r.state, r.why]);

const LEEKS = `# Leek stew\n\nServes 4\n\n## Ingredients\n\n- 500 g leeks\n- 2 tbsp olive oil\n- 3 glorbs of wuzzle\n\n## Steps\n\n1. Stew the leeks in the oil.\n`;
const PORRIDGE = '---\ntitle: Porridge\nservings: 2\n---\nBoil @milk{300%ml} with @rolled oats{80%g}.\n';
const jsonLd = (name: string, lines: string[]): object => ({
  '@context': 'https://schema.org',
  '@type': 'Recipe',
  name,
  recipeYield: '4 servings',
  recipeIngredient: lines,
  recipeInstructions: ['Mix.'],
});

describe('recipe files', () => {
  it('of many formats come in at once: looked at first, with what was understood and what was not', async () => {
    const server = await started();
    const zip = zipOf({
      'leeks.md': LEEKS,
      'porridge.cook': PORRIDGE,
      'more/list.json': JSON.stringify([
        jsonLd('Egg cups', ['4 eggs', '1 cup milk']),
        jsonLd('Toast', ['2 slices bread']),
      ]),
      'page.html': `<html><head><script type="application/ld+json">${JSON.stringify(jsonLd('Pea soup', ['300 g peas']))}</script></head><body>Hello</body></html>`,
      'notes.txt': 'Call the plumber.',
      'photo.jpg': new Uint8Array([1, 2, 3]),
    });
    const seen = await preview(server, zip);
    expect(await titles(server)).toEqual([]);
    expect(rowsOf(seen).sort((a, b) => String(a[1]).localeCompare(String(b[1])))).toEqual([
      ['recipes', 'Egg cups', 'new', '2 ingredients, 1 step'],
      ['recipes', 'Leek stew', 'new', '3 ingredients, of them 1 to answer; 1 step'],
      ['files', 'notes.txt', 'cannot', 'No recipe was found in it.'],
      ['recipes', 'Pea soup', 'new', '1 ingredient, 1 step'],
      [
        'files',
        'photo.jpg',
        'cannot',
        'It is no text that is read here. A photograph of a page is read under Bring in.',
      ],
      ['recipes', 'Porridge', 'new', '2 ingredients, 1 step'],
      ['recipes', 'Toast', 'new', '1 ingredient, 1 step'],
    ]);
    const toast = seen.rows.find((r) => r.title === 'Toast')!;
    const taken = await takeIn(server, zip, `?without=recipes/${toast.id}`);
    expect(taken.rows.filter((r) => r.state === 'new')).toHaveLength(4);
    expect(await titles(server)).toEqual(['Egg cups', 'Leek stew', 'Pea soup', 'Porridge']);
    // Once more: what is here is found again, by what it says.
    const again = await preview(server, zip);
    expect(again.rows.filter((r) => r.kind === 'recipes').map((r) => [r.title, r.state])).toEqual(
      expect.arrayContaining([
        ['Egg cups', 'same'],
        ['Leek stew', 'same'],
        ['Porridge', 'same'],
        ['Toast', 'new'],
      ]),
    );
  });

  it('what was changed here since stays, and what was removed is asked', async () => {
    const server = await started();
    await takeIn(server, bytes(LEEKS));
    const { rows } = (await request(server.app).get('/api/households/home/recipes')).body;
    await request(server.app)
      .patch(`/api/households/home/recipes/${rows[0].id}`)
      .set('If-Match', '"1"')
      .send({ title: 'Our leeks' })
      .expect(200);
    expect((await preview(server, bytes(LEEKS))).rows[0]).toMatchObject({ kind: 'recipes', state: 'differs' });
    await takeIn(server, bytes(LEEKS));
    expect(await titles(server)).toEqual(['Our leeks']);
  });

  it('one file alone is enough, and a bad one says what to do', async () => {
    const server = await started();
    expect(rowsOf(await takeIn(server, bytes(LEEKS)))).toEqual([
      ['recipes', 'Leek stew', 'new', '3 ingredients, of them 1 to answer; 1 step'],
    ]);
    for (const [body, words] of [
      [bytes('Call the plumber.'), 'No recipe was found'],
      [Buffer.from([0, 255, 254, 1, 2, 3]), 'no text'],
      [bytes(`${'['.repeat(50_000)}`), 'No recipe was found'],
      [zipOf({ '../out.md': LEEKS }), 'lead out'],
      // Long words, and a nest that is no data, are put aside and not read.
      [bytes('2 cups flour and '.repeat(2_000_000)), 'far longer than a recipe'],
      [bytes(`${'['.repeat(3_000_000)}`), 'far longer than a recipe'],
      [zipOf({}), 'No recipe was found'],
    ] as const) {
      const { body: problem } = await sent(server, '/api/households/home/take-in/preview', body).expect(422);
      expect(`${problem.title} ${problem.detail ?? ''}`, words).toContain(words);
      expect(JSON.stringify(problem)).not.toMatch(/at \w+ \(|node:/);
    }
  });

  it('what is markup or longer than anything stays words, or is said', async () => {
    const server = await started();
    const nasty = jsonLd('<img src=x onerror=alert(1)>\u202eevil', ['1 cup <script>alert(1)</script> flour']);
    const answer = await takeIn(server, bytes(JSON.stringify([nasty, jsonLd('x'.repeat(5000), ['1 egg'])])));
    expect(answer.rows.every((r) => r.state === 'new')).toBe(true);
    const { rows } = (await request(server.app).get('/api/households/home/recipes')).body;
    expect(rows.every((r: { title: string }) => r.title.length <= 300 && !r.title.includes('\u202e'))).toBe(true);
  });

  it('hundreds come in at once, with progress, and count as they did where they come from', async () => {
    const from = await started();
    await seedDemo(from.context);
    await from.renew();
    const list = (await request(from.app).get('/api/households/demo-household/recipes-as?format=jsonld').buffer(true))
      .body;
    const many = Array.from({ length: 300 }, (_, i) => {
      const one = list[i % list.length] as { name: string };
      return { ...one, name: `${one.name} ${i}` };
    });
    const server = await started();
    const answer = await takeIn(server, bytes(JSON.stringify(many)));
    expect(answer.rows.filter((r) => r.state === 'new' && r.kind === 'recipes')).toHaveLength(300);
    expect(answer.progress.length).toBeGreaterThan(5);
    const row = await server.db
      .selectFrom('recipe')
      .select((e) => e.fn.countAll<number>().as('n'))
      .executeTakeFirst();
    expect(row?.n).toBe(300);
  });
});
