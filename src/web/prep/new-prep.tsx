import { format, parseISO } from 'date-fns';
import { ListOrdered } from 'lucide-react';
import { useMemo, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { MOST_PREP_DISHES, type Prep, type PrepDish, USUAL_KITCHEN, USUAL_PREP_START } from '../../core/prep/prep.ts';
import { formatAmount } from '../../core/quantity/format-amount.ts';
import { useHousehold } from '../context/household-context.ts';
import { Check } from '../kit/check.tsx';
import { sayError } from '../kit/say-error.ts';
import { type ShownPot, useToday, useWeek } from '../week/use-week.ts';
import { DishSearch } from './dish-search.tsx';
import { usePreps } from './use-preps.ts';

/** So far ahead the plan is looked at for pots. */
const POTS_AHEAD_DAYS = 14;

interface NewPrepProps {
  /** The day that it is wanted for; null where nobody said. */
  readonly day: string | null;
  readonly onMake: (prep: Prep) => Promise<void>;
}

/** A prep day as it begins: the pots of a day of the plan, or dishes from the recipes. */
export function NewPrep({ day: asked, onMake }: NewPrepProps) {
  const { household } = useHousehold();
  const today = useToday();
  const week = useWeek(today, POTS_AHEAD_DAYS);
  const { preps } = usePreps();
  const pots = useMemo(() => (week?.pots ?? []).filter((p) => p.cookId === null && p.day >= today), [week, today]);
  const [said, setDay] = useState(asked);
  // Of itself it is the first day on which there is most to cook.
  const day = said ?? fullest(pots) ?? today;
  const [start, setStart] = useState(USUAL_PREP_START);
  const [off, setOff] = useState<ReadonlySet<string>>(new Set());
  const [added, setAdded] = useState<readonly (PrepDish & { readonly title: string })[]>([]);
  const [busy, setBusy] = useState(false);
  const ofDay = pots.filter((p) => p.day === day);
  const chosen = ofDay.filter((p) => !off.has(p.id));
  const dishes = [
    ...chosen.map((p) => ({ recipeId: p.recipeId, versionId: p.versionId, servings: p.servings })),
    ...added.map(({ recipeId, versionId, servings }) => ({ recipeId, versionId, servings })),
  ];
  const before = preps[0];
  const begin = async () => {
    setBusy(true);
    try {
      await onMake({
        id: uuid(),
        day,
        start,
        cooks: 1,
        kitchen: before?.kitchen ?? USUAL_KITCHEN,
        dishes: dishes.map((d) => ({ ...d, id: uuid().slice(-12), cookId: null })),
        minutes: {},
        kept: null,
        begun: null,
        ticks: {},
      });
    } catch (e) {
      sayError(e);
    } finally {
      setBusy(false);
    }
  };
  return (
    <section aria-label="A new prep day" className="mt-4 max-w-2xl">
      <p className="text-soft">
        Which dishes are cooked in one go? Their steps become one order of work by the clock: what simmers while
        something is cut, what shares the oven, what is washed in between.
      </p>
      <div className="mt-4 flex flex-wrap gap-3">
        <label className="block">
          <span className="label">On</span>
          <input type="date" className="field" value={day} onChange={(e) => e.target.value && setDay(e.target.value)} />
        </label>
        <label className="block">
          <span className="label">Beginning at</span>
          <input
            type="time"
            className="field"
            value={start}
            onChange={(e) => e.target.value && setStart(e.target.value)}
          />
        </label>
      </div>
      <fieldset className="mt-4">
        <legend className="label">From the plan</legend>
        {ofDay.length === 0 ? (
          <p className="text-soft">
            {week === null ? 'Looking…' : `No pot is planned for ${format(parseISO(day), 'EEEE d MMMM')}.`}
          </p>
        ) : (
          ofDay.map((p) => (
            <Check
              key={p.id}
              checked={!off.has(p.id)}
              onCheck={(on) => setOff(new Set(on ? [...off].filter((id) => id !== p.id) : [...off, p.id]))}
            >
              {p.title}, for {formatAmount(p.servings)}
            </Check>
          ))
        )}
      </fieldset>
      <div className="mt-4">
        <DishSearch
          h={household.id}
          label="Another dish"
          onPick={(r) =>
            setAdded([
              ...added,
              {
                id: uuid().slice(-12),
                recipeId: r.id,
                versionId: r.versionId,
                title: r.title,
                servings: r.servings,
                cookId: null,
              },
            ])
          }
        />
        {added.length > 0 && (
          <ul className="mt-2 flex flex-wrap gap-2">
            {added.map((d) => (
              <li key={d.id}>
                <button
                  type="button"
                  className="chip"
                  aria-label={`Take ${d.title} off again`}
                  onClick={() => setAdded(added.filter((x) => x.id !== d.id))}
                >
                  {d.title} ×
                </button>
              </li>
            ))}
          </ul>
        )}
      </div>
      <button
        type="button"
        className="btn btn-main mt-5"
        disabled={busy || dishes.length === 0 || dishes.length > MOST_PREP_DISHES}
        onClick={() => void begin()}
      >
        <ListOrdered size={20} aria-hidden="true" /> Work out the order
      </button>
      {dishes.length > MOST_PREP_DISHES && (
        <p className="mt-2 text-mustard">More than {MOST_PREP_DISHES} dishes are no day’s work: take some off.</p>
      )}
    </section>
  );
}

/** The first day with the most pots; null where none is planned. */
function fullest(pots: readonly ShownPot[]): string | null {
  const counts = new Map<string, number>();
  for (const p of pots) counts.set(p.day, (counts.get(p.day) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1] || a[0].localeCompare(b[0]))[0]?.[0] ?? null;
}
