import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { TestServer } from '../support/test-server.ts';
import { readVersion } from '../support/test-version.ts';

export type Random = () => number;
const pick = <T>(random: Random, items: readonly T[]): T => items[Math.floor(random() * items.length)]!;

const version = (() => {
  const read = readVersion(['100 g butter', '2 eggs'], { id: 'hostile-version', recipeId: 'hostile-recipe' });
  return { ...read, lines: read.lines.map((l) => ({ ...l, id: `h-${l.id}`, originLineId: `h-${l.id}` })) };
})();
const recipe = {
  id: 'hostile-recipe',
  title: 'Cake',
  credit: { author: null, url: null, whose: 'own' },
  claims: [],
  notes: '',
  asWritten: version,
};
const eater = { name: 'Anna', programId: 'program-ledger', exceptions: [], allergies: ['milk'], avoids: ['liver'] };
const feast = { name: 'Supper', day: null, people: 4, dishes: [], targets: { anna: 3 } };
const stock = { foodId: 'butter', name: 'butter', grams: 250, opened: false, useBy: null, lacking: false };
const swap = {
  name: 'quark for cream',
  kind: 'standIn',
  role: 'creaminess',
  from: ['cream-sour'],
  into: [{ foodId: 'quark-fatfree', ratio: 1 }],
  share: 1,
  mostShare: 1,
  stays: 0,
  departure: 9,
  method: null,
  watch: null,
  why: '',
  retired: false,
};
const label = {
  id: 'hostile-food',
  name: 'Spread',
  basisGrams: 30,
  household: { quantity: 1, unit: 'tablespoon', grams: 15 },
  printed: { kcal: 80, fat: 5, satFat: 1, carbs: 6, sugars: 2, addedSugars: null, fibre: 1, protein: 2, sodium: 100 },
  rules: 'us',
  kinds: [],
  roles: [],
  allergens: [],
};
const entry = (change: object) => ({
  base: 0,
  entry: { id: 'hostile-entry', label: 'x', undoes: null, changes: [change] },
});
const field = { kind: 'field', path: ['name'], before: 'Anna', after: 'Ann' };

/** Every kind of request that there is, with a body that would do. */
const TEMPLATES: ReadonlyArray<readonly [string, string, unknown?]> = [
  ['GET', '/households'],
  ['POST', '/households', { id: 'hostile-home', name: 'Home', zone: 'UTC' }],
  ['GET', '/households/home'],
  ['PATCH', '/households/home', { name: 'Home', system: 'us', region: 'us', zone: 'UTC' }],
  ['GET', '/households/home/recipes?q=cake&order=points&limit=10'],
  ['GET', '/households/home/recipes?after=abc&kcalAtMost=100'],
  ['POST', '/households/home/recipes', recipe],
  ['GET', '/households/home/recipes/hostile-recipe'],
  ['PATCH', '/households/home/recipes/hostile-recipe', { title: 'Loaf' }],
  [
    'POST',
    '/households/home/recipes/hostile-recipe/versions',
    { ...version, id: 'hostile-two', kind: 'lightened', parentId: 'hostile-version' },
  ],
  ['GET', '/households/home/versions/hostile-version'],
  ['GET', '/households/home/versions/hostile-version/count'],
  ['GET', '/households/home/versions/hostile-version/card'],
  ['POST', '/households/home/versions/hostile-version/cards'],
  ['DELETE', '/households/home/cards/hostile-card'],
  ['POST', '/households/home/versions/hostile-version/entries', entry({ kind: 'servings', before: 4, after: 6 })],
  [
    'POST',
    '/households/home/versions/hostile-version/entries',
    entry({ kind: 'line', lineId: 'h-l0', before: version.lines[0], after: null, index: 0 }),
  ],
  [
    'POST',
    '/households/home/versions/hostile-version/entries',
    entry({ kind: 'steps', before: [], after: [{ id: 'step-x', text: 'Stir.' }] }),
  ],
  ['GET', '/households/home/versions/hostile-version/entries?before=hostile-entry'],
  ['DELETE', '/households/home/versions/hostile-two'],
  ['POST', '/households/home/versions/hostile-two/restore'],
  ['PUT', '/households/home/eaters/hostile-eater', eater],
  ['PUT', '/households/home/eaters/hostile-eater/document', eater],
  ['POST', '/households/home/eaters/hostile-eater/entries', entry(field)],
  [
    'POST',
    '/households/home/eaters/hostile-eater/entries',
    entry({ kind: 'member', path: ['allergies'], member: 'soy', before: false, after: true }),
  ],
  ['DELETE', '/households/home/eaters/hostile-eater'],
  ['POST', '/households/home/eaters/hostile-eater/restore'],
  [
    'POST',
    '/households/home/household/home/entries',
    entry({ kind: 'field', path: ['system'], before: 'us', after: 'metric' }),
  ],
  ['PUT', '/households/home/feasts/hostile-feast', feast],
  [
    'POST',
    '/households/home/feasts/hostile-feast/entries',
    entry({
      kind: 'item',
      path: ['dishes'],
      id: 'hostile-recipe',
      after: { recipeId: 'hostile-recipe', versionId: 'hostile-version', portions: {}, mostDeparture: null },
      index: 0,
    }),
  ],
  [
    'POST',
    '/households/home/feasts/hostile-feast/entries',
    entry({ kind: 'field', path: ['dishes', 'hostile-recipe', 'portions', 'anna'], after: 2 }),
  ],
  ['POST', '/households/home/feasts/hostile-feast/take', { base: 1, entry: entry(field).entry, dishes: [] }],
  ['GET', '/households/home/feasts'],
  ['GET', '/households/home/feasts/hostile-feast'],
  ['GET', '/households/home/feasts/hostile-feast/count'],
  ['DELETE', '/households/home/feasts/hostile-feast'],
  ['PUT', '/households/home/swaps/hostile-swap', swap],
  ['GET', '/households/home/swaps'],
  ['GET', '/households/home/verdicts'],
  [
    'PUT',
    '/households/home/verdicts',
    { versionId: 'hostile-version', eaterId: 'hostile-eater', again: 'again', enough: null, note: '' },
  ],
  ['DELETE', '/households/home/verdicts/hostile-version/hostile-eater'],
  ['PUT', '/households/home/pins/butter~program-ledger', { points: 3, grams: 30 }],
  ['DELETE', '/households/home/pins/butter~program-ledger'],
  [
    'PUT',
    '/households/home/corrections/butter',
    { synonyms: ['ours'], measures: [{ unit: 'knob', form: null, grams: 12 }] },
  ],
  ['GET', '/households/home/stock'],
  ['PUT', '/households/home/stock/hostile-stock', stock],
  ['POST', '/households/home/stock/take', { versionId: 'hostile-version' }],
  ['DELETE', '/households/home/stock/hostile-stock'],
  ['GET', '/households/home/foods?ids=butter,egg'],
  ['GET', '/households/home/foods/own'],
  ['GET', '/households/home/foods/search?q=butter'],
  ['POST', '/households/home/foods', label],
  ['POST', '/households/home/foods/batch', { foods: [], corrections: [] }],
  ['GET', '/households/home/foods/butter/revisions'],
  ['GET', '/households/home/foods/butter/uses'],
  ['GET', '/households/home/foods/butter/correction'],
  ['DELETE', '/households/home/foods/hostile-food'],
  ['POST', '/households/home/foods/hostile-food/restore'],
  ['GET', '/households/home/barcodes/2000000000008'],
  ['PUT', '/households/home/barcodes/2000000000008', { foodId: 'butter' }],
  ['POST', '/households/home/score', { text: 'Cake\n100 g butter', servings: 4 }],
  ['GET', '/session'],
  ['GET', '/backups'],
  ['DELETE', '/households/demo'],
  ['POST', '/households/demo/restore'],
];

const ODD: readonly unknown[] = [
  null,
  '',
  ' ',
  0,
  -1,
  1e-320,
  1e308,
  0.1,
  true,
  [],
  {},
  '__proto__',
  'constructor',
  'toString',
  '\u0000',
  '\ud800',
  '\u202egnirts',
  "'; drop table recipe; --",
  '" OR 1=1 *',
  'NEAR(a b)',
  '../../etc/passwd',
  '%00',
  'x'.repeat(5000),
  [[[[[[]]]]]],
  { __proto__: { polluted: true } },
  'hostile-version',
  'hostile-recipe',
  2 ** 53,
  '2026-02-30',
];

/** A value with one thing in it changed for something odd, left out, doubled or nested. */
function mutated(random: Random, value: unknown, depth = 0): unknown {
  if (typeof value !== 'object' || value === null || depth > 5 || random() < 0.12) return pick(random, ODD);
  if (Array.isArray(value)) {
    if (value.length === 0 || random() < 0.2) return [...value, ...value, pick(random, ODD)];
    const at = Math.floor(random() * value.length);
    return value.map((v, i) => (i === at ? mutated(random, v, depth + 1) : v));
  }
  const keys = Object.keys(value);
  const key = pick(random, keys);
  const r = random();
  if (r < 0.1) return Object.fromEntries(Object.entries(value).filter(([k]) => k !== key));
  if (r < 0.2) return { ...value, [String(pick(random, ODD)).slice(0, 40)]: pick(random, ODD) };
  return { ...value, [key]: mutated(random, (value as Record<string, unknown>)[key], depth + 1) };
}

export interface Answered {
  readonly requests: number;
  readonly byStatus: Readonly<Record<number, number>>;
  /** What was answered with 500 and more, or leaks the inside. */
  readonly faults: readonly string[];
}

/** Sends generated requests to the true server, most of them wrong in one place, and tells what was answered. */
export async function sendHostile(server: TestServer, random: Random, requests: number): Promise<Answered> {
  const http: Server = createServer(server.app);
  await new Promise<void>((resolve) => http.listen(0, '127.0.0.1', resolve));
  const { port } = http.address() as AddressInfo;
  const byStatus: Record<number, number> = {};
  const faults: string[] = [];
  const one = async (): Promise<void> => {
    const [method, path, body] = pick(random, TEMPLATES);
    const odd = random();
    const address =
      odd < 0.1
        ? path.replace(
            /hostile-[a-z]+|home|butter/,
            encodeURIComponent(
              String(pick(random, ODD))
                .slice(0, 100)
                .replace(/\p{Surrogate}/gu, '?'),
            ),
          )
        : path;
    const sent = body === undefined || odd < 0.25 ? body : mutated(random, body);
    const raw =
      odd > 0.97 && body !== undefined
        ? `${JSON.stringify(sent)?.slice(0, Math.floor(random() * 60))}`
        : JSON.stringify(sent);
    const headers: Record<string, string> = sent === undefined ? {} : { 'Content-Type': 'application/json' };
    if (random() < 0.4)
      headers['If-Match'] = pick(random, ['"0"', '"1"', '"2"', '*', 'W/"1"', '99999999999', '""', '-1']);
    const response = await fetch(`http://127.0.0.1:${port}/api${address}`, {
      method,
      headers,
      body: method === 'GET' || sent === undefined ? undefined : raw,
    });
    const text = await response.text();
    byStatus[response.status] = (byStatus[response.status] ?? 0) + 1;
    const leaks = /\bat .*\.(?:ts|js):\d|SQLITE|SqliteError|ZodError/.test(text);
    if (response.status >= 500 || leaks)
      faults.push(`${method} ${address} ${raw?.slice(0, 400)}: ${response.status} ${text.slice(0, 200)}`);
  };
  for (let sent = 0; sent < requests; sent += 8)
    await Promise.all(Array.from({ length: Math.min(8, requests - sent) }, one));
  // Whatever was taken in: everything that is listed can still be read.
  for (const path of ['', '/recipes', '/feasts', '/foods', '/foods/search?q=butter', '/swaps', '/stock', '/verdicts']) {
    const response = await fetch(`http://127.0.0.1:${port}/api/households/home${path}`);
    if (!response.ok) faults.push(`GET ${path} afterwards: ${response.status}`);
  }
  await new Promise((resolve) => {
    http.close(resolve);
    http.closeAllConnections();
  });
  return { requests, byStatus, faults };
}
