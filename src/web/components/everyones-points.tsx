import type { VersionCount } from '../../core/counting/count-version.ts';
import { formatAmount } from '../../core/quantity/format-amount.ts';
import type { CountingEater } from '../context/household-context.ts';
import { PointsShown } from '../kit/points-shown.tsx';
import { nutritionWords } from './nutrition-list.tsx';

interface EveryonesPointsProps {
  readonly count: VersionCount;
  readonly eaters: readonly CountingEater[];
  /** What it was as written; null for the one as written. */
  readonly was: VersionCount | null;
}

/** A serving for everyone who counts, side by side, with its calories and its weight; beside the count it is left to that. */
export function EveryonesPoints({ count, eaters, was }: EveryonesPointsProps) {
  return (
    <ul
      aria-label={count.hasServings ? `A serving, of ${formatAmount(count.servings)}` : 'The whole'}
      className="mt-3 grid grid-cols-[repeat(auto-fit,minmax(4.9rem,1fr))] border-ink border-y-[1.5px] desk:hidden print:grid"
    >
      {eaters.map((e, i) => (
        <li key={e.key} className="border-rule border-r px-2 py-2 last:border-r-0">
          <span className="block truncate text-sm text-soft">
            {e.eater.name} <span className="text-mark">{e.program.mark}</span>
          </span>
          <PointsShown count={count.counts[i]!} was={was?.counts[i]?.points ?? null} size="bar" />
        </li>
      ))}
      <li className="px-2 py-2">
        <span className="block truncate text-sm text-soft">kcal, {Math.round(count.servingGrams)} g</span>
        <strong className="font-head text-3xl leading-none">
          {nutritionWords(count.perServing.kcal.value, 'kcal')}
        </strong>
      </li>
    </ul>
  );
}
