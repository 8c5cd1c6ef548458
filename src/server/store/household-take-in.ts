import type { TakeInAnswer } from '../../contract/exchange-api.ts';
import { type HouseholdFile, PLAIN_KINDS, type PlainKind } from '../../contract/household-file.ts';
import { HOUSEHOLD_KIND } from '../../core/documents/document-kinds.ts';
import type { DocumentName } from '../../core/documents/document-names.ts';
import { idOfDocument } from '../../core/documents/id-of-document.ts';
import { DomainError } from '../../core/errors.ts';
import { withIds } from '../../core/exchange/with-ids.ts';
import { same } from '../../core/history/same.ts';
import type { CarriedHousehold } from '../exchange/household-archive.ts';
import { countColumns } from './day-shelf.ts';
import { HOUSEHOLD } from './household-shelf.ts';
import { planIds } from './id-plan.ts';
import { nameSeasoningsOf } from './name-seasonings.ts';
import { PLAIN_SHELVES } from './plain-shelves.ts';
import { recountAll } from './recount.ts';
import { note, type Scope } from './scope.ts';
import { checked } from './stored.ts';
import { takeFoods, takePrograms } from './take-in-foods.ts';
import { takePicture } from './take-in-pictures.ts';
import { takeRecipes } from './take-in-recipes.ts';
import { isAmong, putTheirs, type TakeInWish, type TakenRow, type TakingIn, whatDiffers } from './taking-in.ts';
import { write } from './write.ts';

/** Ends a preview: everything that was written is undone. */
class OnlyLooked extends Error {
  constructor(readonly answer: TakeInAnswer) {
    super('a preview ends by undoing what it did');
  }
}

const ALL_OF_IT: TakeInWish = { theirs: new Set(), without: new Set(), isNew: false };

/** What would become of every row, by doing it and undoing all of it. */
export async function previewTakeIn(scope: Scope, carried: CarriedHousehold): Promise<TakeInAnswer> {
  try {
    await write(scope, async (s) => {
      throw new OnlyLooked(await takeInAll(s, carried, ALL_OF_IT, () => {}));
    });
  } catch (e) {
    if (e instanceof OnlyLooked) return e.answer;
    throw e;
  }
  throw new Error('a preview ends by undoing what it did');
}

/**
 * Takes a household in, in one transaction: all of it or nothing. What is there already stays as it is, unless the cook
 * said that the other goes; what cannot be is named and left out.
 *
 * @param onProgress hears of every row that is through
 */
export const takeIn = (
  scope: Scope,
  carried: CarriedHousehold,
  wish: TakeInWish,
  onProgress: (done: number, total: number) => void,
): Promise<TakeInAnswer> => write(scope, (s) => takeInAll(s, carried, wish, onProgress));

const totalOf = (file: HouseholdFile): number =>
  1 +
  file.programs.length +
  file.foods.length +
  file.recipes.length +
  file.versions.length +
  file.pictures.length +
  PLAIN_KINDS.reduce((n, k) => n + file.documents[k].length, 0);

async function takeInAll(
  s: Scope,
  { file: asWritten, pictures }: CarriedHousehold,
  wish: TakeInWish,
  onProgress: (done: number, total: number) => void,
): Promise<TakeInAnswer> {
  const rows: TakenRow[] = [];
  const total = totalOf(asWritten);
  const ids = await planIds(s, asWritten);
  const origin = new Map([...ids].map(([a, b]) => [b, a]));
  const t: TakingIn = {
    s,
    wish,
    ids,
    // The cook and the file call a row by the id that it has there.
    tell: (row) => {
      rows.push({ ...row, id: withIds(row.id, origin) });
      onProgress(rows.length, total);
    },
    wants: (kind, id) => !isAmong(wish.without, kind, withIds(id, origin)),
  };
  const said = withIds(asWritten, ids);
  await takeHousehold(t, said, origin);
  await takePrograms(t, said.programs);
  const file = await takeFoods(t, said);
  const plain = (kinds: readonly PlainKind[]) => takePlain(t, file, kinds, origin);
  await plain(['eaters']);
  await takeRecipes(t, file, (id) => isAmong(wish.theirs, 'recipes', withIds(id, origin)));
  await plain(PLAIN_KINDS.filter((k) => k !== 'eaters'));
  await takeDaysLived(s, file);
  for (const p of file.pictures) await takePicture(t, p, pictures.get(withIds(p.id, origin)) ?? null);
  // A file from before lines said which food they are.
  await nameSeasoningsOf(s);
  await recountAll(s);
  note(s, 'listing', s.householdId, s.clock().getTime());
  note(s, 'recipes', s.householdId, 0);
  return { householdId: s.householdId, rows };
}

/** How a household is set up: its own stays, unless the cook says otherwise. */
async function takeHousehold(t: TakingIn, file: HouseholdFile, origin: ReadonlyMap<string, string>): Promise<void> {
  const { s } = t;
  const found = await HOUSEHOLD.find(s, s.householdId);
  const theirs = { ...file.household, id: s.householdId, demo: found!.document.demo };
  const changes = HOUSEHOLD_KIND.changes(found!.document, theirs);
  const row = { kind: 'household', id: file.household.id, title: file.household.name };
  if (t.wish.isNew) {
    await HOUSEHOLD.update(s, s.householdId, checked(HOUSEHOLD.schema, theirs), found!.revision);
    return t.tell({ ...row, state: 'new', why: null });
  }
  if (changes.length === 0) return t.tell({ ...row, state: 'same', why: null });
  if (isAmong(t.wish.theirs, 'household', withIds(file.household.id, origin)))
    await putTheirs(s, HOUSEHOLD as never, s.householdId, found!.revision, changes, 'household');
  t.tell({ ...row, state: 'differs', why: whatDiffers(HOUSEHOLD_KIND as never, changes, found!.document) });
}

async function takePlain(
  t: TakingIn,
  file: HouseholdFile,
  kinds: readonly PlainKind[],
  origin: ReadonlyMap<string, string>,
): Promise<void> {
  for (const kind of kinds)
    for (const document of file.documents[kind] as object[]) {
      const id = idOfDocument(kind as DocumentName, document);
      const row = { kind, id, title: titleOf(kind, document) };
      if (!t.wants(kind, id)) continue;
      const theirs = isAmong(t.wish.theirs, kind, withIds(id, origin));
      t.tell({ ...row, ...(await takeOne(t.s, kind, id, document, theirs)) });
    }
}

async function takeOne(
  s: Scope,
  kind: PlainKind,
  id: string,
  document: object,
  theirs: boolean,
): Promise<Pick<TakenRow, 'state' | 'why'>> {
  const { shelf } = PLAIN_SHELVES[kind];
  try {
    const found = await shelf.find(s, id);
    const next = checked(shelf.schema, document);
    if (found === null) {
      await shelf.check?.(s, id, next, null);
      await shelf.insert(s, id, next);
      const { revision } = document as { revision?: number };
      if (revision !== undefined) await shelf.update(s, id, next, revision);
      note(s, shelf.name, id, shelf.first);
      return { state: 'new', why: null };
    }
    if (found.removed) {
      if (theirs) {
        await shelf.mark(s, id, null, found.revision + 1);
        note(s, shelf.name, id, found.revision + 1);
      }
      return { state: 'differs', why: 'it was removed here' };
    }
    const changes = shelf.kind.changes(found.document, { ...next, ...revisionOf(found.document) });
    if (changes.length === 0 || same(found.document, next)) return { state: 'same', why: null };
    if (theirs) await putTheirs(s, shelf as never, id, found.revision, changes, shelf.what);
    return { state: 'differs', why: whatDiffers(shelf.kind as never, changes, found.document) };
  } catch (e) {
    if (e instanceof DomainError) return { state: 'cannot', why: [e.message, e.advice].filter(Boolean).join(' ') };
    throw e;
  }
}

const revisionOf = (document: object): object => ('revision' in document ? { revision: document.revision } : {});

/** What a row is called in a list. */
function titleOf(kind: PlainKind, document: object): string {
  const d = document as Readonly<Record<string, unknown>>;
  const words = d.name ?? d.title ?? d.words ?? d.day ?? d.code ?? d.foodId ?? d.note;
  return typeof words === 'string' && words !== '' ? words : idOfDocument(kind as DocumentName, document);
}

/** Days keep the numbers that they were lived with. */
async function takeDaysLived(s: Scope, { counted, closed }: HouseholdFile): Promise<void> {
  for (const { id, at, count } of counted)
    await s.db
      .updateTable('day_entry')
      .set(countColumns(count, at))
      .where('household_id', '=', s.householdId)
      .where('id', '=', id)
      .where('counted_at', 'is', null)
      .execute();
  for (const c of closed)
    await s.db
      .insertInto('eater_day')
      .columns(['household_id', 'eater_id', 'day', 'revision', 'program_id', 'program_revision', 'allowance'])
      .expression((e) =>
        e
          .selectFrom('eater')
          .select(({ val }) => [
            'eater.household_id',
            'eater.id',
            val(c.day).as('day'),
            val(1).as('revision'),
            val(c.programId).as('program_id'),
            val(c.programRevision).as('program_revision'),
            val(c.allowance).as('allowance'),
          ])
          .where('eater.id', '=', c.eaterId)
          .where('eater.household_id', '=', s.householdId),
      )
      .onConflict((c2) =>
        c2
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
