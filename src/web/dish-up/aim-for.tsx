import { useState } from 'react';
import type { Cook } from '../../core/cook/cook.ts';
import { countShare } from '../../core/cook/count-share.ts';
import { cutFor, gramsFor, type Outcome } from '../../core/cook/divide.ts';
import type { Frozen } from '../../core/cook/frozen.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { formatGrams } from '../../core/quantity/format-amount.ts';
import { useHousehold } from '../context/household-context.ts';
import { NumberField } from '../kit/number-field.tsx';
import { Picker } from '../kit/picker.tsx';

interface AimForProps {
  readonly cook: Cook;
  readonly frozen: Frozen;
  readonly out: Outcome;
  /** The share that nobody has yet. */
  readonly free: number;
  readonly onPlate: (eaterId: string, share: number) => void;
}

/** How large a plate may be for so many points, or into how many pieces it has to be cut. */
export function AimFor({ cook, frozen, out, free, onPlate }: AimForProps) {
  const { eaters } = useHousehold();
  const counting = frozen.counters.filter((c) => eaters.some((e) => e.id === c.key));
  const [key, setKey] = useState(counting[0]?.key ?? '');
  const [points, setPoints] = useState<number | null>(null);
  const counter = counting.find((c) => c.key === key);
  if (counter === undefined) return null;
  const name = eaters.find((e) => e.id === key)?.name ?? '';
  const isNumber = points !== null && points >= 0;
  const grams = isNumber && out.grams !== null ? gramsFor(frozen, key, points, out.grams) : null;
  const pieces = isNumber && out.by === 'pieces' ? cutFor(frozen, key, points) : null;
  const most =
    grams === null || out.grams === null ? null : Math.min(grams / out.grams, free + (cook.plates[key] ?? 0));
  return (
    <div className="mt-3">
      <div className="flex flex-wrap items-end gap-3">
        <NumberField label="so that it counts" className="w-32" placeholder="4" value={null} onValue={setPoints} />
        <Picker
          label="at most, for"
          className="w-44 max-w-full"
          value={key}
          choices={counting.map((c) => ({
            value: c.key,
            words: eaters.find((e) => e.id === c.key)?.name ?? c.mark,
            about: c.mark,
          }))}
          onPick={setKey}
        />
        {most !== null && most > 0 && (
          <button type="button" className="btn" onClick={() => onPlate(key, most)}>
            {formatGrams(most * out.grams!)} for {name}: {formatPoints(countShare(frozen, key, most).points)}
          </button>
        )}
      </div>
      <p className="mt-1 min-h-6 text-sm text-soft" role="status">
        {!isNumber
          ? ''
          : pieces !== null
            ? `Cut it into ${pieces}: a piece counts ${formatPoints(countShare(frozen, key, 1 / pieces).points)}.`
            : out.by === 'pieces' && out.grams === null
              ? 'No piece that can be cut counts so little.'
              : out.grams !== null && grams === null
                ? 'Not even a gram counts so little.'
                : out.grams === null
                  ? 'Weigh all of it, and it can be said in grams.'
                  : ''}
      </p>
    </div>
  );
}
