import type { Food } from '../food/food.ts';
import type { Version } from './version.ts';

/** How foods and other recipes are found by id. Null when there is none. */
export interface Kitchen {
  food(id: string, revision: number): Food | null;
  version(id: string): Version | null;
}

/**
 * A kitchen of these foods and versions.
 *
 * @param foods in every revision that a line may name; of several with one id and revision the last holds
 */
export function kitchenOf(foods: Iterable<Food>, versions: Iterable<Version> = []): Kitchen {
  const byRevision = new Map<string, Food>();
  for (const f of foods) byRevision.set(`${f.id}@${f.revision}`, f);
  const byId = new Map<string, Version>();
  for (const v of versions) byId.set(v.id, v);
  return {
    food: (id, revision) => byRevision.get(`${id}@${revision}`) ?? null,
    version: (id) => byId.get(id) ?? null,
  };
}

/** A kitchen with the newest of a food where it has not the revision: what a swap brings in is named by nobody yet. */
export const withNewest = (kitchen: Kitchen, newest: (id: string) => Food | null): Kitchen => ({
  food: (id, revision) => kitchen.food(id, revision) ?? newest(id),
  version: kitchen.version,
});
