import { createHash, randomBytes, timingSafeEqual } from 'node:crypto';
import express, { type RequestHandler, Router } from 'express';
import { rateLimit } from 'express-rate-limit';
import { z } from 'zod';
import { ProblemError, parse } from './problem.ts';

const COOKIE = 'imbiss';
const WEEK_S = 7 * 24 * 3600;

const digest = (text: string): Buffer => createHash('sha256').update(text).digest();
const cookieOf = (header: string | undefined): string | null =>
  /(?:^|;\s*)imbiss=([0-9a-f]{64})(?:;|$)/.exec(header ?? '')?.[1] ?? null;

/**
 * The household's passphrase, asked for whenever the application listens beyond this machine. Sessions live in
 * memory: a restart asks again. Wrong tries are throttled.
 */
export function passphraseGate(passphrase: string, secure: boolean): { login: Router; gate: RequestHandler } {
  const sessions = new Map<string, number>();
  const login = Router();
  const throttle = rateLimit({
    windowMs: 15 * 60_000,
    limit: 10,
    standardHeaders: true,
    legacyHeaders: false,
    skipSuccessfulRequests: true,
    handler: () => {
      throw new ProblemError(429, 'Too many wrong passphrases.', 'Wait a quarter of an hour and try again.');
    },
  });
  login.post('/api/session', throttle, express.json({ limit: '4kb' }), (req, res) => {
    const { passphrase: said } = parse(z.object({ passphrase: z.string().max(200) }), req.body);
    if (!timingSafeEqual(digest(said), digest(passphrase))) {
      throw new ProblemError(401, 'That is not the passphrase.', 'Try again, or look at how Imbiss was started.');
    }
    const id = randomBytes(32).toString('hex');
    sessions.set(id, Date.now() + WEEK_S * 1000);
    res.setHeader(
      'Set-Cookie',
      `${COOKIE}=${id}; Path=/; HttpOnly; SameSite=Strict; Max-Age=${WEEK_S}${secure ? '; Secure' : ''}`,
    );
    res.status(204).end();
  });
  const gate: RequestHandler = (req, _res, next) => {
    const id = cookieOf(req.headers.cookie);
    const until = id === null ? undefined : sessions.get(id);
    if (until === undefined || until < Date.now()) {
      throw new ProblemError(401, 'Imbiss asks for the passphrase.', 'Enter the household passphrase first.');
    }
    next();
  };
  return { login, gate };
}
