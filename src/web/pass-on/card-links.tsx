import { ExternalLink } from 'lucide-react';
import { useState } from 'react';
import type { CardLink } from '../../contract/recipe.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { PublishAgainDialog } from '../components/publish-again.tsx';
import { AddressPicture } from '../kit/address-picture.tsx';
import { Modal } from '../kit/modal.tsx';
import { copyToClipboard } from './copy-to-clipboard.ts';
import type { CardLinkActions } from './use-card-links.ts';

interface CardLinksProps {
  readonly cards: readonly CardLink[];
  readonly links: CardLinkActions;
}

/** The links that lead to a recipe's cards, each with what it shows; two of one version are told apart by their number. */
export function CardLinks({ cards, links }: CardLinksProps) {
  const [asked, setAsked] = useState<CardLink | null>(null);
  const [fridge, setFridge] = useState<CardLink | null>(null);
  return (
    <section aria-label="Links that were made" className="mt-5">
      <h3 className="text-base">{cards.length === 0 ? 'No link yet' : 'Links that were made'}</h3>
      <ul className="mt-1">
        {cards.map((c, n) => (
          <li key={c.id} className="border-rule border-t py-3">
            <span className="block font-semibold">
              {c.versionName}
              {cards.filter((x) => x.versionName === c.versionName).length > 1 && ` (${cards.length - n})`}
            </span>
            <span className="block text-sm text-soft">
              counted {formatDay(c.countedOn)}
              {c.until !== null && !c.runOut && `, until ${formatDay(c.until)}`}
            </span>
            {c.newer.length > 0 && (
              <span className="mt-1 block text-mustard text-sm">
                A newer count exists:{' '}
                {c.newer.map((m) => `${m.mark} ${formatPoints(m.now)}, there ${formatPoints(m.was)}`).join('; ')}.
              </span>
            )}
            {c.withdrawn ? (
              <span className="tag mt-1">withdrawn</span>
            ) : c.runOut ? (
              <span className="tag mt-1">ran out {formatDay(c.until!)}</span>
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
                <button type="button" className="btn btn-small" onClick={() => setFridge(c)}>
                  QR code
                </button>
                <button type="button" className="btn btn-small" onClick={() => setAsked(c)}>
                  Publish again
                </button>
                {c.correction !== null && (
                  <button
                    type="button"
                    className="btn btn-small"
                    onClick={() => copyToClipboard(c.correction!, 'The correction is copied.', null)}
                  >
                    Copy correction
                  </button>
                )}
                <button type="button" className="btn btn-plain btn-small" onClick={() => void links.withdraw(c)}>
                  Withdraw
                </button>
              </span>
            )}
          </li>
        ))}
      </ul>
      {asked !== null && (
        <PublishAgainDialog
          likely={asked.newer.length > 0 ? 'food' : 'cook'}
          onClose={() => setAsked(null)}
          onDone={(wrong) => {
            setAsked(null);
            void links.publishAgain(asked, wrong);
          }}
        />
      )}
      {fridge !== null && (
        <Modal title="For the fridge" onClose={() => setFridge(null)}>
          <div className="text-center">
            <AddressPicture of={fridge.url} />
            <p className="mt-2 [overflow-wrap:anywhere]">{fridge.url}</p>
          </div>
        </Modal>
      )}
    </section>
  );
}
