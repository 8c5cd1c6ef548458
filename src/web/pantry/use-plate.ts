import { useEffect, useMemo, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { v7 as uuid } from 'uuid';
import { API } from '../../contract/api.ts';
import { platePoints } from '../../core/counting/plate.ts';
import { plateLines } from '../../core/counting/plate-lines.ts';
import { indexFoods } from '../../core/food/match-food.ts';
import { NO_FACTS } from '../../core/page/recipe-text.ts';
import { asWritten } from '../../core/version/as-written.ts';
import { lineOf } from '../../core/version/line-of.ts';
import { readIngredient } from '../../core/weighing/read-ingredient.ts';
import { useMadeIt } from '../components/made-it.tsx';
import { type CountingEater, useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { refresh, usePantry } from '../data/queries.ts';
import { sayError } from '../kit/say-error.ts';

const plateKey = (h: string): string => `imbiss.plate.${h}`;

/** What lay on the plate when it was looked at last. */
function lastPlate(h: string): string[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(plateKey(h)) ?? '[]');
    return Array.isArray(kept) ? kept.filter((t): t is string => typeof t === 'string') : [];
  } catch {
    return [];
  }
}

/**
 * A plate: the words on it, what they are read as, and what they count for everyone. The address carries it, and it lies
 * there still when one comes back.
 */
export function usePlate(eaters: readonly CountingEater[]) {
  const { household } = useHousehold();
  const navigate = useNavigate();
  const madeIt = useMadeIt();
  const { data: pantry } = usePantry(household.id);
  const [params, setParams] = useSearchParams();
  const [texts, setTexts] = useState(() => (params.has('with') ? params.getAll('with') : lastPlate(household.id)));
  const index = useMemo(() => indexFoods(pantry ?? []), [pantry]);
  const lines = useMemo(() => plateLines(texts, index, household.system), [texts, index, household.system]);
  const counted = useMemo(
    () =>
      eaters.map((e) =>
        platePoints(
          lines.map((l) => l.line),
          e.counter,
        ),
      ),
    [lines, eaters],
  );
  // So that it can be kept and sent.
  useEffect(() => {
    localStorage.setItem(plateKey(household.id), JSON.stringify(texts));
    setParams(
      texts.map((t) => ['with', t] as [string, string]),
      { replace: true },
    );
  }, [texts, setParams, household.id]);
  /**
   * The plate as a recipe for one, to be cooked again and lightened.
   *
   * @param eaten whether it was a meal today: then it is dished up, too
   */
  const toRecipe = async (eaten: boolean) => {
    const recipeId = uuid();
    const own = texts.map((t) => lineOf(readIngredient(t, null, index, household.system), uuid()));
    const names = [...new Set(own.map((l) => l.item))];
    const version = asWritten({ id: uuid(), recipeId, servings: 1, lines: own, steps: [], stepId: () => uuid() });
    try {
      await ask(API.addRecipe, {
        h: household.id,
        body: {
          id: recipeId,
          title: `A plate of ${names.slice(0, 3).join(', ')}`.slice(0, 200),
          credit: { author: null, url: null, whose: 'own' },
          claims: [],
          facts: { makes: null, times: NO_FACTS.times, pans: [], tools: [] },
          settled: [],
          shownVersionId: null,
          favourite: false,
          notes: '',
          asWritten: version,
        },
      });
      await refresh.recipe(household.id);
      if (eaten) await madeIt(recipeId, version.id);
      else navigate(`/h/${household.id}/recipes/${recipeId}`);
    } catch (e) {
      sayError(e);
    }
  };
  return {
    lines,
    counted,
    add: (text: string) => setTexts((before) => [...before, text]),
    change: (at: number, text: string) => setTexts((before) => before.map((t, n) => (n === at ? text : t))),
    takeOff: (at: number) => setTexts((before) => before.filter((_, n) => n !== at)),
    clear: () => setTexts([]),
    toRecipe,
  };
}
export type Plate = ReturnType<typeof usePlate>;
