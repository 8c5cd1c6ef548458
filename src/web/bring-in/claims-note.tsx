import { formatPoints } from '../../core/program/format-points.ts';
import { formatAmount } from '../../core/quantity/format-amount.ts';
import type { VersionCount } from '../../core/recipe/count-version.ts';
import { useCounting } from '../shell/household-context.ts';
import { useOpenRecipe } from '../shell/recipe-context.ts';

/** What the source states about itself, beside what is counted here. */
export function ClaimsNote({ count }: { count: VersionCount }) {
  const { page } = useOpenRecipe();
  const eaters = useCounting();
  if (page.recipe.claims.length === 0) return null;
  return (
    <section aria-label="What the source says" className="border-rule border-t py-3 text-sm">
      <h3 className="font-normal font-sans text-soft">The source says</h3>
      <ul>
        {page.recipe.claims.map((c) => {
          const here =
            c.kind === 'kcal'
              ? count.perServing.kcal.value === null
                ? 'unknown'
                : `${Math.round(count.perServing.kcal.value)}`
              : eaters.map((e, i) => `${e.program.mark} ${formatPoints(count.counts[i]!.points)}`).join(', ');
          return (
            <li key={c.kind + c.words}>
              <strong>
                {formatAmount(c.value)} {c.kind === 'kcal' ? 'kcal' : 'points'}
              </strong>
              ; here it is {here}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
