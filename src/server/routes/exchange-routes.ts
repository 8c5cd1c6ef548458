import express, { type Request, type Response, type Router } from 'express';
import { v7 as uuid } from 'uuid';
import { BOOKLET_API } from '../../contract/booklet-api.ts';
import { EXCHANGE_API, type TakeInAnswer } from '../../contract/exchange-api.ts';
import { FORMATS_API } from '../../contract/recipe-formats-api.ts';
import { DomainError } from '../../core/errors.ts';
import { asEpub } from '../../core/exchange/booklet.ts';
import { CANNOT_HOLD, RECIPE_FORMATS } from '../../core/exchange/cannot-hold.ts';
import { packEpub } from '../exchange/archive.ts';
import { packHousehold, unpackHousehold } from '../exchange/household-archive.ts';
import { allRecipesIn, FORMAT_FILES, fileTitle, recipeIn } from '../exchange/recipe-formats.ts';
import { ProblemError } from '../http/problem.ts';
import { serve, serveBytes } from '../http/serve-route.ts';
import type { HouseholdStore } from '../store/household-store.ts';
import * as households from '../store/households.ts';
import { takeInAsHousehold } from '../store/take-in-as-household.ts';
import type { ApiContext } from './api-context.ts';

/** A household with all its pictures, and a little more. */
const LARGEST_ARCHIVE = '300mb';
/** Every so many rows the progress is told. */
const TOLD_EACH = 25;

const raw = express.raw({ type: ['application/zip', 'application/octet-stream'], limit: LARGEST_ARCHIVE });

/** A file as a household of its own; it stands before the routes that need one. */
export function fromFileRoute(api: Router, context: ApiContext): void {
  api.post(EXCHANGE_API.householdFromFile.path, raw, async (req, res) => {
    const carried = unpackHousehold(sentBytes(req));
    const wanted = carried.file.household.id;
    const id = (await households.isFree(context, wanted)) ? wanted : uuid();
    await inLines(res, (told) => takeInAsHousehold(context, id, carried, told));
  });
}

/** A household goes out whole, and another is taken in. */
export function exchangeRoutes(api: Router): void {
  api.post([EXCHANGE_API.previewTakeIn.path, EXCHANGE_API.takeIn.path], raw);
  serveBytes(api, EXCHANGE_API.exportHousehold, async ({ store, query: { only } }) => ({
    bytes: packHousehold(await store.exchange.out(only === undefined ? null : new Set(only))),
    headers: {
      'Content-Disposition': `attachment; filename="${only === undefined ? 'household' : only.join('-')}.zip"`,
    },
  }));
  serve(api, BOOKLET_API.previewBooklet, ({ store, body }) => store.exchange.booklet(body));
  serveBytes(api, BOOKLET_API.epub, async ({ store, body }) => {
    const booklet = await store.exchange.booklet(body);
    return { bytes: packEpub(asEpub(booklet)), headers: savedAs('application/epub+zip', booklet.title, 'epub') };
  });
  serve(api, FORMATS_API.aboutFormats, () =>
    RECIPE_FORMATS.map((format) => ({ format, without: [...CANNOT_HOLD[format]] })),
  );
  serveBytes(api, FORMATS_API.recipeAs, async ({ store, params, query: { format } }) => {
    const told = await store.exchange.toldVersion(params.id);
    const { type, ending } = FORMAT_FILES[format];
    return { bytes: Buffer.from(recipeIn(format, told)), headers: savedAs(type, told.title, ending) };
  });
  serveBytes(api, FORMATS_API.recipesAs, async ({ store, query: { format } }) => {
    const { bytes, type, ending } = allRecipesIn(format, await store.exchange.toldRecipes());
    return { bytes, headers: savedAs(type, 'recipes', ending) };
  });
  serve(api, EXCHANGE_API.aboutExport, ({ store }) => store.exchange.about());
  serve(api, EXCHANGE_API.previewTakeIn, async ({ store, req }) => {
    const { carried, told } = await store.exchange.unpacked(sentBytes(req));
    return told(await store.exchange.preview(carried));
  });
  api.post(EXCHANGE_API.takeIn.path, async (req, res) => {
    const { theirs, without } = EXCHANGE_API.takeIn.query!.parse(req.query);
    const { exchange } = res.locals.store as HouseholdStore;
    const { carried, told } = await exchange.unpacked(sentBytes(req));
    const wish = { theirs: namedRows(theirs), without: namedRows(without), isNew: false };
    await inLines(res, async (progress) => told(await exchange.takeIn(carried, wish, progress)));
  });
}

/** The headers of a file that is saved under a title (RFC 6266). */
const savedAs = (type: string, title: string, ending: string): Record<string, string> => ({
  'Content-Type': type,
  'Content-Disposition': `attachment; filename*=UTF-8''${encodeURIComponent(`${fileTitle(title)}.${ending}`)}`,
});

const namedRows = (said: string): ReadonlySet<string> => new Set(said.split(',').filter(Boolean));

function sentBytes(req: Request): Buffer {
  if (Buffer.isBuffer(req.body)) return req.body;
  if (req.headers['content-length'] === '0') return Buffer.alloc(0);
  throw new ProblemError(
    'not-an-archive',
    415,
    'The request is no file.',
    'Send its bytes as application/octet-stream.',
  );
}

/** Answers line by line: how far it is, and at the end what was done, or what was wrong. */
async function inLines(
  res: Response,
  work: (told: (done: number, total: number) => void) => Promise<TakeInAnswer>,
): Promise<void> {
  res.set({ 'Content-Type': EXCHANGE_API.takeIn.bytes!, 'Cache-Control': 'no-store' });
  const line = (said: object): void => void res.write(`${JSON.stringify(said)}\n`);
  line({ progress: 0 });
  try {
    const done = await work((n, total) => {
      if (n % TOLD_EACH === 0) line({ progress: n, total });
    });
    line({ done });
  } catch (e) {
    if (!(e instanceof DomainError)) throw e;
    line({ problem: { title: e.message, detail: e.advice } });
  }
  res.end();
}
