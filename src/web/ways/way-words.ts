import type { LineChoice } from '../../core/ways/line-choices.ts';
import type { CountingEater } from '../context/household-context.ts';

/** How the ways of a search are shown: for whom, what there is now, and what can be said of a change. */
export interface WayWords {
  readonly eaters: readonly CountingEater[];
  /** What a plate weighs now, g. */
  readonly grams: number;
  /** The dish of a line, where there are several. */
  readonly dishOf?: (lineId: string) => string;
  /** What has to be bought for a change, in words; empty when it is there or nobody said what is. */
  readonly toGet: (changes: readonly LineChoice[]) => readonly string[];
  readonly onTake: (changes: readonly LineChoice[], label: string) => void;
}
