import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { validate } from '@readme/openapi-parser';
import sharp from 'sharp';
import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { z } from 'zod';
import { allRoutes } from '../../src/contract/all-routes.ts';
import { API } from '../../src/contract/api.ts';
import { BOOKLET_API } from '../../src/contract/booklet-api.ts';
import { CARD_API } from '../../src/contract/card-api.ts';
import { COOK_API } from '../../src/contract/cook-api.ts';
import { DOCUMENT_API } from '../../src/contract/document-api.ts';
import { DRIFT_API } from '../../src/contract/drift-api.ts';
import { EXCHANGE_API } from '../../src/contract/exchange-api.ts';
import { openApi } from '../../src/contract/openapi.ts';
import { PictureSchema } from '../../src/contract/picture.ts';
import { PROBE_API } from '../../src/contract/probe.ts';
import { FORMATS_API } from '../../src/contract/recipe-formats-api.ts';
import { type AnyRoute, type Ask, addressOf } from '../../src/contract/route.ts';
import { SCALE_API } from '../../src/contract/scale.ts';
import { SCRIPT_API } from '../../src/contract/script-api.ts';
import { SHEET_API } from '../../src/contract/sheet.ts';
import { WEEK_API } from '../../src/contract/week-api.ts';
import type { DocumentName } from '../../src/core/documents/document-names.ts';
import { RECIPE_FORMATS } from '../../src/core/exchange/cannot-hold.ts';
import { SWAPS } from '../../src/core/swap/library.ts';
import { seedDemo } from '../../src/server/seed-demo.ts';
import { type TestServer, testServer } from '../support/test-server.ts';

const H = 'demo-household';
const at = { h: H };
let server: TestServer;
let guarded: TestServer;
const asked = new Set<AnyRoute>();

beforeAll(async () => {
  [server, guarded] = [await testServer(), await testServer({ passphrase: 'bread and butter' })];
  await seedDemo(server.context);
  await server.renew();
});
afterAll(async () => {
  await server.close();
  await guarded.close();
});

/** Asks a route as a client does, and holds the answer as it came against the schema: nothing missing, nothing more. */
async function answerOf<R extends AnyRoute>(route: R, given: Ask<R>, on = server, cookie = '') {
  asked.add(route);
  const { body, ifMatch } = given as { body?: object; ifMatch?: number };
  const method = route.method.toLowerCase() as 'get';
  const sent = request(on.app)
    [method](`/api${addressOf(route, given)}`)
    .set('Cookie', cookie);
  if (ifMatch !== undefined) void sent.set('If-Match', `"${ifMatch}"`);
  const answer = await (body === undefined ? sent : sent.send(body));
  const where = `${route.method} ${route.path}: ${answer.text}`;
  if (route.bytes !== undefined) {
    expect([answer.status, answer.headers['content-type']], where).toEqual([200, route.bytes]);
    return { body: undefined, headers: answer.headers };
  }
  expect(answer.status, where).toBe(route.answer === null ? 204 : route.makes ? 201 : 200);
  if (route.answer === null) return { body: undefined, headers: answer.headers };
  const parsed = (route.answer as z.ZodType).parse(answer.body);
  expect(answer.body, where).toEqual(JSON.parse(JSON.stringify(parsed)));
  if (route.revision) expect(answer.headers.etag, where).toBe(`"${route.revision(parsed)}"`);
  return { body: answer.body, headers: answer.headers };
}
const entry = (id: string, path: string[], before: unknown, after: unknown) => ({
  id,
  label: 'Change',
  undoes: null,
  changes: [{ kind: 'field' as const, path, before: before as never, after: after as never }],
});

describe('every route of the table', () => {
  it('answers what its schema says, and its ETag is the revision of the answer', async () => {
    const recipes = (await answerOf(API.recipes, { ...at, query: {} })).body;
    const recipeId = recipes.rows[0].id;
    const page = (await answerOf(API.recipe, { ...at, id: recipeId })).body;
    const [written] = page.versions;
    const one = { ...at, id: written.id };
    await answerOf(API.health, {});
    await answerOf(API.session, {});
    await answerOf(API.backups, {});
    await answerOf(API.unreadable, {});
    await answerOf(API.addresses, {});
    await answerOf(API.households, {});
    await answerOf(API.addHousehold, { body: { id: 'another', name: 'Another', zone: 'UTC' } });
    await answerOf(API.table, at);
    await answerOf(API.changeHousehold, { ...at, body: { name: 'Over the bakery' } });
    await answerOf(SCRIPT_API.score, { ...at, body: { text: 'Soup\nServes 2\n\n1 cup milk\n2 leeks' } });

    // Recipes, versions, cards.
    const fresh = { ...written, id: 'fresh-version', recipeId: 'fresh-recipe', kind: 'asWritten', parentId: null };
    const { credit, claims, notes } = page.recipe;
    const body = { id: 'fresh-recipe', title: 'Fresh', credit, claims, notes, asWritten: fresh };
    await answerOf(API.addRecipe, { ...at, body });
    await answerOf(API.changeRecipe, { ...at, id: 'fresh-recipe', body: { title: 'Fresher' }, ifMatch: 0 });
    const copy = { ...written, id: 'fresh-copy', kind: 'lightened', parentId: written.id, name: 'copy' };
    await answerOf(API.addVersion, { ...at, id: recipeId, body: copy });
    await answerOf(API.version, one);
    await answerOf(SCRIPT_API.countVersion, one);
    await answerOf(CARD_API.previewCard, { ...one, query: { length: 'short', most: 200 } });
    const card = (await answerOf(CARD_API.addCard, { ...one, body: { until: '2099-12-31' } })).body;
    await answerOf(DRIFT_API.publishAgain, { ...at, id: card.id, body: { why: 'cook', words: '' } });
    await answerOf(DRIFT_API.publishBefore, { ...at, id: card.id });
    await answerOf(CARD_API.withdrawCard, { ...at, id: card.id });
    const wish = (await answerOf(SHEET_API.draftSheet, { ...at, query: { of: 'plate', recipes: recipeId } })).body;
    await answerOf(SHEET_API.previewSheet, { ...at, body: wish });
    await answerOf(SHEET_API.sheetPicture, { ...at, body: wish });
    await answerOf(CARD_API.cardPicture, { ...one, query: { steps: 'no' } });
    const sheet = (await answerOf(SHEET_API.addSheet, { ...at, body: { wish, until: '2099-12-31' } })).body;
    await answerOf(SHEET_API.sheets, at);
    await answerOf(SHEET_API.withdrawSheet, { ...at, id: sheet.id });
    await answerOf(DRIFT_API.outdatedLines, { ...at, id: 'butter' });

    // The table: verdicts, swaps, feasts.
    const said = { versionId: written.id, eaterId: 'demo-eater-ida', again: 'again', enough: null, note: '' } as const;
    await answerOf(API.putVerdict, { ...at, body: said });
    await answerOf(API.verdicts, at);
    await answerOf(API.removeVerdict, { ...at, version: written.id, eater: 'demo-eater-ida' });
    await answerOf(API.feasts, at);
    const feast = (await answerOf(API.feast, { ...at, id: 'demo-feast-harvest' })).body.feast;
    await answerOf(SCRIPT_API.countFeast, { ...at, id: feast.id });
    const { revision: base } = (await answerOf(DOCUMENT_API.feasts.kept, { ...at, id: feast.id })).body;
    const take = { base, entry: entry('entry-take', ['people'], feast.people, 12), dishes: [] };
    await answerOf(API.takeForFeast, { ...at, id: feast.id, body: take });

    // The pantry.
    await answerOf(API.pantry, { ...at, query: {} });
    const food = (await answerOf(API.pantry, { ...at, query: { ids: 'butter' } })).body[0];
    await answerOf(API.newestFoods, { ...at, body: { ids: ['butter', 'egg'] } });
    await answerOf(API.searchFoods, { ...at, query: { q: 'butter' } });
    const printed = {
      ...{ kcal: 100, fat: 1, satFat: 0.5, carbs: 20, sugars: 5, addedSugars: null, fibre: 1, protein: 3 },
      sodium: 10,
    };
    const label = { id: 'own-food', name: 'Own food', basisGrams: 100, household: null, printed };
    await answerOf(API.addFood, { ...at, body: { ...label, rules: 'us', kinds: [], roles: [], allergens: [] } });
    const own = (await answerOf(API.pantry, { ...at, query: { ids: 'own-food' } })).body[0];
    await answerOf(API.putFood, { ...at, id: 'own-food', body: { ...own, name: 'My food' }, ifMatch: 1 });
    const foods = [{ ...food, id: 'batch-food', source: 'own' }];
    await answerOf(API.writeFoods, { ...at, body: { foods, corrections: [] } });
    for (const route of [API.foodRevisions, API.foodUses, API.correction, API.removeFood, API.restoreFood])
      await answerOf(route, { ...at, id: 'own-food' });
    await answerOf(API.ownFoods, at);
    await answerOf(API.putBarcode, { ...at, code: '2000000000015', body: { foodId: 'own-food' } });
    await answerOf(API.barcode, { ...at, code: '2000000000015' });
    await answerOf(API.foodsUsed, at);
    // A changed list of one of the eaters moves the dishes.
    const [someone] = (await answerOf(API.table, at)).body.eaters.filter(
      (e: { programId: string | null }) => e.programId !== null,
    );
    const { revision: seen, ...eater } = someone!;
    const uncounted = [{ foodId: 'egg', uncounted: true }];
    await answerOf(DOCUMENT_API.eaters.put, {
      ...at,
      id: eater.id,
      body: { ...eater, exceptions: uncounted },
      ifMatch: seen,
    });
    await server.renew();
    const { causes } = (await answerOf(DRIFT_API.drift, at)).body;
    expect(causes[0]!.most.length).toBeGreaterThan(0);
    await answerOf(DRIFT_API.putAside, { ...at, id: causes[0]!.id, body: { aside: true } });
    await answerOf(API.observations, at);
    await answerOf(COOK_API.cooks, { ...at, query: { recipe: written.recipeId } });
    await answerOf(COOK_API.boxes, { ...at, query: {} });
    await answerOf(COOK_API.vessels, at);
    await answerOf(COOK_API.boxKinds, at);
    await answerOf(COOK_API.atStove, at);
    await answerOf(COOK_API.clock, {});
    const { reading } = (await answerOf(SCALE_API.actOnScale, { ...at, body: { do: 'press', key: 'on' } })).body;
    await answerOf(SCALE_API.scaleNow, at);
    const warm = { do: 'put in', celsius: 8, around: 180 } as const;
    const inside = (await answerOf(PROBE_API.actOnProbe, { ...at, body: warm })).body;
    await answerOf(PROBE_API.probe, at);
    await answerOf(PROBE_API.sayProbe, { ...at, body: inside });
    await answerOf(SCALE_API.sayScale, { ...at, body: reading });
    const program = (await answerOf(API.table, at)).body.programs[0];
    const mine = { ...program, id: 'own-program', mark: 'OWN', name: 'Own' };
    await answerOf(API.putProgram, { ...at, id: 'own-program', body: mine, ifMatch: 0 });
    await answerOf(API.programRevisions, { ...at, id: 'own-program' });
    await answerOf(API.removeProgram, { ...at, id: 'own-program' });
    await answerOf(API.removedPrograms, at);
    await answerOf(API.restoreProgram, { ...at, id: 'own-program' });
    await answerOf(API.stock, at);
    await answerOf(API.takeFromStock, { ...at, body: { versionId: written.id } });
    await answerOf(API.ownSwaps, at);

    await everyDocument(written);
    await everyWeek(recipeId);
    // Its body is bytes, and not what a schema says.
    asked.add(API.addPicture);
    await answerOf(EXCHANGE_API.aboutExport, at);
    await answerOf(FORMATS_API.aboutFormats, at);
    const bound = { id: '01a230bb-a798-772f-bf0b-9f9c8504f6cc', title: 'Bound', words: '', recipes: [recipeId] };
    await answerOf(BOOKLET_API.previewBooklet, { ...at, body: bound });
    await answerOf(BOOKLET_API.epub, { ...at, body: bound });
    for (const format of RECIPE_FORMATS)
      for (const [route, path] of [
        [FORMATS_API.recipeAs, `versions/${one.id}/as`],
        [FORMATS_API.recipesAs, 'recipes-as'],
      ] as const) {
        asked.add(route);
        const { headers } = await request(server.app).get(`/api/households/${H}/${path}?format=${format}`).expect(200);
        expect(headers['content-disposition']).toMatch(/^attachment; filename\*=UTF-8''/);
      }
    await answerOf(EXCHANGE_API.exportHousehold, { ...at, query: {} });
    // What takes a file has a test of its own: these are bytes, and answer in lines.
    for (const route of [EXCHANGE_API.previewTakeIn, EXCHANGE_API.takeIn, EXCHANGE_API.householdFromFile]) {
      asked.add(route);
      const path = addressOf(route, { ...at, query: {} } as never);
      await request(server.app).post(`/api${path}`).set('Content-Type', 'application/zip').send('x').expect(422);
    }
    const sent = await request(server.app)
      .post(`/api${addressOf(API.addPicture, { ...at, id: recipeId, query: {} })}`)
      .set('Content-Type', 'image/png')
      .send(
        await sharp({ create: { width: 8, height: 8, channels: 3, background: '#888' } })
          .png()
          .toBuffer(),
      );
    const picture = PictureSchema.parse(sent.body);
    await answerOf(API.removePicture, { ...at, id: picture.id });
    await answerOf(API.restorePicture, { ...at, id: picture.id });
    await answerOf(API.removeHousehold, at);
    await answerOf(API.restoreHousehold, at);
    await answerOf(API.removeDemo, {});
    await answerOf(API.restoreDemo, {});
    await logInAndOut();
    // A stream has no end to be looked at here; the journey of two devices listens to it.
    asked.add(API.changes);
    asked.add(SCALE_API.scale);
    const left = [...allRoutes()].filter(([, route]) => !asked.has(route)).map(([name]) => name);
    expect(left, 'routes that were not asked').toEqual([]);
  }, 30_000);

  async function logInAndOut() {
    const logIn = async () =>
      String((await answerOf(API.logIn, { body: { passphrase: 'bread and butter' } }, guarded)).headers['set-cookie']);
    await answerOf(API.logOut, {}, guarded, await logIn());
    await answerOf(API.logOutEverywhere, {}, guarded, await logIn());
  }

  /** Days, weeks, what fits, what is to get, what is kept of somebody. */
  async function everyWeek(recipeId: string) {
    const eater = 'demo-eater-runa';
    const span = { from: '2026-11-25', to: '2026-12-04' };
    await answerOf(WEEK_API.week, { ...at, query: {} });
    await answerOf(WEEK_API.groups, { ...at, query: { days: 2 } });
    await answerOf(WEEK_API.countAnew, { ...at, id: 'day-entry-1' });
    await answerOf(WEEK_API.fits, { ...at, query: { eater, points: 12 } });
    await answerOf(WEEK_API.treat, { ...at, id: recipeId, query: { eater, points: 3 } });
    await answerOf(WEEK_API.lookBack, { ...at, id: eater, query: { from: '2026-11-01' } });
    await answerOf(WEEK_API.toGet, { ...at, query: span });
    await answerOf(WEEK_API.costs, { ...at, query: span });
    await answerOf(WEEK_API.trips, at);
    await answerOf(WEEK_API.preps, at);
    await answerOf(CARD_API.outsideVerdicts, at);
    await answerOf(WEEK_API.offer, { ...at, query: { from: '2026-11-25', to: '2026-12-01' } });
    await answerOf(WEEK_API.tripHome, { ...at, id: 'trip-1' });
    await answerOf(WEEK_API.buying, at);
    await answerOf(WEEK_API.platesOnDays, { ...at, id: 'demo-cook-pot-one' });
    await answerOf(WEEK_API.keptOf, { ...at, id: eater });
    await answerOf(WEEK_API.forgetDays, { ...at, id: eater });
  }

  /** Makes, reads, changes, removes, brings back and puts a document of every kind. */
  async function everyDocument(written: { id: string; recipeId: string }) {
    const made: Readonly<
      Record<DocumentName, { id: string; document: object | null; path: string[]; after: unknown }>
    > = {
      versions: {
        id: 'version-by-document',
        document: { ...written, id: 'version-by-document', kind: 'lightened', parentId: written.id },
        path: [],
        after: null,
      },
      recipes: { id: written.recipeId, document: null, path: ['title'], after: 'Another title' },
      feasts: {
        id: 'feast-2',
        document: { id: 'feast-2', name: 'Two', day: null, people: 2, dishes: [], targets: {}, revision: 0 },
        path: ['people'],
        after: 3,
      },
      eaters: {
        id: 'eater-2',
        document: { id: 'eater-2', name: 'Ada', programId: null, exceptions: [], allergies: [], avoids: [] },
        path: ['name'],
        after: 'Adele',
      },
      household: { id: H, document: null, path: ['name'], after: 'Here' },
      swaps: {
        id: 'own-swap',
        document: { ...SWAPS[0]!, id: 'own-swap', retired: false },
        path: ['name'],
        after: 'a swap of ours',
      },
      stock: {
        id: 'stock-2',
        document: {
          id: 'stock-2',
          foodId: 'butter',
          name: 'butter',
          grams: 250,
          opened: false,
          useBy: null,
          lacking: false,
        },
        path: ['grams'],
        after: 200,
      },
      pins: {
        id: 'butter~program-ledger',
        document: { foodId: 'butter', programId: 'program-ledger', points: 4, grams: 10 },
        path: ['points'],
        after: 5,
      },
      barcodes: {
        id: '2000000000022',
        document: { code: '2000000000022', foodId: 'butter' },
        path: ['foodId'],
        after: 'egg',
      },
      corrections: {
        id: 'butter',
        document: { foodId: 'butter', synonyms: [], measures: [] },
        path: ['measures'],
        after: [{ unit: 'knob', form: null, grams: 12 }],
      },
      observations: {
        id: 'observation-2',
        document: {
          id: 'observation-2',
          programId: 'program-ledger',
          name: 'a slice of the cake',
          foodId: null,
          grams: 80,
          points: 6,
          nutrients: { kcal: 280, fat: 12 },
          reading: 'us',
        },
        path: ['points'],
        after: 7,
      },
      vessels: {
        id: 'vessel-1',
        document: { id: 'vessel-1', name: 'blue pot', grams: 1230 },
        path: ['grams'],
        after: 1240,
      },
      'box-kinds': {
        id: 'kind-1',
        document: {
          id: 'kind-1',
          name: 'flat box',
          millilitres: 700,
          parts: 2,
          grams: 180,
          microwave: true,
          freezer: true,
        },
        path: ['parts'],
        after: 3,
      },
      cooks: {
        id: 'cook-1',
        document: {
          id: 'cook-1',
          recipeId: written.recipeId,
          fromId: written.id,
          versionId: written.id,
          as: 'cooked',
          day: '2026-11-27',
          out: { by: 'grams', amount: 2200, grams: 2200, cut: null },
          gross: 3430,
          vesselId: 'vessel-1',
          plates: { 'demo-eater-runa': 0.2 },
          beside: {},
          tookStock: false,
          minutes: null,
          verdicts: {},
          note: '',
          frozen: null,
        },
        path: ['note'],
        after: 'a little less salt',
      },
      boxes: {
        id: 'box-1',
        document: {
          id: 'box-1',
          cookId: 'cook-1',
          recipeId: written.recipeId,
          title: 'A box',
          share: 0.2,
          grams: 440,
          eaterId: null,
          kindId: null,
          as: 'cooked',
          apart: [],
          place: 'fridge',
          packed: '2026-11-27',
          keepUntil: '2026-11-30',
          counts: [],
          kcal: 400,
          protein: null,
          taken: null,
          kept: null,
        },
        path: ['taken'],
        after: { eaterId: 'demo-eater-runa', name: 'Runa', at: '2026-11-28T11:00:00Z' },
      },
      verdicts: {
        id: `${written.id}~demo-eater-runa`,
        document: {
          versionId: written.id,
          eaterId: 'demo-eater-runa',
          again: 'again',
          enough: null,
          note: '',
          swaps: [],
        },
        path: ['note'],
        after: 'good',
      },
      'day-entries': {
        id: 'day-entry-1',
        document: {
          id: 'day-entry-1',
          eaterId: 'demo-eater-runa',
          day: '2026-11-28',
          meal: 'meal-lunch',
          position: 0,
          what: { kind: 'version', recipeId: written.recipeId, versionId: written.id },
          words: 'Soup',
          portion: 1,
          spread: 0,
          state: 'eaten',
        },
        path: ['portion'],
        after: 1.5,
      },
      days: {
        id: 'demo-eater-runa~2026-11-29',
        document: {
          eaterId: 'demo-eater-runa',
          day: '2026-11-29',
          low: false,
          told: false,
          saves: 0,
          event: '',
          ticked: {},
        },
        path: ['saves'],
        after: 6,
      },
      pots: {
        id: 'pot-1',
        document: {
          id: 'pot-1',
          recipeId: written.recipeId,
          versionId: written.id,
          day: '2026-11-29',
          meal: 'meal-supper',
          servings: 6,
          cookId: null,
        },
        path: ['servings'],
        after: 8,
      },
      'outside-verdicts': {
        id: 'outside-1',
        document: {
          id: 'outside-1',
          recipeId: written.recipeId,
          day: '2026-11-29',
          who: 'the choir',
          again: 'again',
          words: 'Gone in no time.',
          lineId: null,
        },
        path: ['words'],
        after: 'Gone at once.',
      },
      preps: {
        id: 'prep-1',
        document: {
          id: 'prep-1',
          day: '2026-11-29',
          start: '14:00',
          cooks: 1,
          kitchen: { burners: 4, trays: 2, bowls: 3, boards: 1, blenders: 1 },
          dishes: [{ id: 'dish-1', recipeId: written.recipeId, versionId: written.id, servings: 6, cookId: null }],
          minutes: { 'step-1~0': 12 },
          kept: null,
          begun: null,
          ticks: {},
        },
        path: ['start'],
        after: '15:00',
      },
      trips: {
        id: 'trip-1',
        document: {
          id: 'trip-1',
          name: 'Saturday',
          from: '2026-11-28',
          to: '2026-12-04',
          made: '2026-11-28T08:00:00Z',
          items: [],
          ticks: {},
          done: null,
        },
        path: ['name'],
        after: 'On Monday',
      },
      buying: {
        id: 'egg',
        document: { foodId: 'egg', shop: 'Market', leastGrams: null, packGrams: 600, price: 3 },
        path: ['shop'],
        after: 'Farm',
      },
    };
    for (const [name, { id, document, path, after }] of Object.entries(made)) {
      const api = DOCUMENT_API[name as 'stock'];
      const here = { ...at, id };
      if (document) await answerOf(api.make, { ...here, body: document as never });
      // What has been there all along is made again only as it is.
      else {
        const { body } = await answerOf(api.kept, here);
        await answerOf(api.make, { ...here, body: body.document });
      }
      const { body: kept } = await answerOf(api.kept, here);
      const change =
        name === 'versions'
          ? {
              ...entry(`entry-${name}`, ['x'], 0, 0),
              changes: [{ kind: 'servings', before: kept.document.servings, after: 9 }],
            }
          : entry(`entry-${name}`, path, kept.document[path[0]!], after);
      const { body: changed } = await answerOf(api.append, {
        ...here,
        body: { base: kept.revision, entry: change } as never,
      });
      expect(changed.revision, name).toBe(kept.revision + 1);
      await answerOf(api.entries, { ...here, query: { before: `entry-${name}` } });
      if (name !== 'household') {
        await answerOf(api.remove, here);
        await answerOf(api.restore, here);
      }
      if (!allRoutes().has(`${name}.put`)) continue;
      const { body: now } = await answerOf(api.kept, here);
      await answerOf(api.put, { ...here, body: kept.document, ifMatch: now.revision });
    }
  }
});

describe('the OpenAPI document', () => {
  it('is that of the code, valid, and served by the application', async () => {
    const published = JSON.parse(readFileSync(join(import.meta.dirname, '../../docs/openapi.json'), 'utf8'));
    expect(published, 'run npm run schemas').toEqual(JSON.parse(JSON.stringify(openApi())));
    const { body } = await request(server.app).get('/api/openapi.json').expect(200);
    expect(body).toEqual(published);
    const checked = await validate(published);
    expect(checked.valid ? [] : checked.errors).toEqual([]);
  });
  it('has an operation for every route, each with a name of its own', () => {
    const { paths } = openApi() as { paths: Record<string, Record<string, { operationId: string }>> };
    const names = Object.values(paths).flatMap((p) => Object.values(p).map((o) => o.operationId));
    expect(new Set(names).size).toBe(names.length);
    expect(names.sort()).toEqual([...allRoutes().keys()].sort());
  });
});
