import { CardView } from '../../card-view/card-view.tsx';
import type { Card } from '../../core/card/card.ts';

/** A card as a page of its own: no script, one style sheet. */
export function CardPage({ card }: { card: Card }) {
  return (
    <html lang="en">
      <head>
        <meta charSet="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <meta name="robots" content="noindex, nofollow" />
        <meta name="referrer" content="no-referrer" />
        <meta name="color-scheme" content="light dark" />
        <title>{card.title}</title>
        <link rel="icon" type="image/svg+xml" href="/card-assets/mark.svg" />
        <link rel="stylesheet" href="/card-assets/card.css" />
      </head>
      <body>
        <main>
          <CardView card={card} />
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
