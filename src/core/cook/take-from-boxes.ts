import type { Line } from '../version/version.ts';
import { boxCounts } from './box-of.ts';
import type { Box } from './cook.ts';
import type { Frozen } from './frozen.ts';

/** How a box changes when a cook takes of it. */
export interface BoxUsed {
  readonly before: Box;
  readonly after: Box;
}

/** Less than this is an empty box, g. */
const EMPTY_BOX_G = 1;

/**
 * What a dish takes out of boxes: of each line that names the time when its base was cooked, the first to be eaten
 * first. A box of which nobody knows the weight is left alone.
 *
 * @param frozenOf the record of a cook; null where there is none, and then nothing is taken
 * @param at what it goes into, and when, ISO 8601
 */
export function takeFromBoxes(
  boxes: readonly Box[],
  lines: readonly Line[],
  frozenOf: (cookId: string) => Frozen | null,
  at: { readonly name: string; readonly instant: string },
): BoxUsed[] {
  const needs = new Map<string, number>();
  for (const { leftOut, food, weight } of lines)
    if (!leftOut && food.kind === 'recipe' && food.cookId !== undefined && weight !== null)
      needs.set(food.cookId, (needs.get(food.cookId) ?? 0) + weight.grams);
  const used: BoxUsed[] = [];
  for (const before of boxes.toSorted((a, b) => a.keepUntil.localeCompare(b.keepUntil))) {
    const need = needs.get(before.cookId) ?? 0;
    const frozen = need > 0 ? frozenOf(before.cookId) : null;
    if (frozen === null || before.taken !== null || before.grams === null) continue;
    const grams = Math.min(need, before.grams);
    needs.set(before.cookId, need - grams);
    const left = before.grams - grams;
    if (left < EMPTY_BOX_G)
      used.push({
        before,
        after: { ...before, taken: { eaterId: null, name: at.name.slice(0, 60), at: at.instant, entryId: null } },
      });
    else {
      const share = (before.share * left) / before.grams;
      used.push({ before, after: { ...before, share, grams: left, ...boxCounts(frozen, share) } });
    }
  }
  return used;
}
