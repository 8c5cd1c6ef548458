/** What hands are at, and how long that takes where a step does not say it, min. Common practice. */
const WORK: ReadonlyArray<readonly [does: RegExp, minutes: number]> = [
  [/\bknead/i, 8],
  [/\b(?:stuff|fill|wrap|shape|thread|roll)\b/i, 10],
  [/\bpull\b/i, 10],
  [/\b(?:fry|brown|soften|sear|render|saut[eé]|sweat|caramel\w*|toast)\b/i, 8],
  [/\bbake\b/i, 20],
  [/\b(?:layer|lay|spread|arrange|set|line)\b/i, 5],
  [/\b(?:whisk|beat|cream|mash|rub in|mix|fold)\b/i, 4],
  [/\b(?:warm|melt|heat|cook)\b/i, 5],
  [/\b(?:blend|pur[eé]e|strain|drain|sift)\b/i, 3],
];
const BRIEF_MIN = 2;
const MOST_GUESSED_MIN = 40;
const TWO_BATCHES = /\b(?:two|2) batches\b/i;

const CUTS =
  /\b(?:slic(?:e[sd]?|ing)|chop(?:s|ped|ping)?|dic(?:e[sd]?|ing)|cub(?:ed|ing)|quarter(?:ed|ing)|shred(?:s|ded|ding)?|halv(?:e[sd]?|ing)|grat(?:e[sd]?|ing)|peel(?:s|ed|ing)?|minc(?:e[sd]?|ing)|trim(?:s|med|ming)?|pit(?:ted|ting)|core[sd]?|cut(?! of)|cutting)\b|^(?:pit|quarter|cube)\b/i;
/** Grams of vegetables that are peeled and cut in a minute. */
const CUT_G_A_MIN = 150;
const TO_BEGIN_MIN = 1;

/** Whether words say that something is cut. */
export const isCutting = (words: string): boolean => CUTS.test(words);

/** How long it takes to cut so much, min. @param grams of all of it */
export const cutMinutes = (grams: number): number => Math.max(2, Math.ceil(TO_BEGIN_MIN + grams / CUT_G_A_MIN));

/**
 * How long hands take for what a step says, where it does not say that, min.
 *
 * @param clauses what is done, one after the other
 * @param grams of what is cut in it
 */
export function guessHands(clauses: readonly string[], grams: number): number {
  let sum = 0;
  for (const c of clauses) {
    const minutes =
      isCutting(c) && grams > 0 ? cutMinutes(grams) : (WORK.find(([does]) => does.test(c))?.[1] ?? BRIEF_MIN);
    sum += minutes * (TWO_BATCHES.test(c) ? 2 : 1);
  }
  return Math.min(MOST_GUESSED_MIN, Math.max(1, sum));
}

/** How long something goes on by itself, where its step does not say that, min. Common practice. */
const WAITS_MIN: ReadonlyArray<readonly [does: RegExp, minutes: number]> = [
  [/\bcool\b/i, 20],
  [/\b(?:rise|prove)\b/i, 60],
  [/\b(?:chill|refrigerate|set|freeze)\b/i, 60],
  [/\b(?:bake|roast|gratinate)\b/i, 40],
  [/\b(?:simmer|stew|braise)\b/i, 25],
  [/\b(?:boil|cook|steam|poach)\b/i, 15],
];
const RESTS_MIN = 10;

export const guessWait = (words: string): number => WAITS_MIN.find(([does]) => does.test(words))?.[1] ?? RESTS_MIN;

/** Until so much boils: a few minutes, and more for a large pot. @param grams in the pot */
export const boilMinutes = (grams: number): number => Math.min(20, 4 + Math.round(grams / 400));

/** Into boxes: to lay them out, and each. */
export const packMinutes = (servings: number | null): number => Math.min(15, 3 + Math.ceil((servings ?? 4) / 2));
