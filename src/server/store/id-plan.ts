import type { Kysely } from 'kysely';
import { v7 as uuid } from 'uuid';
import type { HouseholdFile, PlainKind } from '../../contract/household-file.ts';
import type { Scope } from './scope.ts';

/** Where ids lie that only one household may have. */
const OWNED: Readonly<Partial<Record<PlainKind, string>>> = {
  eaters: 'eater',
  swaps: 'own_swap',
  vessels: 'vessel',
  'box-kinds': 'box_kind',
  feasts: 'feast',
  cooks: 'cook',
  boxes: 'box',
  stock: 'stock_item',
  observations: 'observation',
  pots: 'pot',
  'day-entries': 'day_entry',
  preps: 'prep',
  trips: 'trip',
  'outside-verdicts': 'outside_verdict',
};
/** A statement has room for so many values. */
const IDS_AT_ONCE = 500;

/**
 * The ids of a file that have to be others here, because another household of this installation has them; those that
 * were given anew before are the same again. What is given anew is kept with its old id.
 */
export async function planIds(s: Scope, file: HouseholdFile): Promise<ReadonlyMap<string, string>> {
  const groups: [table: string, column: string, ids: readonly string[]][] = [
    ['recipe', 'id', file.recipes.map((r) => r.id)],
    ['version', 'id', file.versions.map((v) => v.id)],
    ['picture', 'id', file.pictures.map((p) => p.id)],
    ['program_revision', 'program_id', file.programs.map((p) => p.id)],
    ['food_revision', 'food_id', file.foods.filter((f) => f.own).map((f) => f.food.id)],
    ...Object.entries(OWNED).map(([kind, table]): [string, string, readonly string[]] => [
      table,
      'id',
      (file.documents[kind as PlainKind] as { id: string }[]).map((d) => d.id),
    ]),
  ];
  const known = new Map(
    (await s.db.selectFrom('origin_id').selectAll().where('household_id', '=', s.householdId).execute()).map((r) => [
      r.origin_id,
      r.id,
    ]),
  );
  const plan = new Map<string, string>();
  for (const [table, column, ids] of groups) {
    for (const id of ids) if (known.has(id)) plan.set(id, known.get(id)!);
    for (const id of await takenElsewhere(s, table, column, ids)) if (!plan.has(id)) plan.set(id, uuid());
  }
  const fresh = [...plan].filter(([origin]) => !known.has(origin));
  for (let i = 0; i < fresh.length; i += IDS_AT_ONCE)
    await s.db
      .insertInto('origin_id')
      .values(
        fresh.slice(i, i + IDS_AT_ONCE).map(([origin_id, id]) => ({ household_id: s.householdId, origin_id, id })),
      )
      .execute();
  return plan;
}

/** Those of the ids that another household has. */
async function takenElsewhere(s: Scope, table: string, column: string, ids: readonly string[]): Promise<string[]> {
  // One place asks many tables, each by the column that its ids are in.
  // biome-ignore lint/suspicious/noExplicitAny: see above
  const db = s.db as unknown as Kysely<any>;
  const taken: string[] = [];
  for (let i = 0; i < ids.length; i += IDS_AT_ONCE) {
    const rows: Record<string, string>[] = await db
      .selectFrom(table)
      .select(column)
      .distinct()
      .where(column, 'in', ids.slice(i, i + IDS_AT_ONCE))
      .where((e) => e.or([e('household_id', 'is', null), e('household_id', '!=', s.householdId)]))
      .execute();
    taken.push(...rows.map((r) => r[column]!));
  }
  return taken;
}
