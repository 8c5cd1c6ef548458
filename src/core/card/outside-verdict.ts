import type { AGAIN } from '../swap/verdict.ts';

/** What somebody outside of the household said of a dish that was passed on, as the cook typed it in. */
export interface OutsideVerdict {
  readonly id: string;
  readonly recipeId: string;
  /** YYYY-MM-DD. */
  readonly day: string;
  /** Who said it, as the cook calls them; empty where nobody is named. */
  readonly who: string;
  /** null where they did not say. */
  readonly again: (typeof AGAIN)[number] | null;
  /** In their words. */
  readonly words: string;
  /** The line whose question it answers, by its `originLineId`; null for the dish. */
  readonly lineId: string | null;
}
