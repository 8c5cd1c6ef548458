import { ALLERGEN_WORDS, type Food } from '../food/food.ts';
import { certaintyOf } from '../program/count.ts';
import { certaintyWords, formatPoints } from '../program/format-points.ts';
import { formatGrams } from '../quantity/format-amount.ts';
import { formatDay } from '../quantity/format-day.ts';
import { reheatWords } from './box-advice.ts';
import type { Box } from './cook.ts';
import { APART_WORDS } from './packed-apart.ts';

/** What stands on a label, line by line; an empty line says nothing. */
export interface BoxLabel {
  readonly title: string;
  readonly whose: string;
  readonly counts: readonly string[];
  readonly about: string;
  readonly dates: string;
  readonly heat: string;
  readonly apart: readonly string[];
  readonly allergens: string;
}

interface LabelFacts {
  /** Whose it is; null for anybody. */
  readonly whose: string | null;
  readonly foods: readonly Food[];
  readonly isHeated: boolean;
  /** Whether its box may go into the microwave; null where nobody said. */
  readonly microwave: boolean | null;
}

/** The label of a box. */
export function boxLabel(box: Box, { whose, foods, isHeated, microwave }: LabelFacts): BoxLabel {
  const allergens = [...new Set(foods.flatMap((f) => f.allergens))].map((a) => ALLERGEN_WORDS[a]);
  const isKit = box.as === 'kits';
  return {
    title: isKit ? `${box.title}, raw kit` : box.title,
    whose: `for ${whose ?? 'anybody'}`,
    counts: box.counts.map((c) => {
      const pointsRange = { low: c.low, high: c.high };
      const sure = certaintyWords({
        points: c.points,
        pointsRange,
        certainty: certaintyOf(c.points, pointsRange),
        complete: true,
      });
      return `${c.mark} ${formatPoints(c.points)}${sure ? `, ${sure}` : ''}`;
    }),
    about: [
      box.kcal === null ? null : `${Math.round(box.kcal)} kcal`,
      box.grams === null ? null : formatGrams(box.grams),
    ]
      .filter((w) => w !== null)
      .join(', '),
    dates: `Packed ${formatDay(box.packed)}, ${isKit ? 'cook' : 'eat'} by ${formatDay(box.keepUntil)}`,
    heat: reheatWords({ as: box.as, place: box.place, isHeated, microwave }),
    apart: box.apart.map((a) => `${a.label}: ${APART_WORDS[a.how]}`),
    allergens: allergens.length === 0 ? '' : `Contains ${allergens.join(', ')}.`,
  };
}
