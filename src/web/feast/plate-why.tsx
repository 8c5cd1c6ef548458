import { leakWords } from '../../core/counting/plate.ts';
import type { FeastPlate } from '../../core/feast/count-feast.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { formatAmount, trimmed } from '../../core/quantity/format-amount.ts';
import type { CountingEater } from '../context/household-context.ts';
import { Modal } from '../kit/modal.tsx';

interface PlateWhyProps {
  readonly eater: CountingEater;
  readonly plate: FeastPlate;
  readonly titles: readonly string[];
  readonly onClose: () => void;
}

/** Why a whole plate counts what it counts: every dish's unrounded points, and what rounding does to them. */
export function PlateWhy({ eater, plate, titles, onClose }: PlateWhyProps) {
  const items = eater.program.by === 'items';
  const leak = items ? null : leakWords(plate.points, plate.apart);
  return (
    <Modal title={`Why ${formatPoints(plate.points)} for ${eater.eater.name}`} onClose={onClose}>
      <table className="w-full text-left">
        <thead>
          <tr className="border-ink border-b text-sm text-soft">
            <th scope="col" className="py-1 font-normal">
              Dish
            </th>
            <th scope="col" className="px-2 text-right font-normal">
              servings
            </th>
            <th scope="col" className="px-2 text-right font-normal">
              unrounded
            </th>
            <th scope="col" className="pl-2 text-right font-normal">
              alone
            </th>
          </tr>
        </thead>
        <tbody>
          {plate.dishes.map((d, i) =>
            d === null ? null : (
              <tr key={titles[i]} className="border-rule border-b">
                <th scope="row" className="py-1.5 font-normal">
                  {titles[i]}
                </th>
                <td className="px-2 text-right">{formatAmount(d.portion)}</td>
                <td className="px-2 text-right">{trimmed(d.raw, 2)}</td>
                <td className="pl-2 text-right font-bold font-head text-lg">{formatPoints(d.points)}</td>
              </tr>
            ),
          )}
        </tbody>
        <tfoot>
          <tr>
            <th scope="row" className="py-2 text-left">
              {items ? 'Rounded each and added' : 'Added, then rounded once'}
            </th>
            <td />
            <td className="px-2 text-right">{trimmed(plate.raw, 2)}</td>
            <td className="pl-2 text-right font-bold font-head text-2xl">{formatPoints(plate.points)}</td>
          </tr>
        </tfoot>
      </table>
      {leak && <p className="note mt-3">{leak}</p>}
      <p className="mt-3 text-soft text-sm">
        Under {eater.program.name}. The lines of a dish and their reasons stand at its Lighten station.
      </p>
    </Modal>
  );
}
