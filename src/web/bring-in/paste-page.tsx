import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { v7 as uuid } from 'uuid';
import { API } from '../../contract/api.ts';
import type { NewRecipe } from '../../contract/recipe.ts';
import { indexFoods } from '../../core/food/match-food.ts';
import { formatAmount } from '../../core/quantity/format-amount.ts';
import { readRecipe } from '../../core/reading/read-recipe.ts';
import { LONGEST_RECIPE, MOST_INGREDIENTS } from '../../core/reading/recipe-limits.ts';
import { asWritten } from '../../core/version/as-written.ts';
import { lineOf } from '../../core/version/line-of.ts';
import { isOpen } from '../../core/version/version.ts';
import { readIngredient } from '../../core/weighing/read-ingredient.ts';
import { useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { refresh, usePantry } from '../data/queries.ts';

const EXAMPLE = `Grandmother's plum dumplings
Serves 4

Ingredients
500 g potatoes
1 cup flour
1 egg
…

Steps
1. Boil the potatoes…`;

/** Where a recipe is pasted or typed as it is written. What is typed stays on this device until it is brought in. */
export function PastePage() {
  const { household } = useHousehold();
  const { data: pantry } = usePantry(household.id);
  const navigate = useNavigate();
  const draftKey = `imbiss-draft:${household.id}`;
  const [text, setText] = useState(() => localStorage.getItem(draftKey) ?? '');
  const [sending, setSending] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const deferred = useDeferredValue(text);
  const index = useMemo(() => (pantry ? indexFoods(pantry) : null), [pantry]);
  useEffect(() => {
    if (text === '') localStorage.removeItem(draftKey);
    else if (text.length <= LONGEST_RECIPE) localStorage.setItem(draftKey, text);
  }, [text, draftKey]);

  const tooLong = deferred.length > LONGEST_RECIPE;
  const read = useMemo(() => (deferred.trim() === '' || tooLong ? null : readRecipe(deferred)), [deferred, tooLong]);
  const lines = useMemo(() => {
    if (!read || !index) return [];
    return read.ingredients
      .slice(0, MOST_INGREDIENTS)
      .map((i) => lineOf(readIngredient(i.text, i.group, index, household.system), uuid()));
  }, [read, index, household.system]);
  const open = lines.filter(isOpen).length;
  const over = read ? read.ingredients.length - MOST_INGREDIENTS : 0;

  const bringIn = async () => {
    if (text.trim() === '')
      return setProblem(
        'There is nothing to read yet. Paste a recipe, or type one: a title, then one ingredient a line.',
      );
    if (!read || tooLong)
      return setProblem(
        `That is more than ${LONGEST_RECIPE.toLocaleString('en')} characters. Bring in one recipe at a time.`,
      );
    if (read.ingredients.length === 0)
      return setProblem('No ingredient line was found. Write one ingredient a line, under the word "Ingredients".');
    if (over > 0)
      return setProblem(
        `That is ${read.ingredients.length} ingredient lines; a recipe holds ${MOST_INGREDIENTS}. Split it into two.`,
      );
    setProblem(null);
    setSending(true);
    const recipeId = uuid();
    const { servings, steps } = read;
    const body: NewRecipe = {
      id: recipeId,
      title: read.title ?? 'Untitled recipe',
      credit: {
        author: read.author,
        url: read.url,
        whose: read.url !== null || read.author !== null ? 'other' : 'family',
      },
      claims: [...read.claims],
      notes: read.notes.join('\n'),
      asWritten: asWritten({ id: uuid(), recipeId, servings, lines, steps, stepId: () => uuid() }),
    };
    try {
      await ask(API.addRecipe, { h: household.id, body });
      localStorage.removeItem(draftKey);
      await refresh.recipe(household.id);
      navigate(`/h/${household.id}/recipes/${recipeId}/bring-in`);
    } catch (e) {
      setSending(false);
      setProblem(e instanceof Error ? e.message : String(e));
      toast.error('It was not brought in. Your text is kept.');
    }
  };

  return (
    <main className="mx-auto grid max-w-6xl gap-6 px-4 py-5 md:px-8 lg:grid-cols-[1fr_21rem]">
      <div>
        <h1 className="text-3xl">Bring in a recipe</h1>
        <label htmlFor="paste" className="mt-1 mb-3 block text-soft">
          Paste it as it is written, or type it: title, servings, ingredients one a line, steps, where it is from.
        </label>
        <textarea
          id="paste"
          className="field plain-text min-h-[24rem] font-sans text-[1.05rem] leading-relaxed lg:min-h-[calc(100dvh-16rem)]"
          placeholder={EXAMPLE}
          value={text}
          onChange={(e) => setText(e.target.value)}
          spellCheck={false}
          aria-describedby="paste-problem"
          aria-invalid={problem !== null}
        />
        <p id="paste-problem" role="alert" className={problem ? 'note mt-3' : ''}>
          {problem}
        </p>
        <div className="mt-3 flex flex-wrap gap-2">
          <button type="button" className="btn btn-main" onClick={bringIn} disabled={sending || !index}>
            {sending ? 'Bringing it in…' : 'Bring it in'}
          </button>
          {text !== '' && (
            <button type="button" className="btn" onClick={() => setText('')}>
              Clear
            </button>
          )}
        </div>
      </div>
      <section aria-label="What was read" aria-live="polite" className="panel self-start p-5">
        <h2 className="text-xl">What was read</h2>
        {!read && !tooLong && <p className="mt-1 text-soft">Nothing yet. It is read while you type.</p>}
        {tooLong && (
          <p className="mt-1 text-mustard">
            This is more than {LONGEST_RECIPE.toLocaleString('en')} characters: too long for one recipe.
          </p>
        )}
        {read && (
          <>
            <p className="mt-1 font-bold font-head text-lg">{read.title ?? 'No title yet'}</p>
            <p className="text-soft">
              {read.servings === null
                ? 'No servings: the whole will be counted, and per 100 g'
                : `Serves ${formatAmount(read.servings)}`}
              {read.servings !== null &&
                !(read.servings > 0 && read.servings <= 500) &&
                ', which cannot be: say it again at the next station'}
            </p>
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
                  {l.item || l.text}
                  <span className="text-soft">
                    {' '}
                    {l.weight
                      ? `${Math.round(l.weight.grams)} g`
                      : l.food.kind === 'nothing'
                        ? 'nothing to count'
                        : 'open'}
                  </span>
                </li>
              ))}
            </ol>
            {over > 0 && <p className="mt-2 text-mustard">{over} more lines than a recipe holds.</p>}
            {read.notes.length > 0 && (
              <p className="mt-2 text-sm text-soft">{read.notes.length} other lines are kept as notes.</p>
            )}
          </>
        )}
      </section>
    </main>
  );
}
