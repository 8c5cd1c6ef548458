import { DayEntrySchema, EaterDaySchema, PotSchema } from '../../contract/day.ts';
import type { DayCount } from '../../core/day/day-count.ts';
import { type DayEntry, type Eaten, recipeOfEntry, refOfEaten } from '../../core/day/day-entry.ts';
import type { EaterDay } from '../../core/day/eater-day.ts';
import type { Pot } from '../../core/day/pot.ts';
import { DAY_ENTRY_KIND, EATER_DAY_KIND, POT_KIND } from '../../core/documents/week-kinds.ts';
import { invalid } from '../../core/errors.ts';
import type { RowOf } from '../db/schema.ts';
import type { DayEntryRow } from './day-rows.ts';
import { EATERS } from './eater-shelf.ts';
import { rowShelf } from './row-shelf.ts';
import type { Scope } from './scope.ts';
import { requireSame } from './shelf.ts';
import { toJson } from './stored.ts';

/** What an entry is of, as it lies in its columns. */
function eatenIn(r: DayEntryRow): Eaten {
  const [ref, recipeId] = [r.ref ?? '', r.recipe_id ?? ''];
  switch (r.kind) {
    case 'version':
      return { kind: 'version', recipeId, versionId: ref };
    case 'cook':
      return { kind: 'cook', recipeId, cookId: ref };
    case 'box':
      return { kind: 'box', recipeId, boxId: ref };
    case 'pot':
      return { kind: 'pot', recipeId, potId: ref };
    case 'feast':
      return { kind: 'feast', feastId: ref };
    case 'food':
      return { kind: 'food', foodId: ref, grams: r.grams ?? 0, low: r.grams_low ?? 0, high: r.grams_high ?? 0 };
    default:
      return { kind: 'known', points: r.said_points ?? 0, kcal: r.said_kcal };
  }
}

/**
 * An entry as it lies. What is read in hundreds was checked when it went in: it is not parsed again.
 */
export const entryOf = (r: DayEntryRow): DayEntry => ({
  id: r.id,
  eaterId: r.eater_id,
  day: r.day,
  meal: r.meal,
  position: r.position,
  what: eatenIn(r),
  words: r.words,
  portion: r.portion,
  spread: r.spread,
  state: r.state === 'eaten' ? 'eaten' : 'planned',
});

/** What an entry was counted as; null while it is counted live. */
export const frozenCountOf = (r: DayEntryRow): DayCount | null =>
  r.counted_at === null
    ? null
    : {
        programId: r.program_id,
        programRevision: r.program_revision,
        refRevision: r.ref_revision,
        raw: r.raw,
        rawLow: r.raw_low,
        rawHigh: r.raw_high,
        points: r.points,
        low: r.low,
        high: r.high,
        kcal: r.kcal,
        protein: r.protein,
        fibre: r.fibre,
        sodium: r.sodium,
        complete: r.complete === 1,
      };

/** What a count fills of a row. @param at when it was counted, ISO 8601; null where it is counted live from now on */
export const countColumns = (count: DayCount, at: string | null) => ({
  program_id: count.programId,
  program_revision: count.programRevision,
  ref_revision: count.refRevision,
  raw: count.raw,
  raw_low: count.rawLow,
  raw_high: count.rawHigh,
  points: count.points,
  low: count.low,
  high: count.high,
  kcal: count.kcal,
  protein: count.protein,
  fibre: count.fibre,
  sodium: count.sodium,
  complete: count.complete ? 1 : 0,
  counted_at: at,
});

/** An entry as it fills the columns of its row. */
export const entryColumns = (e: DayEntry) => ({
  eater_id: e.eaterId,
  day: e.day,
  meal: e.meal,
  position: e.position,
  kind: e.what.kind,
  ref: refOfEaten(e.what),
  recipe_id: recipeOfEntry(e),
  words: e.words,
  portion: e.portion,
  grams: e.what.kind === 'food' ? e.what.grams : null,
  grams_low: e.what.kind === 'food' ? e.what.low : null,
  grams_high: e.what.kind === 'food' ? e.what.high : null,
  said_points: e.what.kind === 'known' ? e.what.points : null,
  said_kcal: e.what.kind === 'known' ? e.what.kcal : null,
  spread: e.spread,
  state: e.state,
});

/** What somebody eats, bare: what follows of it is in `eaten.ts`. */
export const DAY_ENTRIES = rowShelf<DayEntry, 'day_entry'>({
  name: 'day-entries',
  what: 'thing on a day',
  kind: DAY_ENTRY_KIND,
  schema: DayEntrySchema,
  first: 1,
  table: 'day_entry',
  keys: (id) => ({ id }),
  read: entryOf,
  columns: entryColumns,
  check: async (s, id, entry) => {
    requireSame(id, entry.id);
    await requireEater(s, entry.eaterId);
  },
});

/** What is said of a day, as it lies. */
export const eaterDayOf = (r: RowOf<'eater_day'>): EaterDay => ({
  eaterId: r.eater_id,
  day: r.day,
  low: r.low === 1,
  told: r.told === 1,
  saves: r.saves,
  event: r.event,
  ticked: JSON.parse(r.ticked) as Record<string, number>,
});

/** What is said of days. */
export const EATER_DAYS = rowShelf<EaterDay, 'eater_day'>({
  name: 'days',
  what: 'day',
  kind: EATER_DAY_KIND,
  schema: EaterDaySchema,
  first: 1,
  isPair: true,
  table: 'eater_day',
  keys: (id) => ({ eater_id: id.split('~')[0], day: id.split('~')[1] }),
  read: eaterDayOf,
  columns: (d) => ({
    low: d.low ? 1 : 0,
    told: d.told ? 1 : 0,
    saves: d.saves,
    event: d.event,
    ticked: toJson(d.ticked),
  }),
  check: async (s, id, day) => {
    requireSame(id, `${day.eaterId}~${day.day}`);
    await requireEater(s, day.eaterId);
  },
});

async function requireEater(s: Scope, eaterId: string): Promise<void> {
  const eater = await EATERS.find(s, eaterId);
  if (eater === null) throw invalid('There is nobody of this name at the table.', 'Choose who eats it.');
}

/** Dishes that are going to be cooked. */
export const POTS = rowShelf<Pot, 'pot'>({
  name: 'pots',
  what: 'pot',
  kind: POT_KIND,
  schema: PotSchema,
  first: 1,
  table: 'pot',
  keys: (id) => ({ id }),
  read: (r) =>
    PotSchema.parse({
      id: r.id,
      recipeId: r.recipe_id,
      versionId: r.version_id,
      day: r.day,
      meal: r.meal,
      servings: r.servings,
      cookId: r.cook_id,
    }),
  columns: (p) => ({
    recipe_id: p.recipeId,
    version_id: p.versionId,
    day: p.day,
    meal: p.meal,
    servings: p.servings,
    cook_id: p.cookId,
  }),
  check: async (s, id, pot) => {
    requireSame(id, pot.id);
    const version = await s.db
      .selectFrom('version')
      .select('recipe_id')
      .where('household_id', '=', s.householdId)
      .where('id', '=', pot.versionId)
      .executeTakeFirst();
    if (version?.recipe_id !== pot.recipeId)
      throw invalid('There is no such version of this recipe.', 'Open the recipe again.');
  },
});
