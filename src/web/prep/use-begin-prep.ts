import { useRef, useState } from 'react';
import type { Prep } from '../../core/prep/prep.ts';
import { keptOrder, type PrepPlan } from '../../core/prep/prep-plan.ts';
import { dayIn, timeIn } from '../../core/quantity/calendar-day.ts';
import { useHousehold } from '../context/household-context.ts';
import { sayError } from '../kit/say-error.ts';
import { beginCook } from '../stove/begin-cook.ts';
import { serverNow } from '../stove/server-clock.ts';
import { beginDishes } from './begin-dishes.ts';
import type { PrepChangeFrom } from './prep-change.ts';
import type { ShownDish } from './use-dishes.ts';

/** Begins a prep day: every dish of it is at the stove from now on, and the order stays as it is. */
export function useBeginPrep(prep: Prep, changeFrom: PrepChangeFrom) {
  const { household } = useHousehold();
  const [isBusy, setIsBusy] = useState(false);
  const begun = useRef(false);
  const begin = async (plan: PrepPlan, dishes: readonly ShownDish[]): Promise<void> => {
    // Two quick taps are one.
    if (begun.current) return;
    begun.current = true;
    setIsBusy(true);
    try {
      const now = new Date(serverNow());
      const cooked = await beginDishes(
        prep,
        (id) => dishes.find((d) => d.dish.id === id)?.version ?? null,
        (version, servings) => beginCook(household.id, version, servings, { table: null, otherWay: null }),
        (seen, after) => changeFrom(seen, after, 'A dish begun'),
      );
      await changeFrom(
        cooked,
        {
          ...cooked,
          kept: keptOrder(plan),
          day: dayIn(now, household.zone),
          start: timeIn(now, household.zone).slice(0, 5),
          begun: now.toISOString(),
        },
        'Begun',
      );
    } catch (e) {
      begun.current = false;
      sayError(e);
    } finally {
      setIsBusy(false);
    }
  };
  return { begin, isBusy };
}
