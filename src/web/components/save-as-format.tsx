import { Download } from 'lucide-react';
import { useState } from 'react';
import { FORMATS_API } from '../../contract/recipe-formats-api.ts';
import { CANNOT_HOLD, RECIPE_FORMATS, type RecipeFormat } from '../../core/exchange/cannot-hold.ts';
import { useHousehold } from '../context/household-context.ts';
import { askBytes } from '../data/ask-bytes.ts';
import { Picker } from '../kit/picker.tsx';
import { saveFile } from '../kit/save-file.ts';
import { sayError } from '../kit/say-error.ts';

const FORMAT_WORDS: Readonly<Record<RecipeFormat, string>> = {
  jsonld: 'JSON-LD (schema.org)',
  cooklang: 'Cooklang',
  markdown: 'Markdown',
  text: 'plain text',
  csv: 'rows for a table (CSV)',
};

/** Saves a recipe, or all of them, in an open format; what that cannot hold is said before. @param versionId null for all */
export function SaveAsFormat({ versionId }: { readonly versionId: string | null }) {
  const { household } = useHousehold();
  const [format, setFormat] = useState<RecipeFormat>('text');
  const save = async () => {
    try {
      const h = household.id;
      const { blob, headers } =
        versionId === null
          ? await askBytes(FORMATS_API.recipesAs, { h, query: { format } })
          : await askBytes(FORMATS_API.recipeAs, { h, id: versionId, query: { format } });
      const name = /filename\*=UTF-8''([^;]+)/.exec(headers.get('Content-Disposition') ?? '')?.[1];
      saveFile(name === undefined ? `recipe.${format}` : decodeURIComponent(name), blob, blob.type);
    } catch (e) {
      sayError(e);
    }
  };
  return (
    <div>
      <Picker
        label={versionId === null ? 'All recipes as' : 'The recipe as'}
        className="w-full max-w-md"
        value={format}
        choices={RECIPE_FORMATS.map((value) => ({ value, words: FORMAT_WORDS[value] }))}
        onPick={setFormat}
      />
      <p className="mt-1 text-soft text-sm">It cannot hold: {CANNOT_HOLD[format].join('; ')}.</p>
      <button type="button" className="btn mt-2" onClick={() => void save()}>
        <Download size={18} aria-hidden="true" /> {versionId === null ? 'Save all recipes' : 'Save the recipe'}
      </button>
    </div>
  );
}
