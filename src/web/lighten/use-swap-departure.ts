import { useCallback } from 'react';
import { householdDeparture } from '../../core/swap/household-departure.ts';
import type { Swap } from '../../core/swap/swap.ts';
import type { Place } from '../../core/swap/verdict.ts';
import { NO_VERDICTS } from '../components/verdicts.tsx';
import { useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { useVerdicts } from '../data/queries.ts';

/** How far a swap departs for this household: by its verdicts, and by what somebody would rather not eat. */
export function useSwapDeparture(): (swap: Swap, place: Place) => number {
  const { household, eaters } = useHousehold();
  const { food } = useOpenRecipe();
  const { data: verdicts = NO_VERDICTS } = useVerdicts(household.id);
  return useCallback(
    (swap, place) => householdDeparture(swap, place, { verdicts, ratherNot: eaters.flatMap((e) => e.ratherNot), food }),
    [verdicts, eaters, food],
  );
}
