import type { Draft } from './draft.ts';

/** One thing that the reader knows about lines. A line goes past all rules in the order of `LINE_RULES`. */
export interface ReadingRule {
  /** What the rule looks for, in words. */
  readonly name: string;
  /** A line that needs it. */
  readonly example: string;
  /** The words of the example that it takes; empty where it only looks. */
  readonly takes: string;
  /** The draft after it; null when it has nothing to say. Never throws. */
  readonly take: (draft: Draft) => Draft | null;
}
