/** The largest paste that is read at once, characters. */
export const LONGEST_RECIPE = 100_000;
/** The most ingredient lines of a recipe. */
export const MOST_INGREDIENTS = 400;
