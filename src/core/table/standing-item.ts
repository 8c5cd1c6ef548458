/** Something that somebody has on the same days again and again: the milk in the coffee. */
export interface StandingItem {
  readonly id: string;
  /** The id of a meal. */
  readonly meal: string;
  readonly words: string;
  readonly foodId: string;
  /** g, and what it may be. */
  readonly grams: number;
  readonly low: number;
  readonly high: number;
  /** On these weekdays, 1 Monday to 7 Sunday. */
  readonly weekdays: readonly number[];
  /** From this day on. */
  readonly since: string;
}
