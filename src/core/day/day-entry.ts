/** What somebody eats, or is going to. */
export type Eaten =
  /** Servings of a recipe's version. */
  | { readonly kind: 'version'; readonly recipeId: string; readonly versionId: string }
  /** Servings of what was cooked: as it came out. */
  | { readonly kind: 'cook'; readonly recipeId: string; readonly cookId: string }
  /** A box, or some of one. */
  | { readonly kind: 'box'; readonly recipeId: string; readonly boxId: string }
  /** Servings of a pot that is planned, or was. */
  | { readonly kind: 'pot'; readonly recipeId: string; readonly potId: string }
  /** The eater's own plate at a feast. */
  | { readonly kind: 'feast'; readonly feastId: string }
  /** An amount of a food, and what it may be, g. */
  | {
      readonly kind: 'food';
      readonly foodId: string;
      readonly grams: number;
      readonly low: number;
      readonly high: number;
    }
  /** Points that are known; energy, kcal, where that is too. */
  | { readonly kind: 'known'; readonly points: number; readonly kcal: number | null };

/** Planned, or eaten. */
export const ENTRY_STATES = ['planned', 'eaten'] as const;
export type EntryState = (typeof ENTRY_STATES)[number];

/** Something on somebody's day. */
export interface DayEntry {
  readonly id: string;
  readonly eaterId: string;
  /** YYYY-MM-DD in the household's zone. */
  readonly day: string;
  /** The id of one of the household's meals. */
  readonly meal: string;
  /** Its order in the meal. */
  readonly position: number;
  readonly what: Eaten;
  /** As it was said: a title, or what was typed. */
  readonly words: string;
  /** Servings, boxes, or how many times the amount of a food or of known points. */
  readonly portion: number;
  /** How far it may be off, as a share of it: eaten elsewhere, and told by the nearest of one's own; 0 for one's own. */
  readonly spread: number;
  readonly state: EntryState;
}

/** The id of what something is of; null for points that are only known. */
export function refOfEaten(what: Eaten): string | null {
  switch (what.kind) {
    case 'version':
      return what.versionId;
    case 'cook':
      return what.cookId;
    case 'box':
      return what.boxId;
    case 'pot':
      return what.potId;
    case 'feast':
      return what.feastId;
    case 'food':
      return what.foodId;
    case 'known':
      return null;
  }
}

/** What of an entry is told apart from others: two of the same are off by the same. */
export const refOf = ({ what, id }: Pick<DayEntry, 'what' | 'id'>): string => refOfEaten(what) ?? id;

/** The recipe that an entry is of; null for everything else. */
export const recipeOfEntry = ({ what }: Pick<DayEntry, 'what'>): string | null =>
  'recipeId' in what ? what.recipeId : null;

/** An entry without what was answered beside it. */
export const bareEntry = (e: DayEntry): DayEntry => ({
  id: e.id,
  eaterId: e.eaterId,
  day: e.day,
  meal: e.meal,
  position: e.position,
  what: e.what,
  words: e.words,
  portion: e.portion,
  spread: e.spread,
  state: e.state,
});
