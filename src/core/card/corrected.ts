/** What of a count may have been wrong. */
export const WRONG_BEFORE = ['reading', 'food', 'program', 'cook'] as const;
export type WrongBefore = (typeof WRONG_BEFORE)[number];

/** In words for those who have the card. */
export const WRONG_BEFORE_WORDS: Readonly<Record<WrongBefore, string>> = {
  reading: 'an ingredient was read wrongly',
  food: 'the values of a food were wrong',
  program: 'the program counts otherwise by now',
  cook: 'the cook made a mistake',
};

/** What a card said before it was published again. */
export interface Corrected {
  /** YYYY-MM-DD. */
  readonly on: string;
  readonly why: WrongBefore;
  /** The cook's own; empty for none. */
  readonly words: string;
  readonly was: readonly { readonly mark: string; readonly points: number }[];
  readonly kcalWas: number | null;
}
