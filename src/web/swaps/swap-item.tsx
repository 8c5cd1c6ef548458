import { useState } from 'react';
import type { Food } from '../../core/food/food.ts';
import { departureIn, departureSaid } from '../../core/swap/departure-words.ts';
import type { OwnSwap } from '../../core/swap/own-swap.ts';
import type { Swap } from '../../core/swap/swap.ts';
import { KIND_WORDS, ratioWords, roleWords } from '../../core/swap/swap-words.ts';

interface SwapItemProps {
  readonly swap: Swap;
  /** In how many recipes of the household what it is for is found. */
  readonly recipes: number;
  /** The household's own row of it; null for one that comes with Imbiss. */
  readonly mine: OwnSwap | null;
  readonly food: (id: string) => Food | null;
  readonly onChange: (swap: OwnSwap) => void;
  readonly onRetire: (swap: OwnSwap) => void;
}

/** A swap in one line; pressed, what for what, how, what to watch and why. */
export function SwapItem({ swap, recipes, mine, food, onChange, onRetire }: SwapItemProps) {
  const [open, setOpen] = useState(false);
  return (
    <li className="border-rule border-b">
      <button
        type="button"
        className="grid min-h-touch w-full grid-cols-[minmax(0,1fr)_auto] items-center gap-x-4 py-2 text-left hover:bg-beet-wash"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        <span className="min-w-0">
          <span className="font-bold font-head text-lg leading-tight">{swap.name}</span>{' '}
          <span className="text-soft text-sm">for {roleWords(swap.role)}</span>{' '}
          {mine && <span className="tag">own</span>}
        </span>
        <span className="text-right text-sm text-soft">
          {recipes > 0 && <span className="block">{recipes === 1 ? 'in 1 recipe' : `in ${recipes} recipes`}</span>}
          <span className="sr-only">departs </span>
          {departureIn(swap.departure)}
        </span>
      </button>
      {open && (
        <div className="grid gap-x-6 pb-3 text-sm md:grid-cols-2">
          <div>
            <p className="text-soft">{KIND_WORDS[swap.kind]}</p>
            <p>instead of {swap.from.map((id) => food(id)?.name ?? id).join(' · ')}</p>
            <p>{ratioWords(swap, food)}</p>
            <p className="text-soft">departs {departureSaid(swap.departure)}</p>
          </div>
          <div>
            {swap.method && <p>{swap.method}</p>}
            {swap.watch && <p className="text-mustard">{swap.watch}</p>}
            {swap.why && <p className="text-soft">{swap.why}</p>}
          </div>
        </div>
      )}
      {mine && (
        <p className="flex gap-1 pb-2">
          <button type="button" className="btn btn-small" onClick={() => onChange(mine)}>
            Change
          </button>
          <button type="button" className="btn btn-plain btn-small" onClick={() => onRetire(mine)}>
            Remove
          </button>
        </p>
      )}
    </li>
  );
}
