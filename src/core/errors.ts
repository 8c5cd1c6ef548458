/**
 * What can be wrong with a wish, in words that a cook can act on. The core and the store throw these; how they cross
 * the wire is decided at the border alone.
 */
export class DomainError extends Error {
  constructor(
    readonly code: ErrorCode,
    title: string,
    /** What to do about it. */
    readonly advice: string | null = null,
  ) {
    super(title);
  }
}

export const ERROR_CODES = [
  /** There is no such thing, or it is another household's. */
  'not-found',
  /** It was removed, and can be brought back. */
  'removed',
  /** It was changed since the state that the wish was made on. */
  'stale',
  /** Something else needs it as it is. */
  'in-use',
  /** It cannot be, whatever the state. */
  'invalid',
] as const;
export type ErrorCode = (typeof ERROR_CODES)[number];

export const notFound = (what: string): DomainError =>
  new DomainError(
    'not-found',
    `There is no such ${what}.`,
    'It may have been removed. Go back to the list and look again.',
  );
export const wasRemoved = (what: string): DomainError =>
  new DomainError('removed', `This ${what} was removed.`, 'Bring it back first, or go back to the list.');
export const stale = (): DomainError =>
  new DomainError(
    'stale',
    'This was changed elsewhere in the meantime.',
    'Look at both copies and choose, or keep both.',
  );
export const inUse = (title: string, advice: string): DomainError => new DomainError('in-use', title, advice);
export const invalid = (title: string, advice: string | null = null): DomainError =>
  new DomainError('invalid', title, advice);
