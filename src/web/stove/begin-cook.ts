import { formatISO } from 'date-fns';
import { v7 as uuid } from 'uuid';
import { asCookedCopy } from '../../core/cook/as-cooked.ts';
import type { Cook } from '../../core/cook/cook.ts';
import { newCook } from '../../core/cook/new-cook.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { applyEntry } from '../../core/version/entry.ts';
import { scaleChanges } from '../../core/version/scale-version.ts';
import type { Version } from '../../core/version/version.ts';
import { refresh } from '../data/queries.ts';
import { documents } from '../saving/use-document.ts';
import { serverNow } from './server-clock.ts';

/** What is said of a cook before its first step. */
export type SaidBefore = Pick<Cook, 'table' | 'otherWay'>;

/**
 * Begins to cook a version for so many. For another number than it says it has amounts of its own.
 *
 * @param servings null for as many as the version says
 * @returns the cook, by the version that it is cooked by
 */
export async function beginCook(
  householdId: string,
  version: Version,
  servings: number | null,
  said: SaidBefore,
): Promise<Cook> {
  const now = new Date(serverNow());
  const day = formatISO(now, { representation: 'date' });
  const { recipeId } = version;
  const id = uuid();
  const changes = servings === null ? [] : scaleChanges(version, servings);
  let versionId = version.id;
  if (changes.length > 0) {
    const copy = asCookedCopy(version, formatDay(day), () => uuid());
    const own = scaleChanges(copy, servings!);
    const scaled = applyEntry(copy, { id: uuid(), label: `For ${servings}`, changes: own, undoes: null });
    versionId = copy.id;
    const document = { ...scaled, revision: 0 };
    await documents.hold({ householdId, name: 'versions', id: copy.id }, null).want({ wants: 'make', document });
    await refresh.recipe(householdId);
  }
  const begun = newCook({ id, recipeId, versionId: version.id, as: 'cooked', day });
  const cook = { ...begun, ...said, begun: now.toISOString(), versionId };
  await documents.hold({ householdId, name: 'cooks', id }, null).want({ wants: 'make', document: cook });
  return cook;
}
