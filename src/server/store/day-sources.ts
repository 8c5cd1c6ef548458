import type { z } from 'zod';
import { BoxSchema, CookSchema } from '../../contract/cook.ts';
import { type CountsFor, countEntry, type DaySources } from '../../core/day/count-entry.ts';
import { type DayCount, UNCOUNTED_DAY } from '../../core/day/day-count.ts';
import type { DayEntry } from '../../core/day/day-entry.ts';
import type { Pot } from '../../core/day/pot.ts';
import { boughtAsDish } from '../../core/feast/bought-as-dish.ts';
import type { Feast } from '../../core/feast/feast.ts';
import { countersAt, type Table } from '../../core/table/table.ts';
import type { Version } from '../../core/version/version.ts';
import { POTS } from './day-shelf.ts';
import { FEASTS } from './feast-shelf.ts';
import { newestFoods } from './foods.ts';
import { kitchenFor, versionOf, versionRowName } from './kitchen.ts';
import type { Scope } from './scope.ts';
import { fromStored, readable } from './stored.ts';

/** Who at a table counts how; somebody without a program eats along. */
export function countsFor(table: Pick<Table, 'eaters' | 'programs' | 'pins'>, eaterId: string): CountsFor {
  const counting = table.eaters.some((e) => e.id === eaterId && e.programId !== null);
  const found = counting ? countersAt(table).find((c) => c.key === eaterId) : undefined;
  return { eaterId, counter: found?.counter ?? null };
}

const idsOf = <K extends DayEntry['what']['kind']>(
  entries: readonly DayEntry[],
  kind: K,
  id: (what: Extract<DayEntry['what'], { kind: K }>) => string,
): string[] => [
  ...new Set(
    entries.flatMap(({ what }) => (what.kind === kind ? [id(what as Extract<DayEntry['what'], { kind: K }>)] : [])),
  ),
];

/**
 * Everything that these entries are of, loaded at once: what was removed with a mark is still there for days that name
 * it.
 *
 * @param pots further pots, whatever is eaten of them
 * @param recipes whether the recipes of what was dished up are wanted, too: its count needs its record alone
 */
export async function daySources(
  s: Scope,
  entries: readonly DayEntry[],
  pots: readonly Pot[] = [],
  recipes = false,
): Promise<DaySources> {
  const potIds = idsOf(entries, 'pot', (w) => w.potId).filter((id) => !pots.some((p) => p.id === id));
  const found = await Promise.all(potIds.map((id) => POTS.find(s, id)));
  const ofPots = [...pots, ...found.flatMap((p) => (p === null ? [] : [p.document]))];
  const boxes = await bodiesById(
    s,
    'box',
    BoxSchema,
    idsOf(entries, 'box', (w) => w.boxId),
  );
  const cooks = await bodiesById(s, 'cook', CookSchema, [
    ...idsOf(entries, 'cook', (w) => w.cookId),
    ...boxes.map((b) => b.cookId),
    ...ofPots.flatMap((p) => (p.cookId === null ? [] : [p.cookId])),
  ]);
  const feasts = await feastsById(
    s,
    idsOf(entries, 'feast', (w) => w.feastId),
  );
  const versions = await versionsById(s, [
    ...idsOf(entries, 'version', (w) => w.versionId),
    ...ofPots.map((p) => p.versionId),
    ...cooks.filter((c) => recipes || c.frozen === null).map((c) => c.versionId),
    ...feasts.flatMap((f) => f.dishes.map((d) => d.versionId)),
  ]);
  const foods = await newestFoods(
    s,
    idsOf(entries, 'food', (w) => w.foodId),
  );
  const bought = feasts.flatMap((f) => f.bought.map(boughtAsDish));
  return {
    kitchen: await kitchenFor(s, [...versions, ...bought]),
    version: foundById(versions),
    cook: foundById(cooks),
    box: foundById(boxes),
    pot: foundById(ofPots),
    feast: foundById(feasts),
    food: foundById(foods),
  };
}

/** Counts an entry as it is now. What cannot be counted is not known, and hides nothing else of its day. */
export const countedNow = (
  entry: DayEntry,
  table: Pick<Table, 'eaters' | 'programs' | 'pins'>,
  from: DaySources,
): DayCount => countedFor(entry, countsFor(table, entry.eaterId), from);

/** As `countedNow`, for somebody whose way of counting is known already. */
export function countedFor(entry: DayEntry, who: CountsFor, from: DaySources): DayCount {
  try {
    return countEntry(entry, who, from);
  } catch {
    return UNCOUNTED_DAY;
  }
}

function foundById<T extends { readonly id: string }>(things: readonly T[]): (id: string) => T | null {
  const known = new Map(things.map((t) => [t.id, t]));
  return (id) => known.get(id) ?? null;
}

async function versionsById(s: Scope, ids: readonly string[]): Promise<Version[]> {
  if (ids.length === 0) return [];
  const rows = await s.db
    .selectFrom('version')
    .selectAll()
    .where('household_id', '=', s.householdId)
    .where('id', 'in', [...new Set(ids)])
    .execute();
  return readable(rows, versionRowName, versionOf);
}

/** Documents that lie whole in a column, by their ids. */
async function bodiesById<T extends z.ZodType>(
  s: Scope,
  table: 'cook' | 'box',
  schema: T,
  ids: readonly string[],
): Promise<z.infer<T>[]> {
  if (ids.length === 0) return [];
  const rows = await s.db
    .selectFrom(table)
    .select(['id', 'body'])
    .where('household_id', '=', s.householdId)
    .where('id', 'in', [...new Set(ids)])
    .execute();
  return readable(
    rows,
    (r) => `${table} ${r.id}`,
    (r) => fromStored(table, schema, r.body),
  );
}

async function feastsById(s: Scope, ids: readonly string[]): Promise<Feast[]> {
  const found = await Promise.all(ids.map((id) => FEASTS.find(s, id)));
  return found.flatMap((f) => (f === null ? [] : [f.document]));
}
