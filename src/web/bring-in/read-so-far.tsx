import { LONGEST_RECIPE, MOST_INGREDIENTS } from '../../core/page/recipe-limits.ts';
import type { RecipeText } from '../../core/page/recipe-text.ts';
import { formatAmount } from '../../core/quantity/format-amount.ts';
import { isOpen, type Line } from '../../core/version/version.ts';

interface ReadSoFarProps {
  readonly read: RecipeText | null;
  readonly lines: readonly Line[];
  readonly tooLong: boolean;
}

/** What was read of a recipe while it is typed. */
export function ReadSoFar({ read, lines, tooLong }: ReadSoFarProps) {
  return (
    <section aria-label="What was read" aria-live="polite" className="panel self-start p-5">
      <h2 className="text-xl">What was read</h2>
      {!read && !tooLong && <p className="mt-1 text-soft">Nothing yet. It is read while you type.</p>}
      {tooLong && (
        <p className="mt-1 text-mustard">
          This is more than {LONGEST_RECIPE.toLocaleString('en')} characters: too long for one recipe.
        </p>
      )}
      {read && <WhatItSays read={read} lines={lines} />}
    </section>
  );
}

function WhatItSays({ read, lines }: { readonly read: RecipeText; readonly lines: readonly Line[] }) {
  const open = lines.filter(isOpen).length;
  const over = read.ingredients.length - MOST_INGREDIENTS;
  return (
    <>
      <p className="mt-1 font-bold font-head text-lg">{read.title ?? 'No title yet'}</p>
      <p className="text-soft">{servingsWords(read.servings)}</p>
      <ul className="mt-3 space-y-1 text-sm">
        <li>
          <strong>{lines.length}</strong> {lines.length === 1 ? 'ingredient' : 'ingredients'}
          {open > 0 ? `, ${open} to answer` : lines.length > 0 ? ', all read' : ''}
        </li>
        <li>
          <strong>{read.steps.length}</strong> {read.steps.length === 1 ? 'step' : 'steps'}
        </li>
        {read.author && <li>From {read.author}</li>}
        {read.url && <li className="break-all">{read.url}</li>}
        {read.claims.map((c) => (
          <li key={c.words + c.kind}>
            It says: {formatAmount(c.value)} {c.kind === 'kcal' ? 'kcal' : 'points'}
          </li>
        ))}
      </ul>
      <ol className="mt-3 max-h-72 space-y-1 overflow-auto border-rule border-t pt-2 text-sm">
        {lines.map((l) => (
          <li key={l.originLineId} className={isOpen(l) ? 'text-mustard' : ''}>
            {l.item || l.text} <span className="text-soft">{weightWords(l)}</span>
          </li>
        ))}
      </ol>
      {over > 0 && <p className="mt-2 text-mustard">{over} more lines than a recipe holds.</p>}
      {read.notes.length > 0 && (
        <p className="mt-2 text-sm text-soft">{read.notes.length} other lines are kept as notes.</p>
      )}
    </>
  );
}

function servingsWords(servings: number | null): string {
  if (servings === null) return 'No servings: the whole will be counted, and per 100 g';
  const said = `Serves ${formatAmount(servings)}`;
  return servings > 0 && servings <= 500 ? said : `${said}, which cannot be: say it again at the next station`;
}

const weightWords = (l: Line): string =>
  l.weight ? `${Math.round(l.weight.grams)} g` : l.food.kind === 'nothing' ? 'nothing to count' : 'open';
