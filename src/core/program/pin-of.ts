import type { Food } from '../food/food.ts';
import type { Counter, Pin } from './program.ts';

/** What the cook knows of a food under the program that counts; null when its rule and its list decide. */
export const pinOf = (counter: Counter, food: Pick<Food, 'id'>): Pin | null =>
  counter.pins.find((p) => p.foodId === food.id && p.programId === counter.program.id) ?? null;
