import { expose } from 'comlink';
import { readPasted } from '../../contract/read-pasted.ts';
import type { Food } from '../../core/food/food.ts';
import { type FoodIndex, indexFoods } from '../../core/food/match-food.ts';
import { htmlText, isHtml } from '../../core/page/html-text.ts';
import { LONGEST_RECIPE } from '../../core/page/recipe-limits.ts';
import type { MeasureSystem } from '../../core/quantity/measure-system.ts';
import { type PasteRead, previewOf } from './preview-of.ts';

let index: FoodIndex | null = null;
let system: MeasureSystem = 'us';

/** Reads what is pasted away from the page, so that no paste ever holds it up. */
const paste = {
  know(foods: readonly Food[], measures: MeasureSystem): void {
    index = indexFoods(foods);
    system = measures;
  },
  read(text: string): PasteRead {
    const html = isHtml(text);
    const length = html ? htmlText(text).text.length : text.length;
    if (index === null || length > LONGEST_RECIPE)
      return { recipes: [], language: null, isSource: false, tooLong: true };
    const { recipes, language } = readPasted(text);
    const foods = index;
    return {
      recipes: recipes.map((r) => previewOf(r, foods, system)),
      language,
      isSource: html || /^\s*[[{]/.test(text),
      tooLong: false,
    };
  },
};
export type PasteWorker = typeof paste;
expose(paste);
