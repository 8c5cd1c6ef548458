import type { TakeInAnswer } from '../../contract/exchange-api.ts';
import type { CarriedHousehold } from '../exchange/household-archive.ts';
import { takeIn } from './household-take-in.ts';
import { addHousehold } from './households.ts';
import { inTransaction, type StoreContext, scopeOf } from './scope.ts';

/** Takes a file in as a household of its own, all of it or nothing. @param id free here */
export function takeInAsHousehold(
  context: StoreContext,
  id: string,
  carried: CarriedHousehold,
  onProgress: (done: number, total: number) => void,
): Promise<TakeInAnswer> {
  return inTransaction(context.db, async (db) => {
    const { name, system, region, zone, sourceWords } = carried.file.household;
    const now = context.clock().toISOString();
    await addHousehold({ db }, { id, name, demo: false, system, region, zone, sourceWords }, now);
    const wish = { theirs: new Set<string>(), without: new Set<string>(), isNew: true };
    return takeIn(scopeOf({ ...context, db }, id), carried, wish, onProgress);
  });
}
