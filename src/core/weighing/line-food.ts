/** What a line was read as. */
export type LineFood =
  | { readonly kind: 'food'; readonly foodId: string; readonly revision: number }
  /** An amount of another recipe; its version is fixed until the cook takes a newer one. */
  | { readonly kind: 'recipe'; readonly recipeId: string; readonly versionId: string }
  /** Water, salt, "to taste": nothing to count, and the words why. */
  | { readonly kind: 'nothing'; readonly why: string }
  /** An open question: the cook has to say. */
  | { readonly kind: 'open' };
