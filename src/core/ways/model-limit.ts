import type { LineChoice } from './line-choices.ts';

/** A limit besides the aim's, which adds up over choices. */
export interface ModelLimit {
  readonly most: number;
  readonly of: (choice: LineChoice) => number;
  /** What stands in the way when nothing keeps it. */
  readonly why: string;
}
