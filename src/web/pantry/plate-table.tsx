import { formatPoints } from '../../core/program/format-points.ts';
import { formatGrams } from '../../core/quantity/format-amount.ts';
import type { CountingEater } from '../context/household-context.ts';
import type { Plate } from './use-plate.ts';

interface PlateTableProps extends Pick<Plate, 'lines' | 'counted'> {
  readonly eaters: readonly CountingEater[];
  readonly onTakeOff: (index: number) => void;
}

/** What lies on a plate, each for everyone who counts, apart and together. */
export function PlateTable({ lines, counted, eaters, onTakeOff }: PlateTableProps) {
  return (
    <table className="w-full text-left">
      <thead>
        <tr className="border-rule border-b text-soft text-sm">
          <th scope="col" className="py-1.5 font-normal">
            On the plate
          </th>
          {eaters.map((e) => (
            <th key={e.eater.id} scope="col" className="px-2 text-right font-normal">
              <span className="mark">{e.program.mark}</span> <span className="sr-only">{e.eater.name}</span>
            </th>
          ))}
          <td />
        </tr>
      </thead>
      <tbody>
        {lines.map((l, i) => (
          <tr key={`${i}-${l.text}`} className="border-rule border-b">
            <th scope="row" className="py-1.5 font-normal">
              {l.text}{' '}
              <span className="text-soft text-sm">
                {l.food === null
                  ? 'not in the pantry'
                  : l.grams === null
                    ? `${l.food.name}: how much?`
                    : `${l.food.name}, ${formatGrams(l.grams)}`}
              </span>
            </th>
            {counted.map((c, e) => (
              <td key={eaters[e]!.eater.id} className="px-2 text-right">
                {l.grams === null ? '?' : formatPoints(c.each[i]!)}
              </td>
            ))}
            <td className="text-right">
              <button
                type="button"
                className="btn btn-plain btn-small"
                aria-label={`Take ${l.text} off`}
                onClick={() => onTakeOff(i)}
              >
                Take off
              </button>
            </td>
          </tr>
        ))}
      </tbody>
      <tfoot>
        <tr className="border-rule border-b">
          <th scope="row" className="py-2 font-normal">
            each rounded, then added
          </th>
          {counted.map((c, e) => (
            <td key={eaters[e]!.eater.id} className="px-2 text-right">
              {formatPoints(c.apart)}
            </td>
          ))}
          <td />
        </tr>
        <tr>
          <th scope="row" className="py-2 font-semibold text-lg">
            the whole plate
          </th>
          {counted.map((c, e) => (
            <td key={eaters[e]!.eater.id} className="px-2 text-right font-bold font-head text-2xl">
              {formatPoints(c.together)}
            </td>
          ))}
          <td />
        </tr>
      </tfoot>
    </table>
  );
}
