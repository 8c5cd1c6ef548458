import type { Swap } from '../swap/swap.ts';
import type { LineChoice, LineChoices } from './line-choices.ts';
import { whatItBuys } from './what-it-buys.ts';

/**
 * What a way costs in food, in a few words a change, what buys most first: a swap by its name, and what goes.
 *
 * @param choices what there was to choose from
 * @param swaps where the changes' swaps are found
 * @example costInFood(way.changes, answer.choices, swaps) // ['the leanest beef', 'no walnuts']
 */
export function costInFood(
  changes: readonly LineChoice[],
  choices: readonly LineChoices[],
  swaps: readonly Pick<Swap, 'id' | 'name'>[],
): string[] {
  const buys = (c: LineChoice): number => (whatItBuys(c, choices) ?? []).reduce((a, b) => Math.max(a, b), 0);
  return [...changes].sort((a, b) => buys(b) - buys(a)).map((c) => costOf(c, choices, swaps));
}

function costOf(c: LineChoice, choices: readonly LineChoices[], swaps: readonly Pick<Swap, 'id' | 'name'>[]): string {
  const name = swaps.find((s) => s.id === c.swapId)?.name;
  if (name !== undefined) return name;
  const item = choices.find((l) => l.lineId === c.lineId)?.item ?? c.from;
  return c.kind === 'leaveOut' ? `no ${item}` : c.to;
}
