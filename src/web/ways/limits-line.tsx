import { useState } from 'react';
import type { VersionCount } from '../../core/counting/count-version.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { trimmed } from '../../core/quantity/format-amount.ts';
import type { StockItem } from '../../core/stock/stock.ts';
import type { CountingEater } from '../context/household-context.ts';
import { type Limits, limitsSaid, noLimits } from './limits.ts';
import { HouseOnly, WishField } from './wish-fields.tsx';

interface LimitsLineProps {
  readonly limits: Limits;
  readonly onLimit: (limits: Limits) => void;
  readonly eaters: readonly CountingEater[];
  /** Whose points the stair goes down by: no limit is asked for them. */
  readonly lead: number;
  readonly count: VersionCount;
  readonly stock: readonly StockItem[];
}

/** What every way has to keep to, in one line that opens. */
export function LimitsLine({ limits, onLimit, eaters, lead, count, stock }: LimitsLineProps) {
  const [open, setOpen] = useState(false);
  const [draft, setDraft] = useState(limits);
  const set = (change: Partial<Limits>) => setDraft((d) => ({ ...d, ...change }));
  const now = count.perServing;
  const said = limitsSaid(
    limits,
    eaters.map((e) => e.eater.name),
  );
  return (
    <div>
      <button
        type="button"
        className="min-h-touch text-left underline decoration-rule decoration-2 underline-offset-4 hover:text-beet"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        {said === 'no limits' ? 'No limits. Set some' : `Limits: ${said}`}
      </button>
      {open && (
        <form
          className="panel my-2 grid grid-cols-2 gap-x-4 gap-y-3 p-4 sm:grid-cols-3"
          onSubmit={(e) => {
            e.preventDefault();
            setOpen(false);
            onLimit(draft);
          }}
        >
          {eaters.map(
            (e, i) =>
              i !== lead && (
                <WishField
                  key={e.key}
                  label={`${e.eater.name} (${e.program.mark}) at most`}
                  hint={`now ${formatPoints(count.counts[i]!.points)}`}
                  value={draft.points[i] ?? ''}
                  onChange={(v) => set({ points: draft.points.map((p, n) => (n === i ? v : p)) })}
                />
              ),
          )}
          <WishField
            label="Calories at most"
            hint={now.kcal.value === null ? '' : `now ${Math.round(now.kcal.value)}`}
            value={draft.kcal}
            onChange={(kcal) => set({ kcal })}
          />
          <WishField
            label="Protein at least, g"
            hint={now.protein.value === null ? '' : `now ${trimmed(now.protein.value, 0)}`}
            value={draft.protein}
            onChange={(protein) => set({ protein })}
          />
          <WishField
            label="Sodium at most, mg"
            hint={now.sodium.value === null ? '' : `now ${Math.round(now.sodium.value)}`}
            value={draft.sodium}
            onChange={(sodium) => set({ sodium })}
          />
          <WishField
            label="A serving weighs at least, g"
            hint={`now ${Math.round(count.servingGrams)}`}
            value={draft.grams}
            onChange={(grams) => set({ grams })}
          />
          <WishField
            label="Lines to change at most"
            hint="any"
            value={draft.changes}
            onChange={(changes) => set({ changes })}
          />
          <WishField
            label="Without"
            hint="nuts, coriander …"
            value={draft.without}
            onChange={(without) => set({ without })}
            text
          />
          <HouseOnly stock={stock} value={draft.onlyHouse} onChange={(onlyHouse) => set({ onlyHouse })} />
          <p className="col-span-full flex flex-wrap gap-2">
            <button type="submit" className="btn btn-main">
              Keep to these
            </button>
            <button
              type="button"
              className="btn"
              onClick={() => {
                setOpen(false);
                setDraft(noLimits(eaters.length));
                onLimit(noLimits(eaters.length));
              }}
            >
              No limits
            </button>
          </p>
        </form>
      )}
    </div>
  );
}
