import { useMemo, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { fold } from '../../core/food/food-words.ts';
import type { OwnSwap } from '../../core/swap/own-swap.ts';
import { SWAP_KINDS, type Swap, type SwapKind } from '../../core/swap/swap.ts';
import { KIND_WORDS, ratioWords, roleWords } from '../../core/swap/swap-words.ts';
import { sayDone } from '../components/say-done.ts';
import { useHousehold } from '../context/household-context.ts';
import { usePantry } from '../data/queries.ts';
import { useOwnSwapRows, useSwapShelf } from '../kitchen/use-swap-shelf.ts';
import { PantryHead } from '../pantry/pantry-head.tsx';
import { blankSwap } from './blank-swap.ts';
import { SwapForm } from './swap-form.tsx';

const MOST_SWAPS = 40;

/** The swaps that a search and the bench choose from: those that come with Imbiss, and the household's own. */
export function SwapsPage() {
  const { household } = useHousehold();
  const { data: pantry = [] } = usePantry(household.id);
  const { rows: own, change, error } = useOwnSwapRows(household.id);
  const { offered } = useSwapShelf(household.id);
  const [search, setSearch] = useState('');
  const [kind, setKind] = useState<SwapKind | null>(null);
  const [all, setAll] = useState(false);
  const [writing, setWriting] = useState<OwnSwap | null>(null);
  const foods = useMemo(() => new Map(pantry.map((f) => [f.id, f])), [pantry]);
  const food = (id: string) => foods.get(id) ?? null;
  const shown = useMemo(() => {
    const words = fold(search).split(/\s+/).filter(Boolean);
    const text = (s: Swap): string =>
      fold([s.name, s.role, ...[...s.from, ...s.into.map((t) => t.foodId)].map((id) => foods.get(id)?.name)].join(' '));
    return offered.filter((s) => (kind === null || s.kind === kind) && words.every((w) => text(s).includes(w)));
  }, [offered, search, kind, foods]);
  const retire = async (swap: OwnSwap) => {
    const undo = await change(swap.id, swap, { ...swap, retired: true }, `Retire ${swap.name}`);
    sayDone(`${swap.name} is not offered any more`, undo);
  };
  return (
    <main className="mx-auto max-w-6xl px-4 py-5 md:px-8">
      <PantryHead title="Swaps" about="What may take the place of what, for the part it plays in a dish.">
        <button type="button" className="btn btn-main" onClick={() => setWriting(blankSwap(uuid()))}>
          Write a swap
        </button>
      </PantryHead>
      {error && (
        <p className="note mt-4" role="alert">
          {error.message} The swaps that come with Imbiss are here all the same.
        </p>
      )}
      <div className="mt-4 flex flex-wrap items-end gap-3">
        <label className="w-full max-w-sm">
          <span className="sr-only">Search the swaps</span>
          <input
            type="search"
            className="field"
            placeholder="cream, browning, quark …"
            value={search}
            onChange={(e) => setSearch(e.target.value)}
          />
        </label>
        <label>
          <span className="sr-only">Kind of swap</span>
          <select
            className="field w-auto"
            value={kind ?? ''}
            onChange={(e) => setKind(SWAP_KINDS.find((k) => k === e.target.value) ?? null)}
          >
            <option value="">every kind</option>
            {SWAP_KINDS.map((k) => (
              <option key={k} value={k}>
                {KIND_WORDS[k]}
              </option>
            ))}
          </select>
        </label>
        <p className="pb-2 text-soft" role="status">
          {shown.length === 1 ? '1 swap' : `${shown.length} swaps`}
        </p>
      </div>
      {shown.length === 0 && (
        <p className="mt-6 text-soft">No swap has these words. Write one of your own, or search for the food.</p>
      )}
      <ul className="mt-3 border-rule border-t">
        {(all ? shown : shown.slice(0, MOST_SWAPS)).map((s) => {
          const mine = own.find((o) => o.id === s.id);
          return (
            <li key={s.id} className="grid gap-x-6 border-rule border-b py-2.5 md:grid-cols-[1fr_1.2fr_7.5rem]">
              <div>
                <h2 className="font-bold font-head text-lg leading-tight">{s.name}</h2>
                <p className="text-soft text-sm">
                  {KIND_WORDS[s.kind]}, for {roleWords(s.role)} {mine && <span className="tag">own</span>}
                </p>
                <p className="text-sm">instead of {s.from.map((id) => food(id)?.name ?? id).join(' · ')}</p>
              </div>
              <div className="text-sm">
                <p>{ratioWords(s, food)}</p>
                {s.method && <p>{s.method}</p>}
                {s.watch && <p className="text-mustard">{s.watch}</p>}
                {s.why && <p className="text-soft">{s.why}</p>}
              </div>
              <div className="flex items-start gap-2 md:flex-col md:items-end">
                <span className="whitespace-nowrap text-sm text-soft">departure {s.departure}</span>
                {mine && (
                  <span className="flex gap-1">
                    <button type="button" className="btn btn-small" onClick={() => setWriting(mine)}>
                      Change
                    </button>
                    <button type="button" className="btn btn-plain btn-small" onClick={() => retire(mine)}>
                      Remove
                    </button>
                  </span>
                )}
              </div>
            </li>
          );
        })}
      </ul>
      {!all && shown.length > MOST_SWAPS && (
        <button type="button" className="btn mt-4" onClick={() => setAll(true)}>
          Show all {shown.length}
        </button>
      )}
      {writing && (
        <SwapForm
          title={own.some((o) => o.id === writing.id) ? 'Change a swap' : 'A swap of your own'}
          swap={writing}
          onKept={() => setWriting(null)}
          onClose={() => setWriting(null)}
        />
      )}
    </main>
  );
}
