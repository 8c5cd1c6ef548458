import { CalendarCheck } from 'lucide-react';
import { WEEK_API } from '../../contract/week-api.ts';
import type { Cook } from '../../core/cook/cook.ts';
import { useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { refreshAfter } from '../data/queries.ts';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';

/** Puts the plates of a cook on the days of those who have them. */
export function OntoDays({ cook }: { readonly cook: Cook }) {
  const { household, eaters } = useHousehold();
  if (!eaters.some((e) => (cook.plates[e.id] ?? 0) > 0)) return null;
  const put = async () => {
    const { plates } = await ask(WEEK_API.platesOnDays, { h: household.id, id: cook.id });
    await refreshAfter(household.id, 'day-entries');
    sayDone(plates === 1 ? 'The plate is on the day, as eaten.' : `${plates} plates are on their days, as eaten.`);
  };
  return (
    <button type="button" className="btn btn-small mt-2" onClick={() => void put().catch(sayError)}>
      <CalendarCheck size={18} aria-hidden="true" /> Onto everyone’s day
    </button>
  );
}
