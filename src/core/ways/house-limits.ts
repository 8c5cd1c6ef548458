import type { House } from './in-house.ts';
import type { LineChoices } from './line-choices.ts';
import type { ModelLimit } from './model-limit.ts';

/** Where several lines may take the same food out of the house, all of them together must find enough of it. */
export function houseLimits(choices: readonly LineChoices[], house: House | undefined): ModelLimit[] {
  if (house === undefined || !house.only) return [];
  return [...house.stock].flatMap(([foodId, grams]): ModelLimit[] => {
    const takers = choices.filter((l) => l.choices.some((c) => c.brings.some((b) => b.foodId === foodId)));
    if (grams === null || takers.length < 2) return [];
    return [
      {
        most: grams,
        of: (c) => c.brings.reduce((g, b) => g + (b.foodId === foodId ? b.grams : 0), 0),
        why: 'There is not enough in the house for all of it.',
      },
    ];
  });
}
