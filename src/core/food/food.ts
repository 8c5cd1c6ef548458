import { US_CUP_ML } from '../quantity/units.ts';
import type { NutrientProfile } from './nutrients.ts';

/** The state in which a food's values hold. */
export const FOOD_STATES = ['raw', 'dry', 'cooked', 'drained', 'canned', 'frozen', 'as is'] as const;
export type FoodState = (typeof FOOD_STATES)[number];

/** The part an ingredient plays in a dish. */
export const ROLES = [
  'fat',
  'browning',
  'creaminess',
  'melt',
  'binder',
  'thickener',
  'sweetness',
  'crunch',
  'starch-base',
  'wrapper',
  'protein',
  'bulk',
  'topping',
  'flavour',
] as const;
export type Role = (typeof ROLES)[number];

/**
 * What a food is, as far as a program's uncounted list or an exclusion asks for it. A food has any number of kinds.
 * `veg` is a leafy or other non-starchy vegetable, `cultured0` plain fat-free cultured dairy.
 */
export const FOOD_KINDS = [
  'veg',
  'starchy',
  'fruit',
  'fattyfruit',
  'fruitinjuice',
  'fruitpuree',
  'driedfruit',
  'juice',
  'citrusjuice',
  'drink',
  'alcohol',
  'egg',
  'poultrybreast',
  'poultry',
  'poultrydeli',
  'fish',
  'fishsweet',
  'shellfish',
  'meat',
  'legume',
  'legumesweet',
  'tofu',
  'dairy',
  'cultured0',
  'grain',
  'wholegrain',
  'flour',
  'bread',
  'pasta',
  'dough',
  'nuts',
  'seed',
  'oil',
  'fatspread',
  'sweetener',
  'sugar',
  'sweet',
  'sauce',
  'spice',
  'seasoning',
  'cocoa',
  'gelatine',
  'broth',
  'mix',
  'nothing',
  'plant',
  'addedfat',
  'addedsugar',
  // Cautions ask for these two; a program's list does not, for older revisions have them not.
  'ground',
  'sausage',
] as const;
export type FoodKind = (typeof FOOD_KINDS)[number];

/**
 * Major allergens by one vocabulary: the 14 of Regulation (EU) 1169/2011 annex II, which contain the 9 of the
 * US FASTER Act 2021.
 */
export const ALLERGENS = [
  'gluten',
  'crustaceans',
  'egg',
  'fish',
  'peanuts',
  'soy',
  'milk',
  'tree-nuts',
  'celery',
  'mustard',
  'sesame',
  'sulphites',
  'lupin',
  'molluscs',
] as const;
export type Allergen = (typeof ALLERGENS)[number];

/** What allergens are called on screen and on a card. */
export const ALLERGEN_WORDS: Record<Allergen, string> = {
  gluten: 'cereals with gluten',
  crustaceans: 'crustaceans',
  egg: 'egg',
  fish: 'fish',
  peanuts: 'peanuts',
  soy: 'soya',
  milk: 'milk',
  'tree-nuts': 'tree nuts',
  celery: 'celery',
  mustard: 'mustard',
  sesame: 'sesame',
  sulphites: 'sulphites',
  lupin: 'lupin',
  molluscs: 'molluscs',
};

/** A household measure of a food: `cup (grated)` of 110 g. Spoon and cup grams are for US customary measures. */
export interface Measure {
  /** A canonical unit name, or `small`, `medium`, `large`, `breast` and the like for whole pieces. */
  readonly unit: string;
  /** The form it holds for, such as `grated`; null for the usual one. */
  readonly form: string | null;
  readonly grams: number;
}

/**
 * One immutable revision of a food. Recipes, cards and count records name both id and revision, so that a change
 * of a food never changes what was counted before.
 */
export interface Food {
  readonly id: string;
  readonly revision: number;
  readonly name: string;
  readonly group: string;
  readonly state: FoodState;
  readonly per100g: NutrientProfile;
  readonly measures: readonly Measure[];
  readonly kinds: readonly FoodKind[];
  readonly roles: readonly Role[];
  readonly allergens: readonly Allergen[];
  readonly synonyms: readonly string[];
  /** What the household that reads it answered for: lines with these words are this food, as last time. */
  readonly ownNames?: readonly string[] | undefined;
  /** Where the values come from, in words. */
  readonly source: string;
  /** Why the energy differs from the sum of its parts, where it does. */
  readonly energyNote: string | null;
}

/** Grams per millilitre: of the food's cup or spoon; null when it has neither. */
export function densityOf(food: Pick<Food, 'measures'>): number | null {
  for (const [unit, ml] of [
    ['cup', US_CUP_ML],
    ['tablespoon', US_CUP_ML / 16],
    ['teaspoon', US_CUP_ML / 48],
  ] as const) {
    const m = food.measures.find((x) => x.unit === unit && x.form === null);
    if (m) return m.grams / ml;
  }
  return null;
}

/** Whether no amount of this food counts any points of energy: water, salt, baking soda. Salt and soda have sodium. */
export const countsNothing = (food: Pick<Food, 'kinds'>): boolean => food.kinds.includes('nothing');

/** The sodium of tap water and the like, mg in 100 g: not told. */
const NEXT_TO_NONE_MG = 10;

/** Whether a food counts no points and yet has sodium that counts: salt, baking soda. */
export const hasOnlySodium = (food: Pick<Food, 'kinds' | 'per100g'>): boolean =>
  countsNothing(food) && (food.per100g.sodium.value ?? 0) > NEXT_TO_NONE_MG;
