import { formatISO } from 'date-fns';
import { useRef } from 'react';
import { useNavigate } from 'react-router';
import { v7 as uuid } from 'uuid';
import { asCookedCopy } from '../../core/cook/as-cooked.ts';
import type { Cook } from '../../core/cook/cook.ts';
import { newCook } from '../../core/cook/new-cook.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { applyEntry } from '../../core/version/entry.ts';
import { scaleChanges } from '../../core/version/scale-version.ts';
import type { Version } from '../../core/version/version.ts';
import { useHousehold } from '../context/household-context.ts';
import { refresh } from '../data/queries.ts';
import { sayError } from '../kit/say-error.ts';
import { documents } from '../saving/use-document.ts';
import { serverNow } from './server-clock.ts';

/** What is said of a cook before its first step. */
type SaidBefore = Pick<Cook, 'table' | 'otherWay'>;

/** Begins to cook a version for so many, and goes to its first step. For another number it has amounts of its own. */
export function useBegin(): (version: Version, servings: number | null, said: SaidBefore) => Promise<void> {
  const { household } = useHousehold();
  const navigate = useNavigate();
  const busy = useRef(false);
  const h = household.id;
  return async (version, servings, said) => {
    // Two quick taps are one.
    if (busy.current) return;
    busy.current = true;
    try {
      const now = new Date(serverNow());
      const day = formatISO(now, { representation: 'date' });
      const { recipeId } = version;
      const id = uuid();
      const cook = {
        ...newCook({ id, recipeId, versionId: version.id, as: 'cooked', day }),
        ...said,
        begun: now.toISOString(),
      };
      const changes = servings === null ? [] : scaleChanges(version, servings);
      let versionId = version.id;
      if (changes.length > 0) {
        const copy = asCookedCopy(version, formatDay(day), () => uuid());
        const own = scaleChanges(copy, servings!);
        const scaled = applyEntry(copy, { id: uuid(), label: `For ${servings}`, changes: own, undoes: null });
        versionId = copy.id;
        const document = { ...scaled, revision: 0 };
        await documents.hold({ householdId: h, name: 'versions', id: copy.id }, null).want({ wants: 'make', document });
        await refresh.recipe(h);
      }
      await documents
        .hold({ householdId: h, name: 'cooks', id }, null)
        .want({ wants: 'make', document: { ...cook, versionId } });
      navigate(`/h/${h}/recipes/${recipeId}/cook/${id}`);
    } catch (e) {
      sayError(e);
    } finally {
      busy.current = false;
    }
  };
}
