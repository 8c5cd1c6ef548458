import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import { OfflineError } from '../data/api.ts';
import { useHouseholds } from '../data/queries.ts';
import { lastHousehold } from './last-household.ts';
import { Mark } from './mark.tsx';
import { needsPassphrase, Passphrase } from './passphrase.tsx';
import { StartOwn } from './start-own.tsx';

/** Leads to the household that was open last, or offers to start one. */
export function StartPage() {
  const { data, error } = useHouseholds();
  const navigate = useNavigate();
  const last = lastHousehold();
  const target = data?.find((h) => h.id === last) ?? data?.find((h) => !h.demo) ?? data?.[0];
  useEffect(() => {
    if (target) navigate(`/h/${target.id}/recipes`, { replace: true });
  }, [target, navigate]);
  if (needsPassphrase(error)) return <Passphrase />;
  if (error instanceof OfflineError) throw error;
  if (error) throw error;
  return (
    <main className="mx-auto max-w-xl px-6 py-16">
      <Mark className="size-12 text-beet" />
      <h1 className="mt-4 text-4xl">Imbiss</h1>
      <p className="mt-2 text-lg text-soft">
        From a handwritten recipe to a lighter one, counted exactly for everyone at the table.
      </p>
      {data && data.length === 0 && (
        <div className="mt-6">
          <StartOwn />
        </div>
      )}
      {!data && (
        <p className="mt-6 text-soft" role="status">
          Setting the table…
        </p>
      )}
    </main>
  );
}
