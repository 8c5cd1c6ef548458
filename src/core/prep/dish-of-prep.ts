import type { Food } from '../food/food.ts';
import type { TimesSaid } from '../page/recipe-text.ts';
import { stepsAsChanged } from '../steps/steps-as-changed.ts';
import { stepsAtStove } from '../stove/steps-at-stove.ts';
import type { Swap } from '../swap/swap.ts';
import { applyEntry } from '../version/entry.ts';
import { scaleChanges } from '../version/scale-version.ts';
import type { Version } from '../version/version.ts';
import type { DishOfPrep } from './dish-tasks.ts';
import { hintsIn } from './hints-in.ts';

/** What a dish of a prep day is made from. */
export interface DishToPrep {
  readonly id: string;
  readonly version: Version;
  readonly asWritten: Version;
  /** For how many it is cooked; null for as many as the version says. */
  readonly servings: number | null;
  readonly times: TimesSaid;
}

/** A dish for so many, in the words that its steps have with what is in it now. */
export function dishOfPrep(of: DishToPrep, food: (id: string) => Food | null, swaps: readonly Swap[]): DishOfPrep {
  const { id, version, asWritten, servings, times } = of;
  const changes = servings === null || servings === version.servings ? [] : scaleChanges(version, servings);
  const scaled =
    changes.length === 0 ? version : applyEntry(version, { id: 'scaled', label: 'Scaled', changes, undoes: null });
  const steps = version.id === asWritten.id ? scaled.steps : stepsAsChanged(asWritten, scaled, swaps);
  const told = { ...scaled, steps };
  return { id, version: told, led: stepsAtStove(told, food, swaps), times, hints: hintsIn(told, swaps) };
}
