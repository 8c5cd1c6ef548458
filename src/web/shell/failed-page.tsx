import { Link, useRouteError } from 'react-router';
import { ApiError, OfflineError } from '../data/api.ts';
import { PageTitle } from '../kit/page-title.tsx';
import { Mark } from './mark.tsx';

/** What stands where a page could not be shown: why, and what to do. */
export function FailedPage({ missing = false }: { missing?: boolean }) {
  const error = useRouteError();
  const known = error instanceof ApiError || error instanceof OfflineError;
  const title = missing
    ? 'There is nothing at this address'
    : error instanceof ApiError
      ? error.problem.title
      : error instanceof OfflineError
        ? 'Imbiss cannot be reached'
        : 'This page could not be shown';
  const detail = known
    ? error instanceof ApiError
      ? error.problem.detail
      : 'Check that it is running, then try again. Nothing is lost.'
    : missing
      ? 'A letter of the link may be wrong.'
      : 'Nothing is lost. Load it again; if it stays, go back to the recipes.';
  return (
    <main className="mx-auto max-w-xl px-6 py-16">
      <Mark className="size-10 text-beet" />
      <PageTitle of={[title]} />
      <h1 className="mt-4 text-3xl">{title}</h1>
      <p className="mt-2 text-soft">{detail}</p>
      <p className="mt-6 flex gap-3">
        <button type="button" className="btn btn-main" onClick={() => window.location.reload()}>
          Load again
        </button>
        <Link to="/" className="btn">
          To the recipes
        </Link>
      </p>
    </main>
  );
}
