import express, { type RequestHandler } from 'express';
import { nestsTooDeep } from '../exchange/json-nesting.ts';
import { ProblemError } from './problem.ts';

/** Reads a JSON body of at most so many bytes. What is nested too deeply is refused before it is parsed. */
export const jsonBody = (limit: number): RequestHandler =>
  express.json({
    limit,
    verify: (_req, _res, body) => {
      if (nestsTooDeep(body))
        throw new ProblemError('invalid', 422, 'The request is nested too deeply.', 'Send plain lists and objects.');
    },
  });
