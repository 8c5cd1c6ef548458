import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { API } from '../../contract/api.ts';
import { newRecipeOf } from '../../contract/new-recipe.ts';
import type { NewRecipe } from '../../contract/recipe.ts';
import { recipeAsText } from '../../core/page/recipe-as-text.ts';
import { LONGEST_RECIPE, MOST_INGREDIENTS } from '../../core/page/recipe-limits.ts';
import { VERSION_KIND } from '../../core/version/entry.ts';
import { servingsChanges } from '../../core/version/tie-lines.ts';
import { isOpen } from '../../core/version/version.ts';
import { useHousehold } from '../context/household-context.ts';
import { ask, sendPicture } from '../data/api.ts';
import { refresh, usePantry } from '../data/queries.ts';
import type { PasteRead, RecipePreview } from './preview-of.ts';
import { useReading } from './use-reading.ts';

/** A recipe as it is pasted: read while it is typed, kept on this device until it is brought in. */
export function usePaste() {
  const { household } = useHousehold();
  const { data: pantry } = usePantry(household.id);
  const navigate = useNavigate();
  const draft = useDraft(`imbiss-draft:${household.id}`);
  const [sending, setSending] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const [meant, setMeant] = useState<number | null>(null);
  const [servings, setServings] = useState('');
  const { read: page, readNow } = useReading(draft.text, pantry, household.system);
  const recipe = recipeOfPage(page, meant);
  const [pages, setPages] = useState<readonly PhotographedPage[]>([]);
  const setText = (text: string) => {
    setMeant(null);
    setProblem(null);
    draft.setText(text);
  };
  // Nobody reads the source of a saved page over: its recipe stands there instead, in plain words.
  const source = page?.isSource === true && recipe !== null && recipe.lines.length > 0 ? recipe : null;
  useEffect(() => {
    if (source !== null) draft.setText(recipeAsText(source.text));
  }, [source, draft.setText]);

  const bringIn = async () => {
    setSending(true);
    // What stands there now is what counts, and not what was read before the last key.
    const now = await readNow(draft.text).catch(() => null);
    const wanted = recipeOfPage(now, meant);
    const wrong = whatIsWrong(draft.text, now, wanted, servings);
    setProblem(wrong);
    if (wrong !== null || wanted === null) return setSending(false);
    const body = newRecipe(wanted, saidServings(servings));
    try {
      await ask(API.addRecipe, { h: household.id, body });
      draft.forget();
      const kept = await keepPages(household.id, body.id, pages);
      if (!kept) toast.error('The recipe is brought in, but not every photograph was kept. Add it there again.');
      await refresh.recipe(household.id);
      // What raises no question and no doubt goes straight to the bench; everything else is looked over first.
      navigate(`/h/${household.id}/recipes/${body.id}/${isClear(wanted, body) ? 'lighten' : 'bring-in'}`);
    } catch (e) {
      setSending(false);
      setProblem(e instanceof Error ? e.message : String(e));
      toast.error('It was not brought in. Your text is kept.');
    }
  };
  return {
    text: draft.text,
    setText,
    pages,
    removePage: (page: PhotographedPage) => setPages((p) => p.filter((other) => other !== page)),
    /** Puts what a photograph said under what stands there already, and the photograph beside it. */
    takePhoto: (said: string, page: PhotographedPage) => {
      setText(draft.text.trim() === '' ? said : `${draft.text.trimEnd()}\n${said}`);
      setPages((p) => [...p, page]);
    },
    page,
    recipe,
    meant,
    choose: setMeant,
    servings,
    setServings,
    problem,
    sending,
    bringIn,
    ready: pantry !== undefined,
  };
}

/** A photographed page that the text was read from. */
export interface PhotographedPage {
  /** As it was taken: kept with the recipe. */
  readonly photo: Blob;
  /** Straight and in even light, as a data URL: shown beside the text. */
  readonly picture: string;
}

/** Keeps photographed pages with their recipe; false where one could not be. */
async function keepPages(h: string, id: string, pages: readonly PhotographedPage[]): Promise<boolean> {
  const kept = await Promise.allSettled(
    pages.map(({ photo }) => sendPicture({ h, id, query: { kind: 'page' } }, photo)),
  );
  return kept.every((k) => k.status === 'fulfilled');
}

/** The recipe of a page that is meant: the only one, or the one that the cook chose. */
const recipeOfPage = (page: PasteRead | null, meant: number | null): RecipePreview | null =>
  page === null ? null : (page.recipes[page.recipes.length === 1 ? 0 : (meant ?? -1)] ?? null);

/** What is typed stays on this device. */
function useDraft(key: string) {
  const [text, setText] = useState(() => localStorage.getItem(key) ?? '');
  useEffect(() => {
    if (text === '') localStorage.removeItem(key);
    else if (text.length <= LONGEST_RECIPE) localStorage.setItem(key, text);
  }, [text, key]);
  return { text, setText, forget: () => localStorage.removeItem(key) };
}

/** Servings that the cook typed; null for nothing, NaN for what is no number of them. */
function saidServings(text: string): number | null {
  if (text.trim() === '') return null;
  const n = Number(text.trim().replace(',', '.'));
  return n > 0 && n <= 500 ? n : Number.NaN;
}

/** Why a text cannot be brought in, and what to do; null when it can. */
function whatIsWrong(
  text: string,
  page: PasteRead | null,
  recipe: RecipePreview | null,
  servings: string,
): string | null {
  if (text.trim() === '') {
    return 'There is nothing to read yet. Paste a recipe, or type one: a title, then one ingredient a line.';
  }
  if (page === null) return 'It is still being read. Try again in a moment.';
  if (page.tooLong) {
    return `That is more than ${LONGEST_RECIPE.toLocaleString('en')} characters. Bring in one recipe at a time.`;
  }
  if (recipe === null) return `There are ${page.recipes.length} recipes in it. Say which you mean.`;
  const found = recipe.text.ingredients.length;
  if (found === 0) return 'No ingredient line was found. Write one ingredient a line, under the word "Ingredients".';
  if (found > MOST_INGREDIENTS) {
    return `That is ${found} ingredient lines; a recipe holds ${MOST_INGREDIENTS}. Split it into two.`;
  }
  return Number.isNaN(saidServings(servings)) ? 'Servings are a number above 0 and at most 500.' : null;
}

const newRecipe = ({ text, version }: RecipePreview, said: number | null): NewRecipe =>
  newRecipeOf(text, said === null ? version : servingsChanges(version, said).reduce(VERSION_KIND.apply, version));

/** Whether nothing of a recipe has to be answered, weighed or compared before one works with it. */
const isClear = (read: RecipePreview, { asWritten: { servings, lines } }: NewRecipe): boolean =>
  servings !== null &&
  read.doubts.length === 0 &&
  read.text.claims.length === 0 &&
  read.lines.every((l) => l.doubt === null) &&
  lines.every((l) => !isOpen(l) && l.warnings.length === 0 && (l.loss === null || l.loss.answered));
