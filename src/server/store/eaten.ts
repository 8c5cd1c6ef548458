import { v7 as uuid } from 'uuid';
import type { Box } from '../../core/cook/cook.ts';
import { atPortion } from '../../core/day/at-portion.ts';
import type { DayCount } from '../../core/day/day-count.ts';
import type { DayEntry } from '../../core/day/day-entry.ts';
import { BOX_KIND } from '../../core/documents/document-kinds.ts';
import { inUse } from '../../core/errors.ts';
import { same } from '../../core/history/same.ts';
import { dayIn, timeIn } from '../../core/quantity/calendar-day.ts';
import { mealAt } from '../../core/table/meal.ts';
import { BOXES } from './cook-shelf.ts';
import { countColumns, DAY_ENTRIES, entryOf, frozenCountOf } from './day-shelf.ts';
import { countedNow, daySources } from './day-sources.ts';
import { EATERS } from './eater-shelf.ts';
import { appendEntry, makeDocument, removeDocument, shelved } from './entries.ts';
import { HOUSEHOLD } from './household-shelf.ts';
import { programAt } from './programs.ts';
import type { RowShelf } from './row-shelf.ts';
import { note, nowOf, type Scope } from './scope.ts';
import { tableOf } from './table.ts';

/** What is eaten of a box may be off by so much. */
const OFF_BY = 1e-6;
/** A statement has room for so many values. */
const DAYS_AT_ONCE = 500;

/** The day that it is for a household. */
export async function todayOf(s: Scope): Promise<string> {
  const { document } = await shelved(s, HOUSEHOLD, s.householdId);
  return dayIn(s.clock(), document.zone);
}

/** Keeps by what days that are over were counted, once: the program's revision, and the allowance. */
export async function closeDays(
  s: Scope,
  days: readonly { readonly eaterId: string; readonly day: string }[],
): Promise<void> {
  const { eaters, programs } = await tableOf(s);
  const rows = days.flatMap(({ eaterId, day }) => {
    const eater = eaters.find((e) => e.id === eaterId);
    const program = programs.find((p) => p.id === eater?.programId);
    if (eater === undefined || program === undefined) return [];
    const allowance = eater.allowance ?? program.allowance;
    const by = { program_id: program.id, program_revision: program.revision, allowance };
    return [{ household_id: s.householdId, eater_id: eaterId, day, revision: 1, ...by }];
  });
  for (let i = 0; i < rows.length; i += DAYS_AT_ONCE)
    await s.db
      .insertInto('eater_day')
      .values(rows.slice(i, i + DAYS_AT_ONCE))
      .onConflict((c) =>
        c
          .columns(['eater_id', 'day'])
          .doUpdateSet((e) => ({
            program_id: e.ref('excluded.program_id'),
            program_revision: e.ref('excluded.program_revision'),
            allowance: e.ref('excluded.allowance'),
          }))
          .where('eater_day.program_id', 'is', null),
      )
      .execute();
}

/** Everybody's id, those who were removed among them: what lies on days lies by eater and day. */
export const everyEater = (s: Scope) =>
  s.db.selectFrom('eater').select('eater.id').where('eater.household_id', '=', s.householdId);

/** What was counted of an entry; null where it is counted live. */
async function frozenOf(s: Scope, id: string): Promise<DayCount | null> {
  const row = await s.db
    .selectFrom('day_entry')
    .selectAll()
    .where('household_id', '=', s.householdId)
    .where('id', '=', id)
    .executeTakeFirst();
  return row === undefined ? null : frozenCountOf(row);
}

async function writeCount(s: Scope, id: string, count: DayCount, at: string | null): Promise<void> {
  await s.db
    .updateTable('day_entry')
    .set(countColumns(count, at))
    .where('household_id', '=', s.householdId)
    .where('id', '=', id)
    .execute();
}

/** Counts an entry as it is now, and keeps that. */
export async function freezeEntry(s: Scope, entry: DayEntry): Promise<void> {
  const count = countedNow(entry, await tableOf(s), await daySources(s, [entry]));
  await writeCount(s, entry.id, count, nowOf(s));
}

/** Whether two states of an entry are of the same thing for the same person. */
const sameThing = (a: DayEntry, b: DayEntry): boolean =>
  a.eaterId === b.eaterId && a.spread === b.spread && same(a.what, b.what);

/**
 * What was eaten, or lies on a day that is over, keeps its numbers: a changed portion is counted by the revisions that
 * it names, and something else is counted as it is now.
 */
async function keepCounts(s: Scope, before: DayEntry | null, after: DayEntry): Promise<void> {
  const isOver = after.day < (await todayOf(s));
  const keeps = after.state === 'eaten' || isOver;
  if (isOver) await closeDays(s, [after]);
  const had = await frozenOf(s, after.id);
  if (!keeps) {
    if (had !== null)
      await s.db
        .updateTable('day_entry')
        .set({ counted_at: null })
        .where('household_id', '=', s.householdId)
        .where('id', '=', after.id)
        .execute();
    return;
  }
  if (had === null || before === null || !sameThing(before, after)) {
    // Brought back with the numbers that it had.
    if (had !== null && before === null) return;
    return freezeEntry(s, after);
  }
  if (before.portion === after.portion) return;
  const program =
    had.programId === null || had.programRevision === null
      ? null
      : await programAt(s, had.programId, had.programRevision);
  await writeCount(s, after.id, atPortion(had, before.portion, after.portion, program), nowOf(s));
}

const eatsBox = (e: DayEntry | null): string | null =>
  e !== null && e.state === 'eaten' && e.what.kind === 'box' ? e.what.boxId : null;

/** A box that is eaten is taken, in the same moment; one that is not eaten after all stands there again. */
async function followBox(s: Scope, before: DayEntry | null, after: DayEntry | null): Promise<void> {
  const [was, is] = [eatsBox(before), eatsBox(after)];
  if (was !== null && was !== is) await putBack(s, was, before!.id);
  if (is === null) return;
  const { document: box, removed, revision } = await shelved(s, BOXES, is);
  if (removed) throw inUse('This box is not there any more.', 'Choose something else for this meal.');
  const { eaterId, id, portion } = after!;
  const rest = await eatenOfBox(s, box, id);
  if (rest + portion > 1 + OFF_BY) {
    const taker = box.taken?.name ?? 'somebody else';
    throw inUse(`${taker} has this box.`, 'Choose another one, or a smaller part of it.');
  }
  if (box.taken !== null) {
    // Taken for a dish, or by hand, before there were days.
    if (rest === 0 && box.taken.entryId !== id && box.taken.eaterId !== eaterId)
      throw inUse(`${box.taken.name} took this box.`, 'Choose another one.');
    return;
  }
  const name = (await EATERS.find(s, eaterId))?.document.name ?? '';
  const taken: Box = { ...box, taken: { eaterId, name, at: nowOf(s), entryId: id } };
  const changes = BOX_KIND.changes(box, taken);
  const entry = { id: uuid(), label: `Take ${box.title}`.slice(0, 200), changes, undoes: null };
  await appendEntry(s, BOXES, is, entry, { exactly: revision });
}

/** Where a box lies on days, eaten or planned. @param but an entry that is left out */
async function onDays(s: Scope, box: Box, state: DayEntry['state'], but: string): Promise<DayEntry[]> {
  const rows = await s.db
    .selectFrom('day_entry')
    .selectAll()
    .where('household_id', '=', s.householdId)
    .where('recipe_id', '=', box.recipeId)
    .where('kind', '=', 'box')
    .where('ref', '=', box.id)
    .where('state', '=', state)
    .where('removed_at', 'is', null)
    .where('id', '!=', but)
    .orderBy('day')
    .execute();
  return rows.map(entryOf);
}

/** How much of a box lies on days as eaten. @param but an entry that is left out */
const eatenOfBox = async (s: Scope, box: Box, but: string): Promise<number> =>
  (await onDays(s, box, 'eaten', but)).reduce((sum, e) => sum + e.portion, 0);

/** A box that nobody eats of any more stands there again; of one that was halved the other half has it. */
async function putBack(s: Scope, boxId: string, entryId: string): Promise<void> {
  const found = await BOXES.find(s, boxId);
  if (found === null || found.removed || found.document.taken?.entryId !== entryId) return;
  const [other] = await onDays(s, found.document, 'eaten', entryId);
  const eater = other === undefined ? null : await EATERS.find(s, other.eaterId);
  const taken =
    other === undefined
      ? null
      : { eaterId: other.eaterId, name: eater?.document.name ?? '', at: found.document.taken.at, entryId: other.id };
  const changes = BOX_KIND.changes(found.document, { ...found.document, taken, kept: null });
  const entry = { id: uuid(), label: `Put ${found.document.title} back`.slice(0, 200), changes, undoes: null };
  await appendEntry(s, BOXES, boxId, entry, { exactly: found.revision });
}

/** What somebody eats, with what follows of it. */
export const EATEN: RowShelf<DayEntry> = {
  ...DAY_ENTRIES,
  follow: async (s, _id, before, after) => {
    await followBox(s, before, after);
    if (after !== null) await keepCounts(s, before, after);
  },
};

/** Boxes, and the days on which they are eaten: who takes one has it on the day, in the same moment. */
export const BOXES_EATEN: RowShelf<Box> = {
  ...BOXES,
  follow: async (s, id, before, after) => {
    const [was, is] = [before?.taken ?? null, after?.taken ?? null];
    if (was !== null && was.entryId !== null && is?.entryId !== was.entryId) {
      const entry = await EATEN.find(s, was.entryId);
      if (entry !== null && !entry.removed) await removeDocument(s, EATEN, was.entryId);
    }
    // A kit is cooked, and is eaten when it is dished up.
    if (after === null || is === null || is.eaterId === null || after.as === 'kits' || same(was, is)) return;
    // Taken by somebody who is not at this table any more: on nobody's day.
    if ((await EATERS.find(s, is.eaterId)) === null) return;
    const { entryId, eaterId } = await namedEntry(s, id, after);
    const planned = await EATEN.find(s, entryId);
    if (planned !== null && !planned.removed) return;
    if (planned !== null) {
      await EATEN.mark(s, entryId, null, planned.revision + 1);
      note(s, 'day-entries', entryId, planned.revision + 1);
      return;
    }
    const { document: home } = await shelved(s, HOUSEHOLD, s.householdId);
    const at = new Date(is.at);
    // What they had planned of it is this: it does not lie on their days twice.
    const [intended] = (await onDays(s, after, 'planned', entryId)).filter((e) => e.eaterId === eaterId);
    if (intended !== undefined) await removeDocument(s, EATEN, intended.id);
    await makeDocument(s, EATEN, entryId, {
      id: entryId,
      eaterId,
      day: dayIn(at, home.zone),
      meal: intended?.meal ?? mealAt(home.meals, timeIn(at, home.zone)).id,
      position: 0,
      what: { kind: 'box', recipeId: after.recipeId, boxId: id },
      words: after.title || 'A box',
      portion: intended?.portion ?? 1,
      spread: 0,
      state: 'eaten',
    });
  },
};

/** A box that is taken names the entry that it becomes. */
async function namedEntry(s: Scope, id: string, box: Box): Promise<{ entryId: string; eaterId: string }> {
  const taken = box.taken!;
  const entryId = taken.entryId ?? uuid();
  if (taken.entryId === null) {
    const { revision } = await shelved(s, BOXES, id);
    await BOXES.update(s, id, { ...box, taken: { ...taken, entryId } }, revision);
  }
  return { entryId, eaterId: taken.eaterId! };
}
