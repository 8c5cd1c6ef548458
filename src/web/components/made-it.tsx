import { formatISO } from 'date-fns';
import { type ReactNode, useRef } from 'react';
import { useNavigate } from 'react-router';
import { v7 as uuid } from 'uuid';
import { COOK_API } from '../../contract/cook-api.ts';
import { newCook } from '../../core/cook/new-cook.ts';
import { useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { sayError } from '../kit/say-error.ts';
import { documents } from '../saving/use-document.ts';

/**
 * Says that a version was made today, and goes where it is dished up. What was begun today is gone on with.
 */
export function useMadeIt(): (recipeId: string, versionId: string) => Promise<void> {
  const { household } = useHousehold();
  const navigate = useNavigate();
  const h = household.id;
  const busy = useRef(false);
  return async (recipeId, versionId) => {
    // Two quick taps are one.
    if (busy.current) return;
    busy.current = true;
    const day = formatISO(new Date(), { representation: 'date' });
    const to = (id: string) => navigate(`/h/${h}/recipes/${recipeId}/dish-up?cook=${id}`);
    try {
      const made = await ask(COOK_API.cooks, { h, query: { recipe: recipeId } }).catch(() => []);
      const begun = made.find((c) => c.day === day && c.fromId === versionId && c.as === 'cooked');
      if (begun !== undefined) return void to(begun.id);
      const id = uuid();
      await documents
        .hold({ householdId: h, name: 'cooks', id }, null)
        .want({ wants: 'make', document: newCook({ id, recipeId, versionId, as: 'cooked', day }) });
      to(id);
    } catch (e) {
      sayError(e);
    } finally {
      busy.current = false;
    }
  };
}

interface MadeItProps {
  readonly recipeId: string;
  readonly versionId: string;
  readonly className: string;
  readonly children: ReactNode;
}

/** One tap for what was made, with a look or without: the rest is asked where it is dished up. */
export function MadeIt({ recipeId, versionId, className, children }: MadeItProps) {
  const madeIt = useMadeIt();
  return (
    <button type="button" className={className} onClick={() => void madeIt(recipeId, versionId)}>
      {children}
    </button>
  );
}
