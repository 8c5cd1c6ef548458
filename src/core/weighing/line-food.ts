/** A food as it was at some time. */
export interface FoodRevision {
  readonly foodId: string;
  readonly revision: number;
}

/** What a line was read as. */
export type LineFood =
  | ({ readonly kind: 'food' } & FoodRevision)
  /**
   * An amount of another recipe; its version is fixed until the cook takes a newer one. With `cooked`, what all of it
   * weighed when it came out of the pot, g: the line's weight is then of it cooked, and else of what went into the pot.
   */
  | {
      readonly kind: 'recipe';
      readonly recipeId: string;
      readonly versionId: string;
      readonly cooked?: number | undefined;
      /** The time that it was cooked, of which this is some: its boxes get emptier when the dish is made. */
      readonly cookId?: string | undefined;
    }
  /**
   * Water, salt, "to taste": nothing to count, and the words why. `is` says which food it is where one is known: what
   * somebody is allergic to is in it all the same.
   */
  | { readonly kind: 'nothing'; readonly why: string; readonly is?: FoodRevision | undefined }
  /** An open question: the cook has to say. */
  | { readonly kind: 'open' };

/** How a food was found for a line. */
export interface TakenFood {
  /** 0 to 1, how sure the match is. */
  readonly confidence: number;
  /** Words of the line that the food knows nothing of: it stands in for what they name. Null where it has them all. */
  readonly standIn: string | null;
  /** Taken because the cook answered so for the same words before. */
  readonly asLastTime: boolean;
}

/** Below this a food that was taken is shown as a question: "read as …, right?". */
export const RIGHT = 0.9;

/** The food that a line is, whether it counts or not; null for a recipe, and for what nobody knows. */
export const foodOfLineFood = (food: LineFood): FoodRevision | null =>
  food.kind === 'food' ? food : food.kind === 'nothing' ? (food.is ?? null) : null;
