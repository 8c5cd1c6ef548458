import type { Food } from '../../core/food/food.ts';
import { houseOf } from '../../core/stock/house-of.ts';
import type { StockItem } from '../../core/stock/stock.ts';
import type { Swap } from '../../core/swap/swap.ts';
import type { Version } from '../../core/version/version.ts';
import { isInHouse } from '../../core/ways/in-house.ts';
import type { LineChoice } from '../../core/ways/line-choices.ts';
import { useHousehold } from '../context/household-context.ts';
import { useStock, useVerdicts } from '../data/queries.ts';
import { useSwapShelf } from '../kitchen/use-swap-shelf.ts';
import type { WaysQuestion } from './ways-worker.ts';

type Shared = Pick<WaysQuestion, 'foods' | 'swaps' | 'system' | 'lacking' | 'house' | 'verdicts' | 'ratherNot'>;

interface SearchContext {
  readonly stock: readonly StockItem[];
  readonly swaps: readonly Swap[];
  /** What every search of this household takes along. */
  readonly shared: (versions: readonly Version[], foods: readonly Food[], onlyHouse: boolean) => Shared;
  /** What has to be bought for changes, in words; empty where nobody wrote down what is in the house. */
  readonly toGet: (changes: readonly LineChoice[]) => string[];
}

/**
 * What a household has to say to a search: its swaps, its verdicts, what is in the house, what cannot be had.
 *
 * @param pantry the foods that lines, swaps and stock name, in their newest revision
 */
export function useSearchContext(pantry: readonly Food[]): SearchContext {
  const { household, eaters } = useHousehold();
  const { data: stock = [] } = useStock(household.id);
  const { data: verdicts = [] } = useVerdicts(household.id);
  const { offered: swaps } = useSwapShelf(household.id);
  const house = houseOf(stock);
  return {
    stock,
    swaps,
    shared: (versions, foods, only) => {
      const needed = new Set(swaps.flatMap((s) => s.into.map((t) => t.foodId)));
      for (const l of versions.flatMap((v) => v.lines)) if (l.food.kind === 'food') needed.add(l.food.foodId);
      return {
        foods: [...foods, ...pantry.filter((f) => needed.has(f.id))],
        swaps,
        system: household.system,
        lacking: stock.flatMap((s) => (s.lacking && s.foodId !== null ? [s.foodId] : [])),
        house: house.size === 0 ? undefined : { stock: house, only },
        verdicts,
        ratherNot: eaters.flatMap((e) => e.ratherNot),
      };
    },
    toGet: (changes) => {
      if (house.size === 0) return [];
      const missing = changes.flatMap((c) => c.brings.filter((b) => !isInHouse([b], { stock: house, only: true })));
      const names = missing.map((b) => pantry.find((f) => f.id === b.foodId)?.name ?? b.foodId);
      return [...new Set(names)];
    },
  };
}
