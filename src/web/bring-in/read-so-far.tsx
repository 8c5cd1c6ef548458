import { LONGEST_RECIPE, MOST_INGREDIENTS } from '../../core/page/recipe-limits.ts';
import type { PageLanguage, RecipeText } from '../../core/page/recipe-text.ts';
import { formatAmount } from '../../core/quantity/format-amount.ts';
import { factWords } from './facts-line.tsx';
import { PreviewLines } from './preview-lines.tsx';
import type { PasteRead, RecipePreview } from './preview-of.ts';

interface ReadSoFarProps {
  readonly page: PasteRead | null;
  readonly recipe: RecipePreview | null;
  readonly meant: number | null;
  readonly onChoose: (index: number) => void;
  readonly servings: string;
  readonly onServings: (text: string) => void;
}

/** What was read of a recipe while it is typed: what has to be said first, then every line with its food and doubt. */
export function ReadSoFar({ page, recipe, meant, onChoose, servings, onServings }: ReadSoFarProps) {
  return (
    <section aria-label="What was read" className="panel self-start p-5">
      <h2 className="text-xl">What was read</h2>
      {page === null && <p className="mt-1 text-soft">Nothing yet. It is read while you type.</p>}
      {page?.tooLong && (
        <p className="mt-1 text-mustard">
          This is more than {LONGEST_RECIPE.toLocaleString('en')} characters: too long for one recipe.
        </p>
      )}
      {page?.language && <p className="note mt-2 text-sm">{languageWords(page.language)}</p>}
      {page !== null && page.recipes.length > 1 && <WhichRecipe page={page} meant={meant} onChoose={onChoose} />}
      {recipe && <WhatItSays recipe={recipe} servings={servings} onServings={onServings} />}
    </section>
  );
}

const LANGUAGES: Record<PageLanguage, string> = {
  de: 'German',
  fr: 'French',
  es: 'Spanish',
  it: 'Italian',
  nl: 'Dutch',
};

const languageWords = (language: PageLanguage): string =>
  language === 'de'
    ? 'This is in German. The usual kitchen words are read; look at every line.'
    : `This is in ${LANGUAGES[language]}, which Imbiss does not read. Most lines will be questions: put them into English first.`;

function WhichRecipe({ page, meant, onChoose }: Pick<ReadSoFarProps, 'meant' | 'onChoose'> & { page: PasteRead }) {
  return (
    <fieldset className="note mt-2">
      <legend className="sr-only">Which recipe do you mean?</legend>
      <p aria-hidden="true">There are {page.recipes.length} recipes in it. Which do you mean?</p>
      <div className="mt-2 flex flex-wrap gap-2">
        {page.recipes.map((r, i) => (
          <button
            key={r.version.id}
            type="button"
            className={`btn btn-small ${meant === i ? 'btn-main' : ''}`}
            aria-pressed={meant === i}
            onClick={() => onChoose(i)}
          >
            {r.text.title ?? `Recipe ${i + 1}`}
          </button>
        ))}
      </div>
    </fieldset>
  );
}

interface WhatItSaysProps {
  readonly recipe: RecipePreview;
  readonly servings: string;
  readonly onServings: (text: string) => void;
}

function WhatItSays({ recipe, servings, onServings }: WhatItSaysProps) {
  const { text, version, lines } = recipe;
  const open = lines.filter((l) => l.doubt?.kind === 'food' || l.doubt?.kind === 'amount').length;
  const over = text.ingredients.length - MOST_INGREDIENTS;
  return (
    <>
      <p className="mt-1 break-words font-bold font-head text-lg">{text.title ?? 'No title yet'}</p>
      <ServingsAsked text={text} known={version.servings} servings={servings} onServings={onServings} />
      <ul className="mt-3 space-y-1 text-sm">
        <li role="status">
          <strong>{lines.length}</strong> {lines.length === 1 ? 'ingredient' : 'ingredients'}
          {open > 0 ? `, ${open} to answer` : lines.length > 0 ? ', all read' : ''}
        </li>
        {text.fromSteps && (
          <li className="text-mustard">There is no list: they were taken from the steps. Is anything missing?</li>
        )}
        <li>
          <strong>{text.steps.length}</strong> {text.steps.length === 1 ? 'step' : 'steps'}
        </li>
        <Facts text={text} />
      </ul>
      {recipe.doubts.length > 0 && (
        <ul className="note mt-3 list-disc space-y-1 pl-8 text-sm">
          {recipe.doubts.map((d) => (
            <li key={d.words}>{d.words}</li>
          ))}
        </ul>
      )}
      <PreviewLines lines={lines} />
      {over > 0 && <p className="mt-2 text-mustard">{over} more lines than a recipe holds.</p>}
      {text.notes.length > 0 && (
        <p className="mt-2 text-sm text-soft">{text.notes.length} other lines are kept as notes.</p>
      )}
      {text.aside.length > 0 && (
        <details className="mt-2 text-sm text-soft">
          <summary className="cursor-pointer py-1">{text.aside.length} lines around the recipe are left out</summary>
          <ul className="mt-1 max-h-40 overflow-auto break-words">
            {[...new Set(text.aside)].map((a) => (
              <li key={a}>{a}</li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
}

function ServingsAsked({
  text,
  known,
  servings,
  onServings,
}: {
  readonly text: RecipeText;
  readonly known: number | null;
  readonly servings: string;
  readonly onServings: (text: string) => void;
}) {
  if (known !== null) {
    const span = text.makes !== null && /\d\s*(?:-|\u2013|to|or)\s*\d/.test(text.makes);
    return (
      <p className="text-soft">
        Serves {formatAmount(known)}
        {span && `, the middle of "${text.makes}"`}
      </p>
    );
  }
  return (
    <div className="note mt-2">
      <label htmlFor="paste-servings" className="block">
        How many servings does it make?
        {text.servings !== null
          ? ` It says ${formatAmount(text.servings)}, which cannot be.`
          : text.makes !== null && ` It only says "${text.makes}".`}
      </label>
      <div className="mt-1 flex items-center gap-3">
        <input
          id="paste-servings"
          className="field w-24"
          inputMode="decimal"
          value={servings}
          onChange={(e) => onServings(e.target.value)}
        />
        <span className="text-sm text-soft">Left empty, the whole is counted, and 100 g of it.</span>
      </div>
    </div>
  );
}

/** Where it is from, what it claims, and what else it says of itself. */
function Facts({ text }: { readonly text: RecipeText }) {
  const words = factWords(text);
  return (
    <>
      {(text.author !== null || text.url !== null) && (
        <li className="break-words">
          From {[text.author, text.url].filter((s) => s !== null).join(', ')}: another author’s. A card of it shows your
          changes and counts with credit and link, never the author’s words. If it is your family’s, say so when it is
          in.
        </li>
      )}
      {text.claims.map((c) => (
        <li key={c.kind + c.value}>
          It says: {formatAmount(c.value)} {c.kind === 'kcal' ? 'kcal' : c.value === 1 ? 'point' : 'points'}
        </li>
      ))}
      {words !== '' && <li className="break-words">{words}</li>}
    </>
  );
}
