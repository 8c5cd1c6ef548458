import { createHash, timingSafeEqual } from 'node:crypto';
import { type RequestHandler, Router } from 'express';
import { rateLimit } from 'express-rate-limit';
import { z } from 'zod';
import { jsonBody } from './json-body.ts';
import { ProblemError, parse } from './problem.ts';
import { SESSION_DAYS, type Sessions } from './sessions.ts';

const COOKIE = 'imbiss';
const QUARTER_HOUR_MS = 15 * 60_000;
/** Wrong tries in a quarter of an hour: from one address, and from all together. */
const TRIES = { fromOne: 10, fromAll: 60 };

const digest = (text: string): Buffer => createHash('sha256').update(text).digest();

/** Every value that the cookie is sent with: a planted one beside the true one hides nothing. */
const secretsIn = (header: string | undefined): string[] =>
  [...(header ?? '').matchAll(/(?:^|;\s*)imbiss=([0-9a-f]{64})(?=;|$)/g)].map((m) => m[1]!).slice(0, 8);

const tooMany = (): never => {
  throw new ProblemError('throttled', 429, 'Too many wrong passphrases.', 'Wait a quarter of an hour and try again.');
};

/**
 * The household's passphrase, asked for whenever the application listens beyond this machine. Wrong tries are throttled
 * by address and, more slowly, from everywhere together; who is logged in already works on.
 */
export function passphraseGate(
  passphrase: string,
  secure: boolean,
  sessions: Sessions,
): { login: Router; gate: RequestHandler; logout: Router } {
  const login = Router();
  const options = { windowMs: QUARTER_HOUR_MS, skipSuccessfulRequests: true, handler: tooMany };
  const byAddress = rateLimit({ ...options, limit: TRIES.fromOne, standardHeaders: true, legacyHeaders: false });
  const byAll = rateLimit({ ...options, limit: TRIES.fromAll, keyGenerator: () => 'everybody', validate: false });
  const cookie = (value: string, seconds: number): string =>
    `${COOKIE}=${value}; Path=/; HttpOnly; SameSite=Strict; Max-Age=${seconds}${secure ? '; Secure' : ''}`;
  login.post('/api/session', byAddress, byAll, jsonBody(4000), async (req, res) => {
    const { passphrase: said } = parse(z.object({ passphrase: z.string().max(200) }), req.body);
    if (!timingSafeEqual(digest(said), digest(passphrase))) {
      const advice = 'Try again, or look at how Imbiss was started.';
      throw new ProblemError('wrong-passphrase', 401, 'That is not the passphrase.', advice);
    }
    res.setHeader('Set-Cookie', cookie(await sessions.begin(), SESSION_DAYS * 86_400));
    res.status(204).end();
  });
  const gate: RequestHandler = async (req, _res, next) => {
    for (const secret of secretsIn(req.headers.cookie)) if (await sessions.holds(secret)) return next();
    const advice = 'Enter the household passphrase first.';
    throw new ProblemError('passphrase-needed', 401, 'Imbiss asks for the passphrase.', advice);
  };
  const logout = Router();
  logout.delete('/session', async (req, res) => {
    for (const secret of secretsIn(req.headers.cookie)) await sessions.end(secret);
    res.setHeader('Set-Cookie', cookie('', 0));
    res.status(204).end();
  });
  logout.delete('/sessions', async (_req, res) => {
    await sessions.endAll();
    res.setHeader('Set-Cookie', cookie('', 0));
    res.status(204).end();
  });
  return { login, gate, logout };
}
