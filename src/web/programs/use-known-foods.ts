import { useCallback, useMemo } from 'react';
import { v7 as uuid } from 'uuid';
import type { Food } from '../../core/food/food.ts';
import type { LabelRules } from '../../core/food/label-rounding.ts';
import { servingOr100 } from '../../core/food/serving-grams.ts';
import type { Program } from '../../core/program/program.ts';
import { isUncounted } from '../../core/program/uncounted.ts';
import type { KnownFood, TaughtFood } from '../../core/teach/known-food.ts';
import { knownByPins, knownOf, nutrientsOf, type Observation, taughtFoodOf } from '../../core/teach/observation.ts';
import { useHousehold } from '../context/household-context.ts';
import { useFoodsUsed, useObservations, usePantry } from '../data/queries.ts';
import { sayDone } from '../kit/say-done.ts';
import { type Row, useRows } from '../saving/use-document.ts';

const NO_OBSERVATIONS: readonly Row<Observation>[] = [];
const EMPTY_PANTRY: readonly Food[] = [];
const NOTHING_USED: readonly { foodId: string; recipes: number }[] = [];
const idOfObservation = (o: Observation): string => o.id;
/** So many everyday foods are asked about. */
const MOST_ABOUT = 300;

/**
 * What a household knows of a program's points, and the everyday foods of which it would like to know.
 *
 * @param reading whose rounding what is added now went through
 */
export function useKnownFoods(program: Program, reading: LabelRules) {
  const { household, pins } = useHousehold();
  const { data: listed = NO_OBSERVATIONS } = useObservations(household.id);
  const { data: pantry = EMPTY_PANTRY } = usePantry(household.id);
  const { data: used = NOTHING_USED } = useFoodsUsed(household.id);
  const { rows, make, remove, restore } = useRows(household.id, 'observations', listed, idOfObservation);
  const observed = useMemo(() => rows.filter((o) => o.programId === program.id), [rows, program.id]);
  const foods = useMemo(() => new Map(pantry.map((f) => [f.id, f])), [pantry]);
  const pinned = useMemo(
    () => knownByPins(pins, observed, program.id, reading, (id) => foods.get(id) ?? null),
    [pins, observed, program.id, reading, foods],
  );
  /** What is on the program's list counts nothing whatever its rule: it teaches nothing of it. */
  const isListed = useCallback(
    (foodId: string | null): boolean => {
      const food = foodId === null ? undefined : foods.get(foodId);
      return food !== undefined && isUncounted(food, program.list).uncounted;
    },
    [foods, program.list],
  );
  const known = useMemo(
    (): readonly KnownFood[] => [
      ...observed.filter((o) => !isListed(o.foodId)).map(knownOf),
      ...pinned.filter((k) => !isListed(k.foodId ?? null)),
    ],
    [observed, pinned, isListed],
  );
  const about = useMemo((): readonly TaughtFood[] => {
    const recipes = new Map(used.map((u) => [u.foodId, u.recipes]));
    return pantry
      .filter((f) => !f.kinds.includes('nothing') && !isUncounted(f, program.list).uncounted)
      .toSorted((a, b) => (recipes.get(b.id) ?? 0) - (recipes.get(a.id) ?? 0))
      .slice(0, MOST_ABOUT)
      .map((f) => taughtFoodOf(f, servingOr100(f), reading));
  }, [pantry, used, program.list, reading]);
  const add = useCallback(
    (food: Food, grams: number, points: number) => {
      const id = uuid();
      return make(id, {
        id,
        programId: program.id,
        name: food.name,
        foodId: food.id,
        grams,
        points,
        nutrients: nutrientsOf(food, grams),
        reading,
      });
    },
    [make, program.id, reading],
  );
  const takeOut = async (o: Observation) => {
    await remove(o.id);
    sayDone(`${o.name} is taken out.`, () => restore(o.id));
  };
  return { foods, observed, pinned, known, isListed, about, add, make, takeOut };
}
