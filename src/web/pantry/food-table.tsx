import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useRef } from 'react';
import { Link } from 'react-router';
import { countsNothing, type Food } from '../../core/food/food.ts';
import { ladderOf } from '../../core/program/ladder.ts';
import { formatGrams } from '../../core/quantity/format-amount.ts';
import type { CountingEater } from '../context/household-context.ts';

interface FoodTableProps {
  readonly foods: readonly Food[];
  readonly eaters: readonly CountingEater[];
  readonly household: string;
  readonly nothing: string;
}

/** A row as it is before it was measured, px. */
const FOOD_ROW_PX = 37;

/** Foods with what counts nothing of them, for everyone who counts. Only the rows in sight are drawn. */
export function FoodTable({ foods, eaters, household, nothing }: FoodTableProps) {
  const body = useRef<HTMLTableSectionElement>(null);
  const virtual = useWindowVirtualizer({
    count: foods.length,
    estimateSize: () => FOOD_ROW_PX,
    overscan: 20,
    scrollMargin: (body.current?.getBoundingClientRect().top ?? 0) + window.scrollY,
    getItemKey: (i) => foods[i]!.id,
  });
  const inSight = virtual.getVirtualItems();
  const above = (inSight[0]?.start ?? 0) - virtual.options.scrollMargin;
  const below = virtual.getTotalSize() + virtual.options.scrollMargin - (inSight.at(-1)?.end ?? 0);
  if (foods.length === 0) return <p className="mt-6 text-soft">{nothing}</p>;
  return (
    <table className="mt-4 w-full table-fixed text-left" aria-rowcount={foods.length + 1}>
      <caption className="pb-1 text-right text-soft text-sm">the most that counts 0, for each at the table</caption>
      <thead>
        <tr className="border-rule border-b text-soft text-sm">
          <th scope="col" className="py-1.5 font-normal">
            Food
          </th>
          <th scope="col" className="hidden w-[14%] px-2 text-right font-normal sm:table-cell">
            kcal / 100 g
          </th>
          {eaters.map((e) => (
            <th
              key={e.eater.id}
              scope="col"
              className="px-1 text-right font-normal sm:px-2"
              style={{ width: `${Math.min(18, 54 / eaters.length)}%` }}
            >
              <abbr title={`${e.eater.name}, ${e.program.name}`} className="no-underline">
                {e.program.mark}
              </abbr>
            </th>
          ))}
        </tr>
      </thead>
      <tbody ref={body}>
        {inSight.length > 0 && <SpaceRow px={above} />}
        {inSight.map((item) => (
          <FoodTableRow
            key={item.key}
            food={foods[item.index]!}
            index={item.index}
            eaters={eaters}
            household={household}
            measure={virtual.measureElement}
          />
        ))}
        {inSight.length > 0 && <SpaceRow px={below} />}
      </tbody>
    </table>
  );
}

/** The room of the rows that are out of sight. */
const SpaceRow = ({ px }: { readonly px: number }) =>
  px > 0 ? (
    <tr aria-hidden>
      <td style={{ height: px }} />
    </tr>
  ) : null;

interface FoodRowProps {
  readonly food: Food;
  readonly index: number;
  readonly eaters: readonly CountingEater[];
  readonly household: string;
  readonly measure: (row: HTMLTableRowElement | null) => void;
}

function FoodTableRow({ food, index, eaters, household, measure }: FoodRowProps) {
  const { name, state } = food;
  return (
    <tr ref={measure} data-index={index} aria-rowindex={index + 2} className="border-rule border-b">
      <th scope="row" className="font-normal">
        <Link
          to={`/h/${household}/pantry/${food.id}`}
          className="press w-full flex-wrap gap-x-1.5 rounded-md py-1.5 hover:text-beet"
        >
          {name} {state !== 'as is' && !name.includes(state) && <span className="text-soft text-sm">{state}</span>}
        </Link>
      </th>
      <td className="hidden px-2 text-right sm:table-cell">
        {food.per100g.kcal.value === null ? 'unknown' : Math.round(food.per100g.kcal.value)}
      </td>
      {eaters.map((e) => {
        const zero = ladderOf(food, e.counter, 1)[0]!.mostGrams;
        return (
          <td key={e.eater.id} className="px-1 text-right sm:px-2">
            {countsNothing(food) || !Number.isFinite(zero) ? <span className="text-soft">any</span> : formatGrams(zero)}
          </td>
        );
      })}
    </tr>
  );
}
