import { useState } from 'react';
import { countVersion } from '../../core/counting/count-version.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { applySwap, mostShareOf } from '../../core/swap/apply-swap.ts';
import { departureOfSwap } from '../../core/swap/departure-of-swap.ts';
import { departureSaid } from '../../core/swap/departure-words.ts';
import { roleOfLine } from '../../core/swap/role-of-line.ts';
import type { Swap } from '../../core/swap/swap.ts';
import { placeOf } from '../../core/swap/verdict.ts';
import { applyEntry } from '../../core/version/entry.ts';
import { withNewest } from '../../core/version/kitchen.ts';
import type { Line, Version } from '../../core/version/version.ts';
import { useCounting, useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { AmountSlider } from '../kit/amount-slider.tsx';
import { Modal } from '../kit/modal.tsx';
import { useSwapDeparture } from './use-swap-departure.ts';

interface ShareSliderProps {
  readonly line: Line;
  readonly version: Version;
  readonly swap: Swap;
  readonly onTake: (share: number) => void;
  readonly onClose: () => void;
}

const STEP = 0.05;

/** How much of a line a part swap takes: moved by hand or by the arrows, counted at once. */
export function ShareSlider({ line, version, swap, onTake, onClose }: ShareSliderProps) {
  const { household } = useHousehold();
  const { food, kitchen, title } = useOpenRecipe();
  const eaters = useCounting();
  const departureOf = useSwapDeparture();
  const place = placeOf(roleOfLine(line, version, food, title));
  const most = mostShareOf(swap, line, version.servings);
  const [share, setShare] = useState(Math.min(swap.share, most));
  let n = 0;
  const changes = applySwap(
    version,
    line.id,
    swap,
    { food, title, system: household.system, newId: () => `slide-${n++}` },
    share,
  );
  const next = applyEntry(version, { id: 'slide', label: 'slide', changes, undoes: null });
  const here = next.lines.filter((l) => l.id === line.id || !version.lines.some((x) => x.id === l.id));
  const counted = countVersion(
    next,
    withNewest(kitchen, food),
    eaters.map((e) => e.counter),
  );
  return (
    <Modal title={swap.name} onClose={onClose}>
      <p className="text-soft">{swap.why}</p>
      <div className="mt-4 flex items-center gap-4">
        <AmountSlider
          label="How much of it is swapped, in percent"
          words={`${Math.round(share * 100)} percent`}
          value={share}
          min={STEP}
          max={most}
          step={STEP}
          onSlide={(v) => setShare(Math.min(most, Math.round(v * 100) / 100))}
        />
        <output className="w-16 text-right font-bold font-head text-2xl">{Math.round(share * 100)} %</output>
      </div>
      <p className="mt-3">
        {here
          .filter((l) => !l.leftOut)
          .map((l) => l.text)
          .join(' + ')}
      </p>
      <p className="mt-2 flex flex-wrap gap-4">
        {eaters.map((e, i) => (
          <span key={e.eater.id}>
            <span className="mark">{e.program.mark}</span>{' '}
            <strong className="font-head text-xl">{formatPoints(counted.counts[i]!.points)}</strong>
          </span>
        ))}
        <span className="text-soft">
          departs{' '}
          {departureSaid(departureOfSwap(swap, share, departureOf(swap, place), { line, version, title, food }))}
        </span>
      </p>
      <button type="button" className="btn btn-main mt-4" onClick={() => onTake(share)}>
        Swap that much
      </button>
    </Modal>
  );
}
