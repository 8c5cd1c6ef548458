import { useState } from 'react';
import { useNavigate } from 'react-router';
import { API } from '../../contract/api.ts';
import { useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { refresh, useHouseholds } from '../data/queries.ts';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';
import { forgetHousehold } from '../shell/last-household.ts';
import { StartOwn } from '../shell/start-own.tsx';

/** Starting a household of one's own, and removing the demo. */
export function DemoAndOwn() {
  const { data: households = [] } = useHouseholds();
  const navigate = useNavigate();
  const { household } = useHousehold();
  const [removing, setRemoving] = useState<'demo' | 'own' | null>(null);
  const demo = households.some((h) => h.demo);
  const removeDemo = async () => {
    try {
      await ask(API.removeDemo, {});
      await refresh.households();
      navigate('/');
      sayDone('The demo is removed.', async () => {
        await ask(API.restoreDemo, {});
        await refresh.households();
      });
    } catch (e) {
      sayError(e);
    }
  };
  const removeOwn = async () => {
    const { id, name } = household;
    try {
      await ask(API.removeHousehold, { h: id });
      forgetHousehold();
      await refresh.households();
      navigate('/');
      sayDone(`${name} is removed.`, async () => {
        await ask(API.restoreHousehold, { h: id });
        await refresh.households();
        navigate(`/h/${id}/recipes`);
      });
    } catch (e) {
      sayError(e);
    }
  };
  return (
    <section aria-label="Demo" className="mt-8">
      <h2 className="text-xl">{demo ? 'Demo and own' : 'More households'}</h2>
      <p className="mt-1 text-soft">
        An own household is empty and stands beside the demo. What is removed touches nothing else, and can be had back
        for thirty days.
      </p>
      <div className="mt-3 flex flex-wrap gap-2">
        <StartOwn className="btn" />
        {demo && removing === null && (
          <button type="button" className="btn" onClick={() => setRemoving('demo')}>
            Remove the demo
          </button>
        )}
        {!household.demo && removing === null && (
          <button type="button" className="btn" onClick={() => setRemoving('own')}>
            Remove {household.name}
          </button>
        )}
        {removing && (
          <span className="note flex flex-wrap items-center gap-2" role="alert">
            {removing === 'demo' ? 'The demo’s' : `All`} recipes and cards{' '}
            {removing === 'own' && `of ${household.name} `}are gone then, for good after thirty days.
            <button
              type="button"
              className="btn btn-main btn-small"
              onClick={removing === 'demo' ? removeDemo : removeOwn}
            >
              Yes, remove it
            </button>
            <button type="button" className="btn btn-small" onClick={() => setRemoving(null)}>
              Leave it
            </button>
          </span>
        )}
      </div>
    </section>
  );
}
