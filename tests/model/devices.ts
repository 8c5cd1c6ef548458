import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { DOCUMENTS } from '../../src/contract/documents.ts';
import { ProblemSchema } from '../../src/contract/problem.ts';
import { EATER_KIND, FEAST_KIND } from '../../src/core/documents/document-kinds.ts';
import type { Feast } from '../../src/core/feast/feast.ts';
import type { DocumentKind } from '../../src/core/history/document-kind.ts';
import type { Entry } from '../../src/core/history/entry.ts';
import type { FieldChange } from '../../src/core/history/field-change.ts';
import { applyExactly } from '../../src/core/history/rebase.ts';
import { same } from '../../src/core/history/same.ts';
import type { Eater } from '../../src/core/table/table.ts';
import { type Change, lineChange } from '../../src/core/version/entry.ts';
import type { Version } from '../../src/core/version/version.ts';
import { ApiError, OfflineError, type Transport } from '../../src/web/data/api.ts';
import { documentServer } from '../../src/web/saving/document-server.ts';
import { browserOutbox, type Outbox, waitingFor } from '../../src/web/saving/outbox.ts';
import { SavedDocument } from '../../src/web/saving/saved-document.ts';
import type { DocumentKey, Waiting } from '../../src/web/saving/wish.ts';
import { type TestServer, testServer } from '../support/test-server.ts';
import { readVersion } from '../support/test-version.ts';

/** What goes wrong between a device and the server. */
interface Weather {
  offline: boolean;
  /** The next answers are lost: the server has done it, and nobody hears. */
  loseAnswers: number;
  /** Every question takes so long more, ms. */
  slow: number;
}

/** One browser: its store of what waits, and its connection. */
interface Device {
  readonly factory: IDBFactory;
  readonly weather: Weather;
  outbox: Outbox;
}

interface Tab {
  readonly device: Device;
  id: string;
  open: Map<string, AnyDocument> | null;
}

// biome-ignore lint/suspicious/noExplicitAny: documents of three kinds side by side
type AnyDocument = SavedDocument<any, any>;

/** Everything that happened and matters at the end. */
interface Log {
  /** Entries that somebody made, by id, with the document. */
  readonly made: Map<string, string>;
  /** Entries that the cook dropped when asked, or that were refused in words. */
  readonly dropped: Set<string>;
  readonly questions: { count: number };
}

const KEYS: readonly DocumentKey[] = [
  { householdId: 'home', name: 'versions', id: 'model-version' },
  { householdId: 'home', name: 'eaters', id: 'model-eater' },
  { householdId: 'home', name: 'feasts', id: 'model-feast' },
];

/** A number generator as `seeded` of the tests: below 1. */
export type Random = () => number;
const pick = <T>(random: Random, items: readonly T[]): T => items[Math.floor(random() * items.length)]!;

export interface World {
  readonly server: TestServer;
  readonly http: Server;
  readonly url: string;
  close(): Promise<void>;
}

/** The true server on a port of its own. */
export async function openWorld(): Promise<World> {
  const server = await testServer();
  // Stories are about what is written, not about the disk: that has tests of its own.
  server.connection.pragma('synchronous = OFF');
  const http = createServer(server.app);
  await new Promise<void>((resolve) => http.listen(0, '127.0.0.1', resolve));
  return {
    server,
    http,
    url: `http://127.0.0.1:${(http.address() as AddressInfo).port}/api`,
    close: async () => {
      await new Promise((resolve) => {
        http.close(resolve);
        http.closeAllConnections();
      });
      await server.close();
    },
  };
}

/** Puts the documents back to how they begin. */
async function reset(world: World): Promise<void> {
  const { db } = world.server;
  await db.transaction().execute(async (t) => {
    await t.deleteFrom('entry').execute();
    await t.deleteFrom('feast').execute();
    await t.deleteFrom('recipe').execute();
    await t.deleteFrom('eater').execute();
  });
  const send = (method: string, path: string, body: object) =>
    fetch(`${world.url}/households/home${path}`, {
      method,
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
    }).then((r) => {
      if (!r.ok) throw new Error(`${path}: ${r.status}`);
    });
  const version = readVersion(['100 g butter', '2 eggs', '1 cup flour'], {
    id: 'model-version',
    recipeId: 'model-recipe',
    steps: [
      { id: 'step-one', text: 'Beat.' },
      { id: 'step-two', text: 'Bake.' },
    ],
  });
  const asWritten = {
    ...version,
    lines: version.lines.map((l) => ({ ...l, id: `ml-${l.id}`, originLineId: `ml-${l.id}` })),
  };
  const credit = { author: null, url: null, whose: 'own' };
  await send('POST', '/recipes', { id: 'model-recipe', title: 'Cake', credit, claims: [], notes: '', asWritten });
  await send('PUT', '/eaters/model-eater', {
    name: 'Anna',
    programId: null,
    exceptions: [],
    allergies: ['peanuts'],
    avoids: [],
  });
  await send('PUT', '/feasts/model-feast', {
    name: 'Supper',
    day: null,
    people: 4,
    dishes: [{ recipeId: 'model-recipe', versionId: 'model-version', portions: {}, mostDeparture: null }],
    targets: {},
  });
}

/** Asks the true server, through the weather of a device. */
const askThrough =
  (url: string, weather: Weather): Transport =>
  async (method, path, body, headers = {}) => {
    if (weather.offline) throw new OfflineError();
    if (weather.slow > 0) await new Promise((resolve) => setTimeout(resolve, weather.slow));
    const response = await fetch(`${url}${path}`, {
      method,
      headers: { ...(body !== undefined && { 'Content-Type': 'application/json' }), ...headers },
      body: body === undefined ? undefined : JSON.stringify(body),
    });
    const json: unknown = response.status === 204 ? undefined : await response.json();
    const sent = (body as { entry?: Entry<unknown> } | undefined)?.entry;
    const answered = (json as { entries?: Entry<unknown>[] } | undefined)?.entries;
    if (response.ok && sent && !answered?.some((e) => e.id === sent.id)) noops.add(sent.id);
    if (weather.loseAnswers > 0) {
      weather.loseAnswers--;
      throw new OfflineError();
    }
    if (response.ok) return json;
    throw new ApiError(ProblemSchema.parse(json));
  };

async function withFactory<T>(device: Device, work: () => Promise<T>): Promise<T> {
  const had = globalThis.indexedDB;
  globalThis.indexedDB = device.factory;
  try {
    return await work();
  } finally {
    globalThis.indexedDB = had;
  }
}

/** One generated story of two devices and three tabs. Throws when a promise of the engine is broken. */
export async function playStory(
  world: World,
  random: Random,
  steps: number,
): Promise<{ entries: number; questions: number }> {
  await reset(world);
  const log: Log = { made: new Map(), dropped: new Set(), questions: { count: 0 } };
  const device = (): Device => ({
    factory: new IDBFactory(),
    weather: { offline: false, loseAnswers: 0, slow: 0 },
    outbox: browserOutbox(),
  });
  const [phone, laptop] = [device(), device()];
  for (const d of [phone, laptop]) await withFactory(d, () => d.outbox.all());
  let tabs = 0;
  const tab = (d: Device): Tab => ({ device: d, id: `tab-${tabs++}`, open: null });
  const all: Tab[] = [tab(phone), tab(laptop), tab(laptop)];

  const aliveOn = (d: Device): Set<string> =>
    new Set(all.filter((t) => t.device === d && t.open !== null).map((t) => t.id));
  const openTab = async (t: Tab): Promise<void> => {
    if (t.open !== null) return;
    t.id = `tab-${tabs++}`;
    const server = documentServer(askThrough(world.url, t.device.weather));
    const open = new Map<string, AnyDocument>();
    for (const key of KEYS) {
      const kept = await server.load(key).catch(() => null);
      if (kept === null) return;
      const kind = DOCUMENTS[key.name].kind as DocumentKind<unknown, unknown>;
      open.set(key.name, new SavedDocument({ key, kind, kept, outbox: t.device.outbox, server, tab: t.id }));
    }
    t.open = open;
    const left = await t.device.outbox.adopt(t.id, aliveOn(t.device));
    for (const key of KEYS) await open.get(key.name)!.takeUp(waitingFor(left, key) as Waiting[]);
  };
  const closeTab = (t: Tab): void => {
    for (const d of t.open?.values() ?? []) d.close();
    t.open = null;
  };
  /** Half of the time nobody waits: answers come while other things are done, and in another order. */
  const begun = async (work: Promise<void>): Promise<void> => {
    if (random() < 0.5) return work;
    behind.push(work);
    await new Promise((resolve) => setTimeout(resolve, random() * 4));
  };
  const behind: Promise<void>[] = [];

  const note = (d: AnyDocument, before: ReadonlySet<string>): void => {
    for (const w of waitingIds(d)) if (!before.has(w)) log.made.set(w, d.key.name);
  };
  const waitingIds = (d: AnyDocument): string[] =>
    d.waiting.flatMap((w) => (w.wish.wants === 'entry' ? [w.wish.entry.id] : []));

  const answer = async (d: AnyDocument): Promise<void> => {
    const before = new Set(waitingIds(d));
    log.questions.count++;
    if (d.shown.differences.length === 0) throw new Error('a question that says nothing');
    const [asked] = waitingIds(d);
    const row = await world.server.db
      .selectFrom('entry')
      .select('id')
      .where('id', '=', asked ?? '')
      .executeTakeFirst();
    if (row) throw new Error(`a question about something that was stored long ago: ${asked}`);
    if (random() < 0.5) await d.putMine();
    else await d.takeTheirs();
    for (const id of before) if (!waitingIds(d).includes(id)) log.dropped.add(id);
  };

  const step = async (): Promise<void> => {
    const t = pick(random, all);
    const what = random();
    if (t.open === null) return openTab(t);
    const d = t.open.get(pick(random, KEYS).name)!;
    const before = new Set(waitingIds(d));
    if (what < 0.5) {
      const changes = someChange(random, d);
      const done = d.do('Change', changes);
      note(d, before);
      await begun(done);
    } else if (what < 0.58) {
      const done = d.undo();
      note(d, before);
      await begun(done);
    } else if (what < 0.62) {
      const done = d.redo();
      note(d, before);
      await begun(done);
    } else if (what < 0.7) t.device.weather.offline = !t.device.weather.offline;
    else if (what < 0.77) t.device.weather.loseAnswers = 1 + Math.floor(random() * 2);
    else if (what < 0.8) t.device.weather.slow = Math.floor(random() * 4);
    else if (what < 0.86) closeTab(t);
    else if (what < 0.92) await begun(d.refresh());
    else if (d.shown.save === 'conflict') await answer(d);
    else await begun(d.flush());
    if (d.getShown()?.save === 'refused') throw new Error(`refused: ${d.shown.refusal}`);
  };
  for (let i = 0; i < steps; i++) await step();
  await Promise.all(behind);

  // The weather clears, every tab is opened again, every question is answered.
  for (const d of [phone, laptop]) Object.assign(d.weather, { offline: false, loseAnswers: 0, slow: 0 });
  for (const t of all) await openTab(t);
  for (let round = 0; round < 60; round++) {
    let busy = false;
    for (const t of all)
      for (const d of t.open!.values()) {
        if (d.shown.save === 'conflict') await answer(d);
        await d.flush();
        await d.refresh();
        busy ||= d.waiting.length > 0 || d.shown.save !== 'saved';
      }
    if (!busy) break;
    if (round === 59) throw new Error('it never settles');
  }
  for (const t of all) for (const d of t.open!.values()) await d.refresh();
  for (const d of [phone, laptop])
    if ((await d.outbox.all()).length > 0) throw new Error('something is left in the outbox, and nobody sends it');
  await judge(world, all, log);
  for (const t of all) closeTab(t);
  return { entries: log.made.size, questions: log.questions.count };
}

/** The end of a story: nothing acknowledged is missing, nothing was overwritten unasked, all tabs show what is stored. */
async function judge(world: World, tabs: readonly Tab[], log: Log): Promise<void> {
  const server = documentServer(askThrough(world.url, { offline: false, loseAnswers: 0, slow: 0 }));
  const rows = await world.server.db.selectFrom('entry').selectAll().orderBy('seq').execute();
  for (const key of KEYS) {
    const stored = await server.load<unknown, unknown>(key);
    for (const t of tabs) {
      const shown = t.open!.get(key.name)!.shown;
      if (!same(shown.document, stored.document))
        throw new Error(
          `${t.id} shows another ${key.name} than is stored:\n${JSON.stringify(shown.document)}\n${JSON.stringify(stored.document)}`,
        );
    }
    // Every entry was made on exactly what was there: going back through them leads to where it began.
    const kind = DOCUMENTS[key.name].kind as DocumentKind<unknown, unknown>;
    const own = rows.filter((r) => r.kind === key.name).map((r) => JSON.parse(r.body) as Entry<unknown>);
    let document = stored.document;
    for (const entry of [...own].reverse())
      document = applyExactly(kind, document, { changes: [...entry.changes].reverse().map(kind.invert) });
  }
  const stored = new Map(rows.map((r) => [r.id, r.kind]));
  for (const [id, name] of log.made) {
    if (stored.has(id) || log.dropped.has(id)) continue;
    // What is not in the history wanted what was there already; the judge lets only that pass.
    if (!noops.has(id)) throw new Error(`an entry of ${name} is lost: ${id}`);
  }
  noops.clear();
}

/** Entries that were acknowledged without being kept, for all that they wanted was there already. */
export const noops = new Set<string>();

/** Something that a cook might change. */
function someChange(random: Random, d: AnyDocument): unknown[] {
  const { document } = d.shown;
  if (d.key.name === 'versions') return versionChange(random, document as Version);
  if (d.key.name === 'eaters') return eaterChange(random, document as Eater);
  return feastChange(random, document as Feast);
}

function versionChange(random: Random, v: Version): Change[] {
  const line = pick(random, v.lines);
  const r = random();
  if (r < 0.3 && line) return [lineChange(v, line.id, { ...line, kept: !line.kept })];
  if (r < 0.45) return [{ kind: 'servings', before: v.servings, after: 1 + Math.floor(random() * 12) }];
  if (r < 0.6 && line) {
    const id = `new-${Math.floor(random() * 1e12).toString(36)}`;
    const after = { ...line, id, originLineId: id };
    return [{ kind: 'line', lineId: id, before: null, after, index: Math.floor(random() * 4) }];
  }
  if (r < 0.7 && v.lines.length > 1 && line) return [lineChange(v, line.id, null)];
  if (r < 0.85 && v.steps.length > 0) {
    const at = Math.floor(random() * v.steps.length);
    const text = `Do ${Math.floor(random() * 1000)}.`;
    return [{ kind: 'steps', before: v.steps, after: v.steps.map((s, i) => (i === at ? { ...s, text } : s)) }];
  }
  if (r < 0.93) {
    const step = { id: `st-${Math.floor(random() * 1e12).toString(36)}`, text: 'Wait.' };
    return [{ kind: 'steps', before: v.steps, after: [...v.steps, step] }];
  }
  return [{ kind: 'name', before: v.name, after: `name ${Math.floor(random() * 100)}` }];
}

function eaterChange(random: Random, e: Eater): FieldChange[] {
  const r = random();
  const toggled = <T>(list: readonly T[], one: T): T[] =>
    list.includes(one) ? list.filter((x) => x !== one) : [...list, one];
  const next: Eater =
    r < 0.4
      ? { ...e, allergies: toggled(e.allergies, pick(random, ['peanuts', 'milk', 'egg', 'soy'] as const)) }
      : r < 0.6
        ? { ...e, name: pick(random, ['Anna', 'Ann', 'Anja']) }
        : r < 0.8
          ? { ...e, avoids: toggled(e.avoids, pick(random, ['liver', 'coriander leaf'])) }
          : {
              ...e,
              exceptions: e.exceptions.some((x) => x.foodId === 'egg')
                ? e.exceptions.map((x) => ({ ...x, uncounted: !x.uncounted }))
                : [...e.exceptions, { foodId: 'egg', uncounted: true }],
            };
  return EATER_KIND.changes(e, next);
}

function feastChange(random: Random, f: Feast): FieldChange[] {
  const r = random();
  const dish = f.dishes[0];
  const next: Feast =
    r < 0.3
      ? { ...f, people: 1 + Math.floor(random() * 20) }
      : r < 0.5
        ? { ...f, targets: { ...f.targets, [pick(random, ['anna', 'bert'])]: Math.floor(random() * 20) } }
        : r < 0.7 && dish
          ? {
              ...f,
              dishes: [
                {
                  ...dish,
                  portions: { ...dish.portions, [pick(random, ['anna', 'bert'])]: pick(random, [0, 0.5, 2]) },
                },
              ],
            }
          : r < 0.8 && dish
            ? { ...f, dishes: [] }
            : r < 0.9 && !dish
              ? {
                  ...f,
                  dishes: [{ recipeId: 'model-recipe', versionId: 'model-version', portions: {}, mostDeparture: 5 }],
                }
              : { ...f, name: `Supper ${Math.floor(random() * 50)}` };
  return FEAST_KIND.changes(f, next);
}
