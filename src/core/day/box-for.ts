import type { Box } from '../cook/cook.ts';

/** Whether a box is there to be eaten by somebody: cooked, not taken, theirs or anybody's. */
export const boxFor = (box: Pick<Box, 'taken' | 'as' | 'eaterId'>, eaterId: string): boolean =>
  box.taken === null && box.as === 'cooked' && (box.eaterId === null || box.eaterId === eaterId);
