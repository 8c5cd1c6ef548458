import type { Role } from '../food/food.ts';
import type { SwapCondition } from './swap-condition.ts';

export const SWAP_KINDS = ['twin', 'standIn', 'part', 'leaveOut', 'bulkUp', 'toPlate'] as const;
export type SwapKind = (typeof SWAP_KINDS)[number];

/** A food that takes the place of the swapped one, in g for each g that goes. */
export interface SwapInto {
  readonly foodId: string;
  readonly ratio: number;
}

/** What changes in the method, in some places or in all others. */
export interface SwapMethod {
  /** Where it is said; empty for everywhere else. */
  readonly at: readonly SwapCondition[];
  readonly text: string;
  /** Where it belongs: before the first step that uses the line, behind all that cook it, or before what goes in the oven. */
  readonly place: 'before' | 'after' | 'oven';
  /** Whether it says itself when and how what comes in goes in: the other steps do not name it any more. */
  readonly takesOver: boolean;
  /** What of the steps it takes the place of: where the line is fried in, a dish is lined, a tin greased, cream whipped. */
  readonly instead: 'fry' | 'line' | 'grease' | 'whip' | null;
}

/** A line of another part that a swap takes along: the eggs of a boxed mix, the flour of a roux. */
export interface SwapAlso {
  readonly role: Role;
  /** How much of it goes, 0 < share ≤ 1. */
  readonly share: number;
}

/** A rule that replaces a line, or a share of it, for the role it plays, as a household may write it. */
export interface WrittenSwap {
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

/** A swap, with what only those that come with Imbiss say: where it holds, and what goes with it. */
export interface Swap extends WrittenSwap {
  /** A twin for what is not there, which leaves the points alone: nothing to lighten a dish with. */
  readonly sameAgain?: true;
  /** What of the line has to stay in every serving, g. */
  readonly staysEach?: number;
  /** What goes with it, of the lines that the same steps use. */
  readonly also?: readonly SwapAlso[];
  /** Where it holds: one of them is enough, and none says everywhere. Left out like none. */
  readonly fits?: readonly SwapCondition[];
  /** Where it does not, whatever else is so. */
  readonly refuses?: readonly SwapCondition[];
  /** What changes in the method by the place, the first that is so; left out where `method` says it all. */
  readonly methods?: readonly SwapMethod[];
}
