import { type Cook, OTHERS } from '../../core/cook/cook.ts';
import { countShare } from '../../core/cook/count-share.ts';
import { gramsFor, type Outcome } from '../../core/cook/divide.ts';
import type { Frozen } from '../../core/cook/frozen.ts';
import { shareOfAmount, takenWords } from '../../core/cook/outcome-words.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { formatGrams, trimmed } from '../../core/quantity/format-amount.ts';
import { useHousehold } from '../context/household-context.ts';
import { numberTyped } from '../kit/number-typed.ts';
import { PointsShown } from '../kit/points-shown.tsx';
import { useTyped } from '../kit/use-typed.ts';
import { AimFor } from './aim-for.tsx';

interface PlatesOfCookProps {
  readonly cook: Cook;
  readonly frozen: Frozen;
  readonly out: Outcome;
  readonly servings: number;
  /** The share that nobody has yet. */
  readonly free: number;
  readonly onPlates: (plates: Cook['plates']) => void;
}

const UNIT_WORDS: Readonly<Record<Outcome['by'], string>> = { grams: 'g', pieces: 'pieces', cups: 'cups' };

/** Whose plate gets how much, in the unit in which it is divided, and what that counts. */
export function PlatesOfCook({ cook, frozen, out, servings, free, onPlates }: PlatesOfCookProps) {
  const { eaters } = useHousehold();
  const people = [...eaters.map((e) => ({ id: e.id, name: e.name })), { id: OTHERS, name: 'Others' }];
  const set = (id: string, share: number) => {
    const { [id]: _, ...others } = cook.plates;
    onPlates(share > 0 ? { ...others, [id]: share } : others);
  };
  const amountOf = (share: number): number => Number((share * out.amount).toFixed(out.by === 'grams' ? 0 : 2));
  return (
    <section aria-label="On the plates">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h3 className="text-xl">On the plates, {UNIT_WORDS[out.by]}</h3>
        <button
          type="button"
          className="btn btn-small"
          onClick={() => onPlates(Object.fromEntries(eaters.map((e) => [e.id, 1 / Math.max(servings, eaters.length)])))}
        >
          A portion each
        </button>
      </div>
      <ul className="mt-2 border-rule border-t">
        {people.map((p) => {
          const share = cook.plates[p.id] ?? 0;
          const counter = frozen.counters.find((c) => c.key === p.id);
          const counted = counter === undefined ? null : countShare(frozen, counter.key, share);
          const most =
            counted === null || out.grams === null || share === 0
              ? null
              : gramsFor(frozen, counter!.key, counted.points, out.grams);
          const kcal =
            share > 0 && frozen.counters[0]
              ? countShare(frozen, frozen.counters[0].key, share).nutrition.kcal.value
              : null;
          return (
            <li
              key={p.id}
              className="grid grid-cols-[minmax(0,1fr)_5.5rem_5rem] items-center gap-x-3 border-rule border-b py-2"
            >
              <span>
                {counter && <span className="mark mr-2">{counter.mark}</span>}
                {p.name}
                {kcal !== null && <span className="ml-2 text-sm text-soft">{Math.round(kcal)} kcal</span>}
                {counted !== null && most !== null && most < out.grams! && share > 0 && (
                  <span className="block text-sm text-soft">
                    Up to {formatGrams(most)} it stays {formatPoints(counted.points)}.
                  </span>
                )}
              </span>
              <PlateAmount
                key={`${out.by} ${trimmed(share, 6)}`}
                label={`${p.name}, ${UNIT_WORDS[out.by]}`}
                amount={share === 0 ? 0 : amountOf(share)}
                onAmount={(v) => {
                  // No plate gets more than there is.
                  const after = Math.min(v === 0 ? 0 : shareOfAmount(out, v), share + free);
                  if (Math.abs(after - share) > 1e-9) set(p.id, after);
                }}
              />
              <span className="text-right">
                {counted === null || share === 0 ? (
                  <span className="text-soft">{share === 0 ? '' : '–'}</span>
                ) : (
                  <PointsShown count={{ ...counted, complete: true }} />
                )}
              </span>
            </li>
          );
        })}
      </ul>
      <AimFor cook={cook} frozen={frozen} out={out} free={free} onPlate={set} />
      {free > 1e-6 && <p className="mt-1 text-sm text-soft">{takenWords(out, free)} left to share.</p>}
    </section>
  );
}

interface PlateAmountProps {
  readonly label: string;
  /** 0 for none. */
  readonly amount: number;
  readonly onAmount: (amount: number) => void;
}

/** An emptied plate is one with nothing on it. */
const amountTyped = (text: string): number | undefined => (text.trim() === '' ? 0 : (numberTyped(text) ?? undefined));

/** How much is on a plate: taken when the field is left. */
function PlateAmount({ label, amount, onAmount }: PlateAmountProps) {
  const { field } = useTyped(amount === 0 ? '' : String(amount), amountTyped, onAmount);
  return <input aria-label={label} inputMode="decimal" autoComplete="off" className="field w-full" {...field} />;
}
