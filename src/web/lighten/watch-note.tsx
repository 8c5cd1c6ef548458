import { saltMeets } from '../../core/caution/salt-meets.ts';
import { isSmallerPlate, type VersionCount } from '../../core/counting/count-version.ts';
import { foodsOf } from '../../core/counting/foods-of.ts';
import { ALLERGEN_WORDS } from '../../core/food/food.ts';
import { allergensBroughtIn } from '../../core/swap/apply-swap.ts';
import { avoidedBy } from '../../core/swap/avoided.ts';
import { isOnPlate, swapOfLine } from '../../core/swap/swap-of-line.ts';
import type { Version } from '../../core/version/version.ts';
import { useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { useSwapShelf } from '../kitchen/use-swap-shelf.ts';

/** What to watch in this version: the swaps' own warnings, allergens brought in, and what somebody must not or will not eat. */
export function WatchNote({ version, now, was }: { version: Version; now: VersionCount; was: VersionCount }) {
  const { eaters, household } = useHousehold();
  const { food } = useOpenRecipe();
  const { all } = useSwapShelf(household.id);
  const foods = foodsOf(now);
  const brought = allergensBroughtIn(foodsOf(was), foods);
  const swaps = [...new Set(version.lines.flatMap((l) => swapOfLine(l, all) ?? []))];
  const onPlate = version.lines.filter((l) => isOnPlate(l, all));
  const watch = swaps.flatMap((s) => (s.watch ? [`${s.name}: ${s.watch}`] : []));
  const people = eaters.flatMap((e) => avoidedBy(e, foods).map((what) => `${e.name}: ${what}.`));
  const smaller = isSmallerPlate(now, was);
  const salt = saltMeets(version.lines, food);
  return (
    <>
      {people.length > 0 && (
        <div className="note mt-2 border-2 text-sm" role="alert">
          <strong>Not for everyone.</strong> {people.join(' ')}
        </div>
      )}
      {(watch.length > 0 || brought.length > 0 || smaller || salt !== null) && (
        <div className="note mt-2 text-sm">
          <strong>Watch:</strong>
          <ul className="list-disc pl-4">
            {watch.map((w) => (
              <li key={w}>{w}</li>
            ))}
            {brought.length > 0 && <li>Brings in {brought.map((a) => ALLERGEN_WORDS[a]).join(', ')}.</li>}
            {salt !== null && <li>{salt}</li>}
            {smaller && (
              <li>
                A serving weighs {Math.round(now.servingGrams)} g instead of {Math.round(was.servingGrams)} g: part of
                the gain is a smaller plate.
              </li>
            )}
          </ul>
        </div>
      )}
      {onPlate.length > 0 && (
        <p className="mt-2 text-sm text-soft">
          On the plate, as each likes it, and not counted here: {onPlate.map((l) => l.item).join(', ')}. The card says
          what it adds.
        </p>
      )}
      {watch.length === 0 && brought.length === 0 && swaps.length > 0 && (
        <p className="mt-2 text-sm text-soft">Brings in nothing new of allergens.</p>
      )}
    </>
  );
}
