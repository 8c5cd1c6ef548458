import express, { type Express } from 'express';
import helmet from 'helmet';
import type { Logger } from 'pino';
import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { readReaderWish } from '../core/card/card-for-reader.ts';
import { CardPage, NoCardPage } from './card-page/card-page.tsx';
import { problems } from './http/problem.ts';
import { checkHost } from './http/trust.ts';
import { cardByToken, cardPicture } from './store/card-links.ts';
import type { StoreContext } from './store/scope.ts';

export interface CardsAppOptions {
  readonly context: StoreContext;
  readonly hosts: readonly string[];
  /** Folder with card.css and the fonts. */
  readonly assetsDir: string;
  readonly log: Logger;
}

/** What a link's secret looks like. */
const TOKEN = /^[\w-]{22}$/;

const page = (element: Parameters<typeof renderToStaticMarkup>[0]): string =>
  `<!doctype html>${renderToStaticMarkup(element)}`;

/** The card listener: cards and what they are drawn with, and nothing else. Requests are not logged: links are secret. */
export function cardsApp(options: CardsAppOptions): Express {
  const app = express();
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
  app.use('/card-assets', express.static(options.assetsDir, { index: false, maxAge: '1d' }));
  app.get('/robots.txt', (_req, res) => void res.type('text/plain').send('User-agent: *\nDisallow: /\n'));
  app.get('/c/:token', async (req, res) => {
    const shown = TOKEN.test(req.params.token) ? await cardByToken(options.context, req.params.token) : null;
    res
      .status(shown ? 200 : 404)
      .set('Cache-Control', 'no-store')
      .type('text/html');
    const wish = readReaderWish(req.query);
    const pictureUrl = shown !== null && shown.card.picture !== null ? `/c/${req.params.token}/picture` : null;
    res.send(page(shown ? createElement(CardPage, { ...shown, wish, pictureUrl }) : createElement(NoCardPage)));
  });
  app.get('/c/:token/picture', async (req, res, next) => {
    const bytes = TOKEN.test(req.params.token) ? await cardPicture(options.context, req.params.token) : null;
    if (bytes === null) return next();
    res.set('Cache-Control', 'no-store').type('image/webp').send(Buffer.from(bytes));
  });
  app.use(
    (_req, res) =>
      void res
        .status(404)
        .type('text/html')
        .send(page(createElement(NoCardPage))),
  );
  app.use(problems(options.log));
  return app;
}
