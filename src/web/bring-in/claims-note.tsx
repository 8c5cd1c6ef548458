import type { VersionCount } from '../../core/counting/count-version.ts';
import { checkKcalClaim, checkPointsClaim } from '../../core/counting/explain-claim.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { formatAmount } from '../../core/quantity/format-amount.ts';
import { useCounting } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';

/** What the source states about itself, beside what is counted here, with the lines that explain the difference. */
export function ClaimsNote({ count }: { count: VersionCount }) {
  const { page } = useOpenRecipe();
  const eaters = useCounting();
  if (page.recipe.claims.length === 0) return null;
  return (
    <section aria-label="What the source says" className="border-rule border-t py-3 text-sm">
      <h3 className="font-normal font-sans text-soft">The source says</h3>
      <ul>
        {page.recipe.claims.map((c) => {
          const checks =
            c.kind === 'kcal'
              ? [{ mark: null, check: checkKcalClaim(c, count) }]
              : eaters.map((e) => ({ mark: e.program.mark, check: checkPointsClaim(c, count, e.counter) }));
          return (
            <li key={c.kind + c.words} className="mt-1">
              <strong>
                {formatAmount(c.value)} {c.kind === 'kcal' ? 'kcal' : c.value === 1 ? 'point' : 'points'}
              </strong>
              <ul>
                {checks.map(({ mark, check }) => (
                  <li key={mark ?? 'kcal'}>
                    {mark && <span className="mark mr-1.5">{mark}</span>}
                    {check.agrees
                      ? 'the same here.'
                      : `here ${check.here === null ? 'it is unknown' : c.kind === 'kcal' ? Math.round(check.here) : formatPoints(check.here)}. ${check.reasons.join(' ')}`}
                  </li>
                ))}
              </ul>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
