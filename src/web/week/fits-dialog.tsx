import { useState } from 'react';
import { WEEK_API } from '../../contract/week-api.ts';
import type { ToldDay } from '../../core/day/eater-week.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { formatAmount } from '../../core/quantity/format-amount.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { mealAt } from '../../core/table/meal.ts';
import { useHousehold } from '../context/household-context.ts';
import { useAnswer } from '../data/use-answer.ts';
import { Check } from '../kit/check.tsx';
import { Modal } from '../kit/modal.tsx';
import { NumberField } from '../kit/number-field.tsx';
import { Picker } from '../kit/picker.tsx';
import { sayDone } from '../kit/say-done.ts';
import { errorWords, sayError } from '../kit/say-error.ts';
import { TreatPanel } from './treat-panel.tsx';
import type { OpenWeek } from './use-week.ts';

interface FitsDialogProps {
  readonly week: OpenWeek;
  readonly told: ToldDay;
  readonly eaterId: string;
  readonly onClose: () => void;
}

const ORDERS = [
  { value: 'points', words: 'nearest to what is left' },
  { value: 'time', words: 'quickest' },
  { value: 'house', words: 'most of it in the house' },
  { value: 'lately', words: 'longest not eaten' },
] as const;
const OF = [
  { value: '', words: 'everything' },
  { value: 'recipes', words: 'recipes' },
  { value: 'boxes', words: 'boxes' },
  { value: 'foods', words: 'foods in the house' },
] as const;
const MADE_IN = [
  { value: '', words: 'anything' },
  { value: 'oven', words: 'the oven' },
  { value: 'slow cooker', words: 'the slow cooker' },
  { value: 'pressure cooker', words: 'the pressure cooker' },
  { value: 'blender', words: 'the blender' },
] as const;

/** What fits into what is left of a day, or into what a meal aims for. */
export function FitsDialog({ week, told, eaterId, onClose }: FitsDialogProps) {
  const { household } = useHousehold();
  const left = Math.max(0, told.reckoned?.left ?? told.reckoned?.allowance ?? 0);
  const [points, setPoints] = useState<number | null>(told.rules === null ? null : left);
  const [kcal, setKcal] = useState<number | null>(null);
  const [protein, setProtein] = useState<number | null>(null);
  const [minutes, setMinutes] = useState<number | null>(null);
  const [order, setOrder] = useState<(typeof ORDERS)[number]['value']>('points');
  const [of, setOf] = useState<(typeof OF)[number]['value']>('');
  const [appliance, setAppliance] = useState<(typeof MADE_IN)[number]['value']>('');
  const [season, setSeason] = useState(false);
  const [notLately, setNotLately] = useState(false);
  const number = (n: number | null) => (n === null || Number.isNaN(n) || n < 0 ? undefined : n);
  const { data, error } = useAnswer(WEEK_API.fits, {
    h: household.id,
    query: {
      eater: eaterId,
      day: told.day,
      points: number(points),
      kcal: number(kcal),
      protein: number(protein),
      minutes: number(minutes),
      order,
      of: of === '' ? undefined : of,
      appliance: appliance === '' ? undefined : appliance,
      season: season ? 'true' : undefined,
      notLately: notLately ? 'true' : undefined,
    },
  });
  const put = async (fit: NonNullable<typeof data>['fits'][number]) => {
    try {
      const words = fit.what.kind === 'food' ? `${fit.title}, ${fit.what.grams} g` : fit.title;
      const meal = mealAt(household.meals, new Date().toTimeString().slice(0, 5)).id;
      const made = await week.add([
        { eaterId, day: told.day, meal, what: fit.what, words, portion: fit.portion, spread: 0, state: 'planned' },
      ]);
      onClose();
      sayDone(`${fit.title} is on the day.`, () => week.takeBack(made));
    } catch (e) {
      sayError(e);
    }
  };
  return (
    <Modal title="What fits" wide onClose={onClose}>
      <div className="flex flex-wrap gap-3">
        <NumberField label="Points, at most" className="w-32" value={points} onValue={setPoints} />
        <NumberField label="kcal, at most" className="w-32" value={kcal} onValue={setKcal} />
        <NumberField label="Protein, at least g" className="w-40" value={protein} onValue={setProtein} />
        <NumberField label="Minutes, at most" className="w-36" value={minutes} onValue={setMinutes} />
        <Picker label="Of" className="w-44" value={of} choices={OF} onPick={setOf} />
        <Picker label="Made in" className="w-44" value={appliance} choices={MADE_IN} onPick={setAppliance} />
        <Picker label="First" className="w-56" value={order} choices={ORDERS} onPick={setOrder} />
      </div>
      <div className="mt-1 flex flex-wrap gap-x-5">
        <Check checked={season} onCheck={setSeason}>
          In season
        </Check>
        <Check checked={notLately} onCheck={setNotLately}>
          Not eaten in the last two weeks
        </Check>
      </div>
      {error && !data && <p className="note mt-3">{errorWords(error)}</p>}
      {data?.fits.length === 0 && (
        <p className="mt-3 text-soft">
          Nothing fits as it is. Ask for more points, or look below at how something can be had all the same.
        </p>
      )}
      <ul className="mt-3 border-rule border-t" aria-label="What fits">
        {data?.fits.map((f) => (
          <li
            key={JSON.stringify(f.what)}
            className="flex flex-wrap items-center gap-x-4 gap-y-1 border-rule border-b py-2"
          >
            <span className="min-w-0 flex-1 basis-52">
              {f.title}
              <span className="block text-soft text-sm">{asideOfFit(f)}</span>
            </span>
            <span className="whitespace-nowrap">
              <strong className="font-head text-figure">{f.points === null ? '?' : formatPoints(f.points)}</strong>{' '}
              <span className="text-soft">{f.kcal === null ? '' : `${Math.round(f.kcal)} kcal`}</span>
            </span>
            <button
              type="button"
              className="btn btn-small"
              aria-label={`Put ${f.title} on the day`}
              onClick={() => void put(f)}
            >
              {f.portion === 1 ? 'Take it' : `Take ${formatAmount(f.portion)}`}
            </button>
          </li>
        ))}
      </ul>
      {told.rules !== null && (
        <TreatPanel eaterId={eaterId} day={told.day} points={number(points) ?? left} week={week} onDone={onClose} />
      )}
    </Modal>
  );
}

interface ToldFit {
  readonly words: string;
  readonly keepUntil: string | null;
  readonly minutes: number | null;
  readonly inHouse: number;
  readonly foods: number;
  readonly inSeason: boolean;
  readonly lastEaten: string | null;
  readonly what: { readonly kind: string };
}

function asideOfFit(f: ToldFit): string {
  return [
    f.words,
    f.keepUntil === null ? '' : `a box, until ${formatDay(f.keepUntil)}`,
    f.minutes === null ? '' : `${f.minutes} min`,
    f.what.kind === 'version' ? `${f.inHouse} of ${f.foods} foods in the house` : '',
    f.inSeason ? 'in season' : '',
    f.what.kind === 'food' ? '' : f.lastEaten === null ? 'not eaten yet' : `last eaten ${formatDay(f.lastEaten)}`,
  ]
    .filter(Boolean)
    .join(', ');
}
