import type { RevisedTable } from '../../contract/household.ts';
import type { Sendable } from '../../contract/route.ts';
import { notFound } from '../../core/errors.ts';
import { eatersOf } from './eater-shelf.ts';
import { HOUSEHOLD } from './household-shelf.ts';
import { PINS } from './pin-shelf.ts';
import { programsOf } from './programs.ts';
import type { Scope } from './scope.ts';

/** Who counts how at the table, each part with its revision. @throws DomainError not-found */
export async function tableOf(s: Scope): Promise<Sendable<RevisedTable>> {
  const household = await HOUSEHOLD.find(s, s.householdId);
  if (household === null || household.removed) throw notFound('household');
  return {
    household: { ...household.document, revision: household.revision },
    eaters: await eatersOf(s),
    programs: await programsOf(s),
    pins: await PINS.all(s),
  };
}
