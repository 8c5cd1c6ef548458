import { useState } from 'react';
import { WEEK_API } from '../../contract/week-api.ts';
import { sumEntries, type ToldDay } from '../../core/day/eater-week.ts';
import { roomOfMeal } from '../../core/day/room-of-meal.ts';
import type { Room } from '../../core/day/what-fits.ts';
import { APPLIANCES } from '../../core/dish/dish-facts.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { timeIn } from '../../core/quantity/calendar-day.ts';
import { formatAmount } from '../../core/quantity/format-amount.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { type Meal, mealAim, mealOf, nextMeal } from '../../core/table/meal.ts';
import { useHousehold } from '../context/household-context.ts';
import { useAnswer } from '../data/use-answer.ts';
import { Check } from '../kit/check.tsx';
import { Modal } from '../kit/modal.tsx';
import { NumberField } from '../kit/number-field.tsx';
import { Picker } from '../kit/picker.tsx';
import { sayDone } from '../kit/say-done.ts';
import { errorWords, sayError } from '../kit/say-error.ts';
import { FitsNotRead } from './fits-not-read.tsx';
import { MealAimFields } from './meal-aim-fields.tsx';
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
  ...APPLIANCES.map((a) => ({ value: a, words: a === 'hot air' ? a : `the ${a}` })),
] as const;

/** What fits into what is left of a day, or into what a meal aims for. */
export function FitsDialog({ week, told, eaterId, onClose }: FitsDialogProps) {
  const { household, eaters } = useHousehold();
  const left = told.rules === null ? null : Math.max(0, told.reckoned?.left ?? told.reckoned?.allowance ?? 0);
  const { meals, upwards } = household;
  const eater = eaters.find((e) => e.id === eaterId)!;
  const [mealId, setMealId] = useState('');
  // On a phone what fits would begin a screen below.
  const [isWide] = useState(() => window.innerWidth >= 640);
  const meal = meals.find((m) => m.id === mealId) ?? null;
  const ofDay: Room = { points: left, kcal: null, protein: null };
  const asked = meal === null ? ofDay : roomOfMeal(mealAim(meal, eaterId), sumOfMeal(told, meals, meal, upwards), left);
  const roomKey = JSON.stringify([mealId, asked]);
  const [typed, setTyped] = useState<{ readonly of: string; readonly room: Partial<Room> }>({ of: roomKey, room: {} });
  // What was typed holds until another meal, or another aim, asks anew.
  const room: Room = { ...asked, ...(typed.of === roomKey ? typed.room : {}) };
  const setRoom = (kind: keyof Room) => (value: number | null) =>
    setTyped({ of: roomKey, room: { ...(typed.of === roomKey ? typed.room : {}), [kind]: value } });
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
      points: number(room.points),
      kcal: number(room.kcal),
      protein: number(room.protein),
      minutes: number(minutes),
      order,
      of: of === '' ? undefined : of,
      appliance: appliance === '' ? undefined : appliance,
      season: season ? 'true' : undefined,
      notLately: notLately ? 'true' : undefined,
    },
  });
  const filled = told.entries.flatMap(({ entry }) => (week.isStanding(entry.id) ? [] : [mealOf(meals, entry.meal).id]));
  const now = told.day === week.today ? timeIn(new Date(), household.zone) : null;
  const goesInto = meal ?? nextMeal(meals, filled, now);
  const put = async (fit: NonNullable<typeof data>['fits'][number]) => {
    try {
      const words = fit.what.kind === 'food' ? `${fit.title}, ${fit.what.grams} g` : fit.title;
      const { what, portion } = fit;
      const made = await week.add([
        { eaterId, day: told.day, meal: goesInto.id, what, words, portion, spread: 0, state: 'planned' },
      ]);
      onClose();
      sayDone(`${fit.title} is on the day, ${goesInto.name.toLowerCase()}.`, () => week.takeBack(made));
    } catch (e) {
      sayError(e);
    }
  };
  return (
    <Modal title="What fits" wide onClose={onClose}>
      <div className="flex flex-wrap gap-3">
        <Picker
          label="For"
          className="w-40"
          value={mealId}
          choices={[{ value: '', words: 'the day' }, ...meals.map((m) => ({ value: m.id, words: m.name }))]}
          onPick={setMealId}
        />
        {left !== null && (
          <NumberField
            key={`points ${roomKey}`}
            label="Points, at most"
            className="w-32"
            value={asked.points}
            onValue={setRoom('points')}
          />
        )}
        <NumberField
          key={`kcal ${roomKey}`}
          label="kcal, at most"
          className="w-32"
          value={asked.kcal}
          onValue={setRoom('kcal')}
        />
        <NumberField
          key={`protein ${roomKey}`}
          label="Protein, at least g"
          className="w-40"
          value={asked.protein}
          onValue={setRoom('protein')}
        />
      </div>
      <details className="mt-2" open={isWide}>
        <summary className="min-h-11 py-2.5">By time, what it is made in, season and what was eaten</summary>
        <div className="flex flex-wrap gap-3">
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
      </details>
      {meal !== null && (
        <MealAimFields key={meal.id} meal={meal} eaterId={eaterId} name={eater.name} counts={left !== null} />
      )}
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
              {f.points !== null && f.high !== null && f.high > f.points && (
                <span className="text-mustard text-sm">perhaps {formatPoints(f.high)}</span>
              )}{' '}
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
      {data !== undefined && <FitsNotRead unread={data.unread} />}
      {data?.countedOut != null && (
        <p className="mt-2 text-soft text-sm">
          {`Of many recipes the first ${data.countedOut} in this order were tried. Ask for less to see others.`}
        </p>
      )}
      {left !== null && (
        <TreatPanel
          eaterId={eaterId}
          day={told.day}
          meal={goesInto}
          points={number(room.points) ?? left}
          week={week}
          onDone={onClose}
        />
      )}
    </Modal>
  );
}

/** What a meal comes to so far. */
const sumOfMeal = (told: ToldDay, meals: readonly Meal[], meal: Meal, upwards: boolean) =>
  sumEntries(
    told.entries.filter((e) => mealOf(meals, e.entry.meal).id === meal.id),
    told.rules,
    upwards,
  );

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
