import type { Food } from './food.ts';
import { foodWords, isNoise } from './food-words.ts';
import { nearestWord } from './nearest-word.ts';
import { nameFit } from './rank-foods.ts';

export interface FoodMatch {
  readonly food: Food;
  /** 0 to 1. From SURE on it is taken without asking. */
  readonly confidence: number;
  /** The cook answered so for the same words before. */
  readonly asLastTime?: boolean;
}

/**
 * Below this the cook is asked: lower, and another food is taken in silence; higher, and the cook is asked about foods
 * that are plainly named. Set by hand, with {@link SCORE}, on the lines of `tests/data`.
 */
export const SURE = 0.68;

/**
 * How sure a name in common is. All of them are set by hand on the same lines; there is no source for them, and what
 * they are worth is what the tests over those lines say.
 */
const SCORE = {
  /** A name of all the words but those that only describe. */
  content: 0.96,
  /** What of the line the name covers counts more than what the name adds: "onion" is no "onion soup". */
  covered: 0.62,
  exact: 0.38,
  /** The last word is usually the food itself: "tomato soup" is a soup. */
  head: 0.04,
  /** No name in part is as sure as a whole one. */
  most: 0.95,
  /** The line says raw, cooked, dry …, and the food is. */
  agrees: 0.05,
  /** It says cooked, and the food is raw or dry: weighed otherwise, but often the same food. */
  cookedOfRaw: 0.1,
  /** It says dry, and the food is not. */
  dryOfOther: 0.08,
  /** It says nothing, and the food is a cooked one. */
  cookedUnasked: 0.05,
  /** A word had to be put right. */
  mended: 0.08,
} as const;

interface IndexedName {
  readonly food: Food;
  readonly words: readonly string[];
  readonly key: string;
}

/** Foods prepared for matching: build once for a pantry. */
export interface FoodIndex {
  readonly foods: readonly Food[];
  readonly names: readonly IndexedName[];
  readonly byKey: ReadonlyMap<string, Food>;
  /** Foods by the words for which the household answered. */
  readonly byAnswer: ReadonlyMap<string, Food>;
  readonly byWord: ReadonlyMap<string, readonly number[]>;
  readonly weightOf: (word: string) => number;
}

const wordsKey = (words: readonly string[]): string => [...new Set(words)].sort().join(' ');

/** Builds the index of names and synonyms. Later foods do not take a name from earlier ones; own foods go first. */
export function indexFoods(foods: readonly Food[]): FoodIndex {
  const names: IndexedName[] = [];
  const byKey = new Map<string, Food>();
  const byWord = new Map<string, number[]>();
  const byAnswer = new Map<string, Food>();
  for (const food of foods) for (const name of food.ownNames ?? []) byAnswer.set(wordsKey(foodWords(name)), food);
  for (const [key, food] of byAnswer) byKey.set(key, food);
  for (const food of foods) {
    for (const name of [food.name, ...food.synonyms]) {
      const words = [...new Set(foodWords(name))];
      if (words.length === 0) continue;
      const key = wordsKey(words);
      if (!byKey.has(key)) byKey.set(key, food);
      for (const w of words) {
        let list = byWord.get(w);
        if (!list) byWord.set(w, (list = []));
        list.push(names.length);
      }
      names.push({ food, words, key });
    }
  }
  const total = names.length;
  const weightOf = (word: string): number => {
    const known = byWord.get(word)?.length ?? 0;
    const rare = Math.log(1 + total / (1 + known));
    return isNoise(word) ? rare * 0.15 : rare;
  };
  return { foods, names, byKey, byAnswer, byWord, weightOf };
}

/**
 * The food that has exactly these words for a name or synonym, in any order; null when none has.
 *
 * @example foodNamed(index, 'onion, red')?.id // 'onion-red', as for 'red onion'
 */
export const foodNamed = (index: FoodIndex, text: string): Food | null =>
  index.byKey.get(wordsKey(foodWords(text))) ?? null;

/** The food that the household answered with for exactly these words; null when it never did. */
export const foodAnswered = (index: FoodIndex, text: string): Food | null =>
  index.byAnswer.get(wordsKey(foodWords(text))) ?? null;

/** Whether a text has the words of a food's name, and not of a synonym. */
export const isNameOf = (food: Food, text: string): boolean =>
  wordsKey(foodWords(text)) === wordsKey(foodWords(food.name));

const STATE_WORDS: Readonly<Record<string, Food['state']>> = {
  cooked: 'cooked',
  boiled: 'cooked',
  roasted: 'cooked',
  dried: 'dry',
  dry: 'dry',
  canned: 'canned',
  tinned: 'canned',
  frozen: 'frozen',
  drained: 'drained',
};

/** Tools that stand among ingredients, and in names of foods: alone they are no food. */
const TOOLS = new Set(['skewer', 'toothpick', 'foil', 'parchment', 'stick']);
const TOOL_AT_MOST = 0.5;

/** The word as the pantry spells it. */
const spelled = (index: FoodIndex, word: string): string =>
  index.byWord.has(word) || isNoise(word) ? word : (nearestWord(word, index.byWord.keys()) ?? word);

const GRADED_MEAT = /chuck|beef|turkey|pork|chicken|lamb|veal|meat|mince|hamburger/i;
const GRADE = /(\d{1,2})\s?% fat\b(?![- ]free)|\b(\d{2})\s?%(?: lean)?|\b(\d{2})\/\d{1,2}\b/;

/** How lean ground meat is said to be, in percent: "93% lean", "80/20", "5 % fat"; null when nothing says so. */
function leanGrade(text: string): number | null {
  const m = GRADE.exec(text);
  if (m === null) return null;
  return m[1] !== undefined ? 100 - Number(m[1]) : Number(m[2] ?? m[3]);
}

/** The ground meat of the same animal that is nearest to a grade. */
function ofGrade(index: FoodIndex, food: Food, grade: number): Food {
  const kind = /^(.*), (\d{2}) % lean$/.exec(food.name);
  if (kind === null) return food;
  const off = (f: Food): number => {
    const m = /^(.*), (\d{2}) % lean$/.exec(f.name);
    return m !== null && m[1] === kind[1] ? Math.abs(Number(m[2]) - grade) : Number.POSITIVE_INFINITY;
  };
  return index.foods.reduce((best, f) => (off(f) < off(best) ? f : best), food);
}

/**
 * The foods that an item may mean, best first. A full match of a name or synonym is sure; else the words in common
 * decide, weighted by how rare they are, and words of state (raw, cooked, dry, drained) pull towards their foods.
 *
 * @param note the preparation note of the line: "drained", "cooked and crumbled", "93 % lean".
 * @example matchFood(index, 'boneless, skinless chicken breasts')[0]?.food.id // 'chicken-breast'
 */
export function matchFood(index: FoodIndex, item: string, note: string | null = null, most = 8): FoodMatch[] {
  const grade = leanGrade(`${item} ${note ?? ''}`);
  const plain = item.replace(GRADE, ' ');
  const typed = foodWords(grade !== null && /[a-z]/i.test(plain) && GRADED_MEAT.test(item) ? plain : item);
  const words = typed.map((w) => spelled(index, w));
  const doubt = words.every((w, i) => w === typed[i]) ? 0 : SCORE.mended;
  const noteWords = foodWords(note ?? '');
  const content = words.filter((w) => !isNoise(w));
  const best = new Map<Food, number>();
  const put = (food: Food, confidence: number) => {
    if (confidence > (best.get(food) ?? 0)) best.set(food, confidence);
  };
  for (const [list, confidence] of [
    [words, 1],
    [content, SCORE.content],
  ] as const) {
    if (list.length === 0) continue;
    const exact = index.byKey.get(wordsKey(list));
    if (exact) put(exact, confidence);
  }
  const query = content.length > 0 ? [...new Set(content)] : [...new Set(words)];
  const queryWeight = query.reduce((s, w) => s + index.weightOf(w), 0);
  const state = [...words, ...noteWords].map((w) => STATE_WORDS[w]).find((s) => s !== undefined);
  const candidates = new Set<number>();
  for (const w of query) for (const i of index.byWord.get(w) ?? []) candidates.add(i);
  const head = query[query.length - 1];
  for (const i of candidates) {
    const name = index.names[i]!;
    let shared = 0;
    let nameWeight = 0;
    for (const w of name.words) {
      const weight = index.weightOf(w);
      nameWeight += weight;
      if (query.includes(w)) shared += weight;
    }
    const covered = shared / queryWeight;
    const exactness = shared / nameWeight;
    let score = SCORE.covered * covered + SCORE.exact * exactness;
    if (head !== undefined && name.words.includes(head)) score += SCORE.head;
    put(name.food, Math.min(SCORE.most, score * SCORE.most));
  }
  const ranked = [...best].map(([food, confidence]) => {
    let c = confidence;
    if (state !== undefined && confidence <= 1) {
      if (food.state === state) c = Math.min(1, c + SCORE.agrees);
      else if (
        state === 'cooked' &&
        (food.state === 'raw' || food.state === 'dry') &&
        words.some((w) => STATE_WORDS[w])
      )
        c -= SCORE.cookedOfRaw;
      else if (state === 'dry' && food.state !== 'dry' && food.state !== 'as is' && words.some((w) => STATE_WORDS[w]))
        c -= SCORE.dryOfOther;
    } else if (food.state === 'cooked' && confidence < SCORE.content) c -= SCORE.cookedUnasked;
    c -= doubt;
    if (words.every((w) => TOOLS.has(w))) c = Math.min(c, TOOL_AT_MOST);
    const graded = grade === null ? food : ofGrade(index, food, grade);
    return { food: graded, confidence: Math.max(0, Math.min(1, c)), order: c };
  });
  ranked.sort((a, b) => b.order - a.order || a.food.name.length - b.food.name.length);
  return ranked
    .slice(0, most)
    .map(({ food, confidence }) => ({ food, confidence: Math.round(confidence * 100) / 100 }));
}

/** Foods for a search box: every word must begin a word of a name or synonym; best-fitting and shortest first. */
export function searchFoods(index: FoodIndex, text: string, most = 12): Food[] {
  const words = foodWords(text);
  if (words.length === 0) return [];
  const scores = new Map<Food, number>();
  for (const name of index.names) {
    const fit = nameFit(words, name.words);
    if (fit > (scores.get(name.food) ?? 0)) scores.set(name.food, fit);
  }
  const found = [...scores].sort((a, b) => b[1] - a[1] || a[0].name.length - b[0].name.length).map(([f]) => f);
  if (found.length > 0) return found.slice(0, most);
  return matchFood(index, text, null, most).map((m) => m.food);
}
