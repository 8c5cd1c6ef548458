import express, { type Express } from 'express';
import gzipStatic from 'express-static-gzip';
import helmet from 'helmet';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import { apiRoutes } from '../routes/api.ts';
import type { ApiContext } from '../routes/api-context.ts';
import { BATCH_PATH, batchBody } from '../routes/pantry-routes.ts';
import { compressJson } from './compress-json.ts';
import { passphraseGate } from './passphrase.ts';
import { ProblemError, problems, unknownPath } from './problem.ts';
import { checkHost, checkWrite } from './trust.ts';

const usualBody = express.json({ limit: '2mb' });

export interface AppOptions extends ApiContext {
  readonly hosts: readonly string[];
  readonly passphrase: string | null;
  readonly secure: boolean;
  /** Folder of the built client; null to serve the API only. */
  readonly webDir: string | null;
  readonly log: Logger;
}

/** The household application: the API and the client. */
export function householdApp(options: AppOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(pinoHttp({ logger: options.log, autoLogging: false }));
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          workerSrc: ["'self'", 'blob:'],
          objectSrc: ["'none'"],
          frameAncestors: ["'none'"],
          upgradeInsecureRequests: null,
        },
      },
      strictTransportSecurity: options.secure,
      referrerPolicy: { policy: 'same-origin' },
    }),
  );
  app.use(checkHost(options.hosts));
  app.get('/api/health', (_req, res) => void res.json({ status: 'ready' }));
  app.use('/api', checkWrite(options.hosts));
  if (options.passphrase !== null) {
    const { login, gate } = passphraseGate(options.passphrase, options.secure);
    app.use(login);
    app.use('/api', gate);
  }
  app.use('/api', compressJson);
  app.use('/api', (req, res, next) => (BATCH_PATH.test(req.path) ? batchBody : usualBody)(req, res, next));
  app.use('/api', apiRoutes(options));
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
          setHeaders: (res, path) => void (path.includes('/assets/') || res.setHeader('Cache-Control', 'no-cache')),
        },
      }),
    );
    const shell = `${options.webDir}/index.html`;
    app.get('/{*path}', (req, res, next) => {
      if (/\.[a-z0-9]{2,5}$/i.test(req.path)) return next(new ProblemError(404, 'There is no such file.'));
      res.set('Cache-Control', 'no-cache').sendFile(shell);
    });
  }
  app.use(unknownPath);
  app.use(problems(options.log));
  return app;
}
