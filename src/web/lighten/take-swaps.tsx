import { memo } from 'react';
import { v7 as uuid } from 'uuid';
import { transferSwaps } from '../../core/swap/transfer-swaps.ts';
import type { Version } from '../../core/version/version.ts';
import { useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { readRecipePage, useRecipeSearch } from '../data/queries.ts';
import { Picker } from '../kit/picker.tsx';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';
import { useSwapShelf } from '../kitchen/use-swap-shelf.ts';
import type { VersionEditor } from '../saving/version-editor.ts';

/** Applies the swaps of another recipe's lightened version to this one, where they fit. */
export const TakeSwaps = memo(function TakeSwaps({ editor, version }: { editor: VersionEditor; version: Version }) {
  const { household } = useHousehold();
  const { page, food, title } = useOpenRecipe();
  const { data: recipes } = useRecipeSearch(household.id, '', 100);
  const { all } = useSwapShelf(household.id);
  const others = (recipes?.rows ?? []).filter((r) => r.id !== page.recipe.id && r.versions > 1);
  if (others.length === 0) return null;
  const take = async (id: string) => {
    try {
      const other = await readRecipePage(household.id, id);
      const from = other.versions.filter((v) => v.kind === 'lightened').pop();
      if (!from) return;
      const context = { food, title, system: household.system, newId: () => uuid() };
      const { changes, fitted, unfitted } = transferSwaps(from, version, all, context);
      if (changes.length === 0) return sayDone(`None of the swaps of ${other.recipe.title} fits a line here.`);
      editor.do(`Swaps of ${other.recipe.title}`, [...changes]);
      sayDone(`Taken: ${fitted.join(', ')}.${unfitted.length > 0 ? ` Nothing here for: ${unfitted.join(', ')}.` : ''}`);
    } catch (e) {
      sayError(e);
    }
  };
  return (
    <Picker
      label="Take the swaps of"
      className="w-64"
      value=""
      choices={[
        { value: '', words: 'another recipe…' },
        ...others.map((r) => ({ value: r.id as string, words: r.title })),
      ]}
      onPick={(id) => void (id !== '' && take(id))}
    />
  );
});
