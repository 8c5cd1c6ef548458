import { Link } from 'react-router';
import { describeGrams } from '../../core/food/describe-grams.ts';
import type { Food } from '../../core/food/food.ts';
import { amountWords } from '../../core/food/nutrient-words.ts';
import { NUTRIENT_WORDS, type Nutrient } from '../../core/food/nutrients.ts';
import type { ComparedFood } from '../../core/program/compare-foods.ts';
import { formatShare } from '../../core/program/format-points.ts';
import type { Household } from '../../core/table/table.ts';
import type { CountingEater } from '../context/household-context.ts';

const ROWS: readonly Nutrient[] = ['kcal', 'protein', 'fat', 'satFat', 'carbs', 'sugars', 'fibre', 'sodium'];

interface CompareTableProps {
  /** The two foods; null where none is chosen yet. */
  readonly compared: readonly (ComparedFood | null)[];
  readonly eaters: readonly CountingEater[];
  readonly household: Household;
}

/** Two foods beside each other: points for everyone who counts, and nutrition. */
export function CompareTable({ compared, eaters, household }: CompareTableProps) {
  return (
    <table className="mt-4 w-full max-w-3xl text-left">
      <thead>
        <tr className="border-ink border-b">
          <td />
          {compared.map((c, i) => (
            <th key={i === 0 ? 'a' : 'b'} scope="col" className="px-2 py-1.5 text-right">
              {c && (
                <>
                  <Link to={`/h/${household.id}/pantry/${c.food.id}`} className="hover:text-beet">
                    {c.food.name}
                  </Link>
                  <span className="block font-normal text-soft text-sm">{amountOf(c, household.system)}</span>
                </>
              )}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {eaters.map((e, n) => (
          <tr key={e.eater.id} className="border-rule border-b">
            <th scope="row" className="py-1.5 font-normal">
              points, {e.eater.name} <span className="mark">{e.program.mark}</span>
            </th>
            {compared.map((c, i) => (
              <td key={i === 0 ? 'a' : 'b'} className="px-2 text-right font-bold font-head text-lg">
                {c?.raw ? formatShare(c.raw[n]!) : ''}
              </td>
            ))}
          </tr>
        ))}
        {ROWS.map((n) => (
          <tr key={n} className="border-rule border-b">
            <th scope="row" className="py-1.5 font-normal">
              {NUTRIENT_WORDS[n].name}
            </th>
            {compared.map((c, i) => (
              <td key={i === 0 ? 'a' : 'b'} className="px-2 text-right">
                {c?.profile ? amountWords(c.profile[n].value, n) : ''}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function amountOf(c: ComparedFood, system: Parameters<typeof describeGrams>[2]): string {
  if (c.grams === null) return noAmount(c.food);
  return describeGrams(c.food, c.grams, system);
}

const noAmount = (food: Food): string =>
  food.measures.length === 0 ? 'no household measure is known' : 'any amount counts nothing';
