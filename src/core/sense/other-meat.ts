import { foodWords, isNoise } from '../food/food-words.ts';
import type { Line } from '../version/version.ts';
import type { StepDoubt } from './doubt.ts';

/** Meats that are taken for each other when a recipe was changed in one place and not in the other. */
const MEATS = ['beef', 'pork', 'chicken', 'turkey', 'lamb', 'veal', 'ham', 'duck', 'salmon', 'tuna', 'prawn', 'shrimp'];

/** Steps that speak of another meat than the list. */
export function otherMeat(lines: readonly Line[], text: string): StepDoubt[] {
  const wordsOf = (t: string): Set<string> => new Set(foodWords(t).filter((w) => !isNoise(w)));
  const listed = new Set(lines.flatMap((l) => [...wordsOf(l.item)]));
  const meats = MEATS.filter((m) => listed.has(m));
  const inSteps = wordsOf(text);
  // A broth or stock of another animal is no other meat.
  const broths = new Set(
    [...text.matchAll(/(\w+) (?:broth|stock|bouillon|fat|gravy)/gi)].map((m) => m[1]!.toLowerCase()),
  );
  return MEATS.filter((m) => inSteps.has(m) && !listed.has(m) && !broths.has(m) && meats.length > 0).map((m) => ({
    kind: 'otherMeat',
    words: `The steps speak of ${m}, the list of ${meats.join(' and ')}.`,
  }));
}
