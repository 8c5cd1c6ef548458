import { format, parseISO } from 'date-fns';
import { v7 as uuid } from 'uuid';
import type { SheetSource } from '../../contract/sheet.ts';
import type { SheetWish, WishedThing } from '../../core/card/sheet.ts';
import { invalid, notFound } from '../../core/errors.ts';
import { daysFrom } from '../../core/quantity/calendar-day.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { shownVersion } from '../../core/version/shown-version.ts';
import { todayOf } from './eaten.ts';
import { feastPage } from './feasts.ts';
import { PREPS } from './prep-shelf.ts';
import { titlesOf } from './recipe-page.ts';
import { getRecipe } from './recipe-rows.ts';
import type { Scope } from './scope.ts';
import { tableOf } from './table.ts';
import { versionsOf } from './versions.ts';
import { weekFrom } from './weeks.ts';

const DAYS_OF_WEEK = 7;

const thing = (what: WishedThing['what'], words: string, rest: Partial<WishedThing> = {}): WishedThing => ({
  id: uuid(),
  heading: '',
  what,
  words,
  portion: 1,
  note: '',
  ...rest,
});

const blank = (kind: SheetWish['kind'], title: string, things: readonly WishedThing[]): SheetWish => ({
  kind,
  title,
  words: '',
  sums: kind !== 'prep',
  cards: kind !== 'week',
  programs: null,
  things,
});

/**
 * What a sheet begins from: everything of a prep day, a feast, somebody's day or week, or the recipes of a plate.
 *
 * @throws DomainError not-found, or invalid where it is not said of what
 */
export async function draftSheet(s: Scope, from: SheetSource): Promise<SheetWish> {
  switch (from.of) {
    case 'prep':
      return draftOfPrep(s, from.id);
    case 'feast':
      return draftOfFeast(s, from.id);
    case 'day':
    case 'week':
      return draftOfDays(s, from);
    case 'plate':
      return draftOfPlate(s, (from.recipes ?? '').split(',').filter(Boolean));
  }
}

async function draftOfPrep(s: Scope, id: string | undefined): Promise<SheetWish> {
  const found = id === undefined ? null : await PREPS.find(s, id);
  if (found === null || found.removed) throw notFound('prep day');
  const { dishes, day } = found.document;
  const titles = await titlesOf(
    s,
    dishes.map((d) => d.recipeId),
  );
  return blank(
    'prep',
    `Cooked in one go, ${formatDay(day)}`,
    dishes.flatMap(({ recipeId, versionId }) => {
      const title = titles.get(recipeId);
      return title === undefined ? [] : [thing({ kind: 'version', recipeId, versionId }, title)];
    }),
  );
}

async function draftOfFeast(s: Scope, id: string | undefined): Promise<SheetWish> {
  if (id === undefined) throw notFound('feast');
  const { feast, pages } = await feastPage(s, id);
  return blank('feast', feast.name, [
    ...feast.dishes.map(({ recipeId, versionId }, i) =>
      thing({ kind: 'version', recipeId, versionId }, pages[i]!.recipe.title),
    ),
    ...feast.bought.map(({ foodId, grams, text }) =>
      thing({ kind: 'food', foodId, grams, low: grams, high: grams }, text),
    ),
  ]);
}

async function draftOfDays(s: Scope, { of, day, eater }: SheetSource): Promise<SheetWish> {
  const { eaters, household } = await tableOf(s);
  const whose = eaters.find((e) => e.id === eater) ?? eaters[0];
  if (whose === undefined) throw invalid('Nobody is at the table yet.', 'Add somebody under Household first.');
  const from = day ?? (await todayOf(s));
  const days = of === 'week' ? daysFrom(from, DAYS_OF_WEEK) : [from];
  const { entries } = await weekFrom(s, from, days.length);
  const things = entries
    .filter((e) => e.eaterId === whose.id && days.includes(e.day))
    .map((e) => {
      const meal = household.meals.find((m) => m.id === e.meal);
      return thing(e.what, meal === undefined ? e.words : `${meal.name}: ${e.words}`, {
        heading: of === 'week' ? format(parseISO(e.day), 'EEEE d MMMM') : '',
        portion: e.portion,
      });
    });
  return blank(of, of === 'week' ? `A week from ${formatDay(from)}` : `A day, ${formatDay(from)}`, things);
}

async function draftOfPlate(s: Scope, ids: readonly string[]): Promise<SheetWish> {
  const things: WishedThing[] = [];
  for (const id of ids) {
    const recipe = await getRecipe(s, id);
    const version = shownVersion(await versionsOf(s, id), recipe.shownVersionId);
    if (version === null || version === undefined) continue;
    things.push(thing({ kind: 'version', recipeId: id, versionId: version.id }, recipe.title));
  }
  return blank('plate', 'A plate', things);
}
