import { useCallback, useMemo } from 'react';
import { type Departure, departureFrom } from '../../core/swap/departure.ts';
import { placeOf } from '../../core/swap/verdict.ts';
import type { Version } from '../../core/version/version.ts';
import { forcedDepartures } from '../../core/ways/line-choices.ts';
import { useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { useStock } from '../data/queries.ts';
import { useSwapShelf } from '../kitchen/use-swap-shelf.ts';
import { useSwapDeparture } from './use-swap-departure.ts';

/** How far any version of the open recipe is from the family's, as this household judges swaps. */
export function useDepartures(): (version: Version) => Departure {
  const { household, eaters: people } = useHousehold();
  const { asWritten, food, kitchen, title } = useOpenRecipe();
  const departureOf = useSwapDeparture();
  const { data: stock } = useStock(household.id);
  const { all: swaps, offered } = useSwapShelf(household.id);
  // What must not stay departs as little as it can: nobody could avoid that.
  const forced = useMemo(() => {
    const without = {
      allergies: people.flatMap((p) => p.allergies),
      avoids: people.flatMap((p) => p.avoids),
      notOnTop: people.flatMap((p) => p.notOnTop),
    };
    const lacking = new Set((stock ?? []).flatMap((s) => (s.lacking && s.foodId !== null ? [s.foodId] : [])));
    if (without.allergies.length + without.avoids.length + without.notOnTop.length + lacking.size === 0)
      return new Map<string, number>();
    const context = { kitchen, food, title, swaps: offered, counters: [], system: household.system, without, lacking };
    return forcedDepartures(asWritten, {
      ...context,
      departureOf,
    });
  }, [asWritten, food, kitchen, title, people, stock, offered, departureOf, household.system]);
  return useCallback(
    (version) =>
      departureFrom(asWritten, version, {
        swaps,
        food,
        title,
        forced,
        corrected: (s, role) => departureOf(s, placeOf(role)),
      }),
    [asWritten, swaps, food, title, forced, departureOf],
  );
}
