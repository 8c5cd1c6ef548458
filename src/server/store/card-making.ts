import { v7 as uuid } from 'uuid';
import { type Card, type CardPicture, makeCard } from '../../core/card/card.ts';
import { programsOnCard } from '../../core/card/pass-on.ts';
import { learnedWeight } from '../../core/cook/learned-weight.ts';
import { dayIn } from '../../core/quantity/calendar-day.ts';
import type { Version } from '../../core/version/version.ts';
import { cookedOnce } from './cook-shelf.ts';
import { newestFoods } from './foods.ts';
import { innerVersions, kitchenFor } from './kitchen.ts';
import { swapShelfOf } from './own-swap-shelf.ts';
import { picturesOf } from './pictures.ts';
import { getRecipe } from './recipe-rows.ts';
import { nowOf, type Scope } from './scope.ts';
import { toJson } from './stored.ts';
import { tableOf } from './table.ts';
import { getVersion, versionsOf } from './versions.ts';

/** Counts a version as a card, as its cook chose to pass it on, without keeping it. */
export async function previewCard(s: Scope, versionId: string): Promise<Card> {
  const version = await getVersion(s, versionId);
  const recipe = await getRecipe(s, version.recipeId);
  const table = await tableOf(s);
  const versions = await versionsOf(s, recipe.id);
  const asWritten = versions.find((v) => v.kind === 'asWritten') ?? version;
  const { passOn } = recipe;
  const offered = await newestFoods(s, [...new Set(passOn.lines.flatMap((l) => l.foods))]);
  const byId = new Map(offered.map((f) => [f.id, f]));
  return makeCard({
    title: recipe.title,
    credit: recipe.credit,
    version,
    asWritten,
    kitchen: await kitchenFor(s, [version, asWritten]),
    programs: programsOnCard(table, passOn),
    pins: table.pins,
    swaps: (await swapShelfOf(s)).all,
    system: table.household.system,
    region: table.household.region,
    countedOn: dayIn(s.clock(), table.household.zone),
    weighed: learnedWeight(await cookedOnce(s, recipe.id), version.id),
    passOn,
    picture: await pictureOnCard(s, recipe.id, passOn.pictureId),
    food: (id) => byId.get(id) ?? null,
  });
}

/** The picture that the cook chose; null where it is gone, or is a page: what another wrote does not go out. */
async function pictureOnCard(s: Scope, recipeId: string, id: string | null): Promise<CardPicture | null> {
  if (id === null) return null;
  const pictures = (await picturesOf(s, [recipeId])).get(recipeId) ?? [];
  const found = pictures.find((p) => p.id === id && p.kind === 'dish');
  return found === undefined ? null : { id, width: found.width, height: found.height };
}

/** Keeps what a card was counted from, and what came out. @returns the id of the record */
export async function keepRecord(s: Scope, version: Version, card: Card): Promise<string> {
  const table = await tableOf(s);
  const { passOn } = await getRecipe(s, version.recipeId);
  const foods = [version, ...(await innerVersions(s, [version]))]
    .flatMap((v) => v.lines)
    .flatMap((l) => (l.food.kind === 'food' ? [[l.food.foodId, l.food.revision]] : []));
  const id = uuid();
  await s.db
    .insertInto('count_record')
    .values({
      id,
      household_id: s.householdId,
      kind: 'card',
      version_id: version.id,
      version_revision: version.revision,
      foods: toJson(foods),
      programs: toJson(programsOnCard(table, passOn).map((p) => [p.id, p.revision])),
      result: toJson({ v: 1, programs: card.programs, kcal: card.kcal }),
      created_at: nowOf(s),
    })
    .execute();
  return id;
}
