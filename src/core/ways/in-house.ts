/** A food that a change brings in, g for the whole dish. */
export interface Brought {
  readonly foodId: string;
  readonly grams: number;
}

/** What is in the house. */
export interface House {
  /** g of a food; null when it is there and nobody said how much. */
  readonly stock: ReadonlyMap<string, number | null>;
  /** Whether only what is there may be brought in. */
  readonly only: boolean;
}

/** Whether all of this is in the house, and enough of it. */
export const isInHouse = (brought: readonly Brought[], house: House): boolean =>
  brought.every((b) => {
    const there = house.stock.get(b.foodId);
    return there !== undefined && (there === null || b.grams <= there + 1e-9);
  });
