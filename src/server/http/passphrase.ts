import { createHash, timingSafeEqual } from 'node:crypto';
import { parseCookie } from 'cookie';
import { millisecondsInDay } from 'date-fns/constants';
import { type RequestHandler, type Response, Router } from 'express';
import { rateLimit } from 'express-rate-limit';
import { API } from '../../contract/api.ts';
import { jsonBody } from './json-body.ts';
import { ProblemError } from './problem.ts';
import { serve } from './serve-route.ts';
import { SESSION_DAYS, type Sessions } from './sessions.ts';

const COOKIE = 'imbiss';
const QUARTER_HOUR_MS = 15 * 60_000;
/** Wrong tries in a quarter of an hour: from one address, and from all together. */
const TRIES = { fromOne: 10, fromAll: 60 };

const digest = (text: string): Buffer => createHash('sha256').update(text).digest();

/** Every value that the cookie is sent with: a planted one beside the true one hides nothing. */
const secretsIn = (header: string | undefined): string[] =>
  (header ?? '')
    .split(';', 64)
    .map((pair) => parseCookie(pair)[COOKIE] ?? '')
    .filter((secret) => /^[0-9a-f]{64}$/.test(secret))
    .slice(0, 8);

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
  const cookie = (res: Response, value: string, days: number): void =>
    void res.cookie(COOKIE, value, { httpOnly: true, sameSite: 'strict', secure, maxAge: days * millisecondsInDay });
  login.post(API.logIn.path, byAddress, byAll, jsonBody(4000));
  serve(login, API.logIn, async ({ body, res }) => {
    if (!timingSafeEqual(digest(body.passphrase), digest(passphrase))) {
      const advice = 'Try again, or look at how Imbiss was started.';
      throw new ProblemError('wrong-passphrase', 401, 'That is not the passphrase.', advice);
    }
    cookie(res, await sessions.begin(), SESSION_DAYS);
  });
  const gate: RequestHandler = async (req, _res, next) => {
    for (const secret of secretsIn(req.headers.cookie)) if (await sessions.holds(secret)) return next();
    const advice = 'Enter the household passphrase first.';
    throw new ProblemError('passphrase-needed', 401, 'Imbiss asks for the passphrase.', advice);
  };
  const logout = Router();
  serve(logout, API.logOut, async ({ req, res }) => {
    for (const secret of secretsIn(req.headers.cookie)) await sessions.end(secret);
    cookie(res, '', 0);
  });
  serve(logout, API.logOutEverywhere, async ({ res }) => {
    await sessions.endAll();
    cookie(res, '', 0);
  });
  return { login, gate, logout };
}
