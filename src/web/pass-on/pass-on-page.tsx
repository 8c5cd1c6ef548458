import { Copy, Printer } from 'lucide-react';
import { useSearchParams } from 'react-router';
import { CardView } from '../../card-view/card-view.tsx';
import { API } from '../../contract/api.ts';
import { shownVersion } from '../../core/version/shown-version.ts';
import { isOpen } from '../../core/version/version.ts';
import { useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { useAnswer } from '../data/use-answer.ts';
import { CardLinks } from './card-links.tsx';
import { copyToClipboard } from './copy-to-clipboard.ts';
import '../../card-view/card-view.css';

/** The card of a version: a page with a link, text to paste, a sheet to print. */
export function PassOnPage() {
  const { household } = useHousehold();
  const { page, asWritten } = useOpenRecipe();
  const h = household.id;
  const [params, setParams] = useSearchParams();
  const latest = shownVersion(page.versions, page.recipe.shownVersionId) ?? asWritten;
  const version = page.versions.find((v) => v.id === params.get('version')) ?? latest;
  const again = `${version.revision} ${page.recipe.revision}`;
  const { data, error } = useAnswer(API.previewCard, { h, id: version.id }, { again, keepPreviousData: false });
  const open = version.lines.filter(isOpen).length;
  return (
    <>
      <main className="min-w-0 px-4 py-4 md:px-6">
        <div className="no-print mb-4 flex flex-wrap items-center gap-2">
          <label className="sr-only" htmlFor="card-version">
            Version
          </label>
          <select
            id="card-version"
            className="field w-auto max-w-64"
            value={version.id}
            onChange={(e) => setParams({ version: e.target.value })}
          >
            {page.versions.map((v) => (
              <option key={v.id} value={v.id}>
                {v.name}
              </option>
            ))}
          </select>
          <button
            type="button"
            className="btn"
            disabled={!data}
            onClick={() => data && copyToClipboard(data.text, 'Copied as text.', null)}
          >
            <Copy size={18} aria-hidden="true" /> Copy as text
          </button>
          <button type="button" className="btn" onClick={() => window.print()}>
            <Printer size={18} aria-hidden="true" /> Print
          </button>
        </div>
        {open > 0 && (
          <p className="note no-print mb-4">
            {open === 1 ? 'One line is' : `${open} lines are`} still open: the card would say "so far". Answer first at
            Bring in.
          </p>
        )}
        {error && !data && (
          <p className="note" role="alert">
            {error.message}
          </p>
        )}
        {data ? (
          <div className="max-w-2xl rounded-xl border border-rule bg-sheet p-6 print:border-0 print:p-0">
            <CardView card={data.card} inside />
          </div>
        ) : (
          !error && (
            <p className="text-soft" role="status">
              Counting the card…
            </p>
          )
        )}
      </main>
      <CardLinks h={h} versionId={version.id} cards={page.cards} />
    </>
  );
}
