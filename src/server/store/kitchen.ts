import { formatOf, upgraded } from '../../contract/formats.ts';
import { VersionSchema } from '../../contract/version.ts';
import { DEEPEST } from '../../core/version/inner-recipes.ts';
import { type Kitchen, kitchenOf } from '../../core/version/kitchen.ts';
import type { Version } from '../../core/version/version.ts';
import { foodOfLineFood } from '../../core/weighing/line-food.ts';
import type { RowOf } from '../db/schema.ts';
import { foodsByRevision } from './foods.ts';
import type { Scope } from './scope.ts';
import { readable, toJson } from './stored.ts';

/** @throws ZodError for a row that cannot be read */
export const versionOf = (r: RowOf<'version'>): Version =>
  VersionSchema.parse(
    upgraded(
      'version',
      {
        id: r.id,
        recipeId: r.recipe_id,
        parentId: r.parent_id,
        kind: r.kind,
        name: r.name,
        servings: r.servings,
        dish: r.dish,
        madeFor: r.made_for,
        lines: JSON.parse(r.lines),
        steps: JSON.parse(r.steps),
        revision: r.revision,
      },
      Number(r.v),
    ),
  );

export const versionRow = (s: Scope, v: Version, now: string) => ({
  id: v.id,
  household_id: s.householdId,
  recipe_id: v.recipeId,
  parent_id: v.parentId,
  kind: v.kind,
  name: v.name,
  servings: v.servings,
  dish: v.dish,
  made_for: v.madeFor,
  lines: toJson(v.lines),
  steps: toJson(v.steps),
  v: formatOf('version'),
  revision: v.revision,
  created_at: now,
});

export const versionRowName = (r: Pick<RowOf<'version'>, 'id'>): string => `version ${r.id}`;

/** The versions of other recipes that these take from, and those that they take from. */
export async function innerVersions(s: Scope, versions: readonly Version[]): Promise<Version[]> {
  const found = new Map<string, Version>();
  let layer: readonly Version[] = versions;
  for (let depth = 0; depth < DEEPEST && layer.length > 0; depth++) {
    const ids = layer
      .flatMap((v) => v.lines)
      .flatMap((l) => (l.food.kind === 'recipe' ? [l.food.versionId] : []))
      .filter((id) => !found.has(id));
    if (ids.length === 0) break;
    const rows = await s.db
      .selectFrom('version')
      .selectAll()
      .where('household_id', '=', s.householdId)
      .where('removed_at', 'is', null)
      .where('id', 'in', [...new Set(ids)])
      .execute();
    layer = readable(rows, versionRowName, versionOf);
    for (const v of layer) found.set(v.id, v);
  }
  return [...found.values()];
}

/** Everything that these versions count with, loaded. */
export async function kitchenFor(s: Scope, versions: readonly Version[]): Promise<Kitchen> {
  const inner = new Map((await innerVersions(s, versions)).map((v) => [v.id, v]));
  const refs = [...versions, ...inner.values()].flatMap((v) => v.lines).flatMap((l) => foodOfLineFood(l.food) ?? []);
  const foods = await foodsByRevision(s, refs);
  return kitchenOf(foods.values(), inner.values());
}
