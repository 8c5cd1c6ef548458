import { fold, foodWords } from '../../core/food/food-words.ts';
import { readingOfLine } from '../../core/version/reading-of-line.ts';
import { recipeWeight } from '../../core/version/recipe-weight.ts';
import type { Line } from '../../core/version/version.ts';
import { useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { readRecipePage, useRecipeSearch } from '../data/queries.ts';
import { sayError } from '../kit/say-error.ts';

interface OwnRecipeOfferProps {
  readonly line: Line;
  readonly onPick: (after: Line, label: string) => void;
}

const MOST_OFFERED = 3;

/** Own recipes that a line names: "1 batch pizza dough" may be the household's own. Each of its versions can be taken. */
export function OwnRecipeOffer({ line, onPick }: OwnRecipeOfferProps) {
  const { household } = useHousehold();
  const { page } = useOpenRecipe();
  const words = foodWords(line.item).filter((w) => w.length > 2);
  const { data } = useRecipeSearch(household.id, words.at(-1) ?? '', 20);
  const named = (data?.rows ?? [])
    .filter((r) => r.id !== page.recipe.id && words.length > 0 && isNamed(r.title, words))
    .slice(0, MOST_OFFERED);
  const take = async (id: string, versionId: string | null) => {
    try {
      const other = await readRecipePage(household.id, id);
      const version = other.versions.find((v) => v.id === versionId) ?? other.versions[0]!;
      const food = { kind: 'recipe' as const, recipeId: id, versionId: version.id };
      onPick(
        { ...line, food, taken: null, weight: recipeWeight(readingOfLine(line), version), role: null, warnings: [] },
        `${line.item} is ${other.recipe.title}, ${version.name}`,
      );
    } catch (e) {
      sayError(e);
    }
  };
  if (named.length === 0) return null;
  return (
    <p className="mt-1 flex flex-wrap items-center gap-2 text-sm">
      <span className="text-soft">Your own recipe?</span>
      {named.map((r) => (
        <span key={r.id} className="inline-flex flex-wrap gap-1">
          <button type="button" className="btn btn-small" onClick={() => void take(r.id, r.versionId)}>
            {r.title}, {r.versionName}
          </button>
          {r.versions > 1 && (
            <button type="button" className="btn btn-plain btn-small" onClick={() => void take(r.id, null)}>
              as written
            </button>
          )}
        </span>
      ))}
    </p>
  );
}

/** Whether a title has all the words of a line, or a line all the words of a title. */
function isNamed(title: string, words: readonly string[]): boolean {
  const titled = new Set(foodWords(fold(title)));
  return words.every((w) => titled.has(w)) || [...titled].every((w) => words.includes(w));
}
