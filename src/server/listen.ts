import { readFileSync } from 'node:fs';
import { createServer as createHttp, type RequestListener, type Server } from 'node:http';
import { createServer as createHttps } from 'node:https';
import type { Config } from './config.ts';

/** More connections than any household has; beyond it new ones wait. */
const MOST_CONNECTIONS = 400;

/** A port that was taken before anything else was touched, and what answers on it once it is there. */
export interface Listener {
  readonly server: Server;
  readonly port: number;
  answerWith(app: RequestListener): void;
}

/**
 * Takes a port. Until there is an application, requests are told to come back.
 *
 * @throws the system's error, such as EADDRINUSE
 */
export function listen(port: number, config: Config): Promise<Listener> {
  let answer: RequestListener = (_req, res) => {
    res.writeHead(503, { 'Retry-After': '1', 'Content-Type': 'text/plain' }).end('Imbiss is starting.\n');
  };
  const respond: RequestListener = (req, res) => answer(req, res);
  const server = config.tls
    ? createHttps({ cert: readFileSync(config.tls.cert), key: readFileSync(config.tls.key) }, respond)
    : createHttp(respond);
  server.maxConnections = MOST_CONNECTIONS;
  server.headersTimeout = 20_000;
  server.requestTimeout = 60_000;
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, config.host, () => {
      server.off('error', reject);
      resolve({
        server,
        port: (server.address() as { port: number }).port,
        answerWith: (app) => {
          answer = app;
        },
      });
    });
  });
}

/** Closes listeners: no new requests, and those that are being answered get so long to end. */
export async function closeAll(listeners: readonly Listener[], patienceMs: number): Promise<void> {
  const closed = Promise.all(listeners.map((l) => new Promise<void>((resolve) => l.server.close(() => resolve()))));
  // A connection that has its answer is kept open by the other side for the next one: there is none.
  const idle = setInterval(() => {
    for (const l of listeners) l.server.closeIdleConnections();
  }, 50);
  const late = setTimeout(() => {
    for (const l of listeners) l.server.closeAllConnections();
  }, patienceMs);
  await closed;
  clearInterval(idle);
  clearTimeout(late);
}
