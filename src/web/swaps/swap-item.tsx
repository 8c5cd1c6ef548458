import type { Food } from '../../core/food/food.ts';
import { departureSaid } from '../../core/swap/departure-words.ts';
import type { OwnSwap } from '../../core/swap/own-swap.ts';
import type { Swap } from '../../core/swap/swap.ts';
import { KIND_WORDS, ratioWords, roleWords } from '../../core/swap/swap-words.ts';

interface SwapItemProps {
  readonly swap: Swap;
  /** The household's own row of it; null for one that comes with Imbiss. */
  readonly mine: OwnSwap | null;
  readonly food: (id: string) => Food | null;
  readonly onChange: (swap: OwnSwap) => void;
  readonly onRetire: (swap: OwnSwap) => void;
}

/** A swap: what for what, how, what to watch, why. */
export function SwapItem({ swap, mine, food, onChange, onRetire }: SwapItemProps) {
  return (
    <li className="grid gap-x-6 border-rule border-b py-2.5 md:grid-cols-[1fr_1.2fr_7.5rem]">
      <div>
        <h2 className="font-bold font-head text-lg leading-tight">{swap.name}</h2>
        <p className="text-soft text-sm">
          {KIND_WORDS[swap.kind]}, for {roleWords(swap.role)} {mine && <span className="tag">own</span>}
        </p>
        <p className="text-sm">instead of {swap.from.map((id) => food(id)?.name ?? id).join(' · ')}</p>
      </div>
      <div className="text-sm">
        <p>{ratioWords(swap, food)}</p>
        {swap.method && <p>{swap.method}</p>}
        {swap.watch && <p className="text-mustard">{swap.watch}</p>}
        {swap.why && <p className="text-soft">{swap.why}</p>}
      </div>
      <div className="flex items-start gap-2 md:flex-col md:items-end">
        <span className="whitespace-nowrap text-sm text-soft">departs {departureSaid(swap.departure)}</span>
        {mine && (
          <span className="flex gap-1">
            <button type="button" className="btn btn-small" onClick={() => onChange(mine)}>
              Change
            </button>
            <button type="button" className="btn btn-plain btn-small" onClick={() => onRetire(mine)}>
              Remove
            </button>
          </span>
        )}
      </div>
    </li>
  );
}
