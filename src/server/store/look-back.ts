import type { Sendable } from '../../contract/route.ts';
import type { LookBackAnswer } from '../../contract/week-api.ts';
import { type CountedEntry, eaterWeek } from '../../core/day/eater-week.ts';
import { lookBack } from '../../core/day/look-back.ts';
import { invalid, notFound } from '../../core/errors.ts';
import { addDays, daysBetween, daysFrom, daysOfWeek } from '../../core/quantity/calendar-day.ts';
import { dayRows } from './day-rows.ts';
import { entryOf, frozenCountOf } from './day-shelf.ts';
import { todayOf } from './eaten.ts';
import type { Scope } from './scope.ts';
import { tableOf } from './table.ts';
import { VERDICTS } from './verdict-shelf.ts';
import { marksBetween, programsNamed } from './weeks.ts';

/** More days than this are not looked back on at once. */
const MOST_DAYS_BACK = 400;
const MOST_COOKED = 12;

/**
 * Days and weeks of somebody's, from what was kept of them.
 *
 * @param to the last day; today where nothing is said
 * @throws DomainError not-found, invalid
 */
export async function lookBackOn(
  s: Scope,
  eaterId: string,
  from: string,
  to: string | undefined,
): Promise<Sendable<LookBackAnswer>> {
  const table = await tableOf(s);
  const eater = table.eaters.find((e) => e.id === eaterId);
  if (eater === undefined) throw notFound('eater');
  const today = await todayOf(s);
  const last = to ?? today;
  const n = daysBetween(from, last) + 1;
  if (n < 1 || n > MOST_DAYS_BACK) throw invalid(`That is ${n} days.`, `Look back on 1 to ${MOST_DAYS_BACK} days.`);
  const program = table.programs.find((p) => p.id === eater.programId);
  // A week that had begun before is reckoned from its beginning.
  const first = daysOfWeek(from, program?.week.begins ?? 1)[0]!;
  const all = await dayRows(s, [eaterId], first, last);
  const rows = all.filter((r) => r.removed_at === null && r.counted_at !== null);
  const marks = await marksBetween(s, [eaterId], first, last);
  const programs = await programsNamed(s, marks.countedBy);
  const told = eaterWeek({
    eaterId,
    days: daysFrom(first, daysBetween(first, last) + 1),
    entries: rows.map((r): CountedEntry => ({ entry: entryOf(r), count: frozenCountOf(r)! })),
    said: marks.said,
    countedBy: new Map(marks.countedBy.map((c) => [c.day, c])),
    program: (id, revision) => programs.find((p) => p.id === id && p.revision === revision) ?? null,
    now: program === undefined ? null : { program, allowance: eater.allowance ?? program.allowance },
    upwards: table.household.upwards,
    // What lies on today is looked back on as it stands.
    today: addDays(today, 1),
  }).filter((d) => d.day >= from);
  const verdicts = await VERDICTS.all(s);
  const liked = await likedMost(
    s,
    verdicts.filter((v) => v.again === 'again').map((v) => v.versionId),
  );
  const cooked = await cookedMost(s, from, last);
  return { from, to: last, ...lookBack(told, program?.week.begins ?? 1), cooked, liked };
}

/** What the household cooked most in this time. */
async function cookedMost(s: Scope, from: string, to: string): Promise<LookBackAnswer['cooked']> {
  const rows = await s.db
    .selectFrom('cook')
    .innerJoin('recipe', 'recipe.id', 'cook.recipe_id')
    .select((e) => ['recipe.id as recipe_id', 'recipe.title', e.fn.countAll<number>().as('times')])
    .where('cook.household_id', '=', s.householdId)
    .where('cook.removed_at', 'is', null)
    .where('recipe.removed_at', 'is', null)
    .where('cook.day', '>=', from)
    .where('cook.day', '<=', to)
    .groupBy('recipe.id')
    .orderBy('times', 'desc')
    .orderBy('recipe.title')
    .limit(MOST_COOKED)
    .execute();
  return rows.map((r) => ({ recipeId: r.recipe_id, title: r.title, times: Number(r.times) }));
}

async function likedMost(s: Scope, versionIds: readonly string[]): Promise<LookBackAnswer['liked']> {
  if (versionIds.length === 0) return [];
  const rows = await s.db
    .selectFrom('version')
    .innerJoin('recipe', 'recipe.id', 'version.recipe_id')
    .select(['version.id', 'recipe.id as recipe_id', 'recipe.title'])
    .where('version.household_id', '=', s.householdId)
    .where('recipe.removed_at', 'is', null)
    .where('version.id', 'in', [...new Set(versionIds)])
    .execute();
  const times = new Map<string, { recipeId: string; title: string; times: number }>();
  for (const id of versionIds) {
    const row = rows.find((r) => r.id === id);
    if (row === undefined) continue;
    const had = times.get(row.recipe_id) ?? { recipeId: row.recipe_id, title: row.title, times: 0 };
    times.set(row.recipe_id, { ...had, times: had.times + 1 });
  }
  return [...times.values()].sort((a, b) => b.times - a.times || a.title.localeCompare(b.title, 'en')).slice(0, 12);
}
