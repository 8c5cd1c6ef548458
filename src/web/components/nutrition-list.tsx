import type { VersionCount } from '../../core/counting/count-version.ts';
import { NUTRIENT_WORDS, type Nutrient } from '../../core/food/nutrients.ts';
import { trimmed } from '../../core/quantity/format-amount.ts';

const TOLD: readonly Nutrient[] = ['kcal', 'protein', 'satFat', 'sugars', 'fibre', 'sodium'];

interface NutritionListProps {
  readonly count: VersionCount;
  readonly before: VersionCount | null;
}

/** The nutrition of a serving, beside what it was. */
export function NutritionList({ count, before }: NutritionListProps) {
  return (
    <dl className="grid grid-cols-3 gap-x-3 gap-y-2 border-rule border-t py-3">
      {TOLD.map((n) => {
        const now = nutritionWords(count.perServing[n].value, n);
        const was = before === null ? null : nutritionWords(before.perServing[n].value, n);
        return (
          <div key={n}>
            <dt className="text-sm text-soft">
              {n === 'kcal' ? 'kcal' : NUTRIENT_WORDS[n].name.replace('saturated', 'sat.')}
              {n === 'sodium' && count.saltLeftOut && <span className="block">without added salt</span>}
            </dt>
            <dd className="font-bold font-head">{now}</dd>
            {was !== null && <dd className="text-sm text-soft">{was === now ? 'same' : `was ${was}`}</dd>}
          </div>
        );
      })}
    </dl>
  );
}

export function nutritionWords(value: number | null, n: Nutrient): string {
  if (value === null) return 'unknown';
  if (n === 'kcal') return String(Math.round(value));
  return n === 'sodium' ? `${Math.round(value)} mg` : `${trimmed(value, value < 10 ? 1 : 0)} g`;
}
