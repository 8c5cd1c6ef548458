import { dishKindOf } from '../dish/dish-kind.ts';
import { isNamedAfter } from '../dish/named-after.ts';
import { sentencesNaming, useOfLine } from '../dish/technique.ts';
import type { Food } from '../food/food.ts';
import type { DishKind, Technique } from '../version/dish-words.ts';
import type { Line, Version } from '../version/version.ts';
import type { Swap, SwapMethod } from './swap.ts';
import type { SwapCondition } from './swap-condition.ts';

/** What the conditions of swaps are held against: a line in its dish. */
export interface LineInDish {
  readonly dish: DishKind;
  readonly technique: Technique | null;
  readonly hasSteps: boolean;
  /** Title, line and all steps, in small letters. */
  readonly words: string;
  /** Title, line and the sentences that name the line, in small letters. */
  readonly ownWords: string;
  readonly foods: readonly Food[];
  readonly named: boolean;
}

/** A line as the conditions of swaps ask for it. */
export function lineInDish(line: Line, version: Version, food: (id: string) => Food | null, title: string): LineInDish {
  const dish = dishKindOf(version, title, food);
  const own = line.food.kind === 'food' ? food(line.food.foodId) : null;
  const said = `${title}\n${line.text}`.toLowerCase();
  return {
    dish,
    technique: useOfLine(line, version, dish, food).technique,
    hasSteps: version.steps.length > 0,
    words: `${said}\n${version.steps.map((s) => s.text.toLowerCase()).join('\n')}`,
    ownWords: `${said}\n${sentencesNaming(line, version, own)
      .map((s) => s.text)
      .join('\n')}`,
    foods: version.lines.flatMap((l) => {
      const f = l.food.kind === 'food' && !l.leftOut ? food(l.food.foodId) : null;
      return f === null ? [] : [f];
    }),
    named: isNamedAfter(title, line, version),
  };
}

/** Whether words have this one, or one that begins with it. */
function hasWord(words: string, word: string): boolean {
  for (let at = words.indexOf(word); at !== -1; at = words.indexOf(word, at + 1))
    if (at === 0 || !/\p{L}/u.test(words[at - 1]!)) return true;
  return false;
}

/** Whether a condition is so for a line in its dish. */
function isSo(c: SwapCondition, at: LineInDish, words: string): boolean {
  switch (c.kind) {
    case 'dish':
      return at.dish === c.dish;
    case 'technique':
      return at.technique === c.technique;
    case 'word':
      return hasWord(words, c.word);
    case 'with':
      return at.foods.some((f) => f.kinds.includes(c.food));
    case 'named':
      return at.named;
  }
}

/**
 * Whether a swap holds for a line in its dish. Where a recipe has no steps, nobody knows what is done with the line: then
 * only words, foods beside it, and what forbids it keep it out.
 */
export function holdsIn(swap: Pick<Swap, 'fits' | 'refuses'>, at: LineInDish): boolean {
  const { fits = [], refuses = [] } = swap;
  if (refuses.some((c) => isSo(c, at, at.ownWords))) return false;
  if (fits.length === 0) return true;
  if (!at.hasSteps && fits.some((c) => c.kind === 'technique' || c.kind === 'dish')) return true;
  return fits.some((c) => isSo(c, at, at.words));
}

/** What a swap changes in the method of this dish; null where nothing does. */
export function methodIn(swap: Pick<Swap, 'method' | 'methods'>, at: LineInDish): SwapMethod | null {
  const {
    methods = swap.method === null
      ? []
      : [{ at: [], text: swap.method, place: 'before', takesOver: false, instead: null }],
  } = swap;
  return methods.find((m) => m.at.length === 0 || m.at.some((c) => isSo(c, at, at.words))) ?? null;
}
