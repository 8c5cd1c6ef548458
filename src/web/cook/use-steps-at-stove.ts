import { useMemo } from 'react';
import { stepsAsChanged } from '../../core/steps/steps-as-changed.ts';
import { type StepsAtStove, stepsAtStove } from '../../core/stove/steps-at-stove.ts';
import type { Version } from '../../core/version/version.ts';
import { useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { useSwapShelf } from '../kitchen/use-swap-shelf.ts';

/** A version as it is cooked by, with what is in it now in the words of its steps. */
export function useStepsAtStove(version: Version): StepsAtStove & { readonly told: Version } {
  const { household } = useHousehold();
  const { asWritten, food } = useOpenRecipe();
  const shelf = useSwapShelf(household.id);
  return useMemo(() => {
    const steps = version.id === asWritten.id ? version.steps : stepsAsChanged(asWritten, version, shelf.all);
    const told = { ...version, steps };
    return { ...stepsAtStove(told, food, shelf.all), told };
  }, [version, asWritten, food, shelf]);
}
