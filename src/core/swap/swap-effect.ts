import type { VersionCount } from '../counting/count-version.ts';
import { foodsOf } from '../counting/foods-of.ts';
import { ALLERGEN_WORDS, type Allergen } from '../food/food.ts';
import { formatGrams } from '../quantity/format-amount.ts';
import { allergensBroughtIn } from './apply-swap.ts';

/** What a swap does to a serving besides its points. */
export interface SwapEffect {
  readonly brings: readonly Allergen[];
  /** mg more, or less below 0; null when some of it is unknown. */
  readonly sodium: number | null;
  /** g more on the plate, or less below 0. */
  readonly grams: number;
}

/** What is different between a serving before and after a swap. */
export function swapEffect(before: VersionCount, after: VersionCount): SwapEffect {
  const [was, now] = [before.perServing.sodium.value, after.perServing.sodium.value];
  return {
    brings: allergensBroughtIn(foodsOf(before), foodsOf(after)),
    sodium: was === null || now === null ? null : now - was,
    grams: after.servingGrams - before.servingGrams,
  };
}

/** Less than this is not worth a word. */
const SODIUM_MG = 40;
const PLATE_G = 10;

/**
 * The effect in words, with who must not have what it brings in; null when there is nothing to say.
 *
 * @example effectWords(effect, []) // 'brings in milk, 120 mg more sodium'
 */
export function effectWords(
  effect: SwapEffect,
  people: readonly { readonly name: string; readonly allergies: readonly Allergen[] }[],
): string | null {
  const words: string[] = [];
  if (effect.brings.length > 0) {
    const not = people.filter((p) => p.allergies.some((a) => effect.brings.includes(a))).map((p) => p.name);
    const what = effect.brings.map((a) => ALLERGEN_WORDS[a]).join(' and ');
    words.push(`brings in ${what}${not.length > 0 ? `, not for ${not.join(' and ')}` : ''}`);
  }
  if (effect.sodium !== null && Math.abs(effect.sodium) >= SODIUM_MG)
    words.push(`${Math.abs(Math.round(effect.sodium))} mg ${effect.sodium > 0 ? 'more' : 'less'} sodium`);
  if (Math.abs(effect.grams) >= PLATE_G)
    words.push(`${formatGrams(Math.abs(effect.grams))} ${effect.grams > 0 ? 'more' : 'less'} on the plate`);
  return words.length === 0 ? null : words.join(', ');
}
