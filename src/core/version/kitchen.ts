import type { Food } from '../food/food.ts';
import type { Version } from './version.ts';

/** How foods and other recipes are found by id. Null when there is none. */
export interface Kitchen {
  food(id: string, revision: number): Food | null;
  version(id: string): Version | null;
}
