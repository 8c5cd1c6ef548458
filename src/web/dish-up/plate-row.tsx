import { Ellipsis } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import { countShare } from '../../core/cook/count-share.ts';
import { gramsFor, type Outcome } from '../../core/cook/divide.ts';
import type { Frozen } from '../../core/cook/frozen.ts';
import { shareOfAmount } from '../../core/cook/outcome-words.ts';
import { countPlate } from '../../core/cook/plate-beside.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { formatAmount, formatGrams, trimmed } from '../../core/quantity/format-amount.ts';
import { AddLine } from '../components/add-line.tsx';
import { Menu } from '../kit/menu.tsx';
import { numberTyped } from '../kit/number-typed.ts';
import { PointsShown } from '../kit/points-shown.tsx';
import { sayError } from '../kit/say-error.ts';
import { useTyped } from '../kit/use-typed.ts';
import { ChoosePortion } from './choose-portion.tsx';

interface PlateRowProps {
  /** Of an eater, or of what has no name. */
  readonly id: string;
  readonly name: string;
  readonly frozen: Frozen;
  /** How it is taken: in its own unit, or by the scale. */
  readonly out: Outcome;
  /** How many pieces all of it is where they are weighed one by one; null where they are not. */
  readonly pieces: number | null;
  /** The share that is a portion. */
  readonly portion: number;
  readonly share: number;
  /** Why it is not for whose plate this is; null where it is. */
  readonly harm: string | null;
  readonly free: number;
  readonly beside: Frozen | null;
  readonly onShare: (share: number) => void;
  /** Null where nothing lies beside it, as of what is cut off. */
  readonly onBeside: ((texts: readonly string[]) => Promise<void>) | null;
}

const TAKEN_IN: Readonly<Record<Outcome['by'], string>> = { grams: 'g', pieces: 'pieces', cups: 'cups' };

/** A plate: how much of the dish is on it, what lies beside it, and what all of it counts. */
export function PlateRow(props: PlateRowProps) {
  const { id, name, frozen, out, pieces, portion, share, harm, free, beside, onShare, onBeside } = props;
  const [adding, setAdding] = useState(false);
  const [stair, setStair] = useState(false);
  const counter = frozen.counters.find((c) => c.key === id);
  const plate = counter === undefined ? null : countPlate(frozen, counter.key, share, beside);
  const first = frozen.counters[0];
  const kcal = plate?.kcal ?? (first === undefined ? null : countShare(frozen, first.key, share).nutrition.kcal.value);
  const most =
    plate === null || out.grams === null || share === 0
      ? null
      : gramsFor(frozen, counter!.key, plate.dish.points, out.grams);
  const give = (to: number) => {
    // No plate gets more than there is.
    const after = Math.min(to, share + free);
    if (Math.abs(after - share) > 1e-9) onShare(after);
  };
  const texts = beside?.lines.map((l) => l.label) ?? [];
  const isServed = share > 0 || texts.length > 0;
  return (
    <li className="border-rule border-b py-2">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <span className="min-w-24 flex-1">
          {counter && <span className="mark mr-2">{counter.mark}</span>}
          {name}
          {share > 0 && kcal !== null && <span className="ml-2 text-sm text-soft">{Math.round(kcal)} kcal</span>}
          {pieces !== null && share > 0 && (
            <span className="block text-sm text-soft">as {formatAmount(share * pieces)} pieces of the mean</span>
          )}
        </span>
        <span className="flex min-w-0 items-center gap-x-3">
          <PlateAmount
            key={`${out.by} ${trimmed(share, 6)}`}
            label={`${name}, ${TAKEN_IN[out.by]}`}
            amount={share === 0 ? 0 : Number((share * out.amount).toFixed(out.by === 'grams' ? 0 : 2))}
            onAmount={(v) => give(v === 0 ? 0 : shareOfAmount(out, v))}
          />
          <span className="min-w-14 text-right">
            {!isServed ? (
              ''
            ) : plate === null ? (
              <span className="text-soft">–</span>
            ) : (
              <PointsShown count={{ ...plate, complete: true }} />
            )}
          </span>
          <Menu
            button={<Ellipsis size={22} aria-hidden="true" />}
            buttonClass="btn btn-plain btn-small px-2"
            label={`More for ${name}`}
            align="end"
          >
            <DropdownMenu.Item className="menu-item" onSelect={() => give(portion)}>
              A portion
            </DropdownMenu.Item>
            <DropdownMenu.Item className="menu-item" onSelect={() => give(portion / 2)}>
              Half a portion
            </DropdownMenu.Item>
            <DropdownMenu.Item className="menu-item" disabled={free < 1e-6} onSelect={() => give(share + portion / 2)}>
              Seconds: half a portion more
            </DropdownMenu.Item>
            {onBeside && (
              <DropdownMenu.Item className="menu-item" onSelect={() => setAdding(true)}>
                Something beside it or on top
              </DropdownMenu.Item>
            )}
            {counter && (
              <DropdownMenu.Item className="menu-item" onSelect={() => setStair(true)}>
                Where the points step
              </DropdownMenu.Item>
            )}
          </Menu>
        </span>
      </div>
      {harm !== null && <p className="text-mustard text-sm">{harm}</p>}
      {most !== null && most < out.grams! && (
        <p className="text-sm text-soft">
          Up to {formatGrams(most)} it stays {formatPoints(plate!.dish.points)}.
        </p>
      )}
      {plate !== null && plate.beside.length > 0 && (
        <ul className="mt-1 pl-4">
          {plate.beside.map((b, i) => (
            <li key={`${b.label} ${i}`} className="flex items-center justify-between gap-3 text-soft">
              <span className="min-w-0 flex-1">+ {b.label}</span>
              <span>{formatPoints(b.points)}</span>
              <button
                type="button"
                className="btn btn-plain btn-small"
                aria-label={`Take ${b.label} off`}
                onClick={() => void onBeside?.(texts.filter((_, at) => at !== i)).catch(sayError)}
              >
                Take off
              </button>
            </li>
          ))}
        </ul>
      )}
      {plate?.words && <p className="pl-4 text-sm">{plate.words}</p>}
      {onBeside && (adding || texts.length > 0) && (
        <div className="pl-4">
          <AddLine
            label={`Beside it, for ${name}`}
            placeholder="such as 1 slice bread"
            onAdd={(text) => onBeside([...texts, text])}
          />
        </div>
      )}
      {stair && counter && (
        <ChoosePortion
          name={name}
          frozen={frozen}
          grams={out.grams}
          portion={portion}
          share={share}
          counterKey={counter.key}
          onGive={give}
          onClose={() => setStair(false)}
        />
      )}
    </li>
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
  return <input aria-label={label} inputMode="decimal" autoComplete="off" className="field w-22 min-w-12" {...field} />;
}
