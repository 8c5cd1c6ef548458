import { FoodSchema } from '../../contract/food.ts';
import type { HouseholdFile } from '../../contract/household-file.ts';
import { ProgramSchema } from '../../contract/program.ts';
import type { Food } from '../../core/food/food.ts';
import { same } from '../../core/history/same.ts';
import { foodOfLineFood } from '../../core/weighing/line-food.ts';
import { indexNames } from './food-names.ts';
import { programsOf } from './programs.ts';
import { nowOf, type Scope } from './scope.ts';
import { fromStored, toStored } from './stored.ts';
import type { TakingIn } from './taking-in.ts';

/** Own programs, in all their revisions: what is there is never changed. */
export async function takePrograms({ s, tell, wants }: TakingIn, programs: HouseholdFile['programs']): Promise<void> {
  for (const program of programs) {
    if (!wants('programs', program.id)) continue;
    const row = { kind: 'programs', id: program.id, title: `${program.name}, state ${program.revision}` };
    const had = await s.db
      .selectFrom('program_revision')
      .select('body')
      .where('program_id', '=', program.id)
      .where('revision', '=', program.revision)
      .executeTakeFirst();
    if (had !== undefined) {
      const is = same(fromStored('program', ProgramSchema, had.body), program);
      tell({ ...row, state: is ? 'same' : 'differs', why: is ? null : 'this state of it, which stays as it is here' });
      continue;
    }
    const other = (await programsOf(s)).find((p) => p.mark === program.mark && p.id !== program.id);
    if (other !== undefined) {
      tell({ ...row, state: 'cannot', why: `"${other.name}" has the mark ${program.mark} here already.` });
      continue;
    }
    await s.db
      .insertInto('program_revision')
      .values({
        program_id: program.id,
        revision: program.revision,
        household_id: s.householdId,
        body: toStored('program', ProgramSchema, program),
        created_at: nowOf(s),
      })
      .execute();
    tell({ ...row, state: 'new', why: null });
  }
}

/**
 * Own foods in all their revisions; of foods that come with Imbiss the revision here that is the same as the file's.
 *
 * @returns the file with lines that name the revisions that are here
 */
export async function takeFoods(t: TakingIn, file: HouseholdFile): Promise<HouseholdFile> {
  const { s, tell } = t;
  const moved = new Map<string, number>();
  for (const { own, food } of file.foods) {
    if (own && !t.wants('foods', food.id)) continue;
    const row = { kind: 'foods', id: food.id, title: food.name };
    const here = await revisionsHere(s, food.id);
    const inPlace = here.find((f) => f.revision === food.revision);
    const equal = [...(inPlace === undefined ? [] : [inPlace]), ...here].find((f) =>
      same({ ...f, revision: 0 }, { ...food, revision: 0 }),
    );
    if (equal !== undefined) {
      if (inPlace !== equal) moved.set(`${food.id}@${food.revision}`, equal.revision);
      // What comes with Imbiss, and is the same here, is no news.
      if (own) tell({ ...row, state: 'same', why: null });
    } else if (own && inPlace === undefined) {
      await addOwnFood(s, food);
      tell({ ...row, state: 'new', why: null });
    } else if (here.length > 0) {
      const newest = here[here.length - 1]!;
      moved.set(`${food.id}@${food.revision}`, newest.revision);
      tell({ ...row, state: 'differs', why: 'its values: lines count with those that are here' });
    } else tell({ ...row, state: 'cannot', why: 'This Imbiss does not know it: lines that name it are open.' });
  }
  return moved.size === 0 ? file : { ...file, versions: withRevisions(file.versions, moved) };
}

async function revisionsHere(s: Scope, id: string): Promise<Food[]> {
  const rows = await s.db
    .selectFrom('food_revision')
    .select('body')
    .where('food_id', '=', id)
    .where((e) => e.or([e('household_id', 'is', null), e('household_id', '=', s.householdId)]))
    .orderBy('revision')
    .execute();
  return rows.map((r) => fromStored('food', FoodSchema, r.body));
}

async function addOwnFood(s: Scope, food: Food): Promise<void> {
  await s.db
    .insertInto('food_revision')
    .values({
      food_id: food.id,
      revision: food.revision,
      household_id: s.householdId,
      body: toStored('food', FoodSchema, food),
      created_at: nowOf(s),
    })
    .execute();
  await indexNames(s.db, [food], s.householdId);
}

const withRevisions = (
  versions: HouseholdFile['versions'],
  moved: ReadonlyMap<string, number>,
): HouseholdFile['versions'] =>
  versions.map((v) => ({
    ...v,
    lines: v.lines.map((l) => {
      const is = foodOfLineFood(l.food);
      const revision = is === null ? undefined : moved.get(`${is.foodId}@${is.revision}`);
      if (is === null || revision === undefined) return l;
      return l.food.kind === 'food'
        ? { ...l, food: { ...l.food, revision } }
        : { ...l, food: { ...l.food, is: { ...is, revision } } };
    }),
  }));
