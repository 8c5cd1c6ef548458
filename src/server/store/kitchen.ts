import { VersionSchema } from '../../contract/version.ts';
import { DEEPEST, type Kitchen } from '../../core/recipe/resolve-lines.ts';
import type { Version } from '../../core/recipe/version.ts';
import type { Db } from '../db/open.ts';
import type { Database } from '../db/schema.ts';
import { foodsByRevision } from './foods.ts';

export const versionOf = (r: Database['version']): Version =>
  VersionSchema.parse({
    id: r.id,
    recipeId: r.recipe_id,
    parentId: r.parent_id,
    kind: r.kind,
    name: r.name,
    servings: r.servings,
    lines: JSON.parse(r.lines),
    steps: JSON.parse(r.steps),
    revision: r.revision,
  });

/** The versions of other recipes that these take from, and those that they take from. */
export async function innerVersions(db: Db, versions: readonly Version[]): Promise<Version[]> {
  const found = new Map<string, Version>();
  let layer: readonly Version[] = versions;
  for (let depth = 0; depth < DEEPEST && layer.length > 0; depth++) {
    const ids = layer
      .flatMap((v) => v.lines)
      .flatMap((l) => (l.food.kind === 'recipe' ? [l.food.versionId] : []))
      .filter((id) => !found.has(id));
    if (ids.length === 0) break;
    const rows = await db
      .selectFrom('version')
      .selectAll()
      .where('id', 'in', [...new Set(ids)])
      .execute();
    layer = rows.map(versionOf);
    for (const v of layer) found.set(v.id, v);
  }
  return [...found.values()];
}

/** Everything that these versions count with, loaded. */
export async function kitchenFor(db: Db, versions: readonly Version[]): Promise<Kitchen> {
  const inner = await innerVersions(db, versions);
  const refs = [...versions, ...inner].flatMap((v) => v.lines).flatMap((l) => (l.food.kind === 'food' ? [l.food] : []));
  const foods = await foodsByRevision(db, refs);
  return {
    food: (id, revision) => foods.get(`${id}@${revision}`) ?? null,
    version: (id) => inner.find((v) => v.id === id) ?? null,
  };
}
