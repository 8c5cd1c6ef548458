import { addDays, format, parseISO } from 'date-fns';
import type { Food } from '../food/food.ts';
import type { BoxPlace, CookAs } from './cook.ts';
import { rawStorageOf } from './raw-kit.ts';
import type { StorageLimit } from './storage-limit.ts';

const FREEZER: StorageLimit = {
  days: 90,
  words: 'Frozen it stays safe; it is at its best for 3 to 4 months.',
  source: 'USDA FSIS',
};
const FRIDGE: StorageLimit = { days: 3, words: 'Eat within 3 to 4 days, or freeze.', source: 'USDA FSIS' };
const RICE: StorageLimit = { days: 1, words: 'Cooked rice: eat within a day, or freeze.', source: 'UK FSA' };

/** Cooked rice keeps shorter than all else. */
export const isRice = (f: Food): boolean => /^rice, |\brice, (?:white|brown)/i.test(f.name);

/** The published limit for a dish of these foods: of several the shortest. */
export function storageOf(place: BoxPlace, foods: readonly Food[]): StorageLimit {
  if (place === 'freezer') return FREEZER;
  return foods.some(isRice) ? RICE : FRIDGE;
}

/** The published limit for a box, cooked or raw. */
export const limitOf = (as: CookAs, place: BoxPlace, foods: readonly Food[]): StorageLimit =>
  as === 'kits' ? rawStorageOf(place, foods) : storageOf(place, foods);

/** The last day on which a box should be eaten, or a kit cooked. @param packed YYYY-MM-DD */
export const keepUntil = (packed: string, as: CookAs, place: BoxPlace, foods: readonly Food[]): string =>
  format(addDays(parseISO(packed), limitOf(as, place, foods).days), 'yyyy-MM-dd');

const SAYS_KEEPS =
  /\b(?:keeps?|stores?|stored|lasts?|good)\b[^.!?\n]{0,50}?\b(?:(a|one|two|three|\d{1,2})\s+(days?|weeks?))\b[^.!?\n]*/i;
const NUMBERS: Readonly<Record<string, number>> = { a: 1, one: 1, two: 2, three: 3 };
const MOST_DAYS = 4;

/** What to tell of a recipe that says that it keeps longer in a fridge than is published; null where it does not. */
export function keepsTooLong(text: string): string | null {
  const said = SAYS_KEEPS.exec(text);
  if (said === null || /freez/i.test(said[0])) return null;
  const many = NUMBERS[said[1]!.toLowerCase()] ?? Number(said[1]);
  const days = many * (said[2]!.toLowerCase().startsWith('week') ? 7 : 1);
  if (days <= MOST_DAYS) return null;
  return `The recipe says that it keeps ${said[1]!.toLowerCase()} ${said[2]!.toLowerCase()}. Published advice for leftovers is 3 to 4 days in the fridge (USDA FSIS).`;
}
