import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { CardLink, RecipePage, RecipeSummary } from '../../src/contract/recipe.ts';
import type { Feast } from '../../src/core/feast/feast.ts';
import { seedDemo } from '../../src/server/seed-demo.ts';
import { purge } from '../../src/server/store/purge.ts';
import { NOW, type TestServer, testServer } from '../support/test-server.ts';

let server: TestServer;
let recipes: RecipeSummary[];
beforeEach(async () => {
  server = await testServer();
  await seedDemo(server.context);
  recipes = (await request(server.app).get('/api/households/demo-household/recipes')).body.rows;
});
afterEach(() => server.close());
const gratin = (): RecipeSummary => recipes.find((r) => r.title.includes('gratin'))!;

describe('the demo household', () => {
  it('has at least 16 dishes, all read, each with a version that is lighter for everyone who counts', () => {
    expect(recipes.length).toBeGreaterThanOrEqual(16);
    for (const r of recipes) {
      expect(r.open, r.title).toBe(0);
      expect(r.points.map((p) => p.mark)).toEqual(['LE', 'HA', 'HO']);
      for (const p of r.points) expect(p.points, `${r.title}, ${p.mark}`).toBeLessThan(p.was!);
    }
  });
  it('lightens without starving: a portion keeps at least seven tenths of its weight', async () => {
    for (const r of recipes) {
      const page = (await request(server.app).get(`/api/households/demo-household/recipes/${r.id}`)).body as RecipePage;
      const grams = page.versions.map((v) => v.lines.reduce((s, l) => s + (l.leftOut ? 0 : (l.weight?.grams ?? 0)), 0));
      expect(grams[1]! / grams[0]!, r.title).toBeGreaterThan(0.7);
    }
  });
  it('has a harvest supper for 14 on the first Saturday after the first start', async () => {
    const [supper] = (await request(server.app).get('/api/households/demo-household/feasts')).body as Feast[];
    // 25 November 2026 is a Wednesday.
    expect(supper).toMatchObject({ name: 'Harvest supper', day: '2026-11-28', people: 14 });
    const { body } = await request(server.app).get(`/api/households/demo-household/feasts/${supper!.id}/count`);
    for (const [eater, most] of Object.entries(supper!.targets))
      expect(
        body.plates.some((p: { points: number }) => p.points > most),
        eater,
      ).toBe(true);
    expect(body.plates.map((p: { mark: string }) => p.mark)).toEqual(['LE', 'HA', 'HO']);
  });
  it('has a dish that takes from another', async () => {
    const goulash = (
      await request(server.app).get(
        `/api/households/demo-household/recipes/${recipes.find((r) => r.title === 'Beef goulash')!.id}`,
      )
    ).body as RecipePage;
    expect(goulash.inner.map((i) => i.title)).toEqual(['Vegetable stock for the week']);
  });
});

describe('a card', () => {
  it('from before there were options is still shown', async () => {
    const link = (
      await request(server.app).post(`/api/households/demo-household/versions/${gratin().versionId}/cards`).expect(201)
    ).body as CardLink;
    const row = await server.db.selectFrom('card').select('body').where('id', '=', link.id).executeTakeFirstOrThrow();
    const { options: _, reader: ___, v: __, ...old } = JSON.parse(row.body);
    await server.db
      .updateTable('card')
      .set({ body: JSON.stringify(old) })
      .where('id', '=', link.id)
      .execute();
    const html = (await request(server.cards).get(new URL(link.url).pathname).expect(200)).text;
    expect(html).toContain('Potato and leek gratin');
    expect(html).not.toContain('On the plate');
  });
  it('counts a reader’s own portion and amounts by a plain form, and what was published stays in sight', async () => {
    const link = (
      await request(server.app).post(`/api/households/demo-household/versions/${gratin().versionId}/cards`).expect(201)
    ).body as CardLink;
    const path = new URL(link.url).pathname;
    const plain = (await request(server.cards).get(path).expect(200)).text;
    expect(plain).toMatch(/<form method="get">/);
    const published = /<ul class="points"[\s\S]*?<\/ul>/.exec(plain)![0];
    const asked = await request(server.cards).get(`${path}?for=12&portion=2`).expect(200);
    expect(asked.text).toContain(published);
    expect(asked.text).toMatch(/Ingredients(?:<!-- -->)?, for 12/);
    expect(asked.text).toContain('2.4 kg');
    expect(asked.text).toMatch(/class="comes">2 servings: /);
    expect(asked.headers['content-security-policy']).toContain("form-action 'self'");
    // What cannot be is said, shows the card as it is, and comes out nowhere.
    const wrong = await request(server.cards)
      .get(`${path}?for=%3Cscript%3Ealert(1)%3C/script%3E&portion=1`)
      .expect(200);
    expect(wrong.text).toContain('Write for how many it is');
    expect(wrong.text).not.toContain('alert(1)');
    expect(wrong.text).not.toContain('class="comes"');
    for (const query of ['for[]=4', 'for=4&for=5', 'portion=1e99', `for=${'9'.repeat(5000)}`])
      await request(server.cards).get(`${path}?${query}`).expect(200);
  });
  it('from before raw counts were kept has no form, whatever is asked of it', async () => {
    const link = (
      await request(server.app).post(`/api/households/demo-household/versions/${gratin().versionId}/cards`).expect(201)
    ).body as CardLink;
    const row = await server.db.selectFrom('card').select('body').where('id', '=', link.id).executeTakeFirstOrThrow();
    const { reader: _, ...old } = JSON.parse(row.body);
    await server.db
      .updateTable('card')
      .set({ body: JSON.stringify({ ...old, v: 2 }) })
      .where('id', '=', link.id)
      .execute();
    const path = new URL(link.url).pathname;
    const html = (await request(server.cards).get(path).expect(200)).text;
    expect(html).not.toContain('<form');
    expect((await request(server.cards).get(`${path}?for=12&portion=2`).expect(200)).text).toBe(html);
  });
  it('is on the card listener alone, without script, and gone when withdrawn', async () => {
    const link = (
      await request(server.app).post(`/api/households/demo-household/versions/${gratin().versionId}/cards`).expect(201)
    ).body as CardLink;
    expect(link.url).toMatch(/^http:\/\/cards\.test\/c\/[\w-]{22}$/);
    const path = new URL(link.url).pathname;
    const html = (await request(server.cards).get(path).expect(200)).text;
    expect(html).toContain('Potato and leek gratin');
    expect(html).toContain('Ledger');
    expect(html).toContain('What was changed');
    expect(html).toContain('counted 25 Nov 2026');
    // Data for those who save the page, and no script that runs.
    const [, data] = /<script type="application\/ld\+json">([^<]*)<\/script>/.exec(html)!;
    expect(JSON.parse(data!)).toMatchObject({ '@type': 'Recipe', recipeYield: '6 servings' });
    expect(html.replace(/<script type="application\/ld\+json">/, '')).not.toMatch(/<script/);
    for (const p of gratin().points)
      expect(html).toContain(
        `<strong>${p.points === Math.floor(p.points) ? p.points : `${Math.floor(p.points)}½`}</strong>`,
      );
    await request(server.app).get(path).expect(404);
    await request(server.app).delete(`/api/households/demo-household/cards/${link.id}`).expect(204);
    const gone = await request(server.cards).get(path).expect(404);
    expect(gone.text).toContain('There is no card here');
    await request(server.app).delete(`/api/households/demo-household/cards/${link.id}`).expect(204);
  });
  it('keeps what it was counted from', async () => {
    await request(server.app).post(`/api/households/demo-household/versions/${gratin().versionId}/cards`).expect(201);
    const row = await server.db
      .selectFrom('count_record')
      .selectAll()
      .orderBy('created_at', 'desc')
      .executeTakeFirstOrThrow();
    expect(JSON.parse(row.foods)).toContainEqual(['gruyere', 1]);
    expect(JSON.parse(row.programs)).toContainEqual(['program-ledger', 1]);
    expect(row.version_revision).toBeGreaterThan(0);
  });
  it('does not answer for links that never were', async () => {
    for (const path of ['/c/short', '/c/aaaaaaaaaaaaaaaaaaaaaa', '/c/..%2f..', '/', '/api/households'])
      await request(server.cards).get(path).expect(404);
  });
  it('is escaped, whatever a title holds', async () => {
    const page = (await request(server.app).get(`/api/households/demo-household/recipes/${gratin().id}`))
      .body as RecipePage;
    await request(server.app)
      .patch(`/api/households/demo-household/recipes/${gratin().id}`)
      .set('If-Match', `"${page.recipe.revision}"`)
      .send({ title: '<img src=x onerror=alert(1)>' })
      .expect(200);
    const link = (await request(server.app).post(`/api/households/demo-household/versions/${gratin().versionId}/cards`))
      .body as CardLink;
    const html = (await request(server.cards).get(new URL(link.url).pathname)).text;
    expect(html).not.toContain('<img');
    expect(html).toContain('&lt;img');
  });
});

describe('removing the demo', () => {
  it('leaves a user’s rows alone', async () => {
    await request(server.app).delete('/api/households/demo').expect(204);
    expect((await request(server.app).get('/api/households')).body.map((h: { id: string }) => h.id)).toEqual(['home']);
    await request(server.app).get('/api/households/demo-household').expect(404);
    await request(server.app).delete('/api/households/demo').expect(404);
  });
  it('is a mark with a way back, until it is purged', async () => {
    await request(server.app).delete('/api/households/demo').expect(204);
    await request(server.app).post('/api/households/demo/restore').expect(204);
    const { body } = await request(server.app).get('/api/households/demo-household/recipes').expect(200);
    expect(body.total).toBeGreaterThanOrEqual(16);
    await request(server.app).delete('/api/households/demo').expect(204);
    server.setClock(new Date(NOW.getTime() + 31 * 86_400_000));
    const gone = await purge(server.context);
    expect(gone.household).toBe(1);
    expect(await server.db.selectFrom('recipe').select('id').execute()).toEqual([]);
    expect((await request(server.app).get('/api/households')).body).toHaveLength(1);
  });
});
