import sharp from 'sharp';
import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { CardLink, RecipePage } from '../../src/contract/recipe.ts';
import type { SheetLink } from '../../src/contract/sheet.ts';
import type { Sheet, SheetWish } from '../../src/core/card/sheet.ts';
import { seedDemo } from '../../src/server/seed-demo.ts';
import { NOW, type TestServer, testServer } from '../support/test-server.ts';

const home = '/api/households/demo-household';
let server: TestServer;
let gratin: RecipePage;
beforeAll(async () => {
  server = await testServer();
  await seedDemo(server.context);
  await server.renew();
  const { rows } = (await api().get(`${home}/recipes`)).body;
  const id = rows.find((r: { title: string }) => /gratin/.test(r.title)).id;
  gratin = (await api().get(`${home}/recipes/${id}`)).body;
});
afterAll(() => server.close());
const api = () => request(server.app);
const light = () => gratin.versions[gratin.versions.length - 1]!;
const passOn = async (change: object) => {
  const at = `${home}/recipes/${gratin.recipe.id}`;
  const { recipe } = (await api().get(at)).body as RecipePage;
  const body = { passOn: { ...recipe.passOn, ...change } };
  await api().patch(at).set('If-Match', `"${recipe.revision}"`).send(body).expect(200);
};
const publish = async (body: object = {}): Promise<CardLink> =>
  (await api().post(`${home}/versions/${light().id}/cards`).send(body).expect(201)).body;
const shown = (link: { readonly url: string }, path = '') =>
  request(server.cards).get(new URL(link.url).pathname + path);

describe('a card as its cook chose it', () => {
  it('goes out so, and stays as it was published', async () => {
    await passOn({ hides: ['steps'], words: 'For Sundays.', label: true, programs: ['program-larder'] });
    const link = await publish();
    const { text } = await shown(link).expect(200);
    expect(text).toContain('For Sundays.');
    expect(text).toContain('Larder');
    expect(text).not.toContain('Ledger');
    expect(text).not.toContain('>Steps<');
    expect(text).toMatch(/kJ \/ \d+ kcal/);
    await passOn({ hides: [], words: '', label: false, programs: null });
    expect((await shown(link)).text).toBe(text);
  });

  it('shows its picture from a copy of its own, and a page of another’s never', async () => {
    const bytes = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#a03' } })
      .png()
      .toBuffer();
    const add = async (kind: string) =>
      (
        await api()
          .post(`${home}/recipes/${gratin.recipe.id}/pictures?kind=${kind}`)
          .set('Content-Type', 'image/png')
          .send(bytes)
          .expect(201)
      ).body.id as string;
    const [dish, scan] = [await add('dish'), await add('page')];
    await passOn({ pictureId: scan });
    expect((await shown(await publish())).text).not.toContain('<img');
    await passOn({ pictureId: dish });
    const link = await publish();
    expect((await shown(link)).text).toContain(`src="${new URL(link.url).pathname}/picture"`);
    await api().delete(`${home}/pictures/${dish}`).expect(204);
    const picture = await shown(link, '/picture').expect(200).expect('Content-Type', 'image/webp');
    expect((await sharp(picture.body).metadata()).width).toBe(60);
    await api().delete(`${home}/cards/${link.id}`).expect(204);
    await shown(link, '/picture').expect(404);
    await passOn({ pictureId: null });
  });

  it('says what was wrong when it is published again, and has a correction ready', async () => {
    const link = await publish();
    expect(link.correction).toBeNull();
    const again = (
      await api().post(`${home}/cards/${link.id}/again`).send({ why: 'reading', words: 'It was 65 g.' }).expect(200)
    ).body as CardLink;
    expect(again.correction).toMatch(/^Correction to /);
    expect(again.correction).toContain(link.url);
    expect((await shown(link)).text).toMatch(/Corrected .*: an ingredient was read wrongly\. It was 65 g\./);
    await api().post(`${home}/cards/${link.id}/again`).send({ why: 'nobody', words: '' }).expect(422);
    await api().post(`${home}/cards/${link.id}/before`).expect(200);
    expect((await shown(link)).text).not.toContain('Corrected');
  });
});

describe('a link', () => {
  it('runs out: withdrawn, run out and never there are one answer', async () => {
    const [ends, goes] = [await publish({ until: '2026-11-25' }), await publish()];
    await shown(ends).expect(200);
    await api().delete(`${home}/cards/${goes.id}`).expect(204);
    const answers = async (paths: readonly string[]) =>
      Promise.all(
        paths.map(async (path) => {
          const { status, text, headers } = await request(server.cards).get(path);
          const { date: _, etag: __, ...rest } = headers;
          return JSON.stringify({ status, text, rest });
        }),
      );
    server.setClock(new Date(NOW.getTime() + 86_400_000));
    const never = `/c/${'A'.repeat(22)}`;
    const paths = [ends, goes].map((l) => new URL(l.url).pathname);
    expect(new Set(await answers([...paths, never])).size).toBe(1);
    expect(new Set(await answers([...paths, never].map((p) => `${p}/picture`))).size).toBe(1);
    server.setClock(NOW);
    await api().post(`${home}/versions/${light().id}/cards`).send({ until: '2026-11-24' }).expect(422);
  });
});

describe('several dishes as one', () => {
  it.each(['plate', 'day', 'week', 'prep', 'feast'] as const)(
    'begin from a %s, are counted, kept and withdrawn',
    async (of) => {
      const { body: feasts } = await api().get(`${home}/feasts`);
      const { rows } = (await api().get(`${home}/recipes`)).body;
      let id = feasts[0].id;
      if (of === 'prep') {
        id = 'prep-passed-on';
        const dishes = rows.slice(0, 2).map((r: { id: string; versionId: string; servings: number }, i: number) => ({
          id: `dish-${i}`,
          recipeId: r.id,
          versionId: r.versionId,
          servings: r.servings,
          cookId: null,
        }));
        const kitchen = { burners: 4, trays: 2, bowls: 3, boards: 1, blenders: 1 };
        const day = { id, day: '2026-11-29', start: '14:00', cooks: 1, kitchen, dishes };
        await api()
          .put(`${home}/preps/${id}/document`)
          .send({ ...day, minutes: {}, kept: null, begun: null, ticks: {} })
          .expect(200);
      }
      const query: Record<string, string> = {
        plate: `recipes=${rows[0].id},${rows[1].id}`,
        day: 'day=2026-11-25',
        week: 'day=2026-11-23',
        prep: `id=${id}`,
        feast: `id=${id}`,
      };
      const draft = (await api().get(`${home}/sheets/draft?of=${of}&${query[of]}`).expect(200)).body as SheetWish;
      expect(draft.things.length).toBeGreaterThan(1);
      expect(draft.sums).toBe(of !== 'prep');
      const { sheet, text } = (await api().post(`${home}/sheets/preview`).send(draft).expect(200)).body as {
        sheet: Sheet;
        text: string;
      };
      expect(sheet.parts.flatMap((p) => p.things)).toHaveLength(draft.things.length);
      expect(text.split('\n')[0]).toBe(draft.title);
      expect(text.includes('Together: ')).toBe(of !== 'prep');
      const link = (await api().post(`${home}/sheets`).send({ wish: draft }).expect(201)).body as SheetLink;
      const page = await shown(link).expect(200);
      for (const t of draft.things.slice(0, 2)) expect(page.text).toContain(t.words.replaceAll("'", '&#x27;'));
      expect(page.text).not.toContain('<script');
      await api().delete(`${home}/sheets/${link.id}`).expect(204);
      await shown(link).expect(404);
    },
  );

  it('of another household, or of nothing, are refused in words', async () => {
    await api().get(`${home}/sheets/draft?of=prep&id=not-there`).expect(404);
    await api().get(`${home}/sheets/draft?of=plate&recipes=not-there`).expect(404);
    await api().delete(`${home}/sheets/not-there`).expect(404);
  });
});

describe('words that somebody writes', () => {
  it('come out as words on every surface: script, markup, what turns the writing round', async () => {
    const hostile = '<script>alert(1)</script> "quoted" & \u202Eback\u202C <img src=x onerror=alert(2)>';
    await passOn({
      words: hostile,
      lines: [{ id: light().lines[0]!.originLineId, any: hostile, foods: [], asks: hostile }],
    });
    const link = await publish();
    const { text } = await shown(link).expect(200);
    expect(text).not.toMatch(/<script>alert|<img src=x|[\u202a-\u202e]/);
    expect(text).toContain('&lt;script&gt;alert(1)');
    const wish = (await api().get(`${home}/sheets/draft?of=plate&recipes=${gratin.recipe.id}`)).body as SheetWish;
    const things = wish.things.map((t) => ({ ...t, words: hostile, note: hostile }));
    const sheet = (
      await api()
        .post(`${home}/sheets`)
        .send({ wish: { ...wish, title: hostile, words: hostile, things } })
        .expect(201)
    ).body as SheetLink;
    const page = (await shown(sheet)).text;
    expect(page).not.toMatch(/<script>alert|<img src=x|[\u202a-\u202e]/);
    await passOn({ words: '', lines: [] });
  });
});

describe('guessing links', () => {
  it('is slowed down, and hides no card from anybody', async () => {
    const link = await publish();
    let slowed = 0;
    for (let i = 0; i < 200; i++) slowed += Number((await request(server.cards).get(`/c/${i}`)).status === 429);
    expect(slowed).toBeGreaterThan(0);
    await shown(link).expect(200);
  });
});
