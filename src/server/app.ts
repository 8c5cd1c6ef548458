import compression from 'compression';
import express, { type Express, type Response, Router } from 'express';
import gzipStatic from 'express-static-gzip';
import helmet from 'helmet';
import type { Logger } from 'pino';
import { API } from '../contract/api.ts';
import { COOK_API } from '../contract/cook-api.ts';
import { openApi } from '../contract/openapi.ts';
import { backupsIn } from './backups-by-clock.ts';
import { accessLog } from './http/access-log.ts';
import { jsonBody } from './http/json-body.ts';
import { passphraseGate } from './http/passphrase.ts';
import { ProblemError, problems, unknownPath } from './http/problem.ts';
import { serve } from './http/serve-route.ts';
import { sessionsIn } from './http/sessions.ts';
import { checkHost, checkWrite } from './http/trust.ts';
import { apiRoutes } from './routes/api.ts';
import type { ApiContext } from './routes/api-context.ts';
import { eventStreams } from './routes/event-streams.ts';
import { BATCH_PATH, batchBody } from './routes/pantry-routes.ts';
import { unreadableRows } from './store/stored.ts';
import { daysLeftOpen } from './store/turn-of-day.ts';

const usualBody = jsonBody(2_000_000);
/** Answers smaller than this go out as they are, bytes: over the house's network they are there sooner than packed. */
const WORTH_IT = 65_536;
/** The scripts of workers that compile a reader: of barcodes, and of letters. */
const COMPILING_WORKER = /\/assets\/(?:barcode-worker|worker\.min)-/;
const isJson = (_req: unknown, res: Response): boolean => /json/.test(String(res.getHeader('Content-Type')));

export interface AppOptions extends ApiContext {
  readonly hosts: readonly string[];
  readonly passphrase: string | null;
  readonly secure: boolean;
  /** Folder of the built client; null to serve the API only. */
  readonly webDir: string | null;
  /** The addresses under which other devices reach it; none when it listens on this machine alone. */
  readonly addresses: readonly string[];
  /** The folder of the data, whose backups the household's page tells; null where there is none. */
  readonly dataDir: string | null;
  readonly log: Logger;
}

/** The household application, and what ends with it. */
export interface HouseholdApp {
  readonly app: Express;
  /** Ends the event streams, which else would hold the server open. */
  endStreams(): void;
}

/** The household application: the API and the client. */
export function householdApp(options: AppOptions): HouseholdApp {
  const app = express();
  app.disable('x-powered-by');
  app.use(accessLog(options.log));
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          workerSrc: ["'self'"],
          objectSrc: ["'none'"],
          frameAncestors: ["'none'"],
          upgradeInsecureRequests: null,
        },
      },
      strictTransportSecurity: options.secure ? { maxAge: 31_536_000, includeSubDomains: false } : false,
      referrerPolicy: { policy: 'same-origin' },
    }),
  );
  app.use(checkHost(options.hosts));
  const open = Router();
  serve(open, API.health, () => ({ status: 'ready' as const }));
  app.use('/api', open, checkWrite(options.hosts));
  if (options.passphrase !== null) {
    const sessions = sessionsIn(options.db, options.clock);
    const { login, gate, logout } = passphraseGate(options.passphrase, options.secure, sessions);
    app.use('/api', login, gate, logout);
  }
  // An ETag is the revision that a change is made on, and not what a browser's cache may answer by.
  app.use('/api', (_req, res, next) => {
    res.set('Cache-Control', 'no-store');
    next();
  });
  // An event stream goes out as it is: compressed, its lines would wait for more.
  app.use('/api', compression({ threshold: WORTH_IT, filter: isJson }));
  app.use('/api', (req, res, next) => (BATCH_PATH.test(req.path) ? batchBody : usualBody)(req, res, next));
  const installation = Router();
  serve(installation, COOK_API.clock, () => ({ now: options.clock().toISOString() }));
  serve(installation, API.session, () => ({ passphrase: options.passphrase !== null }));
  serve(installation, API.backups, () => (options.dataDir === null ? [] : backupsIn(options.dataDir)));
  serve(installation, API.unreadable, () => [...unreadableRows(), ...daysLeftOpen(options.db)]);
  serve(installation, API.addresses, () => options.addresses);
  installation.get('/openapi.json', (_req, res) => void res.json(openApi()));
  const streams = eventStreams();
  app.use('/api', installation, apiRoutes(options, streams));
  app.use('/api', unknownPath);
  if (options.webDir !== null) {
    app.use(
      gzipStatic(options.webDir, {
        enableBrotli: true,
        orderPreference: ['br', 'gz'],
        index: false,
        serveStatic: {
          maxAge: '1y',
          immutable: true,
          index: false,
          setHeaders: (res, path) => {
            if (!path.includes('/assets/')) res.setHeader('Cache-Control', 'no-cache');
            // What reads barcodes and letters is compiled in its worker, and may nothing else; the page may not.
            if (COMPILING_WORKER.test(path))
              res.setHeader('Content-Security-Policy', "default-src 'self'; script-src 'self' 'wasm-unsafe-eval'");
          },
        },
      }),
    );
    const shell = `${options.webDir}/index.html`;
    app.get('/{*path}', (req, res, next) => {
      if (/\.[a-z0-9]{2,5}$/i.test(req.path)) return next(new ProblemError('not-found', 404, 'There is no such file.'));
      res.set('Cache-Control', 'no-cache').sendFile(shell);
    });
  }
  app.use(unknownPath);
  app.use(problems(options.log));
  return { app, endStreams: () => streams.endAll() };
}
