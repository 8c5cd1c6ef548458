import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pino } from 'pino';
import { UNCOUNTED_DAY } from '../src/core/day/day-count.ts';
import type { DayEntry } from '../src/core/day/day-entry.ts';
import { addDays, daysFrom, daysOfWeek } from '../src/core/quantity/calendar-day.ts';
import { householdApp } from '../src/server/app.ts';
import { changeHub } from '../src/server/changes/change-hub.ts';
import { openDatabase } from '../src/server/db/open.ts';
import { prepareDatabase } from '../src/server/prepare-database.ts';
import { countColumns, entryColumns } from '../src/server/store/day-shelf.ts';
import { householdStore } from '../src/server/store/household-store.ts';
import { type StoreContext, scopeOf } from '../src/server/store/scope.ts';
import { time } from './time.ts';

/**
 * Ten years of days for five eaters, twelve things a day: a week and a year's chart, as text to be sent,
 * beside the bare read of the same rows in the same process.
 */
const EATERS = ['runa', 'tomas', 'milena', 'juri', 'ida'].map((n) => `demo-eater-${n}`);
const YEARS_DAYS = 3653;
const A_DAY = 12;
const ROUNDS = 200;
const [WEEK_MS, YEAR_MS] = [20, 100];

const dir = mkdtempSync(join(tmpdir(), 'imbiss-week-'));
const { db, connection } = await openDatabase(join(dir, 'imbiss.db'));
const clock = () => new Date('2026-11-28T10:00:00Z');
const context: StoreContext = { db, clock, publicUrl: '', changes: changeHub(), wakeRenewal: () => {} };
await prepareDatabase(db, clock);
const s = scopeOf(context, 'demo-household');
const dishes = await db.selectFrom('recipe_listing').select(['recipe_id', 'version_id']).execute();
const first = addDays('2026-11-28', 1 - YEARS_DAYS);
let t = performance.now();
await db.deleteFrom('day_entry').execute();
await db.deleteFrom('eater_day').execute();
await db.transaction().execute(async (tx) => {
  for (const eaterId of EATERS) {
    const programId =
      {
        'demo-eater-runa': 'program-ledger',
        'demo-eater-tomas': 'program-harvest',
        'demo-eater-milena': 'program-house',
      }[eaterId] ?? null;
    const batch: object[] = [];
    for (const [d, day] of daysFrom(first, YEARS_DAYS).entries())
      for (let n = 0; n < A_DAY; n++) {
        const dish = dishes[(d + n) % dishes.length]!;
        const entry: DayEntry = {
          id: `${eaterId}-${d}-${n}`,
          eaterId,
          day,
          meal: 'meal-supper',
          position: n,
          what: { kind: 'version', recipeId: dish.recipe_id, versionId: dish.version_id },
          words: 'A dish',
          portion: 1,
          spread: 0,
          state: 'eaten',
        };
        const points = programId === null ? null : 2 + (n % 3);
        const count = {
          ...UNCOUNTED_DAY,
          programId,
          programRevision: programId === null ? null : 1,
          raw: points,
          rawLow: points,
          rawHigh: points,
          points,
          low: points,
          high: points,
          kcal: 120,
          protein: 6,
          fibre: 2,
          sodium: 90,
          complete: true,
        };
        batch.push({
          id: entry.id,
          household_id: s.householdId,
          ...entryColumns(entry),
          ...countColumns(count, '2026-11-28T09:00:00.000Z'),
          revision: 1,
        });
      }
    for (let i = 0; i < batch.length; i += 400)
      await tx
        .insertInto('day_entry')
        .values(batch.slice(i, i + 400) as never)
        .execute();
  }
});
console.log(
  `${EATERS.length * YEARS_DAYS * A_DAY} things on ${EATERS.length * YEARS_DAYS} days laid down in ${((performance.now() - t) / 1000).toFixed(1)} s`,
);

const log = pino({ level: 'silent' });
const { app } = householdApp({
  ...context,
  hosts: ['127.0.0.1', 'localhost'],
  passphrase: null,
  secure: false,
  webDir: null,
  addresses: [],
  dataDir: dir,
  log,
});
const server = createServer(app).listen(0);
// Between two questions much is measured here: the connection waits.
server.keepAliveTimeout = 600_000;
const base = `http://127.0.0.1:${(server.address() as AddressInfo).port}/api/households/demo-household`;
const ask = async (path: string): Promise<unknown> => {
  const answer = await fetch(base + path);
  if (!answer.ok) throw new Error(`${path}: ${answer.status}`);
  return answer.json();
};
t = performance.now();
await ask('/week');
console.log(`the first look of a day closes the days before it: ${Math.round(performance.now() - t)} ms`);

const bareWeek = (from: string): unknown[] =>
  connection
    .prepare(
      "select * from day_entry where household_id = 'demo-household' and eater_id in (?, ?, ?, ?, ?) and day between ? and ?",
    )
    .all([...EATERS, from, addDays(from, 6)]);
const bareYear = (eater: string): unknown[] =>
  connection
    .prepare("select * from day_entry where household_id = 'demo-household' and eater_id = ? and day between ? and ?")
    .all([eater, '2025-11-29', '2026-11-28']);
/** A week of some year, as its programs have it: from a Monday. */
const weekOf = (round: number): string => daysOfWeek(addDays(first, 14 + ((round * 37) % (YEARS_DAYS - 60))), 1)[0]!;

const store = await householdStore(context, 'demo-household');
const week = await time(async (i) => JSON.stringify(await store.week(weekOf(i), 7)), ROUNDS);
const weekSent = await time((i) => ask(`/week?from=${weekOf(i)}`), ROUNDS);
const weekBare = await time((i) => bareWeek(weekOf(i)), ROUNDS);
const year = await time(
  async (i) => JSON.stringify(await store.lookBack(EATERS[i % 3]!, '2025-11-29', '2026-11-28')),
  ROUNDS / 4,
);
const yearSent = await time(
  (i) => ask(`/eaters/${EATERS[i % 3]!}/look-back?from=2025-11-29&to=2026-11-28`),
  ROUNDS / 4,
);
const yearBare = await time((i) => bareYear(EATERS[i % 3]!), ROUNDS / 4);
const ms = (n: number): string => `${n.toFixed(1)} ms`;
console.log(
  `a week of five: ${ms(week.median)} (slowest ${ms(week.slowest)}); the bar is ${WEEK_MS} ms; packed, sent and read ${ms(weekSent.median)}; the bare read of its ${bareWeek(weekOf(1)).length} rows ${ms(weekBare.median)}`,
);
console.log(
  `a year of one:  ${ms(year.median)} (slowest ${ms(year.slowest)}); the bar is ${YEAR_MS} ms; sent and read ${ms(yearSent.median)}; the bare read of its ${bareYear(EATERS[0]!).length} rows ${ms(yearBare.median)}`,
);
server.closeAllConnections();
server.close();
await db.destroy();
rmSync(dir, { recursive: true, force: true });
if (week.median > WEEK_MS || year.median > YEAR_MS) {
  console.error('Days take too long.');
  process.exit(1);
}
