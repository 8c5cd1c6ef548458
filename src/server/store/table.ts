import { notFound } from '../../core/errors.ts';
import type { Pin, Program } from '../../core/program/program.ts';
import type { Eater, Household } from '../../core/table/table.ts';
import { eatersOf } from './eater-shelf.ts';
import { HOUSEHOLD } from './household-shelf.ts';
import { PINS } from './pin-shelf.ts';
import { programsOf } from './programs.ts';
import type { Scope } from './scope.ts';

/** A thing with the revision it is at. */
type Revised<T> = T & { readonly revision: number };

export interface RevisedTable {
  readonly household: Revised<Household>;
  readonly eaters: readonly Revised<Eater>[];
  readonly programs: readonly Program[];
  readonly pins: readonly Revised<Pin>[];
}

/** Who counts how at the table, each part with its revision. @throws DomainError not-found */
export async function tableOf(s: Scope): Promise<RevisedTable> {
  const household = await HOUSEHOLD.find(s, s.householdId);
  if (household === null || household.removed) throw notFound('household');
  return {
    household: { ...household.document, revision: household.revision },
    eaters: await eatersOf(s),
    programs: await programsOf(s),
    pins: await PINS.all(s),
  };
}
