import type { FoodIndex } from '../food/match-food.ts';
import type { MeasureSystem } from '../quantity/measure-system.ts';
import { readIngredient } from '../weighing/read-ingredient.ts';
import { likelyGrams } from '../weighing/spread.ts';

/** A thing that was typed into a day. */
export type TypedThing =
  | {
      readonly kind: 'food';
      readonly words: string;
      readonly foodId: string;
      readonly grams: number;
      readonly low: number;
      readonly high: number;
    }
  | { readonly kind: 'known'; readonly words: string; readonly points: number }
  /** Not understood: it waits for an answer, and nothing is taken for it. */
  | { readonly kind: 'unread'; readonly words: string };

const POINTS = String.raw`(\d+(?:[.,]\d+)?|\d*½)\s*(?:points?|pts?)\b`;
const POINTS_FIRST = new RegExp(`^${POINTS}[\\s:,–-]*(?:of |for )?(.*)$`, 'i');
const POINTS_LAST = new RegExp(`^(.+?)[\\s,:–-]+${POINTS}\\.?$`, 'i');
const pointsRead = (said: string): number =>
  said.endsWith('½') ? Number(said.slice(0, -1) || 0) + 0.5 : Number(said.replace(',', '.'));

/**
 * Reads what is typed into a day: "2 eggs, 1 tbsp oil" is two things, "1 onion, chopped" one, "5 points" points that are
 * known.
 */
export function readTyped(text: string, index: FoodIndex, system: MeasureSystem): TypedThing[] {
  const whole = text.trim();
  if (whole === '') return [];
  const known = knownPoints(whole);
  if (known !== null) return [known];
  return piecesOf(whole, index, system).map((words) => knownPoints(words) ?? readThing(words, index, system));
}

function knownPoints(text: string): TypedThing | null {
  const first = POINTS_FIRST.exec(text);
  if (first !== null)
    return { kind: 'known', points: pointsRead(first[1]!), words: first[2]!.trim() || `${first[1]!} points` };
  const last = POINTS_LAST.exec(text);
  // "2 eggs, cake 7 points" are two things.
  if (last === null || last[1]!.includes(',')) return null;
  return { kind: 'known', points: pointsRead(last[2]!), words: last[1]!.trim() };
}

/** The things in it: what is no thing by itself belongs to the one before. */
function piecesOf(text: string, index: FoodIndex, system: MeasureSystem): string[] {
  const pieces: string[] = [];
  for (const part of text.split(/\s*[;\n+]\s*|\s*,\s+|\s+and\s+(?=(?:\d|[½¼¾⅓⅔]|an?\s))/).filter(Boolean)) {
    const last = pieces.at(-1);
    if (last !== undefined && !beginsThing(part, index, system)) pieces[pieces.length - 1] = `${last}, ${part}`;
    else pieces.push(part);
  }
  return pieces;
}

const beginsThing = (part: string, index: FoodIndex, system: MeasureSystem): boolean =>
  /^(?:\d|[½¼¾⅓⅔]|an?\s|some\s)/i.test(part) || readThing(part, index, system).kind === 'food';

function readThing(words: string, index: FoodIndex, system: MeasureSystem): TypedThing {
  const read = readIngredient(words, null, index, system);
  const food = read.food.kind === 'food' ? read.matches[0]?.food : undefined;
  if (food === undefined || read.weight === null) return { kind: 'unread', words };
  const { low, high } = likelyGrams(read.weight, food, read.reading.unit);
  const grams = read.weight.grams;
  return { kind: 'food', words, foodId: food.id, grams, low: Math.min(low, grams), high: Math.max(high, grams) };
}
