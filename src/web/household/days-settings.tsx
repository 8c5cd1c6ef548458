import { Trash2 } from 'lucide-react';
import { v7 as uuid } from 'uuid';
import { AIM_KINDS, type AimKind, type DailyAim } from '../../core/table/daily-aim.ts';
import type { Meal } from '../../core/table/meal.ts';
import { useHousehold } from '../context/household-context.ts';
import { Check } from '../kit/check.tsx';
import { Picker } from '../kit/picker.tsx';
import { useTyped } from '../kit/use-typed.ts';

const AIM_WORDS: Readonly<Record<AimKind, string>> = {
  oil: 'oil, g',
  dairy: 'milk and what is made of it, g',
  vegetables: 'vegetables, g',
  fruit: 'fruit, g',
  fish: 'fish, g',
  colours: 'colours of vegetables',
  ticked: 'told by hand, how often',
};

/** The meals of the household's days, what it would like of them, and how doubts are counted. */
export function DaysSettings() {
  const { household, changeHousehold } = useHousehold();
  const { meals, aims } = household;
  const setMeal = (meal: Meal) => changeHousehold({ meals: meals.map((m) => (m.id === meal.id ? meal : m)) });
  const setAim = (aim: DailyAim) => changeHousehold({ aims: aims.map((a) => (a.id === aim.id ? aim : a)) });
  return (
    <section aria-label="Days" className="mt-8">
      <h2 className="text-xl">Days</h2>
      <h3 className="mt-2 text-lg">Meals</h3>
      <ul>
        {meals.map((m) => (
          <MealRow
            key={m.id}
            meal={m}
            onChange={setMeal}
            onRemove={meals.length > 1 ? () => changeHousehold({ meals: meals.filter((x) => x.id !== m.id) }) : null}
          />
        ))}
      </ul>
      {meals.length < 12 && (
        <button
          type="button"
          className="btn btn-small mt-2"
          onClick={() =>
            changeHousehold({ meals: [...meals, { id: uuid(), name: 'Another meal', time: null, aims: [] }] })
          }
        >
          Add a meal
        </button>
      )}
      <p className="mt-1 text-soft text-sm">What was in a meal that is taken away stands in the last one.</p>
      <h3 className="mt-4 text-lg">Aims</h3>
      <ul>
        {aims.map((a) => (
          <AimRow
            key={a.id}
            aim={a}
            onChange={setAim}
            onRemove={() => changeHousehold({ aims: aims.filter((x) => x.id !== a.id) })}
          />
        ))}
      </ul>
      {aims.length < 20 && (
        <button
          type="button"
          className="btn btn-small mt-2"
          onClick={() =>
            changeHousehold({
              aims: [...aims, { id: uuid(), name: 'Glasses of water', kind: 'ticked', least: 6, per: 'day' }],
            })
          }
        >
          Add an aim
        </button>
      )}
      <Check className="mt-3" checked={household.upwards} onCheck={(upwards) => changeHousehold({ upwards })}>
        Count doubts upwards: a day of “21, perhaps 22” is 22
      </Check>
    </section>
  );
}

const timeTyped = (text: string): string | null | undefined =>
  text.trim() === '' ? null : /^([01]\d|2[0-3]):[0-5]\d$/.test(text.trim()) ? text.trim() : undefined;
const nameTyped = (text: string): string | undefined => text.trim().slice(0, 40) || undefined;
const leastTyped = (text: string): number | undefined => {
  const n = Number(text.replace(',', '.'));
  return n > 0 && n <= 100_000 ? n : undefined;
};

interface MealRowProps {
  readonly meal: Meal;
  readonly onChange: (meal: Meal) => void;
  readonly onRemove: (() => void) | null;
}

function MealRow({ meal, onChange, onRemove }: MealRowProps) {
  const name = useTyped(meal.name, nameTyped, (n) => onChange({ ...meal, name: n }));
  const time = useTyped(meal.time ?? '', timeTyped, (t) => onChange({ ...meal, time: t }));
  return (
    <li className="flex flex-wrap items-center gap-2 py-1">
      <input className="field max-w-56" aria-label={`Name of ${meal.name}`} {...name.field} />
      <input
        className="field max-w-28"
        aria-label={`Time of ${meal.name}, such as 12:30`}
        placeholder="no time"
        {...time.field}
      />
      {onRemove !== null && (
        <button
          type="button"
          className="btn btn-plain size-11 min-h-0 p-0"
          aria-label={`Take ${meal.name} away`}
          onClick={onRemove}
        >
          <Trash2 size={18} aria-hidden="true" />
        </button>
      )}
    </li>
  );
}

interface AimRowProps {
  readonly aim: DailyAim;
  readonly onChange: (aim: DailyAim) => void;
  readonly onRemove: () => void;
}

function AimRow({ aim, onChange, onRemove }: AimRowProps) {
  const name = useTyped(aim.name, nameTyped, (n) => onChange({ ...aim, name: n }));
  const least = useTyped(String(aim.least), leastTyped, (n) => onChange({ ...aim, least: n }));
  return (
    <li className="flex flex-wrap items-center gap-2 py-1">
      <input className="field max-w-56" aria-label={`Name of the aim ${aim.name}`} {...name.field} />
      <input className="field max-w-24" inputMode="decimal" aria-label={`How much of ${aim.name}`} {...least.field} />
      <Picker
        label={`Of what, for ${aim.name}`}
        labelled="unseen"
        className="w-64"
        value={aim.kind}
        choices={AIM_KINDS.map((k) => ({ value: k, words: AIM_WORDS[k] }))}
        onPick={(kind) => onChange({ ...aim, kind })}
      />
      <Picker
        label={`How often, for ${aim.name}`}
        labelled="unseen"
        className="w-32"
        value={aim.per}
        choices={[
          { value: 'day', words: 'a day' },
          { value: 'week', words: 'a week' },
        ]}
        onPick={(per) => onChange({ ...aim, per })}
      />
      <button
        type="button"
        className="btn btn-plain size-11 min-h-0 p-0"
        aria-label={`Take the aim ${aim.name} away`}
        onClick={onRemove}
      >
        <Trash2 size={18} aria-hidden="true" />
      </button>
    </li>
  );
}
