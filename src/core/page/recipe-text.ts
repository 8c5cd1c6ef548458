/** What a recipe's source states about itself: to compare with, never to count with. */
export interface Claim {
  readonly kind: 'points' | 'kcal';
  readonly value: number;
  /** The upper end where a range is stated. */
  readonly valueMax: number | null;
  /** The amount that it is of, such as a cup, or `whole`; null for a serving. */
  readonly per: string | null;
  /** The source's own word for its way of counting, in lower case, `all` for every one; null where it says none. */
  readonly of: string | null;
  /** The program that the cook knows it to be of, for a number that the cook brought; null for the source's. */
  readonly programId: string | null;
  /** The words that state it. */
  readonly words: string;
}

export interface IngredientText {
  readonly text: string;
  readonly group: string | null;
}

/** Minutes, as the source says them; null where it does not. */
export interface TimesSaid {
  readonly prep: number | null;
  readonly cook: number | null;
  readonly total: number | null;
}

/** What it is cooked in, in the words of the source: "9 x 13 inch baking dish". */
export interface PanSaid {
  readonly words: string;
  /** Whether the source speaks of its lid. */
  readonly lid: boolean;
}

/** What a source says of how a recipe is made, beside its steps. */
export interface RecipeFacts {
  /** The words that say what it makes: "8 servings (3/4 cup each)". */
  readonly makes: string | null;
  readonly times: TimesSaid;
  readonly pans: readonly PanSaid[];
  readonly tools: readonly string[];
}

/** A recipe as it stands on a page, taken apart; nothing is dropped: what fits nowhere is in `notes` or `aside`. */
export interface RecipeText extends RecipeFacts {
  readonly title: string | null;
  readonly servings: number | null;
  readonly ingredients: readonly IngredientText[];
  /** No list stands on the page: the ingredients were taken out of the steps. */
  readonly fromSteps: boolean;
  readonly steps: readonly string[];
  readonly author: string | null;
  readonly url: string | null;
  readonly claims: readonly Claim[];
  readonly notes: readonly string[];
  /** Lines of the page around the recipe: menus, advertising, comments, the rows of a panel. */
  readonly aside: readonly string[];
}

/** A page as it was pasted: the recipes that stand on it. */
export interface PageText {
  /** One or more; where they are more, the cook says which is meant. */
  readonly recipes: readonly RecipeText[];
  /** What its words are written in, where that is not English: `de`, `fr`, `es`, `it`, `nl`. */
  readonly language: PageLanguage | null;
}

export const PAGE_LANGUAGES = ['de', 'fr', 'es', 'it', 'nl'] as const;
export type PageLanguage = (typeof PAGE_LANGUAGES)[number];

export const NO_TIMES: TimesSaid = { prep: null, cook: null, total: null };
export const NO_FACTS: RecipeFacts = { makes: null, times: NO_TIMES, pans: [], tools: [] };
