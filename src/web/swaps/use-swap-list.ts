import { useMemo, useState } from 'react';
import { fold } from '../../core/food/food-words.ts';
import type { OwnSwap } from '../../core/swap/own-swap.ts';
import type { Swap, SwapKind } from '../../core/swap/swap.ts';
import { swapsByUse } from '../../core/swap/swaps-by-use.ts';
import { useHousehold } from '../context/household-context.ts';
import { useFoodsUsed, usePantry } from '../data/queries.ts';
import { sayDone } from '../kit/say-done.ts';
import { useOwnSwapRows, useSwapShelf } from '../kitchen/use-swap-shelf.ts';

/** The swaps on offer that fit some words and a kind, the household's own among them; those for its recipes first. */
export function useSwapList() {
  const { household } = useHousehold();
  const { data: pantry = [] } = usePantry(household.id);
  const { rows: own, change, error } = useOwnSwapRows(household.id);
  const { offered } = useSwapShelf(household.id);
  const [search, setSearch] = useState('');
  const [kind, setKind] = useState<SwapKind | null>(null);
  const foods = useMemo(() => new Map(pantry.map((f) => [f.id, f])), [pantry]);
  const shown = useMemo(() => {
    const words = fold(search).split(/\s+/).filter(Boolean);
    const text = (s: Swap): string =>
      fold([s.name, s.role, ...[...s.from, ...s.into.map((t) => t.foodId)].map((id) => foods.get(id)?.name)].join(' '));
    return offered.filter((s) => (kind === null || s.kind === kind) && words.every((w) => text(s).includes(w)));
  }, [offered, search, kind, foods]);
  const { data: used } = useFoodsUsed(household.id);
  const grouped = useMemo(
    () => swapsByUse(shown, new Map((used ?? []).map((u) => [u.foodId, u.recipes]))),
    [shown, used],
  );
  const retire = async (swap: OwnSwap) => {
    const undo = await change(swap.id, swap, { ...swap, retired: true }, `Retire ${swap.name}`);
    sayDone(`${swap.name} is not offered any more`, undo);
  };
  return {
    search,
    setSearch,
    kind,
    setKind,
    many: shown.length,
    ...grouped,
    error,
    food: (id: string) => foods.get(id) ?? null,
    ownOf: (id: string): OwnSwap | null => own.find((o) => o.id === id) ?? null,
    retire,
  };
}
