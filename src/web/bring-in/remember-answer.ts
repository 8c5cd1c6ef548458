import { API } from '../../contract/api.ts';
import type { Food } from '../../core/food/food.ts';
import type { FoodCorrection } from '../../core/food/food-correction.ts';
import { type FoodIndex, foodAnswered, foodNamed } from '../../core/food/match-food.ts';
import { ask } from '../data/api.ts';
import { refresh } from '../data/queries.ts';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';
import { changeCorrection } from '../saving/change-correction.ts';

/** Changes what the household calls a food. @returns turns it round */
async function renamed(household: string, id: string, names: (had: FoodCorrection) => readonly string[]) {
  const { revision, ...known } = await ask(API.correction, { h: household, id });
  return changeCorrection(household, { known, revision }, { ...known, synonyms: [...names(known)] });
}

const sameWords = (a: string, b: string): boolean => a.toLowerCase() === b.toLowerCase();

/**
 * Keeps what the cook answered for the words of a line, for every recipe read from now on; an earlier answer for the sameWords
 * words is forgotten. What the pantry calls the food anyway is not kept.
 */
export async function rememberAnswer(household: string, index: FoodIndex, words: string, food: Food): Promise<void> {
  const before = foodAnswered(index, words);
  const known = before === null && foodNamed(index, words)?.id === food.id;
  if (words === '' || words.length > 120 || known || before?.id === food.id) return;
  try {
    const forgotten =
      before && (await renamed(household, before.id, (had) => had.synonyms.filter((s) => !sameWords(s, words))));
    const kept = await renamed(household, food.id, (had) => [
      ...had.synonyms.filter((s) => !sameWords(s, words)),
      words,
    ]);
    await refresh.pantry(household);
    sayDone(`"${words}" is ${food.name} from now on`, async () => {
      await kept();
      await forgotten?.();
      await refresh.pantry(household);
    });
  } catch (e) {
    sayError(e);
  }
}
