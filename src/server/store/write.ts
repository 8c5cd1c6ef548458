import { settleListings } from './listings.ts';
import { type Scope, writeWith } from './scope.ts';

/** Writes in one transaction, with the counts of the recipes that it touches. */
export const write = <T>(scope: Scope, work: (s: Scope) => Promise<T>): Promise<T> =>
  writeWith(scope, settleListings, work);
