import express, { type RequestHandler } from 'express';
import { ProblemError } from './problem.ts';

/** Nothing that Imbiss takes in is nested deeper than this. */
const DEEPEST_JSON = 40;

/** Reads a JSON body of at most so many bytes. What is nested too deeply is refused before it is parsed. */
export const jsonBody = (limit: number): RequestHandler =>
  express.json({ limit, verify: (_req, _res, body) => refuseDeep(body) });

const [QUOTE, BACKSLASH, OPEN, CLOSE, OPEN_LIST, CLOSE_LIST] = [...'"\\{}[]'].map((c) => c.charCodeAt(0)) as [
  number,
  number,
  number,
  number,
  number,
  number,
];

function refuseDeep(body: Uint8Array): void {
  let depth = 0;
  let inText = false;
  for (let i = 0; i < body.length; i++) {
    const c = body[i];
    if (inText) {
      if (c === BACKSLASH) i++;
      else if (c === QUOTE) inText = false;
    } else if (c === QUOTE) inText = true;
    else if (c === OPEN || c === OPEN_LIST) {
      if (++depth > DEEPEST_JSON)
        throw new ProblemError('invalid', 422, 'The request is nested too deeply.', 'Send plain lists and objects.');
    } else if (c === CLOSE || c === CLOSE_LIST) depth--;
  }
}
