import { Link, useSearchParams } from 'react-router';
import { storageOf } from '../../core/cook/keep-until.ts';
import { foodsOf } from '../../core/counting/foods-of.ts';
import { ALLERGEN_WORDS } from '../../core/food/food.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { formatGrams } from '../../core/quantity/format-amount.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { useHousehold } from '../context/household-context.ts';
import { useCount, useOpenRecipe } from '../context/recipe-context.ts';
import { useCooks } from './use-cook.ts';

/** What is stuck on boxes: what, whose, what it counts, until when, how to heat it, what is in it. A sheet to print. */
export function LabelsPage() {
  const { household, eaters } = useHousehold();
  const { page, asWritten } = useOpenRecipe();
  const [params] = useSearchParams();
  const { cooks, boxes } = useCooks(page.recipe.id);
  const cook = cooks.find((c) => c.id === params.get('cook')) ?? cooks[0];
  const version = page.versions.find((v) => v.id === cook?.versionId) ?? asWritten;
  const { count } = useCount(version);
  const foods = foodsOf(count);
  const allergens = [...new Set(foods.flatMap((f) => f.allergens))].map((a) => ALLERGEN_WORDS[a]);
  const own = boxes.filter((b) => b.cookId === cook?.id && b.taken === null);
  return (
    <main className="px-edge pt-4 pb-10 desk:col-span-2 print:p-0">
      <div className="no-print flex flex-wrap items-center gap-3">
        <h2 className="text-2xl">Labels</h2>
        <button type="button" className="btn btn-main" disabled={own.length === 0} onClick={() => window.print()}>
          Print them
        </button>
        <Link className="btn" to={`/h/${household.id}/recipes/${page.recipe.id}/dish-up`}>
          Back
        </Link>
      </div>
      {own.length === 0 && <p className="mt-3 text-soft">No box of this is there: pack some first.</p>}
      <ul className="mt-4 grid grid-cols-1 gap-3 sm:grid-cols-2 print:mt-0 print:grid-cols-2 print:gap-2">
        {own.map((b) => (
          <li key={b.id} className="break-inside-avoid rounded-lg border-2 border-ink bg-sheet p-3">
            <p className="flex items-baseline justify-between gap-3">
              <strong className="font-head text-xl">{b.title}</strong>
              <span>{eaters.find((e) => e.id === b.eaterId)?.name ?? 'for anybody'}</span>
            </p>
            <p className="mt-1 flex flex-wrap gap-x-4">
              {b.counts.map((c) => (
                <span key={c.key}>
                  <span className="mark mr-1">{c.mark}</span>
                  <strong className="font-head text-lg">{formatPoints(c.points)}</strong>
                </span>
              ))}
              {b.kcal !== null && <span>{Math.round(b.kcal)} kcal</span>}
              {b.grams !== null && <span>{formatGrams(b.grams)}</span>}
            </p>
            <p className="mt-1 text-sm">
              Packed {formatDay(b.packed)}, eat by <strong>{formatDay(b.keepUntil)}</strong>.{' '}
              {b.place === 'freezer' && `${storageOf('freezer', foods).words} Thaw it in the fridge. `}
              Reheat to 165 °F (74 °C).
            </p>
            <p className="text-sm">{allergens.length === 0 ? '' : `Contains ${allergens.join(', ')}.`}</p>
          </li>
        ))}
      </ul>
    </main>
  );
}
