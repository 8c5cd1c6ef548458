import { useState } from 'react';
import { useNavigate } from 'react-router';
import { API } from '../../contract/api.ts';
import { ask } from '../data/api.ts';
import { refresh, useHouseholds } from '../data/queries.ts';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';
import { StartOwn } from '../shell/start-own.tsx';

/** Starting a household of one's own, and removing the demo. */
export function DemoAndOwn() {
  const { data: households = [] } = useHouseholds();
  const navigate = useNavigate();
  const [removing, setRemoving] = useState(false);
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
  return (
    <section aria-label="Demo" className="mt-8">
      <h2 className="text-xl">{demo ? 'Demo and own' : 'More households'}</h2>
      <p className="mt-1 text-soft">
        An own household is empty and stands beside the demo. Removing the demo touches nothing else.
      </p>
      <div className="mt-3 flex flex-wrap gap-2">
        <StartOwn className="btn" />
        {demo && !removing && (
          <button type="button" className="btn" onClick={() => setRemoving(true)}>
            Remove the demo
          </button>
        )}
        {removing && (
          <span className="note flex flex-wrap items-center gap-2" role="alert">
            The demo's recipes and cards are gone then, for good after thirty days.
            <button type="button" className="btn btn-main btn-small" onClick={removeDemo}>
              Yes, remove it
            </button>
            <button type="button" className="btn btn-small" onClick={() => setRemoving(false)}>
              Leave it
            </button>
          </span>
        )}
      </div>
    </section>
  );
}
