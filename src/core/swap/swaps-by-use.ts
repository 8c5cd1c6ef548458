/** A swap of something that the household cooks with, and in how many recipes at least. */
export interface SwapInUse<S> {
  readonly swap: S;
  readonly recipes: number;
}

/**
 * Parts swaps by whether the household has a recipe for them.
 *
 * @param recipes in how many recipes a food is, by its id; what is not there is in none
 * @returns `cooked`, what most recipes have first; of several foods the one that is in most counts, for one recipe may
 * have two of them. `others`, in the order in which they came.
 */
export function swapsByUse<S extends { readonly from: readonly string[] }>(
  swaps: readonly S[],
  recipes: ReadonlyMap<string, number>,
): { readonly cooked: readonly SwapInUse<S>[]; readonly others: readonly S[] } {
  const inUse = swaps.map((swap) => ({ swap, recipes: Math.max(0, ...swap.from.map((id) => recipes.get(id) ?? 0)) }));
  return {
    cooked: inUse.filter((s) => s.recipes > 0).sort((a, b) => b.recipes - a.recipes),
    others: inUse.flatMap((s) => (s.recipes === 0 ? [s.swap] : [])),
  };
}
