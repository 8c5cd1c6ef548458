import type { Role } from '../food/food.ts';
import type { ReadingRest } from '../reading/reading.ts';
import type { LineFood, TakenFood } from '../weighing/line-food.ts';
import type { Weight } from '../weighing/weight.ts';
import type { DishKind, Technique } from './dish-words.ts';
import type { LineLoss } from './line-loss.ts';

export interface LineAmount {
  readonly quantity: number;
  readonly quantityMax: number | null;
  readonly unit: string | null;
}

/** One ingredient of a version: the words as written and what they were read as. */
export interface Line {
  readonly id: string;
  /** The same through all versions, so that any two compare. */
  readonly originLineId: string;
  readonly group: string | null;
  /** The words as written. */
  readonly text: string;
  readonly amount: LineAmount | null;
  readonly item: string;
  readonly note: string | null;
  /** What else its text was read as; null where nobody read it: the text is a swap's, or older than this. */
  readonly read: ReadingRest | null;
  readonly food: LineFood;
  /** How its food was found; null where the cook said it, or nobody remembers. */
  readonly taken: TakenFood | null;
  readonly weight: Weight | null;
  /** The part that it plays: what its food usually does, or what the cook said. */
  readonly role: Role | null;
  /** Whether the cook said its part. */
  readonly roleSaid: boolean;
  /** What the cook says that the steps do with it; null where the steps say it. */
  readonly technique: Technique | null;
  /** What of it is not eaten; null where all of it is. */
  readonly loss: LineLoss | null;
  /** No search and no swap may touch it. */
  readonly kept: boolean;
  readonly leftOut: boolean;
  /** The swap that made this line what it is. */
  readonly swapId: string | null;
  /** What the cook should look at, in words; empty once confirmed. */
  readonly warnings: readonly string[];
}

/** How much of a line goes in at a step, where the cook says it. */
export interface SaidUse {
  readonly originLineId: string;
  /** 0 ≤ share ≤ 1; 0 where it goes in at no step at all. */
  readonly share: number;
}

export interface Step {
  readonly id: string;
  readonly text: string;
  /** What goes in here as the cook says it; of lines that no step names here, the words decide. */
  readonly uses?: readonly SaidUse[] | undefined;
}

export const VERSION_KINDS = ['asWritten', 'lightened', 'asCooked'] as const;
export type VersionKind = (typeof VERSION_KINDS)[number];

/** One version of a recipe, counted on its own. */
export interface Version {
  readonly id: string;
  readonly recipeId: string;
  /** The version it was made from; null for the one as written. */
  readonly parentId: string | null;
  readonly kind: VersionKind;
  readonly name: string;
  /** How many servings it makes; null when nobody said, and then it counts whole and per 100 g. */
  readonly servings: number | null;
  /** What the cook says that it is; null where it is read from lines and steps. */
  readonly dish: DishKind | null;
  /** The feast that it was made for; null for every other. */
  readonly madeFor: string | null;
  readonly lines: readonly Line[];
  readonly steps: readonly Step[];
  /** Grows by one with every entry. */
  readonly revision: number;
}

/** Whether a line still needs an answer before it can be counted. */
export function isOpen(line: Line): boolean {
  if (line.leftOut) return false;
  if (line.food.kind === 'open') return true;
  return (line.food.kind === 'food' || line.food.kind === 'recipe') && line.weight === null;
}
