import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { isBegun } from '../../core/cook/is-at-stove.ts';
import { formatAmount } from '../../core/quantity/format-amount.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { applyEntry } from '../../core/version/entry.ts';
import { scaleChanges } from '../../core/version/scale-version.ts';
import { shownVersion } from '../../core/version/shown-version.ts';
import { isOpen } from '../../core/version/version.ts';
import { useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { NumberField } from '../kit/number-field.tsx';
import { Picker } from '../kit/picker.tsx';
import { useAtStove } from '../stove/at-stove.ts';
import { BeginsEarlier } from './begins-earlier.tsx';
import { CookedIn } from './cooked-in.tsx';
import { GetOut } from './get-out.tsx';
import { NotForTable } from './not-for-table.tsx';
import { OfflineHere } from './offline-here.tsx';
import { PanCheck } from './pan-check.tsx';
import { useBegin } from './use-begin.ts';
import { useStepsAtStove } from './use-steps-at-stove.ts';

/** So many servings are cooked at once. */
const MOST_AT_ONCE = 500;

/** The station Cook before the first step: what to get out, what had to begin earlier, whether it goes into the pan. */
export function BeforeCookingPage() {
  const { household } = useHousehold();
  const { page, asWritten } = useOpenRecipe();
  const [params, setParams] = useSearchParams();
  const stove = useAtStove(household.id);
  const begin = useBegin();
  const usual = shownVersion(page.versions, page.recipe.shownVersionId) ?? asWritten;
  const version = page.versions.find((v) => v.id === params.get('version')) ?? usual;
  const [servings, setServings] = useState<number | null>(version.servings);
  const [table, setTable] = useState<Date | null>(null);
  const [otherWay, setOtherWay] = useState<string | null>(null);
  const fits = servings !== null && servings > 0 && servings <= MOST_AT_ONCE;
  const changes = fits ? scaleChanges(version, servings) : [];
  const scaled =
    changes.length === 0 ? version : applyEntry(version, { id: 'scaled', label: 'Scaled', changes, undoes: null });
  const led = useStepsAtStove(scaled);
  const begun = stove.cooks.filter((c) => c.recipeId === page.recipe.id && isBegun(c));
  const open = version.lines.filter(isOpen).length;
  const minutes = page.recipe.facts.times.total;
  return (
    <main className="px-edge pt-4 pb-28 desk:col-span-2 desk:pb-10">
      {begun.map((c) => (
        <p key={c.id} className="note mb-4 flex flex-wrap items-center gap-3">
          It is at the stove already, begun {formatDay(c.day)}.
          <Link className="btn btn-main" to={c.id}>
            Go on with it
          </Link>
        </p>
      ))}
      <h2 className="text-2xl">Before the first step</h2>
      <div className="mt-3 flex flex-wrap items-end gap-3">
        {page.versions.length > 1 && (
          <Picker
            label="Version"
            className="w-72 max-w-full"
            value={version.id}
            choices={page.versions.map((v) => ({ value: v.id as string, words: v.name }))}
            onPick={(id) => {
              setParams({ version: id }, { replace: true });
              setServings(page.versions.find((v) => v.id === id)?.servings ?? null);
            }}
          />
        )}
        {version.servings !== null && (
          <NumberField label="for how many servings" className="w-44" value={servings} onValue={setServings} />
        )}
        <label>
          <span className="label">on the table at</span>
          <input
            type="time"
            className="field w-36"
            onChange={(e) => setTable(todayAt(e.target.value))}
            aria-describedby="table-said"
          />
        </label>
      </div>
      {version.servings !== null && !fits && (
        <p className="note mt-2" role="alert">
          Write for how many it is, from a part of one to {MOST_AT_ONCE}.
        </p>
      )}
      <NotForTable version={scaled} />
      {open > 0 && (
        <p className="note mt-3">
          {open === 1 ? 'One line is' : `${open} lines are`} still open.{' '}
          <Link className="underline" to="../bring-in">
            Answer first
          </Link>
        </p>
      )}
      {version.steps.length === 0 ? (
        <p className="note mt-4">
          No steps are written down.{' '}
          <Link className="underline" to="../bring-in">
            Write them under Bring in
          </Link>
          , or{' '}
          <Link className="underline" to="../dish-up">
            say that you made it
          </Link>
          .
        </p>
      ) : (
        <p className="mt-4 flex flex-wrap items-center gap-3">
          <button
            type="button"
            className="btn btn-main px-8 text-lg"
            disabled={version.servings !== null && !fits}
            onClick={() =>
              void begin(version, version.servings === null ? null : servings, {
                table: table?.toISOString() ?? null,
                otherWay,
              })
            }
          >
            Begin{fits && ` for ${formatAmount(servings)}`}
          </button>
          <span className="text-soft">
            {version.steps.length} {version.steps.length === 1 ? 'step' : 'steps'}
          </span>
        </p>
      )}
      <OfflineHere />
      <div className="mt-6 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-7 md:grid-cols-2">
        <GetOut version={led.told} inNoStep={led.inNoStep} />
        <div className="grid grid-cols-[minmax(0,1fr)] content-start gap-7">
          <BeginsEarlier version={led.told} minutes={minutes} table={table} />
          <PanCheck version={scaled} />
          <CookedIn version={led.told} chosen={otherWay} onChoose={setOtherWay} />
          {led.cautions.length > 0 && (
            <section aria-label="Cautions">
              <h3 className="text-xl">Mind</h3>
              <ul className="mt-1 space-y-1">
                {led.cautions.map((c) => (
                  <li key={c.id}>
                    {c.words} <span className="text-soft text-sm">({c.source})</span>
                  </li>
                ))}
              </ul>
            </section>
          )}
        </div>
      </div>
    </main>
  );
}

/** A clock time of today; null for none. */
function todayAt(clock: string): Date | null {
  const [hours, minutes] = clock.split(':').map(Number);
  if (hours === undefined || minutes === undefined || Number.isNaN(hours + minutes)) return null;
  const at = new Date();
  at.setHours(hours, minutes, 0, 0);
  // What is past today is tomorrow's.
  if (at.getTime() < Date.now()) at.setDate(at.getDate() + 1);
  return at;
}
