import { useState } from 'react';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { request } from '../data/api.ts';
import { refresh } from '../data/queries.ts';
import { sayError } from '../parts/say-error.ts';
import { useHousehold } from '../shell/household-context.ts';
import { useOpenRecipe } from '../shell/recipe-context.ts';

/** Removes the recipe for good, after a second word. */
export function RemoveRecipe() {
  const { household } = useHousehold();
  const { page } = useOpenRecipe();
  const navigate = useNavigate();
  const [asked, setAsked] = useState(false);
  const remove = async () => {
    try {
      await request('DELETE', `/recipes/${page.recipe.id}`);
      await refresh.recipes(household.id);
      navigate(`/h/${household.id}/recipes`);
      toast(`"${page.recipe.title}" is removed.`);
    } catch (e) {
      setAsked(false);
      sayError(e);
    }
  };
  return (
    <div className="mt-8 border-rule border-t pt-4">
      {asked ? (
        <div className="note flex flex-wrap items-center gap-2" role="alert">
          The recipe, its versions and its links are gone for good then.
          <button type="button" className="btn btn-main btn-small" onClick={remove}>
            Yes, remove it
          </button>
          <button type="button" className="btn btn-small" onClick={() => setAsked(false)}>
            Leave it
          </button>
        </div>
      ) : (
        <button type="button" className="btn btn-plain btn-small" onClick={() => setAsked(true)}>
          Remove the recipe
        </button>
      )}
    </div>
  );
}
