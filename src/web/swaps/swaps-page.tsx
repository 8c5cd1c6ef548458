import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import type { OwnSwap } from '../../core/swap/own-swap.ts';
import { SWAP_KINDS, type Swap } from '../../core/swap/swap.ts';
import { KIND_WORDS } from '../../core/swap/swap-words.ts';
import { Picker } from '../kit/picker.tsx';
import { PantryHead } from '../pantry/pantry-head.tsx';
import { blankSwap } from './blank-swap.ts';
import { SwapForm } from './swap-form.tsx';
import { SwapItem } from './swap-item.tsx';
import { useSwapList } from './use-swap-list.ts';

/** More than these are a tap away where the household has recipes for none of them. */
const MOST_OTHERS = 20;

/** The swaps that a search and the bench choose from: those that come with Imbiss, and the household's own. */
export function SwapsPage() {
  const list = useSwapList();
  const { cooked, others, error } = list;
  const [all, setAll] = useState(false);
  const [writing, setWriting] = useState<OwnSwap | null>(null);
  const item = (swap: Swap, recipes: number) => (
    <SwapItem
      key={swap.id}
      swap={swap}
      recipes={recipes}
      mine={list.ownOf(swap.id)}
      food={list.food}
      onChange={setWriting}
      onRetire={list.retire}
    />
  );
  return (
    <main className="page">
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
            value={list.search}
            onChange={(e) => list.setSearch(e.target.value)}
          />
        </label>
        <Picker
          label="Kind of swap"
          labelled="unseen"
          className="w-64"
          value={list.kind ?? ''}
          choices={[
            { value: '', words: 'every kind' },
            ...SWAP_KINDS.map((k) => ({ value: k as string, words: KIND_WORDS[k] })),
          ]}
          onPick={(kind) => list.setKind(SWAP_KINDS.find((k) => k === kind) ?? null)}
        />
        <p className="pb-2 text-soft" role="status">
          {list.many === 1 ? '1 swap' : `${list.many} swaps`}
        </p>
      </div>
      {list.many === 0 && (
        <p className="mt-6 text-soft">No swap has these words. Write one of your own, or search for the food.</p>
      )}
      {cooked.length > 0 && (
        <section aria-label="For what you cook">
          <h2 className="mt-6 text-xl">For what you cook</h2>
          <ul className="mt-1 border-rule border-t">{cooked.map((c) => item(c.swap, c.recipes))}</ul>
        </section>
      )}
      {others.length > 0 && (
        <section aria-label="All others">
          {cooked.length > 0 && <h2 className="mt-8 text-xl">For what none of your recipes has</h2>}
          <ul className="mt-1 border-rule border-t">
            {(all ? others : others.slice(0, MOST_OTHERS)).map((s) => item(s, 0))}
          </ul>
          {!all && others.length > MOST_OTHERS && (
            <button type="button" className="btn mt-4" onClick={() => setAll(true)}>
              Show all {others.length}
            </button>
          )}
        </section>
      )}
      {writing && (
        <SwapForm
          title={list.ownOf(writing.id) ? 'Change a swap' : 'A swap of your own'}
          swap={writing}
          onKept={() => setWriting(null)}
          onClose={() => setWriting(null)}
        />
      )}
    </main>
  );
}
