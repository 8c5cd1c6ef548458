import { useState } from 'react';
import { leakSaid } from '../../core/counting/plate.ts';
import type { FeastCount, FeastPlate } from '../../core/feast/count-feast.ts';
import { certaintyWords, formatPoints, formatTarget } from '../../core/program/format-points.ts';
import type { CountingEater } from '../context/household-context.ts';
import { useTyped } from '../kit/use-typed.ts';
import { PlatePicture } from './plate-picture.tsx';
import { PlateWhy } from './plate-why.tsx';

interface PlatesProps {
  readonly plates: FeastCount['plates'];
  readonly titles: readonly string[];
  readonly eaters: readonly CountingEater[];
  readonly targets: Readonly<Record<string, number>>;
  readonly onTarget: (eaterId: string, points: number | null) => void;
}

/** A plate for everyone who counts: what the whole of it comes to, dish by dish round its rim, and what it may at most. */
export function Plates({ plates, titles, eaters, targets, onTarget }: PlatesProps) {
  const [why, setWhy] = useState<number | null>(null);
  return (
    <>
      <ul
        aria-label="The whole plate of everyone"
        className="sticky top-0 z-10 -mx-(--spacing-edge) mt-3 flex gap-x-4 overflow-x-auto border-rule border-b bg-paper px-edge py-3 desk:gap-x-8 print:static print:flex-wrap print:overflow-visible print:bg-transparent"
      >
        {eaters.map((e, i) => (
          <OnePlate
            key={e.key}
            eater={e}
            plate={plates[i]!}
            target={targets[e.eater.id] ?? null}
            onTarget={(points) => onTarget(e.eater.id, points)}
            onWhy={() => setWhy(i)}
          />
        ))}
      </ul>
      {why !== null && (
        <PlateWhy eater={eaters[why]!} plate={plates[why]!} titles={titles} onClose={() => setWhy(null)} />
      )}
    </>
  );
}

interface OnePlateProps {
  readonly eater: CountingEater;
  readonly plate: FeastPlate;
  readonly target: number | null;
  readonly onTarget: (points: number | null) => void;
  readonly onWhy: () => void;
}

function OnePlate({ eater: e, plate, target, onTarget, onWhy }: OnePlateProps) {
  const sure = certaintyWords(plate);
  const over = target !== null && plate.points > target;
  const leak = e.program.by === 'items' ? null : leakSaid(plate.points, plate.apart);
  return (
    <li className="flex shrink-0 items-center gap-3 sm:gap-4">
      <button
        type="button"
        className="relative grid size-24 place-items-center rounded-full sm:size-32"
        aria-label={`${formatPoints(plate.points)} points for ${e.eater.name}${sure ? `, ${sure}` : ''}${over ? `, more than ${formatPoints(target)}` : ''}. Show the reasons.`}
        onClick={onWhy}
      >
        <PlatePicture shares={plate.dishes.map((d) => Math.max(0, d?.raw ?? 0))} over={over} />
        <strong
          className={`relative font-head leading-none ${formatPoints(plate.points).length > 2 ? 'text-2xl sm:text-3xl' : 'text-[2.125rem] sm:text-[2.5rem]'}`}
        >
          {formatPoints(plate.points)}
        </strong>
      </button>
      <span className="w-28 text-sm">
        <span className="block truncate font-semibold text-base">{e.eater.name}</span>
        <span className="mark">{e.program.mark}</span>
        {sure && <span className="block font-semibold text-mustard">{sure}</span>}
        {leak && <span className="block text-soft">{leak}</span>}
        <TargetField key={target ?? 'none'} name={e.eater.name} points={target} onPoints={onTarget} />
        {over && <span className="block text-mustard">over it</span>}
      </span>
    </li>
  );
}

interface TargetFieldProps {
  readonly name: string;
  readonly points: number | null;
  readonly onPoints: (points: number | null) => void;
}

/** null for no target; undefined for what is none. */
function pointsTyped(text: string): number | null | undefined {
  if (text.trim() === '') return null;
  const value = Number(text.replace(',', '.'));
  return value >= 0 && value <= 1000 ? value : undefined;
}

function TargetField({ name, points, onPoints }: TargetFieldProps) {
  const { field } = useTyped(points === null ? '' : formatTarget(points), pointsTyped, onPoints);
  return (
    <label className="mt-1 flex items-center gap-1.5 whitespace-nowrap text-soft">
      at most
      <input
        aria-label={`At most, ${name}`}
        inputMode="decimal"
        className="field w-16 px-2 py-1"
        placeholder="any"
        {...field}
      />
    </label>
  );
}
