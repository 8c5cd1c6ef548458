import { useRef } from 'react';
import { useNavigate } from 'react-router';
import type { Version } from '../../core/version/version.ts';
import { useHousehold } from '../context/household-context.ts';
import { sayError } from '../kit/say-error.ts';
import { beginCook, type SaidBefore } from '../stove/begin-cook.ts';

/** Begins to cook a version for so many, and goes to its first step. */
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
      const cook = await beginCook(h, version, servings, said);
      navigate(`/h/${h}/recipes/${cook.recipeId}/cook/${cook.id}`);
    } catch (e) {
      sayError(e);
    } finally {
      busy.current = false;
    }
  };
}
