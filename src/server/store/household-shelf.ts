import { FieldChangeSchema } from '../../contract/entry.ts';
import { HouseholdSchema } from '../../contract/household.ts';
import { HOUSEHOLD_KIND } from '../../core/documents/document-kinds.ts';
import type { FieldChange } from '../../core/history/field-change.ts';
import type { Region } from '../../core/region/region.ts';
import type { Household } from '../../core/table/table.ts';
import type { RowOf } from '../db/schema.ts';
import type { Scope } from './scope.ts';
import type { Shelf } from './shelf.ts';
import { toJson } from './stored.ts';

export const householdOf = (
  r: Pick<
    RowOf<'household'>,
    | 'id'
    | 'name'
    | 'demo'
    | 'system'
    | 'region'
    | 'zone'
    | 'source_words'
    | 'oven_runs_hot'
    | 'meals'
    | 'aims'
    | 'upwards'
  >,
): Household => {
  const zone = HouseholdSchema.shape.zone.safeParse(r.zone).success ? r.zone : 'UTC';
  return HouseholdSchema.parse({
    id: r.id,
    name: r.name,
    demo: r.demo === 1,
    system: r.system,
    region: r.region,
    zone,
    sourceWords: JSON.parse(r.source_words),
    ovenRunsHot: r.oven_runs_hot,
    ...(r.meals !== null && { meals: JSON.parse(r.meals) }),
    aims: JSON.parse(r.aims),
    upwards: r.upwards === 1,
  });
};

/** The household itself: its name, its measures, its time zone. */
export const HOUSEHOLD: Shelf<Household, FieldChange> = {
  name: 'household',
  what: 'household',
  kind: HOUSEHOLD_KIND,
  schema: HouseholdSchema,
  change: FieldChangeSchema,
  first: 1,
  find: async (s, id) => {
    if (id !== s.householdId) return null;
    const row = await s.db.selectFrom('household').selectAll().where('id', '=', id).executeTakeFirst();
    return row === undefined
      ? null
      : { document: householdOf(row), revision: Number(row.revision), removed: row.removed_at !== null };
  },
  insert: async (s, id, h) => {
    await s.db
      .insertInto('household')
      .values({
        id,
        name: h.name,
        demo: h.demo ? 1 : 0,
        system: h.system,
        region: h.region,
        zone: h.zone,
        source_words: toJson(h.sourceWords),
        created_at: s.clock().toISOString(),
        revision: 1,
      })
      .execute();
  },
  update: async (s, id, h, revision) => {
    await s.db
      .updateTable('household')
      .set({
        name: h.name,
        system: h.system,
        region: h.region,
        zone: h.zone,
        source_words: toJson(h.sourceWords),
        oven_runs_hot: h.ovenRunsHot,
        meals: toJson(h.meals),
        aims: toJson(h.aims),
        upwards: h.upwards ? 1 : 0,
        revision,
      })
      .where('id', '=', id)
      .execute();
  },
  mark: async (s, id, removed_at, revision) => {
    await s.db.updateTable('household').set({ removed_at, revision }).where('id', '=', id).execute();
  },
};

/** How the household talks. */
export async function regionOfHousehold(s: Pick<Scope, 'db' | 'householdId'>): Promise<Region> {
  const row = await s.db.selectFrom('household').select('region').where('id', '=', s.householdId).executeTakeFirst();
  return row?.region === 'gb' ? 'gb' : 'us';
}
