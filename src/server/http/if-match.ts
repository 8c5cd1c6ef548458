import { ProblemError } from './problem.ts';

/** The revision that an If-Match header names. @throws ProblemError 428 */
export function ifMatch(header: string | undefined): number {
  const m = /^"?(\d{1,9})"?$/.exec(header ?? '');
  if (!m)
    throw new ProblemError(
      428,
      'The request must say which state it changes.',
      'Send the ETag of the last answer as If-Match.',
    );
  return Number(m[1]);
}
