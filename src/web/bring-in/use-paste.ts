import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { v7 as uuid } from 'uuid';
import { API } from '../../contract/api.ts';
import type { NewRecipe } from '../../contract/recipe.ts';
import { indexFoods } from '../../core/food/match-food.ts';
import { readRecipe } from '../../core/page/read-page.ts';
import { LONGEST_RECIPE, MOST_INGREDIENTS } from '../../core/page/recipe-limits.ts';
import type { RecipeText } from '../../core/page/recipe-text.ts';
import { asWritten } from '../../core/version/as-written.ts';
import { lineOf } from '../../core/version/line-of.ts';
import type { Line } from '../../core/version/version.ts';
import { readIngredient } from '../../core/weighing/read-ingredient.ts';
import { useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { refresh, usePantry } from '../data/queries.ts';

/** A recipe as it is pasted: read while it is typed, kept on this device until it is brought in. */
export function usePaste() {
  const { household } = useHousehold();
  const { data: pantry } = usePantry(household.id);
  const navigate = useNavigate();
  const draft = useDraft(`imbiss-draft:${household.id}`);
  const [sending, setSending] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const text = useDeferredValue(draft.text);
  const index = useMemo(() => (pantry ? indexFoods(pantry) : null), [pantry]);
  const tooLong = text.length > LONGEST_RECIPE;
  const read = useMemo(() => (text.trim() === '' || tooLong ? null : readRecipe(text)), [text, tooLong]);
  const lines = useMemo(() => {
    if (!read || !index) return [];
    return read.ingredients
      .slice(0, MOST_INGREDIENTS)
      .map((i) => lineOf(readIngredient(i.text, i.group, index, household.system), uuid()));
  }, [read, index, household.system]);

  const bringIn = async () => {
    const wrong = whatIsWrong(draft.text, read);
    setProblem(wrong);
    if (wrong !== null || read === null) return;
    setSending(true);
    const body = newRecipe(read, lines);
    try {
      await ask(API.addRecipe, { h: household.id, body });
      draft.forget();
      await refresh.recipe(household.id);
      navigate(`/h/${household.id}/recipes/${body.id}/bring-in`);
    } catch (e) {
      setSending(false);
      setProblem(e instanceof Error ? e.message : String(e));
      toast.error('It was not brought in. Your text is kept.');
    }
  };
  return { text: draft.text, setText: draft.setText, tooLong, read, lines, problem, sending, bringIn, ready: !!index };
}

/** What is typed stays on this device. */
function useDraft(key: string) {
  const [text, setText] = useState(() => localStorage.getItem(key) ?? '');
  useEffect(() => {
    if (text === '') localStorage.removeItem(key);
    else if (text.length <= LONGEST_RECIPE) localStorage.setItem(key, text);
  }, [text, key]);
  return { text, setText, forget: () => localStorage.removeItem(key) };
}

/** Why a text cannot be brought in, and what to do; null when it can. */
function whatIsWrong(text: string, read: RecipeText | null): string | null {
  if (text.trim() === '') {
    return 'There is nothing to read yet. Paste a recipe, or type one: a title, then one ingredient a line.';
  }
  if (read === null || text.length > LONGEST_RECIPE) {
    return `That is more than ${LONGEST_RECIPE.toLocaleString('en')} characters. Bring in one recipe at a time.`;
  }
  const found = read.ingredients.length;
  if (found === 0) return 'No ingredient line was found. Write one ingredient a line, under the word "Ingredients".';
  if (found > MOST_INGREDIENTS) {
    return `That is ${found} ingredient lines; a recipe holds ${MOST_INGREDIENTS}. Split it into two.`;
  }
  return null;
}

function newRecipe(read: RecipeText, lines: Line[]): NewRecipe {
  const id = uuid();
  const { servings, steps, author, url } = read;
  return {
    id,
    title: read.title ?? 'Untitled recipe',
    credit: { author, url, whose: url !== null || author !== null ? 'other' : 'family' },
    claims: [...read.claims],
    notes: read.notes.join('\n'),
    asWritten: asWritten({ id: uuid(), recipeId: id, servings, lines, steps, stepId: () => uuid() }),
  };
}
