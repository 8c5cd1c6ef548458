import { CardView } from '../../card-view/card-view.tsx';
import { SheetView } from '../../card-view/sheet-view.tsx';
import type { Moved } from '../../contract/moved.ts';
import type { Card } from '../../core/card/card.ts';
import type { WrittenWish } from '../../core/card/card-for-reader.ts';
import type { Sheet } from '../../core/card/sheet.ts';
import { asJsonLd } from '../../core/exchange/as-json-ld.ts';
import { toldOfCard } from '../../core/exchange/told-recipe.ts';
import { formatPoints } from '../../core/program/format-points.ts';

interface CardPageProps {
  readonly card: Card;
  /** What its dish comes to by now, where that is another number. */
  readonly newer: readonly Moved[];
  /** Where its picture is, and the page itself; null without one. */
  readonly pictureUrl: string | null;
  /** What its reader wrote into its form. */
  readonly wish: WrittenWish;
}

const dataOf = (card: Card): string => JSON.stringify(asJsonLd(toldOfCard(card))).replace(/</g, '\\u003c');

/** A card as a page of its own: no script, one style sheet. */
export function CardPage({ card, newer, wish, pictureUrl }: CardPageProps) {
  return (
    <html lang="en">
      <head>
        <meta charSet="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <meta name="robots" content="noindex, nofollow" />
        <meta name="referrer" content="no-referrer" />
        <meta name="color-scheme" content="light dark" />
        <title>{card.title}</title>
        {/* What a chat shows of a link that somebody sends: the dish and its points, for those who have the link anyway. */}
        <meta property="og:title" content={card.title} />
        <meta
          property="og:description"
          content={card.programs.map((p) => `${p.name} ${formatPoints(p.points)}`).join(' · ')}
        />
        <link rel="icon" type="image/svg+xml" href="/card-assets/mark.svg" />
        <link rel="stylesheet" href="/card-assets/card.css" />
        {/* Data for those who save the page, and no script: no browser runs it. It is JSON in which no mark of HTML is left. */}
        <script type="application/ld+json" dangerouslySetInnerHTML={{ __html: dataOf(card) }} />
      </head>
      <body>
        <main>
          <CardView card={card} wish={wish} pictureUrl={pictureUrl} />
          {newer.length > 0 && (
            <p className="newer">
              A newer count exists:{' '}
              {newer.map((m) => `${m.mark} ${formatPoints(m.now)}, here ${formatPoints(m.was)}`).join('; ')}. What
              stands above was counted on the day it says.
            </p>
          )}
        </main>
      </body>
    </html>
  );
}

/** Several dishes as a page of their own. */
export function SheetPage({ sheet }: { readonly sheet: Sheet }) {
  return (
    <html lang="en">
      <head>
        <meta charSet="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <meta name="robots" content="noindex, nofollow" />
        <meta name="referrer" content="no-referrer" />
        <meta name="color-scheme" content="light dark" />
        <title>{sheet.title}</title>
        <meta property="og:title" content={sheet.title} />
        <link rel="icon" type="image/svg+xml" href="/card-assets/mark.svg" />
        <link rel="stylesheet" href="/card-assets/card.css" />
      </head>
      <body>
        <main>
          <SheetView sheet={sheet} />
        </main>
      </body>
    </html>
  );
}

/** What stands under a link that was withdrawn, or never was. */
export function NoCardPage() {
  return (
    <html lang="en">
      <head>
        <meta charSet="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <meta name="robots" content="noindex, nofollow" />
        <title>No card here</title>
        <link rel="icon" type="image/svg+xml" href="/card-assets/mark.svg" />
        <link rel="stylesheet" href="/card-assets/card.css" />
      </head>
      <body>
        <main className="card">
          <h1 className="title">There is no card here</h1>
          <p className="intro">
            The link was withdrawn, or a letter of it got lost. Ask the cook who sent it for a new one.
          </p>
        </main>
      </body>
    </html>
  );
}
