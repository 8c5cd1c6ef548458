import { cookedYield } from '../food/cooked-yield.ts';
import { countsNothing, type Food, hasOnlySodium } from '../food/food.ts';
import {
  type FoodIndex,
  type FoodMatch,
  foodAnswered,
  foodNamed,
  isNameOf,
  matchFood,
  SURE,
} from '../food/match-food.ts';
import type { MeasureSystem } from '../quantity/measure-system.ts';
import { unitNamed } from '../quantity/units.ts';
import { readLine } from '../reading/read-line.ts';
import type { Reading } from '../reading/reading.ts';
import { type LineFood, RIGHT, type TakenFood } from './line-food.ts';
import {
  addedWord,
  isGroundFresh,
  isOfDish,
  lostWord,
  otherAnimal,
  otherFood,
  otherHead,
  unknownWords,
  withTellingNote,
} from './lost-words.ts';
import { otherFoodInNote } from './other-food-in-note.ts';
import { needsNoAmount, weighLine } from './weigh.ts';
import type { Weight } from './weight.ts';

/** A line read, matched and weighed. */
export interface Ingredient {
  readonly reading: Reading;
  readonly matches: readonly FoodMatch[];
  readonly food: LineFood;
  readonly taken: TakenFood | null;
  readonly weight: Weight | null;
  /** How sure reading and match are together, 0 to 1. */
  readonly confidence: number;
  readonly warnings: readonly string[];
}

/**
 * Reads an ingredient line, matches it to a food and weighs it. Below SURE, or without a weight, the line is an open
 * question and its candidates stand in `matches`.
 */
export function readIngredient(
  text: string,
  group: string | null,
  index: FoodIndex,
  system: MeasureSystem,
): Ingredient {
  const reading = readLine(text, group);
  // "½ teaspoon each cinnamon and nutmeg" counts its first food; resolveReading says so.
  const item = reading.modifiers.includes('each') ? reading.item.split(/,| and /)[0]! : reading.item;
  const matches = /[a-z]/i.test(item) && item.length <= 120 ? matchItem(index, item, reading) : [];
  const read = { ...resolveReading(reading, matches, system), matches };
  const other = read.taken === null ? null : otherFoodInNote(reading, matches[0]!.food, index);
  if (other === null) return read;
  const words = `"${other}" is another food: give it a line of its own. This one counts ${matches[0]!.food.name} only.`;
  return { ...read, warnings: [words, ...read.warnings] };
}

/** A food that knows nothing of a telling word of the line is asked about. */
const ASK = SURE - 0.05;
const FULL_NAME = 0.96;
/** From here on a match has the whole name, and no word of the line makes another thing of it. */
const WHOLE_NAME = 0.9;

/** Parts of a note that say how the food is prepared, and not which food it is. */
const SAYS_HOW =
  /\b(?:chopped|diced|sliced|crushed|cubed|grated|shredded|melted|softened|peeled|halved|quartered|mashed|beaten|crumbled|whipped|in (?:rings|slices|chunks|cubes|strips|halves|quarters|pieces))\b/i;
/** How notes say that a food comes without its skin. */
const WITHOUT_SKIN = /\b(?:skins?|skin and bones?) (?:removed|off|discarded)\b|\bwithout (?:the )?skin\b/gi;

/**
 * The food that the item names together with words behind the comma: "chicken thighs, boneless skinless", "rice, brown,
 * cooked", "apricots, dried, chopped". As many parts of the note as make a name are taken, from the first; then each
 * alone. "Tomatoes, chopped" are not the chopped tomatoes of a can: preparation counts only inside a food's own name.
 */
function namedWithNote(index: FoodIndex, item: string, note: string): Food | null {
  const parts = note
    .replace(WITHOUT_SKIN, 'skinless')
    .split(/[;,]/)
    .map((n) => n.trim())
    .filter((n) => n !== '' && n.length < 60)
    .slice(0, MOST_PARTS);
  const tries = [...parts.map((_, i) => parts.slice(0, parts.length - i)), ...parts.slice(1).map((p) => [p])];
  for (const said of tries) {
    const text = [item, ...said].join(' ');
    const found = foodNamed(index, text);
    if (found !== null && (!said.some((s) => SAYS_HOW.test(s)) || isNameOf(found, text))) return found;
  }
  return null;
}
/** More parts than these are no longer a name. */
const MOST_PARTS = 5;

/**
 * Words outside the item that name the food better, where the pantry has it by that name: "1 tin tomatoes" means the
 * tinned ones, "ham, lean" the lean one, and slices of bacon cooked and crumbled weigh and count as cooked.
 */
function matchItem(index: FoodIndex, item: string, reading: Reading): FoodMatch[] {
  const answered = foodAnswered(index, rememberedWords(reading));
  if (answered !== null) {
    const others = matchFood(index, item, reading.note).filter((m) => m.food !== answered);
    return [{ food: answered, confidence: 1, asLastTime: true }, ...others];
  }
  // First with the note: "½ can coconut milk, light" is the light one.
  const named = reading.note === null ? null : namedWithNote(index, item, reading.note);
  if (named !== null) {
    const others = matchFood(index, item, reading.note).filter((m) => m.food !== named);
    return [{ food: named, confidence: 1 }, ...others];
  }
  const better = [
    ...(reading.unit === 'can' ? [`canned ${item}`] : []),
    ...(isCookedSlices(reading) ? [`cooked ${item}`] : []),
  ];
  for (const name of better) {
    const found = matchFood(index, name, reading.note);
    if ((found[0]?.confidence ?? 0) >= FULL_NAME) return found;
  }
  const told = withTellingNote(item, reading.note);
  const isFood = (word: string): boolean => index.byKey.has(word);
  const isWholly = (food: Food): boolean =>
    lostWord(told, food) === null &&
    !isOfDish(item, food) &&
    !isGroundFresh(reading.note, food) &&
    otherFood(item, food, isFood) === null;
  const isSame = (food: Food): boolean =>
    otherHead(item, food) === null && otherAnimal(item, food) === null && addedWord(told, food) === null;
  const plain = matchFood(index, item, reading.note).map((m) =>
    isWholly(m.food) && (m.confidence >= WHOLE_NAME || isSame(m.food))
      ? m
      : { ...m, confidence: Math.min(m.confidence, ASK) },
  );
  plain.sort((a, b) => b.confidence - a.confidence);
  // "2 cups cooked bulgur", where the pantry has bulgur dry only: that one, weighed as cooked.
  const bare = /^(?:cooked|boiled) (.+)$/i.exec(item)?.[1];
  if (bare !== undefined && (plain[0]?.confidence ?? 0) < FULL_NAME) {
    const dry = matchFood(index, bare, reading.note);
    const kin = (f: Food | undefined) => f?.id.split('-')[0];
    const known = plain[0]?.food.state === 'cooked' && kin(plain[0].food) === kin(dry[0]?.food);
    if (!known && (dry[0]?.confidence ?? 0) >= FULL_NAME && cookedYield(dry[0]!.food) !== null) return dry;
  }
  return plain;
}

/**
 * The words for which an answer is remembered: the food of the line with what of its note says which food it is, and
 * neither amount nor preparation.
 */
export const rememberedWords = (reading: Pick<Reading, 'item' | 'note'>): string =>
  withTellingNote(reading.item, reading.note).trim();

const isCookedSlices = (reading: Reading): boolean =>
  ['slice', 'rasher', 'strip'].includes(reading.unit ?? '') && /^(?:crisp-)?cooked\b/i.test(reading.note ?? '');

const isVolume = (unit: string | null): boolean => unit !== null && unitNamed(unit)?.kind === 'volume';

/** Decides food and weight for a reading from its candidates, or from the food the cook chose. */
export function resolveReading(
  reading: Reading,
  matches: readonly FoodMatch[],
  system: MeasureSystem,
): Omit<Ingredient, 'matches'> {
  const best = matches[0];
  const warnings = [...reading.warnings];
  if (best === undefined || best.confidence < SURE) {
    return {
      reading,
      food: { kind: 'open' },
      taken: null,
      weight: null,
      confidence: Math.min(reading.confidence, best?.confidence ?? 0),
      warnings,
    };
  }
  const taken: TakenFood = {
    confidence: best.confidence,
    standIn: best.confidence < RIGHT ? unknownWords(reading.item, best.food) : null,
    asLastTime: best.asLastTime ?? false,
  };
  const confidence = Math.min(reading.confidence + (reading.quantity === null ? 0.3 : 0), best.confidence);
  if (countsNothing(best.food)) {
    // Water counts nothing but weighs: the portion's weight needs it. Salt that is measured counts by its sodium.
    const { weight, warnings: weighing } = weighLine(reading, best.food, system);
    if (weight !== null && hasOnlySodium(best.food)) {
      const { id, revision } = best.food;
      return {
        reading,
        food: { kind: 'food', foodId: id, revision },
        taken,
        weight,
        confidence,
        warnings: [...warnings, ...weighing],
      };
    }
    return {
      reading,
      food: {
        kind: 'nothing',
        why: hasOnlySodium(best.food)
          ? 'no points; without an amount its sodium is not counted'
          : `${best.food.name} has nothing to count`,
      },
      taken,
      weight,
      confidence,
      warnings,
    };
  }
  if (needsNoAmount(reading, best.food)) {
    const why = reading.modifiers.includes('to taste') ? 'to taste' : 'no amount given, too little to count';
    const { id: foodId, revision } = best.food;
    const food = { kind: 'nothing', why, is: { foodId, revision } } as const;
    return { reading, food, taken, weight: null, confidence, warnings };
  }
  if (reading.modifiers.includes('each') && / and /.test(reading.item)) {
    warnings.push(`"Each" names several foods; this line counts ${best.food.name}. Add a line for the others.`);
  }
  if (best.food.state === 'dry' && /^cooked\b/i.test(reading.note ?? '') && isVolume(reading.unit)) {
    warnings.push(
      `Measured dry and then cooked, or measured cooked? It counts as dry; cooked it is about a third. Choose "${best.food.name}, cooked" if it was measured cooked.`,
    );
  }
  const { weight, warnings: weighing } = weighLine(reading, best.food, system);
  return {
    reading,
    food: { kind: 'food', foodId: best.food.id, revision: best.food.revision },
    taken,
    weight,
    confidence,
    warnings: [...warnings, ...weighing],
  };
}
