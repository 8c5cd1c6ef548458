/** Where a household gets a food, how it is sold there, and how much of it should always be in the house. */
export interface Buying {
  readonly foodId: string;
  /** Empty where nobody said. */
  readonly shop: string;
  /** g; null for no least stock. */
  readonly leastGrams: number | null;
  /** What a package of it holds, g; null where nobody said. */
  readonly packGrams: number | null;
  /** What a package costs, in the household's money; null where nobody keeps it. */
  readonly price: number | null;
}
