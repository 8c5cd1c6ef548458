import { ExternalLink } from 'lucide-react';
import type { CardLink } from '../../contract/recipe.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { copyToClipboard } from './copy-to-clipboard.ts';
import { useCardLinks } from './use-card-links.ts';

interface CardLinksProps {
  readonly h: string;
  readonly versionId: string;
  readonly cards: readonly CardLink[];
}

/** The links that lead to a recipe's cards, and how another is made. */
export function CardLinks({ h, versionId, cards }: CardLinksProps) {
  const { busy, make, withdraw } = useCardLinks(h, versionId);
  return (
    <aside
      aria-label="Links"
      className="no-print border-ink bg-sheet px-5 py-5 desk:col-start-2 desk:row-span-2 desk:row-start-1 desk:border-l"
    >
      <h2 className="text-xl">Pass it on</h2>
      <p className="mt-1 text-soft">
        A link shows this card as it is counted today, and nothing else of the household. Whoever has the link can read
        it.
      </p>
      <button type="button" className="btn btn-main mt-4 w-full" onClick={make} disabled={busy}>
        Make a link
      </button>
      <ul className="mt-4">
        {cards.map((c) => (
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
      {cards.length === 0 && <p className="mt-4 text-sm text-soft">No link yet.</p>}
    </aside>
  );
}
