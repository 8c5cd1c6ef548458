import { randomBytes } from 'node:crypto';
import { invalid } from '../../core/errors.ts';
import { dayIn } from '../../core/quantity/calendar-day.ts';
import type { Scope } from './scope.ts';
import { tableOf } from './table.ts';

/** 128 random bits: a link that nobody guesses. */
export const newToken = (): string => randomBytes(16).toString('base64url');

/** @throws DomainError invalid for a last day that is over */
export async function checkEnd(s: Scope, until: string | null): Promise<void> {
  const { household } = await tableOf(s);
  if (until !== null && until < dayIn(s.clock(), household.zone))
    throw invalid('A link cannot end before today.', 'Choose today or a later day, or none.');
}
