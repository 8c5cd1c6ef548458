import type { Food, Role } from '../food/food.ts';
import { trimmed } from '../quantity/format-amount.ts';
import type { Swap, SwapKind } from './swap.ts';

export const KIND_WORDS: Readonly<Record<SwapKind, string>> = {
  twin: 'a lighter twin',
  standIn: 'a stand-in',
  part: 'a part of it',
  leaveOut: 'leave out',
  bulkUp: 'more of it',
  toPlate: 'to the plate',
};

/** A role in words; "something else" where none is known. */
export const roleWords = (role: Role | null): string =>
  role === null ? 'something else' : role === 'starch-base' ? 'starch base' : role;

/**
 * What a swap does, in amounts.
 *
 * @example ratioWords(creamHalf, food) // '50 % to 75 % of it, 100 g evaporated milk for each 100 g, 5 g stay'
 */
export function ratioWords(swap: Swap, food: (id: string) => Pick<Food, 'name'> | null): string {
  if (swap.kind === 'leaveOut') return 'nothing comes in';
  if (swap.kind === 'toPlate') return 'on the plate instead of in the dish';
  if (swap.kind === 'bulkUp') return `${percent(swap.into[0]?.ratio ?? 1)} of what there was`;
  const most = Math.max(swap.share, swap.mostShare);
  const into = swap.into.map((t) => `${trimmed(t.ratio * 100, 1)} g ${food(t.foodId)?.name ?? t.foodId}`);
  const parts = [
    swap.share === 1
      ? null
      : most > swap.share
        ? `${percent(swap.share)} to ${percent(most)} of it`
        : `${percent(most)} of it`,
    into.length === 0 ? 'less of it' : `${into.join(' and ')} for each 100 g`,
    swap.stays > 0 ? `${trimmed(swap.stays, 1)} g stay` : null,
  ];
  return parts.filter((p) => p !== null).join(', ');
}

const percent = (share: number): string => `${trimmed(share * 100, 1)} %`;
