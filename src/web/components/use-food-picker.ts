import { useDeferredValue, useMemo, useState } from 'react';
import { COOK_API } from '../../contract/cook-api.ts';
import type { RecipeSummary } from '../../contract/recipe.ts';
import { type BaseThere, basesThere } from '../../core/cook/bases-there.ts';
import type { Box } from '../../core/cook/cook.ts';
import type { Food } from '../../core/food/food.ts';
import { fold } from '../../core/food/food-words.ts';
import { matchFood, searchFoods } from '../../core/food/match-food.ts';
import { unitNamed } from '../../core/quantity/units.ts';
import { readingOfLine } from '../../core/version/reading-of-line.ts';
import { recipeWeight } from '../../core/version/recipe-weight.ts';
import { shownVersion } from '../../core/version/shown-version.ts';
import type { Line } from '../../core/version/version.ts';
import { foodOfLineFood } from '../../core/weighing/line-food.ts';
import { resolveReading } from '../../core/weighing/read-ingredient.ts';
import { useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { ask } from '../data/api.ts';
import { readRecipePage, useRecipeSearch } from '../data/queries.ts';
import { useAnswer } from '../data/use-answer.ts';
import { usePantryIndex } from '../data/use-pantry-index.ts';
import { sayError } from '../kit/say-error.ts';

/** Something that a line may be. */
export type Pickable =
  | { readonly kind: 'food'; readonly food: Food }
  | { readonly kind: 'recipe'; readonly recipe: RecipeSummary }
  | { readonly kind: 'base'; readonly base: BaseThere };

const NO_BOXES_THERE: readonly Box[] = [];

const MOST_FOODS_FOUND = 10;
const MOST_RECIPES = 4;

/** What a line may be: likely foods until words are typed, then what has these words; and what it becomes when picked. */
export function useFoodPicker(line: Line, onPick: (after: Line, label: string) => void) {
  const { household } = useHousehold();
  const { page } = useOpenRecipe();
  const index = usePantryIndex(household.id);
  const [search, setSearch] = useState('');
  const reading = useMemo(() => readingOfLine(line), [line]);
  const likely = useMemo(
    () => (index === null ? [] : matchFood(index, line.item, line.note, 5).map((m) => m.food)),
    [index, line],
  );
  const foods = search.trim() === '' || index === null ? likely : searchFoods(index, search, MOST_FOODS_FOUND);
  const words = fold(search.trim() || line.item)
    .split(/\s+/)
    .filter((w) => w.length > 2);
  const { data: recipes } = useRecipeSearch(household.id, useDeferredValue(words[words.length - 1] ?? ''), 20);
  const others = (recipes?.rows ?? [])
    .filter((r) => r.id !== page.recipe.id && words.some((w) => fold(r.title).includes(w)))
    .slice(0, MOST_RECIPES);
  // A recipe that is called just so is what is meant before any food is.
  const called = fold(search.trim() || line.item);
  const exactly = others.filter((r) => fold(r.title) === called);
  const { data: boxes = NO_BOXES_THERE } = useAnswer(COOK_API.boxes, { h: household.id, query: {} });
  const bases = basesThere(boxes, words, page.recipe.id);
  const found: Pickable[] = [
    ...exactly.map((recipe) => ({ kind: 'recipe' as const, recipe })),
    ...bases.map((base) => ({ kind: 'base' as const, base })),
    ...foods.map((food) => ({ kind: 'food' as const, food })),
    ...others.filter((r) => !exactly.includes(r)).map((recipe) => ({ kind: 'recipe' as const, recipe })),
  ];

  const pickFood = (food: Food) => {
    const read = resolveReading(reading, [{ food, confidence: 1 }], household.system);
    const isFood = { kind: 'food' as const, foodId: food.id, revision: food.revision };
    onPick(
      {
        ...line,
        food: read.food.kind === 'open' ? isFood : read.food,
        taken: null,
        weight: read.weight ?? line.weight,
        role: food.roles[0] ?? null,
        warnings: read.warnings,
      },
      `${line.item} is ${food.name}`,
    );
  };
  const pickRecipe = async (id: string) => {
    try {
      const other = await readRecipePage(household.id, id);
      const version = shownVersion(other.versions, other.recipe.shownVersionId) ?? other.versions[0]!;
      const food = { kind: 'recipe' as const, recipeId: id, versionId: version.id };
      onPick(
        { ...line, food, taken: null, weight: recipeWeight(reading, version), role: null, warnings: [] },
        `${line.item} is from ${other.recipe.title}`,
      );
    } catch (e) {
      sayError(e);
    }
  };
  /** Some of what was cooked before, by its weight cooked: its version says what is in it. */
  const pickBase = async (base: BaseThere) => {
    try {
      const cooks = await ask(COOK_API.cooks, { h: household.id, query: { recipe: base.recipeId } });
      const cook = cooks.find((c) => c.id === base.cookId);
      if (cook === undefined) return sayError(new Error(`${base.title} is not there any more.`));
      const food = {
        kind: 'recipe' as const,
        recipeId: base.recipeId,
        versionId: cook.versionId,
        cooked: base.whole,
        cookId: base.cookId,
      };
      const unit = reading.unit === null ? null : unitNamed(reading.unit);
      const grams = unit?.kind === 'weight' ? (reading.quantity ?? 1) * unit.factor! : base.grams;
      const weight = { grams, low: grams, high: grams, from: 'weight' as const };
      onPick({ ...line, food, taken: null, weight, role: null, warnings: [] }, `${line.item} is from ${base.title}`);
    } catch (e) {
      sayError(e);
    }
  };
  const pick = (picked: Pickable): void => {
    if (picked.kind === 'food') pickFood(picked.food);
    else if (picked.kind === 'base') void pickBase(picked.base);
    else void pickRecipe(picked.recipe.id);
  };
  const pickNothing = () =>
    onPick(
      {
        ...line,
        // It counts nothing, and still is what it was.
        food: { kind: 'nothing', why: 'the cook says so', is: foodOfLineFood(line.food) ?? undefined },
        weight: null,
        warnings: [],
      },
      `${line.item} counts nothing`,
    );
  return { search, setSearch, found, pick, pickFood, pickNothing };
}
