import type { Role } from '../food/food.ts';

export const SWAP_KINDS = ['twin', 'standIn', 'part', 'leaveOut', 'bulkUp', 'toPlate'] as const;
export type SwapKind = (typeof SWAP_KINDS)[number];

/** A food that takes the place of the swapped one, in g for each g that goes. */
export interface SwapInto {
  readonly foodId: string;
  readonly ratio: number;
}

/** A rule that replaces a line, or a share of it, for the role it plays. */
export interface Swap {
  readonly id: string;
  readonly name: string;
  readonly kind: SwapKind;
  readonly role: Role;
  /** Foods it applies to, by id. */
  readonly from: readonly string[];
  /** What comes in; empty when the line is left out. */
  readonly into: readonly SwapInto[];
  /** The share of the line that is replaced, 0 < share ≤ 1. */
  readonly share: number;
  /** The most of it that may be: at least `share`. */
  readonly mostShare: number;
  /** What of the line has to stay in the dish, g: a film of fat for browning. */
  readonly stays: number;
  /** How far the whole swap moves the dish from the family's, 0 to 100 in tenths. */
  readonly departure: number;
  /** What changes in the method; becomes a step of its own. Null when nothing does. */
  readonly method: string | null;
  /** What to watch for. */
  readonly watch: string | null;
  /** Why it works. */
  readonly why: string;
}
