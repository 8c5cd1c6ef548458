import { same } from '../history/same.ts';
import type { Line } from './version.ts';

/** Whether two lines were read as the same: the same food in the same revision, the same amount of a recipe, nothing. */
export const sameFood = (a: Pick<Line, 'food'> | undefined, b: Pick<Line, 'food'>): boolean =>
  a !== undefined && same(a.food, b.food);
