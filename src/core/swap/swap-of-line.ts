import type { Line } from '../version/version.ts';
import type { Swap } from './swap.ts';
import { readSwapRef } from './swap-ref.ts';

/** The swap that made a line what it is; null for none, or one that nobody knows any more. */
export const swapOfLine = (line: Pick<Line, 'swapId'>, swaps: readonly Swap[]): Swap | null =>
  swaps.find((s) => s.id === readSwapRef(line.swapId)?.swapId) ?? null;

/** Whether a line was moved to the plate, where each eater decides. */
export const isOnPlate = (line: Pick<Line, 'swapId' | 'leftOut'>, swaps: readonly Swap[]): boolean =>
  line.leftOut && swapOfLine(line, swaps)?.kind === 'toPlate';
