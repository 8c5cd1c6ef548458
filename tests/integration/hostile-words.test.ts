import { unzipSync } from 'fflate';
import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { CardLink } from '../../src/contract/recipe.ts';
import { type TestServer, testServer } from '../support/test-server.ts';

const BIDI = '\u202Eback\u202C\u2066on\u2069';
const HOSTILE = `<script>alert(1)</script><img src=x onerror=alert(2)> ${BIDI} "q" 'q' & ]]> --> {{x}} javascript:alert(3)`;
/** Runs where it is drawn: a tag that nobody wrote as words. */
const ALIVE = /<(?:script>alert|img src=x|svg onload)/i;
const TURNED = /[\u202a-\u202e\u2066-\u2069]/;

let server: TestServer;
let recipeId: string;
let versionId: string;
beforeAll(async () => {
  server = await testServer();
  const recipe = {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: `=1+1 ${HOSTILE}`,
    author: HOSTILE,
    url: 'javascript:alert(4)',
    recipeYield: `4 servings ${HOSTILE}`,
    recipeIngredient: [`500 g potatoes ${HOSTILE}`, `=2 eggs ${HOSTILE}`],
    recipeInstructions: [`Boil. ${HOSTILE}`],
  };
  const body = Buffer.from(JSON.stringify([recipe]));
  await request(server.app)
    .post('/api/households/home/take-in')
    .set('Content-Type', 'application/octet-stream')
    .send(body)
    .expect(200);
  await request(server.app)
    .put('/api/households/home/eaters/runa/document')
    .send({
      id: 'runa',
      name: `Runa ${HOSTILE}`.slice(0, 60),
      programId: 'ledger',
      atTable: true,
    });
  const { rows } = (await request(server.app).get('/api/households/home/recipes')).body;
  recipeId = rows[0].id;
  const page = (await request(server.app).get(`/api/households/home/recipes/${recipeId}`)).body;
  versionId = page.versions[0].id;
  // As a recipe of the family's own, all of it goes out.
  await request(server.app)
    .patch(`/api/households/home/recipes/${recipeId}`)
    .set('If-Match', `"${page.recipe.revision}"`)
    .send({ credit: { author: HOSTILE.slice(0, 120), url: null, whose: 'family' } })
    .expect(200);
});
afterAll(() => server.close());

const bytesOf = async (req: request.Test): Promise<Buffer> =>
  (
    await req
      .buffer(true)
      .parse((res, done) => {
        const parts: Buffer[] = [];
        res.on('data', (d: Buffer) => parts.push(d));
        res.on('end', () => done(null, Buffer.concat(parts)));
      })
      .expect(200)
  ).body;

describe('hostile words in every field of a recipe', () => {
  it('turn no writing round, wherever they are kept', async () => {
    const page = (await request(server.app).get(`/api/households/home/recipes/${recipeId}`)).text;
    expect(page).not.toMatch(TURNED);
  });

  it('are words on its card, whose data ends no script, and whose links lead nowhere', async () => {
    const made = await request(server.app).post(`/api/households/home/versions/${versionId}/cards`).expect(201);
    const { text } = await request(server.cards)
      .get(new URL((made.body as CardLink).url).pathname)
      .expect(200);
    expect(text).toContain('potatoes');
    expect(text).not.toMatch(ALIVE);
    expect(text).not.toMatch(TURNED);
    expect(text).not.toMatch(/href="javascript/i);
    const scripts = [...text.matchAll(/<script[^>]*>/g)].map((m) => m[0]);
    expect(scripts.every((s) => s.includes('application/ld+json'))).toBe(true);
    for (const [, data] of text.matchAll(/<script[^>]*>([\s\S]*?)<\/script>/g))
      expect(() => JSON.parse(data!)).not.toThrow();
  });

  it.each(['markdown', 'cooklang', 'text', 'csv', 'jsonld'])('are inert as %s', async (format) => {
    const text = (
      await bytesOf(request(server.app).get(`/api/households/home/versions/${versionId}/as?format=${format}`))
    ).toString('utf8');
    expect(text.length).toBeGreaterThan(50);
    expect(text).not.toMatch(TURNED);
    // What may be drawn as a page elsewhere has no tag; a table takes no cell for a formula.
    if (format === 'markdown') expect(text).not.toMatch(ALIVE);
    if (format === 'csv') expect(text).not.toMatch(/(?:^|,|\n)"?[=+@]/);
  });

  it('are words in a booklet', async () => {
    const wish = { id: '0190f5fe-7c00-7a00-8000-000000000001', title: HOSTILE, words: HOSTILE, recipes: [recipeId] };
    const book = unzipSync(await bytesOf(request(server.app).post('/api/households/home/booklet').send(wish)));
    for (const [name, bytes] of Object.entries(book)) {
      const text = Buffer.from(bytes).toString('utf8');
      expect(text, name).not.toMatch(ALIVE);
      expect(text, name).not.toMatch(TURNED);
    }
  });
});
