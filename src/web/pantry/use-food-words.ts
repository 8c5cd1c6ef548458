import { useState } from 'react';
import { readMeasures } from '../../core/food/file/measure-words.ts';
import type { Food, Measure } from '../../core/food/food.ts';
import { type FoodCorrection, withMeasure } from '../../core/food/food-correction.ts';
import { useHousehold } from '../context/household-context.ts';
import { refresh, useCorrection } from '../data/queries.ts';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';
import { changeCorrection } from '../saving/change-correction.ts';

/** What the household calls a food and what its own measures of it weigh, and how both are changed; null while it loads. */
export function useFoodWords(food: Food) {
  const { household } = useHousehold();
  const { data } = useCorrection(household.id, food.id);
  const [wrong, setWrong] = useState<string | null>(null);
  if (!data) return null;
  const { revision, ...before } = data;
  const put = async (after: FoodCorrection, words: string): Promise<void> => {
    try {
      const undo = await changeCorrection(household.id, { known: before, revision }, after);
      await refresh.pantry(household.id);
      sayDone(words, undo);
    } catch (e) {
      sayError(e);
    }
  };
  return {
    words: before,
    /** Why a measure cannot be read. */
    wrong,
    /** @returns whether it was taken */
    addName: (text: string): boolean => {
      const n = text.trim();
      if (n === '') return false;
      void put({ ...before, synonyms: [...before.synonyms.filter((s) => s !== n), n] }, `It is also called ${n}`);
      return true;
    },
    /** @returns whether it was taken */
    addMeasure: (text: string): boolean => {
      const read = readMeasures(text);
      const why = typeof read === 'string' ? read : 'Write a measure and its grams, such as "bunch 180".';
      if (typeof read === 'string' || read.length === 0) {
        setWrong(why);
        return false;
      }
      setWrong(null);
      void put(read.reduce(withMeasure, before), `1 ${read[0]!.unit} weighs ${read[0]!.grams} g`);
      return true;
    },
    forgetName: (name: string) =>
      put({ ...before, synonyms: before.synonyms.filter((x) => x !== name) }, `“${name}” is forgotten`),
    forgetMeasure: (m: Measure) =>
      put({ ...before, measures: before.measures.filter((x) => x !== m) }, `1 ${m.unit} weighs what it did`),
  };
}
