import { millisecondsInMinute } from 'date-fns/constants';
import express, { type Express, type Request, type Response } from 'express';
import { rateLimit } from 'express-rate-limit';
import helmet from 'helmet';
import type { Logger } from 'pino';
import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { readReaderWish } from '../core/card/card-for-reader.ts';
import { CardPage, NoCardPage, SheetPage } from './card-page/card-page.tsx';
import { problems } from './http/problem.ts';
import { checkHost } from './http/trust.ts';
import { cardByToken, cardPicture } from './store/card-links.ts';
import type { StoreContext } from './store/scope.ts';
import { sheetByToken } from './store/sheets.ts';

export interface CardsAppOptions {
  readonly context: StoreContext;
  readonly hosts: readonly string[];
  /** Folder with card.css and the fonts. */
  readonly assetsDir: string;
  readonly log: Logger;
}

/** Reads of cards in a minute, and of links that lead nowhere, from one address. */
const MOST_READS = 3000;
const MOST_MISSES = 120;
const PER_MINUTE = { windowMs: millisecondsInMinute, standardHeaders: false, legacyHeaders: false };
const askTooMuch = (_req: Request, res: Response): void =>
  void res.status(429).type('text/plain').send('Too much was asked for at once. Wait a minute and try again.');

/** What a link's secret looks like. */
const TOKEN = /^[\w-]{22}$/;

const page = (element: Parameters<typeof renderToStaticMarkup>[0]): string =>
  `<!doctype html>${renderToStaticMarkup(element)}`;

/** The card listener: cards and what they are drawn with, and nothing else. Requests are not logged: links are secret. */
export function cardsApp(options: CardsAppOptions): Express {
  const app = express();
  const plainPages = new WeakMap<object, string>();
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'none'"],
          styleSrc: ["'self'"],
          fontSrc: ["'self'"],
          imgSrc: ["'self'"],
          baseUri: ["'none'"],
          // The form of a card asks its own page.
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
        },
      },
      strictTransportSecurity: false,
      referrerPolicy: { policy: 'no-referrer' },
    }),
  );
  app.use((_req, res, next) => {
    res.set('X-Robots-Tag', 'noindex, nofollow');
    next();
  });
  app.use(checkHost(options.hosts));
  // Everybody behind one address of a house together: far more than reads a card, far less than hurts.
  app.use(rateLimit({ ...PER_MINUTE, limit: MOST_READS, handler: askTooMuch }));
  app.use('/card-assets', express.static(options.assetsDir, { index: false, maxAge: '1d' }));
  app.get('/robots.txt', (_req, res) => void res.type('text/plain').send('User-agent: *\nDisallow: /\n'));
  app.get('/c/:token', async (req, res, next) => {
    const shown = TOKEN.test(req.params.token) ? await cardByToken(options.context, req.params.token) : null;
    if (shown === null) return next();
    res.set('Cache-Control', 'no-store').type('text/html');
    const wish = readReaderWish(req.query);
    const pictureUrl = shown.card.picture !== null ? `/c/${req.params.token}/picture` : null;
    const drawn = (): string => page(createElement(CardPage, { ...shown, wish, pictureUrl }));
    // Of a card that nobody asks anything of, one page is everybody's until it shows something else.
    if (Object.keys(req.query).length > 0) return void res.send(drawn());
    const had = plainPages.get(shown) ?? drawn();
    plainPages.set(shown, had);
    res.send(had);
  });
  app.get('/c/:token/picture', async (req, res, next) => {
    const bytes = TOKEN.test(req.params.token) ? await cardPicture(options.context, req.params.token) : null;
    if (bytes === null) return next();
    res.set('Cache-Control', 'no-store').type('image/webp').send(Buffer.from(bytes));
  });
  app.get('/s/:token', async (req, res, next) => {
    const sheet = TOKEN.test(req.params.token) ? await sheetByToken(options.context, req.params.token) : null;
    if (sheet === null) return next();
    res.set('Cache-Control', 'no-store').type('text/html');
    res.send(page(createElement(SheetPage, { sheet })));
  });
  // What never was, was withdrawn or ran out: one page, and whoever guesses is slowed down.
  app.use(
    rateLimit({ ...PER_MINUTE, limit: MOST_MISSES, handler: askTooMuch }),
    (_req, res) =>
      void res
        .status(404)
        .set('Cache-Control', 'no-store')
        .type('text/html')
        .send(page(createElement(NoCardPage))),
  );
  app.use(problems(options.log));
  return app;
}
