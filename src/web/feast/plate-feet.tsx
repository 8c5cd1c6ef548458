import type { FeastCount } from '../../core/feast/count-feast.ts';
import { certaintyWords, formatPoints, formatTarget } from '../../core/program/format-points.ts';
import type { CountingEater } from '../context/household-context.ts';
import { useTyped } from '../kit/use-typed.ts';

interface PlateFeetProps {
  readonly plates: FeastCount['plates'];
  readonly eaters: readonly CountingEater[];
  readonly targets: Readonly<Record<string, number>>;
  readonly onTarget: (eaterId: string, points: number | null) => void;
  /** Asked for the reasons of a plate. */
  readonly onWhy: (plate: number) => void;
}

/** What the whole plate counts for everyone, and what it may count at most. */
export function PlateFeet({ plates, eaters, targets, onTarget, onWhy }: PlateFeetProps) {
  return (
    <tfoot className="block border-ink border-t-2 lg:table-footer-group">
      <tr className="grid grid-cols-2 gap-x-4 gap-y-3 py-3 lg:table-row">
        <th scope="row" className="col-span-2 text-left font-head text-lg lg:py-3">
          The whole plate
        </th>
        {eaters.map((e, i) => {
          const plate = plates[i]!;
          const sure = certaintyWords(plate);
          return (
            <td key={e.eater.id} className="align-top lg:px-2 lg:py-3">
              <span className="block text-sm text-soft lg:hidden">
                {e.eater.name}, {e.program.mark}
              </span>
              <button
                type="button"
                className="rounded-md font-bold font-head text-4xl leading-none underline decoration-2 decoration-rule underline-offset-4 hover:text-beet"
                aria-label={`${formatPoints(plate.points)} points for ${e.eater.name}${sure ? `, ${sure}` : ''}. Show the reasons.`}
                onClick={() => onWhy(i)}
              >
                {formatPoints(plate.points)}
              </button>
              {sure && <span className="block font-semibold text-mustard text-sm">{sure}</span>}
            </td>
          );
        })}
      </tr>
      <tr className="grid grid-cols-2 gap-x-4 gap-y-3 pb-3 lg:table-row">
        <th scope="row" className="col-span-2 text-left font-normal lg:pb-3">
          At most
        </th>
        {eaters.map((e) => (
          <td key={e.eater.id} className="lg:px-2 lg:pb-3">
            <span className="block text-sm text-soft lg:hidden">
              {e.eater.name}, {e.program.mark}
            </span>
            <TargetField
              key={targets[e.eater.id] ?? 'none'}
              name={e.eater.name}
              points={targets[e.eater.id] ?? null}
              onPoints={(points) => onTarget(e.eater.id, points)}
            />
          </td>
        ))}
      </tr>
    </tfoot>
  );
}

interface TargetProps {
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

function TargetField({ name, points, onPoints }: TargetProps) {
  const { field } = useTyped(points === null ? '' : formatTarget(points), pointsTyped, onPoints);
  return (
    <input aria-label={`At most, ${name}`} inputMode="decimal" className="field w-20" placeholder="any" {...field} />
  );
}
