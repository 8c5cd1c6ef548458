/** A further amount in a line: added to the first (`plus`), or the same amount said another way (`same`). */
export interface ReadingPart {
  readonly quantity: number;
  readonly quantityMax: number | null;
  readonly unit: string | null;
  readonly relation: 'plus' | 'same';
}

/** What a line states of its own energy. */
export interface StatedEnergy {
  readonly kcal: number;
  /** Of one piece of it, and not of all. */
  readonly each: boolean;
}

/** What of a reading a line keeps besides its amount, its item and its note. */
export type ReadingRest = Omit<Reading, 'line' | 'quantity' | 'quantityMax' | 'unit' | 'item' | 'note' | 'group'>;

/** What an ingredient line was read as. Nothing is dropped: what is no amount is in `item`, `note` or `modifiers`. */
export interface Reading {
  /** The words as written. */
  readonly line: string;
  readonly quantity: number | null;
  /** The upper end of a range. */
  readonly quantityMax: number | null;
  /** A canonical unit name; null for whole pieces. */
  readonly unit: string | null;
  readonly item: string;
  readonly note: string | null;
  /** The size of one package: 14.5 and `ounce` in "1 (14.5 oz) can". */
  readonly packageQuantity: number | null;
  readonly packageUnit: string | null;
  readonly parts: readonly ReadingPart[];
  /** Words that qualify the amount: `scant`, `large`, `to taste`, `divided`. */
  readonly modifiers: readonly string[];
  /** Other foods the line offers: the second of "kale or chard". */
  readonly alternatives: readonly string[];
  /** Energy that the line states; null where it states none. */
  readonly energy: StatedEnergy | null;
  /** The heading that the line stands under. */
  readonly group: string | null;
  /** 0 to 1: how sure the reader is of amount, unit and item. */
  readonly confidence: number;
  /** In words for the cook. */
  readonly warnings: readonly string[];
}
