import type { FeastCounted } from '../../contract/counted.ts';
import type { FeastWithRecipes } from '../../contract/feast.ts';
import type { Sendable } from '../../contract/route.ts';
import { notFound } from '../../core/errors.ts';
import { boughtAsDish } from '../../core/feast/bought-as-dish.ts';
import { countFeast } from '../../core/feast/count-feast.ts';
import { type Feast, type FeastDish, portionOf } from '../../core/feast/feast.ts';
import type { Entry } from '../../core/history/entry.ts';
import type { FieldChange } from '../../core/history/field-change.ts';
import { countersAt } from '../../core/table/table.ts';
import type { Change } from '../../core/version/entry.ts';
import type { Version } from '../../core/version/version.ts';
import { appendEntry, type KeptDocument, type MadeOn, makeDocument } from './entries.ts';
import { FEASTS, feastsOf } from './feast-shelf.ts';
import { foodsByRevision, revisionKey } from './foods.ts';
import { kitchenFor } from './kitchen.ts';
import { recipePage, titlesOf } from './recipe-page.ts';
import type { Scope } from './scope.ts';
import { tableOf } from './table.ts';
import { VERSIONS } from './version-shelf.ts';
import { write } from './write.ts';

/** The feasts of the household with the titles of their dishes. */
export async function feastList(s: Scope): Promise<(Feast & { titles: string[] })[]> {
  const feasts = await feastsOf(s);
  const titles = await titlesOf(s, [...new Set(feasts.flatMap((f) => f.dishes.map((d) => d.recipeId)))]);
  return feasts.map((f) => ({ ...f, titles: f.dishes.flatMap((d) => titles.get(d.recipeId) ?? []) }));
}

/**
 * A feast with its dishes' recipes. A dish whose recipe was removed is not on the menu any more; one whose version was
 * removed is taken in its newest.
 *
 * @throws DomainError not-found
 */
export async function feastPage(s: Scope, id: string): Promise<FeastWithRecipes> {
  const found = await FEASTS.find(s, id);
  if (found === null || found.removed) throw notFound('feast');
  const feast = found.document;
  const there = await s.db
    .selectFrom('recipe')
    .select('id')
    .where('household_id', '=', s.householdId)
    .where('removed_at', 'is', null)
    .where(
      'id',
      'in',
      feast.dishes.map((d) => d.recipeId),
    )
    .execute();
  const known = feast.dishes.filter((d) => there.some((r) => r.id === d.recipeId));
  const pages = await Promise.all(known.map((d) => recipePage(s, d.recipeId)));
  const dishes = known.map((d, i): FeastDish => {
    const { versions } = pages[i]!;
    return versions.some((v) => v.id === d.versionId) ? d : { ...d, versionId: versions[versions.length - 1]!.id };
  });
  const foods = await foodsByRevision(s, feast.bought);
  // What was bought stands on the menu as long as its food is known.
  const bought = feast.bought.filter((b) => foods.has(revisionKey(b.foodId, b.revision)));
  return { feast: { ...feast, dishes, bought }, pages, foods: [...foods.values()] };
}

/** A feast counted by the same engine: every eater's whole plate, and what one serving of each dish has. */
export async function countedFeast(s: Scope, id: string): Promise<Sendable<FeastCounted>> {
  const { feast, pages } = await feastPage(s, id);
  const table = await tableOf(s);
  const counting = countersAt(table);
  const versions = [
    ...feast.dishes.map((d, i) => pages[i]!.versions.find((v) => v.id === d.versionId)!),
    ...feast.bought.map(boughtAsDish),
  ];
  const titles = [...pages.map((p) => p.recipe.title), ...feast.bought.map((b) => b.text)];
  const { plates, ...rest } = countFeast(
    [...feast.dishes, ...feast.bought].map((d, i) => ({
      version: versions[i]!,
      portions: counting.map((c) => portionOf(d, c.eater.id)),
    })),
    await kitchenFor(s, versions),
    counting.map((c) => c.counter),
  );
  return {
    ...rest,
    plates: plates.map((p, i) => ({
      ...p,
      eater: counting[i]!.eater.name,
      mark: counting[i]!.program.mark,
      dishes: p.dishes.map((d, n) => ({ title: titles[n]!, count: d })),
    })),
  };
}

/** A dish of a feast that a found way changes: its new version, and what the way does in it. */
export interface TakenDish {
  readonly version: Version;
  readonly entry: Entry<Change>;
}

/**
 * Takes a way that was found for a feast: a version of each dish that it changes, and the menu with these versions, all
 * or nothing.
 */
export function takeForFeast(
  scope: Scope,
  id: string,
  on: MadeOn,
  entry: Entry<FieldChange>,
  dishes: readonly TakenDish[],
): Promise<KeptDocument<Feast, FieldChange>> {
  return write(scope, async (s) => {
    for (const dish of dishes) {
      await makeDocument(s, VERSIONS, dish.version.id, dish.version);
      await appendEntry(s, VERSIONS, dish.version.id, dish.entry, { exactly: 0 });
    }
    return appendEntry(s, FEASTS, id, entry, on);
  });
}
