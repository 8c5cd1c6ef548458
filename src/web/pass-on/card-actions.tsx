import { Copy, Link2, Printer, Share2 } from 'lucide-react';
import { copyToClipboard } from './copy-to-clipboard.ts';
import { shareSheet } from './share-sheet.ts';
import type { CardLinkActions } from './use-card-links.ts';

interface CardActionsProps {
  readonly links: CardLinkActions;
  /** The card as text; null while it is counted. */
  readonly text: string | null;
  readonly title: string;
  /** The last day of a link that is made now; null for no end. */
  readonly until: string | null;
}

/** What is done with a card: beside it at a desk, under the thumb in the hand. A link that was made takes the bar. */
export function CardActions({ links, text, title, until }: CardActionsProps) {
  const { made, busy, make, withdraw, forget } = links;
  return (
    <section
      aria-label="What to do with it"
      className="fixed right-0 bottom-0 left-0 z-20 border-ink border-t bg-sheet px-3 py-2 pb-[max(0.5rem,env(safe-area-inset-bottom))] md:left-[9.25rem] desk:static desk:mt-4 desk:border-0 desk:bg-transparent desk:p-0"
    >
      {made === null ? (
        <div className="flex flex-wrap gap-2">
          <button
            type="button"
            className="btn btn-main min-h-13 min-w-0 flex-1 desk:w-full desk:flex-none"
            onClick={() => void make(until)}
            disabled={busy}
          >
            <Link2 size={20} aria-hidden="true" /> Make a link
          </button>
          <button
            type="button"
            className="btn min-h-13 px-3"
            disabled={text === null}
            onClick={() => text !== null && void copyToClipboard(text, 'Copied as text.', null)}
          >
            <Copy size={20} aria-hidden="true" /> <span className="max-desk:hidden">Copy as text</span>
            <span className="sr-only desk:hidden">Copy as text</span>
          </button>
          <button type="button" className="btn min-h-13 px-3" onClick={() => window.print()}>
            <Printer size={20} aria-hidden="true" /> <span className="max-desk:hidden">Print</span>
            <span className="sr-only desk:hidden">Print</span>
          </button>
          {shareSheet !== null && (
            <button
              type="button"
              className="btn min-h-13 px-3"
              disabled={text === null}
              onClick={() => text !== null && shareSheet?.({ title, text })}
            >
              <Share2 size={20} aria-hidden="true" /> <span className="max-desk:hidden">Share</span>
              <span className="sr-only desk:hidden">Share</span>
            </button>
          )}
        </div>
      ) : (
        <div>
          <p role="status" className="text-sm">
            {made.copied ? 'The card is made and its link copied:' : 'The card is made. Its link:'}
          </p>
          <a
            id="made-link"
            className="block overflow-hidden text-ellipsis whitespace-nowrap font-semibold underline"
            href={made.link.url}
            target="_blank"
            rel="noreferrer"
          >
            {made.link.url}
          </a>
          <div className="mt-2 flex flex-wrap gap-2">
            <button
              type="button"
              className="btn btn-main"
              onClick={() => void copyToClipboard(made.link.url, 'The link is copied.', null)}
            >
              Copy
            </button>
            {shareSheet !== null && (
              <button type="button" className="btn" onClick={() => shareSheet?.({ title, url: made.link.url })}>
                Share
              </button>
            )}
            <button type="button" className="btn" onClick={() => void withdraw(made.link)}>
              Withdraw it
            </button>
            <button type="button" className="btn btn-plain" onClick={forget}>
              Done
            </button>
          </div>
        </div>
      )}
    </section>
  );
}
