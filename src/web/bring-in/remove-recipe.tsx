import { useState } from 'react';
import { useNavigate } from 'react-router';
import { recipeHeadOf } from '../../contract/recipe.ts';
import { useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { sayDone } from '../kit/say-done.ts';
import { documents } from '../saving/use-document.ts';

/** Removes the recipe, after a second word; it can be brought back. */
export function RemoveRecipe() {
  const { household } = useHousehold();
  const { page } = useOpenRecipe();
  const navigate = useNavigate();
  const [asked, setAsked] = useState(false);
  const remove = async () => {
    const { title, revision, id } = page.recipe;
    const kept = { document: recipeHeadOf(page.recipe), revision, removed: false, entries: [], earlier: false };
    const saved = documents.hold({ householdId: household.id, name: 'recipes', id }, kept);
    await saved.want({ wants: 'remove' });
    setAsked(false);
    // What another recipe takes from is refused by name, and told at the head of the page.
    if (!saved.shown.removed) return;
    navigate(`/h/${household.id}/recipes`);
    sayDone(`"${title}" is removed.`, () => saved.want({ wants: 'restore' }));
  };
  return (
    <div className="mt-8 border-rule border-t pt-4">
      {asked ? (
        <div className="note flex flex-wrap items-center gap-2" role="alert">
          The recipe, its versions and its links are gone then, for good after thirty days.
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
