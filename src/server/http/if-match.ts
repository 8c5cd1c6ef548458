import { ProblemError } from './problem.ts';

/** The request changes something and does not say which state of it. */
export const blind = (): ProblemError =>
  new ProblemError(
    'blind-change',
    428,
    'The request must say which state it changes.',
    'Send the ETag of the last answer as If-Match.',
  );

/** The revision that an If-Match header names; null without the header. @throws ProblemError 428 for one that cannot be read */
export function ifMatchOrNull(header: string | undefined): number | null {
  if (header === undefined) return null;
  const m = /^"?(\d{1,10})"?$/.exec(header);
  if (!m) throw blind();
  return Number(m[1]);
}

/** The revision that an If-Match header names. @throws ProblemError 428 */
export function ifMatch(header: string | undefined): number {
  const revision = ifMatchOrNull(header);
  if (revision === null) throw blind();
  return revision;
}

/** The ETag of a revision. */
export const etag = (revision: number): string => `"${revision}"`;
