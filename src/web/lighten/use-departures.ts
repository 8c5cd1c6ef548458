import { useCallback, useMemo } from 'react';
import { type Departure, departureFrom } from '../../core/swap/departure.ts';
import { correctedDeparture, placeOf } from '../../core/swap/verdict.ts';
import type { Version } from '../../core/version/version.ts';
import { forcedDepartures } from '../../core/ways/line-choices.ts';
import { useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { useStock, useVerdicts } from '../data/queries.ts';
import { useSwapShelf } from '../kitchen/use-swap-shelf.ts';
import { NO_VERDICTS } from './verdicts.tsx';

/** How far any version of the open recipe is from the family's, as this household judges swaps. */
export function useDepartures(): (version: Version) => Departure {
  const { household, eaters: people } = useHousehold();
  const { asWritten, food, kitchen, title } = useOpenRecipe();
  const { data: verdicts = NO_VERDICTS } = useVerdicts(household.id);
  const { data: stock } = useStock(household.id);
  const { all: swaps, offered } = useSwapShelf(household.id);
  // What must not stay departs as little as it can: nobody could avoid that.
  const forced = useMemo(() => {
    const without = { allergies: people.flatMap((p) => p.allergies), avoids: people.flatMap((p) => p.avoids) };
    const lacking = new Set((stock ?? []).flatMap((s) => (s.lacking && s.foodId !== null ? [s.foodId] : [])));
    if (without.allergies.length + without.avoids.length + lacking.size === 0) return new Map<string, number>();
    const context = { kitchen, food, title, swaps: offered, counters: [], system: household.system, without, lacking };
    return forcedDepartures(asWritten, {
      ...context,
      departureOf: (swap, place) => correctedDeparture(swap, place, verdicts),
    });
  }, [asWritten, food, kitchen, title, people, stock, offered, verdicts, household.system]);
  return useCallback(
    (version) =>
      departureFrom(asWritten, version, {
        swaps,
        food,
        title,
        forced,
        corrected: (s, role) => correctedDeparture(s, placeOf(role), verdicts),
      }),
    [asWritten, swaps, food, title, forced, verdicts],
  );
}
