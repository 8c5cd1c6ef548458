import { useRef, useState } from 'react';
import type { Prep } from '../../core/prep/prep.ts';
import { keptOrder, type PrepPlan } from '../../core/prep/prep-plan.ts';
import { dayIn, timeIn } from '../../core/quantity/calendar-day.ts';
import { useHousehold } from '../context/household-context.ts';
import { sayError } from '../kit/say-error.ts';
import { beginCook } from '../stove/begin-cook.ts';
import { serverNow } from '../stove/server-clock.ts';
import type { PrepChange } from './prep-change.ts';
import type { ShownDish } from './use-dishes.ts';

/** Begins a prep day: every dish of it is at the stove from now on, and the order stays as it is. */
export function useBeginPrep(prep: Prep, change: PrepChange) {
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
      const cooked = [...prep.dishes];
      for (const [i, { dish, version }] of dishes.entries()) {
        if (version === null || dish.cookId !== null) continue;
        const cook = await beginCook(household.id, version, dish.servings, { table: null, otherWay: null });
        cooked[i] = { ...dish, versionId: cook.versionId, cookId: cook.id };
      }
      await change(
        {
          ...prep,
          dishes: cooked,
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
