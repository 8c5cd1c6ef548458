import sharp from 'sharp';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { RecipeList, RecipePage } from '../../src/contract/recipe.ts';
import { newCook } from '../../src/core/cook/new-cook.ts';
import { seedDemo } from '../../src/server/seed-demo.ts';
import { seedDrawings } from '../../src/server/seed-drawings.ts';
import { purge } from '../../src/server/store/purge.ts';
import { NOW, type TestServer, testServer } from '../support/test-server.ts';

let server: TestServer;
let recipeId: string;
const home = '/api/households/demo-household';
const api = () => request(server.app);
beforeEach(async () => {
  server = await testServer();
  await seedDemo(server.context);
  await server.renew();
  recipeId = ((await api().get(`${home}/recipes`)).body as RecipeList).rows[0]!.id;
});
afterEach(() => server.close());

/** A photo as a phone takes it: large, lying on its side, with a place and a device in it. */
const photo = (width = 2400, height = 1800): Promise<Buffer> =>
  sharp({
    create: { width, height, channels: 3, noise: { type: 'gaussian', mean: 120, sigma: 14 }, background: '#888' },
  })
    .jpeg()
    .withExif({
      IFD0: { Make: 'Somephone', Orientation: '6' },
      IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '47/1 30/1 0/1' },
    })
    .withMetadata({ orientation: 6 })
    .toBuffer();
const send = (bytes: Buffer, type = 'image/jpeg', kind = 'dish') =>
  api().post(`${home}/recipes/${recipeId}/pictures?kind=${kind}`).set('Content-Type', type).send(bytes);
const page = async (): Promise<RecipePage> => (await api().get(`${home}/recipes/${recipeId}`)).body;
const bytesOf = async (id: string, size: string): Promise<Buffer> =>
  (await api().get(`${home}/pictures/${id}/${size}`).responseType('blob').expect(200)).body;

describe('the demo', () => {
  it('has a drawing of every dish, made once', async () => {
    await seedDrawings(server.context, 0);
    const { rows } = (await api().get(`${home}/recipes`)).body as RecipeList;
    expect(rows.filter((r) => r.picture === null).map((r) => r.title)).toEqual([]);
    await api().delete(`${home}/pictures/${rows[0]!.picture}`).expect(204);
    await seedDrawings(server.context, 0);
    const after = ((await api().get(`${home}/recipes`)).body as RecipeList).rows.find((r) => r.id === rows[0]!.id);
    expect(after!.picture).toBeNull();
  }, 20_000);
});

describe('a picture of a dish', () => {
  it('is turned right, made smaller, stripped of place and device, and kept in two sizes', async () => {
    const { body } = await send(await photo()).expect(201);
    // It lay on its side: what was wide is high.
    expect(body).toMatchObject({ kind: 'dish', width: 1200, height: 1600 });
    const large = await bytesOf(body.id, 'large');
    const small = await bytesOf(body.id, 'small');
    for (const [bytes, most, side] of [
      [large, 350_000, 1600],
      [small, 20_000, 320],
    ] as const) {
      const meta = await sharp(bytes).metadata();
      expect(bytes.length).toBeLessThanOrEqual(most);
      expect(meta.format).toBe('webp');
      expect(Math.max(meta.width, meta.height)).toBe(side);
      expect(meta.exif).toBeUndefined();
      expect(meta.orientation).toBeUndefined();
    }
    expect((await page()).pictures).toEqual([
      { id: body.id, recipeId, cookId: null, kind: 'dish', width: 1200, height: 1600 },
    ]);
    const { rows } = (await api().get(`${home}/recipes`)).body as RecipeList;
    expect(rows.find((r) => r.id === recipeId)!.picture).toBe(body.id);
  });
  it('is not made larger, and may be the page that the recipe came from', async () => {
    const { body } = await send(await photo(300, 200), 'image/jpeg', 'page').expect(201);
    expect([body.width, body.height].sort()).toEqual([200, 300]);
    // Of the page the list shows nothing: it is no dish.
    const { rows } = (await api().get(`${home}/recipes`)).body as RecipeList;
    expect(rows.find((r) => r.id === recipeId)!.picture).toBeNull();
  });
  it('is refused in words where it is none, or too large', async () => {
    const { body } = await send(Buffer.from('no picture at all')).expect(422);
    expect(body.title).toContain('no picture');
    await send(Buffer.from('{}'), 'application/json').expect(415);
    await send(await photo(300, 200), 'image/jpeg', 'cat').expect(422);
    const svg = '<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><image href="file:///etc/passwd"/></svg>';
    await send(Buffer.from(svg), 'image/svg+xml').expect(422);
    expect((await page()).pictures).toEqual([]);
  });
  it('may be of one time that the dish was cooked, and of no other recipe’s', async () => {
    const written = (await page()).versions[0]!;
    const cook = newCook({ id: 'cook-1', recipeId, versionId: written.id, as: 'cooked', day: '2026-11-25' });
    await api().put(`${home}/cooks/cook-1/document`).send(cook).expect(200);
    const of = (cookId: string) =>
      api().post(`${home}/recipes/${recipeId}/pictures?cook=${cookId}`).set('Content-Type', 'image/jpeg');
    const bytes = await photo(300, 200);
    expect((await of('cook-1').send(bytes).expect(201)).body.cookId).toBe('cook-1');
    expect((await of('nowhere').send(bytes).expect(422)).body.title).toMatch(/no such cook/);
  });
  it('is one of twenty at most', async () => {
    const bytes = await photo(40, 30);
    for (let i = 0; i < 20; i++) await send(bytes).expect(201);
    const { body } = await send(bytes).expect(422);
    expect(body.title).toContain('20 pictures');
  });
  it('is removed with a way back, and for good with the purge', async () => {
    const { body } = await send(await photo(300, 200)).expect(201);
    await api().delete(`${home}/pictures/${body.id}`).expect(204);
    expect((await page()).pictures).toEqual([]);
    await api().get(`${home}/pictures/${body.id}/small`).expect(404);
    await api().post(`${home}/pictures/${body.id}/restore`).expect(204);
    expect((await page()).pictures).toHaveLength(1);
    await api().delete(`${home}/pictures/${body.id}`).expect(204);
    server.setClock(new Date(NOW.getTime() + 31 * 86_400_000));
    expect(await purge(server.context)).toMatchObject({ picture: 1 });
    await api().post(`${home}/pictures/${body.id}/restore`).expect(404);
  });
  it('is its household’s alone', async () => {
    const { body } = await send(await photo(300, 200)).expect(201);
    const other = { id: 'other-home', name: 'Other', zone: 'UTC', region: 'us' };
    await api().post('/api/households').send(other).expect(201);
    for (const path of [`pictures/${body.id}/small`, `pictures/${body.id}/large`])
      await api().get(`/api/households/other-home/${path}`).expect(404);
    await api().delete(`/api/households/other-home/pictures/${body.id}`).expect(404);
    await api()
      .post(`/api/households/other-home/recipes/${recipeId}/pictures?kind=dish`)
      .set('Content-Type', 'image/jpeg')
      .send(await photo(30, 20))
      .expect(404);
  });
});
