import type { Food } from '../food/food.ts';
import { fold, foodWords, isNoise } from '../food/food-words.ts';
import { headOf, nameWords } from '../food/name-words.ts';

/**
 * Words that make another food of it, on which the points hang. Each stands for those that say the same: who says
 * "lite" means what another calls light.
 */
const TELLING: ReadonlyArray<readonly [word: string, says: RegExp]> = [
  ['fat-free', /\b(?:fat|non) ?free\b|\bnon ?fat\b|\bskim(?:med)?\b|\b0 ?%/],
  [
    'sugar-free',
    /\bsugar ?free\b|\bno (?:added )?sugar\b|\bsugarless\b|\bno sugar added\b|\bunsweetened\b|\bdiet\b|\bzero\b/,
  ],
  [
    'light',
    /\bli(?:ght|te)\b|\breduced\b(?! (?:sodium|salt|sugar))|\blow(?:er)? ?fat\b|\bless fat\b|\blean\b|\bpart skim\b|\b[12] ?%|\bhalf fat\b|\b\d{2} ?% fat free\b/,
  ],
  ['dried', /\bdried\b|\bdry\b|\bdehydrated\b/],
  ['skinless', /\bskinless\b/],
  ['whole-grain', /\bwhole ?(?:grain|wheat|meal)\b|\bwholegrain\b/],
  ['smoked', /\bsmoked\b/],
  ['candied', /\b(?:candied|crystalli[sz]ed|glac[eé])\b/],
  ['pickled', /\bpickled\b/],
];

const plainly = (text: string): string => fold(text).replace(/-/g, ' ');

/**
 * The telling word of a line that the food knows nothing of; null when it has all of them. Fat-free counts as light,
 * and what the food is by its state it need not say.
 *
 * @example lostWord('light whipped topping', creamyTopping) // 'light'
 */
export function lostWord(item: string, food: Pick<Food, 'name' | 'synonyms' | 'state'>): string | null {
  const said = plainly(item);
  for (const [word, says] of TELLING) {
    if (!says.test(said) || [food.name, ...food.synonyms].some((name) => says.test(plainly(name)))) continue;
    if (word === 'dried' && food.state === 'dry') continue;
    return word;
  }
  return null;
}

/**
 * A telling word that all names of the food have and the line has not: who writes "sour cream" means no light one. Null
 * for none.
 *
 * @example addedWord('sour cream', lightSourCream) // 'light'
 */
export function addedWord(item: string, food: Pick<Food, 'name' | 'synonyms'>): string | null {
  const said = plainly(item);
  const names = [food.name, ...food.synonyms].map(plainly);
  return TELLING.find(([, says]) => !says.test(said) && names.every((name) => says.test(name)))?.[0] ?? null;
}

/** A fresh herb that the line wants ground: that is the dried one, which the pantry may not have. */
export const isGroundFresh = (note: string | null, food: Pick<Food, 'kinds' | 'roles' | 'state'>): boolean =>
  /(?:^|; |, )ground$/i.test(note ?? '') &&
  food.state === 'raw' &&
  food.kinds.includes('veg') &&
  food.roles.includes('flavour');

/** Finished dishes: what is named so is a dish of its own, and none of its ingredients. */
const DISHES = new Set(
  'stew pudding bread cake soup casserole curry pie salad sandwich muffin cookie chili gratin goulash risotto'.split(
    ' ',
  ),
);

/** Heads that many things are: with another food before them they are another thing, apple butter no butter. */
const MANY_THINGS = new Set(['butter', 'milk', 'cream', 'curd', 'salt', 'syrup', 'cheese', 'yogurt']);
/** Foods that are hardly written alone and make another thing of what they stand before. */
const BEFORE_OTHERS = new Set(['coconut']);

/**
 * Whether a line names a finished dish, or such a head, and the food is only something that is in it: "banana bread" is no banana. The
 * head of a name decides before its modifiers.
 */
export function isOfDish(item: string, food: Pick<Food, 'name' | 'synonyms'>): boolean {
  const head = headOf(item);
  return (DISHES.has(head) || MANY_THINGS.has(head)) && !nameWords(food).heads.has(head);
}

/** What is cut, taken or made of a food and is still that food: "chicken breast halves", "broccoli florets". */
const FORMS = new Set(
  `half halve fillet filet strip chunk leaf floret spear stalk stick sprig wedge ring crumb cube tip kernel segment bulb
  head clove slice link round piece part bit meat flesh heart top bottom end root berry bean seed skin flake shred sliver
  cutlet steak joint rasher roast mince loin spray powder pod tin can pack package jar bag box handful drop zest peel rind`
    .split(/\s+/)
    .filter((w) => w !== ''),
);

/**
 * The last word of a line's food, where it makes another thing of it that the food knows nothing of: banana chips are
 * no banana, zucchini noodles no zucchini, fish stock no beef broth. Null when the food has it, or when it is only how
 * the food is cut.
 *
 * @example otherHead('banana chips', banana) // 'chip'
 */
export function otherHead(item: string, food: Pick<Food, 'name' | 'synonyms'>): string | null {
  const head = headOf(item);
  if (head === '' || FORMS.has(head) || /\d/.test(head)) return null;
  return nameWords(food).positive.has(head) ? null : head;
}

/** The words of a line's food that none of a food's names has, in their order; null for none. */
export function unknownWords(item: string, food: Pick<Food, 'name' | 'synonyms' | 'state'>): string | null {
  const known = nameWords(food).all;
  const unknown = foodWords(item).filter(
    (w) => !known.has(w) && w !== food.state && !/\d/.test(w) && !isNoise(w) && !FORMS.has(w),
  );
  return unknown.length === 0 ? null : unknown.join(' ');
}

const ANIMALS = new Set(
  `beef pork chicken turkey lamb mutton veal duck goose rabbit venison bison goat boar fish salmon tuna cod trout crab
  shrimp prawn lobster`
    .split(/\s+/)
    .filter((w) => w !== ''),
);

/** An animal that the line names and the food knows nothing of: pork liver is no chicken liver. Null for none. */
export function otherAnimal(item: string, food: Pick<Food, 'name' | 'synonyms'>): string | null {
  const known = nameWords(food).all;
  return foodWords(item).find((w) => ANIMALS.has(w) && !known.has(w)) ?? null;
}

/**
 * A food that a line names before such a head, and that the food knows nothing of; null when there is none.
 *
 * @param isFood whether a word alone names a food
 * @example otherFood('garlic butter', butter, isFood) // 'garlic'
 */
export function otherFood(
  item: string,
  food: Pick<Food, 'name' | 'synonyms'>,
  isFood: (word: string) => boolean,
): string | null {
  const words = foodWords(item).filter((w) => !isNoise(w));
  if (words.length < 2 || !MANY_THINGS.has(words.at(-1)!)) return null;
  const known = nameWords(food).all;
  return words.slice(0, -1).find((w) => !known.has(w) && (isFood(w) || BEFORE_OTHERS.has(w))) ?? null;
}

/** Parts of a note that are a telling word and nothing else: "camembert, light". */
const TELLING_NOTE =
  /^(?:fat[- ]free|non-?fat|light|lite|reduced[- ]fat|low[- ]fat|sugar[- ]free|no sugar added|no added sugar|unsweetened|skinless|dried)$/i;

/** The item with what of its note says which food it is. */
export const withTellingNote = (item: string, note: string | null): string =>
  [item, ...(note ?? '').split(/[;,]/).filter((part) => TELLING_NOTE.test(part.trim()))].join(' ');
