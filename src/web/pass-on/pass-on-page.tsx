import { Copy, ExternalLink, Printer } from 'lucide-react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { toast } from 'sonner';
import { CardView } from '../../card-view/card-view.tsx';
import { API } from '../../contract/api.ts';
import type { CardLink } from '../../contract/recipe.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { isOpen } from '../../core/version/version.ts';
import { useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { ask } from '../data/api.ts';
import { refresh } from '../data/queries.ts';
import { useAnswer } from '../data/use-answer.ts';
import '../../card-view/card-view.css';
import { sayError } from '../components/say-error.ts';

/** The card of a version: a page with a link, text to paste, a sheet to print. */
export function PassOnPage() {
  const { household } = useHousehold();
  const { page, asWritten } = useOpenRecipe();
  const h = household.id;
  const [params, setParams] = useSearchParams();
  const latest = page.versions.filter((v) => v.kind === 'lightened').pop() ?? asWritten;
  const version = page.versions.find((v) => v.id === params.get('version')) ?? latest;
  const again = `${version.revision} ${page.recipe.revision}`;
  const { data, error } = useAnswer(API.previewCard, { h, id: version.id }, { again, keepPreviousData: false });
  const [busy, setBusy] = useState(false);
  const open = version.lines.filter(isOpen).length;

  const make = async () => {
    setBusy(true);
    try {
      const link = await ask(API.addCard, { h, id: version.id });
      await refresh.recipe(household.id);
      await copyToClipboard(link.url, 'The card is made and its link copied.', 'The card is made.');
    } catch (e) {
      sayError(e);
    }
    setBusy(false);
  };
  const withdraw = async (card: CardLink) => {
    try {
      await ask(API.withdrawCard, { h, id: card.id });
      await refresh.recipe(household.id);
      toast('The link is withdrawn and leads nowhere now.');
    } catch (e) {
      sayError(e);
    }
  };
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
      <aside
        aria-label="Links"
        className="no-print border-ink bg-sheet px-5 py-5 lg:col-start-2 lg:row-span-2 lg:row-start-1 lg:border-l"
      >
        <h2 className="text-xl">Pass it on</h2>
        <p className="mt-1 text-soft">
          A link shows this card as it is counted today, and nothing else of the household. Whoever has the link can
          read it.
        </p>
        <button type="button" className="btn btn-main mt-4 w-full" onClick={make} disabled={busy}>
          Make a link
        </button>
        <ul className="mt-4">
          {page.cards.map((c) => (
            <li key={c.id} className="border-rule border-t py-3">
              <span className="block font-semibold">{c.versionName}</span>
              <span className="block text-sm text-soft">counted {formatDay(c.countedOn)}</span>
              {c.withdrawn ? (
                <span className="tag mt-1">withdrawn</span>
              ) : (
                <span className="mt-2 flex flex-wrap gap-2">
                  <a className="btn btn-small" href={c.url} target="_blank" rel="noreferrer">
                    <ExternalLink size={16} aria-hidden="true" /> Open
                  </a>
                  <button
                    type="button"
                    className="btn btn-small"
                    onClick={() => copyToClipboard(c.url, 'The link is copied.', null)}
                  >
                    Copy link
                  </button>
                  <button type="button" className="btn btn-plain btn-small" onClick={() => withdraw(c)}>
                    Withdraw
                  </button>
                </span>
              )}
            </li>
          ))}
        </ul>
        {page.cards.length === 0 && <p className="mt-4 text-sm text-soft">No link yet.</p>}
      </aside>
    </>
  );
}

/** Copies a text; where the browser refuses the clipboard, says so, for that needs a secure address. */
async function copyToClipboard(text: string, done: string, otherwise: string | null): Promise<void> {
  try {
    await navigator.clipboard.writeText(text);
    toast.success(done);
  } catch {
    toast(
      `${otherwise ? `${otherwise} ` : ''}This browser allows copying only on a secure address (https, or this machine). Mark the text and copy it by hand.`,
    );
  }
}
