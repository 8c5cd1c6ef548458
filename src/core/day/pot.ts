/** A dish that is going to be cooked on a day, and for how many servings: what it makes is eaten somewhere. */
export interface Pot {
  readonly id: string;
  readonly recipeId: string;
  readonly versionId: string;
  readonly day: string;
  /** The id of a meal. */
  readonly meal: string;
  readonly servings: number;
  /** The cook that it became; null before. */
  readonly cookId: string | null;
}

/** How much of a pot is on nobody's plate yet, servings; below 0 where more is eaten than is cooked. */
export function leftInPot(
  pot: Pick<Pot, 'id' | 'servings'>,
  entries: Iterable<{ readonly what: { readonly kind: string }; readonly portion: number }>,
): number {
  let taken = 0;
  for (const { what, portion } of entries)
    if (what.kind === 'pot' && (what as { readonly potId?: string }).potId === pot.id) taken += portion;
  return Math.round((pot.servings - taken) * 1e6) / 1e6 + 0;
}
