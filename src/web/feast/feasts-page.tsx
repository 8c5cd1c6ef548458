import { Link, useNavigate } from 'react-router';
import { v7 as uuid } from 'uuid';
import { blankFeast } from '../../core/feast/blank-feast.ts';
import type { Feast } from '../../core/feast/feast.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { useHousehold } from '../context/household-context.ts';
import { useFeasts } from '../data/queries.ts';
import { Page } from '../kit/page.tsx';
import { sayDone } from '../kit/say-done.ts';
import { documents } from '../saving/use-document.ts';
import { BEGINS } from './begins.ts';

/** The feasts of a household: suppers of several dishes, lightened together. */
export function FeastsPage() {
  const { household, eaters } = useHousehold();
  const { data: feasts, error } = useFeasts(household.id);
  const navigate = useNavigate();
  /** Looking saves nothing: what is put on the menu first makes the feast. */
  const plan = () => {
    const feast = blankFeast(uuid(), eaters.length);
    documents.begin({ householdId: household.id, name: 'feasts', id: feast.id }, feast);
    navigate(`/h/${household.id}/recipes/feasts/${feast.id}`, { state: BEGINS });
  };
  const remove = async (feast: Feast) => {
    const kept = { document: feast, revision: feast.revision, removed: false, entries: [], earlier: false };
    const saved = documents.hold({ householdId: household.id, name: 'feasts', id: feast.id }, kept);
    await saved.want({ wants: 'remove' });
    sayDone(`${feast.name} is removed`, () => saved.want({ wants: 'restore' }));
  };
  return (
    <Page
      heading="Feasts"
      about="Several dishes for one occasion, under one target for each plate."
      actions={
        <button type="button" className="btn btn-main" onClick={plan}>
          Plan a feast
        </button>
      }
    >
      {error && !feasts && (
        <p className="note mt-6" role="alert">
          {error.message}
        </p>
      )}
      {!feasts && !error && (
        <p className="mt-8 text-soft" role="status">
          Looking…
        </p>
      )}
      {feasts?.length === 0 && (
        <p className="mt-8 max-w-xl text-soft">
          No feast yet. Put dishes together, say how much of each everyone eats and how many points the whole plate may
          have; the search decides where to give ground.
        </p>
      )}
      <ul className="mt-4 border-rule border-t">
        {feasts?.map((f) => (
          <li key={f.id} className="flex items-center gap-4 border-rule border-b">
            <Link to={`/h/${household.id}/recipes/feasts/${f.id}`} className="min-w-0 flex-1 px-2 py-3 hover:text-beet">
              <span className="block font-bold font-head text-lg leading-tight">{f.name}</span>
              <span className="block text-soft text-sm">
                {[
                  f.day === null ? null : formatDay(f.day),
                  f.people === 1 ? 'for 1' : `for ${f.people}`,
                  f.titles.join(', ') || 'no dishes yet',
                ]
                  .filter(Boolean)
                  .join(' · ')}
              </span>
            </Link>
            <button type="button" className="btn btn-plain btn-small" onClick={() => remove(f)}>
              Remove
            </button>
          </li>
        ))}
      </ul>
    </Page>
  );
}
