import type { Cook, CookAs } from './cook.ts';

/** A cook as it begins: nothing has come out of the pot yet. */
export const newCook = (of: {
  readonly id: string;
  readonly recipeId: string;
  readonly versionId: string;
  readonly as: CookAs;
  /** YYYY-MM-DD */
  readonly day: string;
}): Cook => ({
  id: of.id,
  recipeId: of.recipeId,
  fromId: of.versionId,
  versionId: of.versionId,
  as: of.as,
  day: of.day,
  out: null,
  gross: null,
  vesselId: null,
  plates: {},
  beside: {},
  tookStock: false,
  minutes: null,
  verdicts: {},
  note: '',
  frozen: null,
  begun: null,
  table: null,
  ticks: {},
  timers: {},
  weighed: {},
  otherWay: null,
});
