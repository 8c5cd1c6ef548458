/** Something to get. */
export interface TripItem {
  readonly id: string;
  /** null for what is only a name. */
  readonly foodId: string | null;
  readonly name: string;
  /** What is needed and is not in the house, g; null where nobody can say. */
  readonly grams: number | null;
  /** As it is needed, in words: "400 g". */
  readonly needed: string;
  /** As it is sold, in words, and what that weighs, g; null where nobody said how it is sold. */
  readonly sold: string | null;
  readonly soldGrams: number | null;
  /** Where this household gets it; empty where nobody said. */
  readonly shop: string;
  /** The dishes that need it, who has it as it is, or that it is always in the house. */
  readonly uses: readonly string[];
  /** The kind that the count rests on, and what its look-alike would add; empty where there is none. */
  readonly notThat: string;
  /** What of it is in the house, in words; empty where none is. */
  readonly inHouse: string;
  /** What it costs as it is sold; null where no price is kept. */
  readonly price: number | null;
}

/** Whether something was got: who says it last has it. */
export interface Tick {
  readonly on: boolean;
  /** By the server's clock, ISO 8601. */
  readonly at: string;
}

/** A shopping trip: a list that was taken from the plan, and stays as it was taken. */
export interface Trip {
  readonly id: string;
  readonly name: string;
  /** The days of the plan that it is for. */
  readonly from: string;
  readonly to: string;
  /** An instant, ISO 8601. */
  readonly made: string;
  readonly items: readonly TripItem[];
  readonly ticks: Readonly<Record<string, Tick>>;
  /** When what was bought went into the house; null before. */
  readonly done: string | null;
  /** The ids of what of it went into the house: each once, also what a phone without network says later. */
  readonly home: readonly string[];
}

/** Whether an item was got. */
export const isGot = (trip: Pick<Trip, 'ticks'>, itemId: string): boolean => trip.ticks[itemId]?.on ?? false;
