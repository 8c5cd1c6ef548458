import { FoodSchema } from '../../contract/food.ts';
import { FILE_FORMAT, FILE_VERSION, type HouseholdFile, PLAIN_KINDS } from '../../contract/household-file.ts';
import { ProgramSchema } from '../../contract/program.ts';
import { idOfDocument } from '../../core/documents/id-of-document.ts';
import { type HouseholdPart, partsOfHousehold } from '../../core/exchange/parts-of-household.ts';
import { foodOfLineFood } from '../../core/weighing/line-food.ts';
import type { CarriedHousehold } from '../exchange/household-archive.ts';
import { entryOf, frozenCountOf } from './day-shelf.ts';
import { versionOf, versionRowName } from './kitchen.ts';
import { PLAIN_SHELVES } from './plain-shelves.ts';
import { recipeOf } from './recipe-rows.ts';
import type { Scope } from './scope.ts';
import { fromStored, readable } from './stored.ts';
import { tableOf } from './table.ts';

const byText = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);
const inOrderOfIds = <T extends { readonly id: string }>(rows: readonly T[]): T[] =>
  [...rows].sort((a, b) => byText(a.id, b.id));

/** What of a household is not in its file, in words. */
const NOT_IN_FILE: readonly string[] = [
  'links to cards and sheets: who has one keeps it, and it leads here',
  'the history of what was changed, and what was removed',
  'passphrase, certificate and backups',
];

/** Everything of a household that goes into its file. @param only parts that go out alone; null for all of it */
export async function exportHousehold(s: Scope, only: ReadonlySet<HouseholdPart> | null): Promise<CarriedHousehold> {
  const { household } = await tableOf(s);
  const versions = await liveVersions(s);
  const { revision: _, ...bare } = household as typeof household & { revision?: number };
  const file: HouseholdFile = {
    format: FILE_FORMAT,
    v: FILE_VERSION,
    household: { ...bare, demo: false } as HouseholdFile['household'],
    programs: await programsInFile(s),
    foods: await foodsInFile(s, versions),
    recipes: await liveRecipes(s),
    versions,
    documents: (await plainDocuments(s)) as HouseholdFile['documents'],
    ...(await daysLived(s)),
    pictures: await pictureRows(s),
  };
  const pictures = await pictureBytesOf(s);
  if (only === null) return { file, pictures };
  const part = partsOfHousehold(file, only);
  return { file: part, pictures: new Map(part.pictures.map((p) => [p.id, pictures.get(p.id)!])) };
}

async function liveRecipes(s: Scope): Promise<HouseholdFile['recipes']> {
  const rows = await s.db
    .selectFrom('recipe')
    .selectAll()
    .where('household_id', '=', s.householdId)
    .where('removed_at', 'is', null)
    .execute();
  return inOrderOfIds(rows.map((r) => ({ ...recipeOf(r), createdAt: r.created_at, changedAt: r.changed_at })));
}

/** Versions of recipes that are there; one whose parent was removed hangs on the one as written. */
async function liveVersions(s: Scope): Promise<HouseholdFile['versions']> {
  const rows = await s.db
    .selectFrom('version')
    .innerJoin('recipe', 'recipe.id', 'version.recipe_id')
    .selectAll('version')
    .where('version.household_id', '=', s.householdId)
    .where('version.removed_at', 'is', null)
    .where('recipe.removed_at', 'is', null)
    .execute();
  const versions = readable(rows, versionRowName, (r) => ({ ...versionOf(r), createdAt: r.created_at }));
  const there = new Set(versions.map((v) => v.id));
  const written = new Map(versions.flatMap((v) => (v.kind === 'asWritten' ? [[v.recipeId, v.id] as const] : [])));
  return inOrderOfIds(
    versions.map((v) =>
      v.parentId === null || there.has(v.parentId) ? v : { ...v, parentId: written.get(v.recipeId) ?? null },
    ),
  );
}

async function programsInFile(s: Scope): Promise<HouseholdFile['programs']> {
  const rows = await s.db
    .selectFrom('program_revision')
    .select('body')
    .where('household_id', '=', s.householdId)
    .where('program_id', 'not in', (e) =>
      e.selectFrom('program_removed').select('program_id').where('household_id', '=', s.householdId),
    )
    .orderBy('program_id')
    .orderBy('revision')
    .execute();
  return rows.map((r) => fromStored('program', ProgramSchema, r.body));
}

/** Own foods, and the revisions of others that lines name: what a line was counted with goes along. */
async function foodsInFile(s: Scope, versions: HouseholdFile['versions']): Promise<HouseholdFile['foods']> {
  const named = new Set(
    versions.flatMap((v) =>
      v.lines.flatMap((l) => {
        const is = foodOfLineFood(l.food);
        return is === null ? [] : [`${is.foodId}@${is.revision}`];
      }),
    ),
  );
  const rows = await s.db
    .selectFrom('food_revision')
    .selectAll()
    .where((e) => e.or([e('household_id', 'is', null), e('household_id', '=', s.householdId)]))
    .orderBy('food_id')
    .orderBy('revision')
    .execute();
  return rows
    .filter((r) => r.household_id !== null || named.has(`${r.food_id}@${r.revision}`))
    .map((r) => ({ own: r.household_id !== null, food: fromStored('food', FoodSchema, r.body) }));
}

async function plainDocuments(s: Scope): Promise<Record<string, unknown[]>> {
  const out: Record<string, unknown[]> = {};
  for (const kind of PLAIN_KINDS) {
    const { shelf, order } = PLAIN_SHELVES[kind];
    const all = await shelf.all(s, order);
    const rows = all.map((d) => (kind === 'feasts' ? d : withoutRevision(d)));
    // Who sits where at the table is an order of its own; everything else lies by its id.
    out[kind] = kind === 'eaters' ? rows : rows.sort((a, b) => byText(idOfDocument(kind, a), idOfDocument(kind, b)));
  }
  return out;
}

function withoutRevision(document: object): object {
  const { revision: _, ...bare } = document as { revision?: number };
  return bare;
}

async function daysLived(s: Scope): Promise<Pick<HouseholdFile, 'counted' | 'closed'>> {
  const entries = await s.db
    .selectFrom('day_entry')
    .selectAll()
    .where('household_id', '=', s.householdId)
    .where('removed_at', 'is', null)
    .where('counted_at', 'is not', null)
    .orderBy('id')
    .execute();
  const days = await s.db
    .selectFrom('eater_day')
    .selectAll()
    .where('household_id', '=', s.householdId)
    .where('removed_at', 'is', null)
    .where('program_id', 'is not', null)
    .orderBy('eater_id')
    .orderBy('day')
    .execute();
  return {
    counted: entries.map((r) => ({ id: entryOf(r).id, at: r.counted_at!, count: { ...frozenCountOf(r)! } })),
    closed: days.map((r) => ({
      eaterId: r.eater_id,
      day: r.day,
      programId: r.program_id!,
      programRevision: r.program_revision!,
      allowance: r.allowance,
    })),
  };
}

const livePictures = (s: Scope) =>
  s.db
    .selectFrom('picture')
    .innerJoin('recipe', 'recipe.id', 'picture.recipe_id')
    .where('picture.household_id', '=', s.householdId)
    .where('picture.removed_at', 'is', null)
    .where('recipe.removed_at', 'is', null)
    .orderBy('picture.id');

async function pictureRows(s: Scope): Promise<HouseholdFile['pictures']> {
  const rows = await livePictures(s)
    .select(['picture.id', 'picture.recipe_id', 'kind', 'cook_id', 'width', 'height', 'position', 'picture.created_at'])
    .execute();
  return rows.map((r) => ({
    id: r.id,
    recipeId: r.recipe_id,
    kind: r.kind === 'page' ? 'page' : 'dish',
    cookId: r.cook_id,
    width: r.width,
    height: r.height,
    position: r.position,
    createdAt: r.created_at,
  }));
}

async function pictureBytesOf(s: Scope): Promise<Map<string, Uint8Array>> {
  const rows = await livePictures(s).select(['picture.id', 'large']).execute();
  return new Map(rows.map((r) => [r.id, r.large]));
}

/** How much of a household goes into its file, and what does not. */
export async function aboutExport(
  s: Scope,
): Promise<{ recipes: number; pictures: number; days: number; without: string[] }> {
  const count = async (table: 'recipe' | 'picture' | 'day_entry'): Promise<number> => {
    const row = await s.db
      .selectFrom(table)
      .select((e) => e.fn.countAll<number>().as('n'))
      .where('household_id', '=', s.householdId)
      .where('removed_at', 'is', null)
      .executeTakeFirst();
    return Number(row?.n ?? 0);
  };
  return {
    recipes: await count('recipe'),
    pictures: await count('picture'),
    days: await count('day_entry'),
    without: [...NOT_IN_FILE],
  };
}
