import { lazy, type ReactNode, Suspense, useId, useState } from 'react';
import { formatPoints } from '../../core/program/format-points.ts';
import { trimmed } from '../../core/quantity/format-amount.ts';
import type { VersionCount } from '../../core/recipe/count-version.ts';
import type { Version } from '../../core/recipe/version.ts';
import { SWAPS } from '../../core/swap/library.ts';
import type { Aim, Way, WaysAnswer } from '../../core/ways/find-ways.ts';
import type { LineChoice } from '../../core/ways/line-choices.ts';
import { readWithout } from '../../core/ways/without.ts';
import { usePantry, useStock, useVerdicts } from '../data/queries.ts';
import { Modal } from '../parts/modal.tsx';
import { type CountingEater, useHousehold } from '../shell/household-context.ts';
import { useOpenRecipe } from '../shell/recipe-context.ts';
import { useWays } from './use-ways.ts';

const FrontierChart = lazy(() => import('./frontier-chart.tsx'));

interface FindWayProps {
  readonly version: Version;
  readonly count: VersionCount;
  readonly eaters: readonly CountingEater[];
  readonly onTake: (changes: readonly LineChoice[], label: string) => void;
  readonly onClose: () => void;
}

const numberOf = (text: string): number | null => {
  const n = text.trim() === '' ? Number.NaN : Number(text.replace(',', '.'));
  return Number.isFinite(n) && n >= 0 ? n : null;
};

/** Asks for the least that has to change for a target, and shows the ways, the frontier, and what stands in the way. */
export function FindWay({ version, count, eaters, onTake, onClose }: FindWayProps) {
  const { household, eaters: people } = useHousehold();
  const { page } = useOpenRecipe();
  const { data: pantry = [] } = usePantry(household.id);
  const { data: stock = [] } = useStock(household.id);
  const { data: verdicts = [] } = useVerdicts(household.id);
  const { state, find, cancel } = useWays();
  const [targets, setTargets] = useState<readonly string[]>(() =>
    count.counts.map((c, i) => (i === 0 ? formatTarget(Math.max(0, Math.ceil(c.points * 0.6))) : '')),
  );
  const [kcal, setKcal] = useState('');
  const [protein, setProtein] = useState('');
  const [changes, setChanges] = useState('');
  const [without, setWithout] = useState('');
  const [noSmaller, setNoSmaller] = useState(false);
  const [varying, setVarying] = useState(0);
  const lacking = stock.filter((s) => s.lacking && s.foodId !== null);
  const search = () => {
    const aim: Aim = {
      points: targets.map(numberOf),
      kcal: numberOf(kcal),
      protein: numberOf(protein),
      grams: noSmaller ? count.servingGrams * 0.98 : null,
      changes: numberOf(changes),
    };
    const asked = readWithout(without.split(','));
    const needed = new Set(SWAPS.flatMap((s) => s.into.map((t) => t.foodId)));
    find({
      version,
      aim,
      foods: [...page.foods, ...pantry.filter((f) => needed.has(f.id) || lineFoods(version).has(f.id))],
      inner: page.inner.map((i) => i.version),
      swaps: SWAPS,
      counters: eaters.map((e) => e.counter),
      system: household.system,
      without: {
        allergies: [...asked.allergies, ...people.flatMap((p) => p.allergies)],
        avoids: [...asked.avoids, ...people.flatMap((p) => p.avoids)],
      },
      lacking: lacking.map((s) => s.foodId!),
      verdicts,
      frontierOf: varying,
    });
  };
  return (
    <Modal title="Find a way" wide onClose={onClose}>
      <form
        className="grid gap-x-4 gap-y-3 sm:grid-cols-3"
        onSubmit={(e) => {
          e.preventDefault();
          search();
        }}
      >
        {eaters.map((e, i) => (
          <Field
            key={e.eater.id}
            label={
              <>
                At most, {e.eater.name} <span className="mark">{e.program.mark}</span>
              </>
            }
            hint={`now ${formatPoints(count.counts[i]!.points)}`}
            value={targets[i]!}
            onChange={(v) => setTargets(targets.map((t, n) => (n === i ? v : t)))}
          />
        ))}
        <Field
          label="Calories at most"
          hint={count.perServing.kcal.value === null ? '' : `now ${Math.round(count.perServing.kcal.value)}`}
          value={kcal}
          onChange={setKcal}
        />
        <Field
          label="Protein at least, g"
          hint={count.perServing.protein.value === null ? '' : `now ${trimmed(count.perServing.protein.value, 0)}`}
          value={protein}
          onChange={setProtein}
        />
        <Field label="Lines to change at most" hint="" value={changes} onChange={setChanges} />
        <Field label="Without" hint="nuts, coriander …" value={without} onChange={setWithout} text />
        {eaters.length > 1 && (
          <div>
            <label className="label" htmlFor="varying">
              Show all points for
            </label>
            <select id="varying" className="field" value={varying} onChange={(e) => setVarying(Number(e.target.value))}>
              {eaters.map((e, i) => (
                <option key={e.eater.id} value={i}>
                  {e.eater.name}, {e.program.mark}
                </option>
              ))}
            </select>
          </div>
        )}
        <label className="flex items-center gap-2 self-end pb-2">
          <input type="checkbox" checked={noSmaller} onChange={(e) => setNoSmaller(e.target.checked)} />
          no smaller plate
        </label>
        <div className="flex items-end gap-2 sm:col-span-3">
          <button type="submit" className="btn btn-main">
            Find it
          </button>
          {state.kind === 'searching' && (
            <>
              <progress value={state.done} max={1} aria-label="Searching" />
              <button type="button" className="btn" onClick={cancel}>
                Stop
              </button>
            </>
          )}
          {lacking.length > 0 && (
            <span className="text-soft text-sm">Cannot be had: {lacking.map((s) => s.name).join(', ')}.</span>
          )}
        </div>
      </form>
      {state.kind === 'failed' && (
        <p className="note mt-4" role="alert">
          The search failed: {state.words} Change a limit and look again.
        </p>
      )}
      {state.kind === 'found' && (
        <Found
          answer={state.answer}
          changed={version.lines.some((l) => l.swapId !== null || l.leftOut)}
          eaters={eaters}
          count={count}
          varying={varying}
          onTake={onTake}
        />
      )}
    </Modal>
  );
}

const formatTarget = (n: number): string => trimmed(n, 1);
const lineFoods = (version: Version): ReadonlySet<string> =>
  new Set(version.lines.flatMap((l) => (l.food.kind === 'food' ? [l.food.foodId] : [])));

interface FieldProps {
  readonly label: ReactNode;
  readonly hint: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly text?: boolean;
}

function Field({ label, hint, value, onChange, text = false }: FieldProps) {
  const id = useId();
  return (
    <div>
      <label className="label" htmlFor={id}>
        {label}
      </label>
      <input
        id={id}
        inputMode={text ? 'text' : 'decimal'}
        className="field"
        placeholder={hint}
        value={value}
        aria-invalid={!text && value.trim() !== '' && numberOf(value) === null}
        onChange={(e) => onChange(e.target.value)}
      />
    </div>
  );
}

interface FoundProps {
  readonly answer: WaysAnswer;
  /** Whether the version that was searched is a changed one already. */
  readonly changed: boolean;
  readonly eaters: readonly CountingEater[];
  readonly count: VersionCount;
  readonly varying: number;
  readonly onTake: FindWayProps['onTake'];
}

function Found({ answer, changed, eaters, count, varying, onTake }: FoundProps) {
  const [at, setAt] = useState<number | null>(null);
  const shown = at === null ? null : (answer.frontier[at]?.way ?? null);
  return (
    <div className="mt-5 border-rule border-t pt-4" aria-live="polite">
      {answer.obstacle ? (
        <div className="note">
          <strong>Nothing reaches it.</strong> {answer.obstacle.words.join(' ')}
        </div>
      ) : (
        <p>
          {answer.proved
            ? `Nothing that reaches it departs less${changed ? ', beyond what is changed already' : ' from the family’s dish'}: every choice was weighed.`
            : 'This reaches it. That nothing departs less is not proved.'}
        </p>
      )}
      <div className="mt-3 grid gap-3 md:grid-cols-2">
        {answer.ways.map((w) => (
          <WayCard
            key={w.differs ?? 'best'}
            way={w}
            title={w.differs ?? 'Departs least'}
            eaters={eaters}
            count={count}
            onTake={onTake}
          />
        ))}
        {answer.obstacle?.closest && (
          <WayCard
            way={answer.obstacle.closest}
            title="The closest that can be"
            eaters={eaters}
            count={count}
            onTake={onTake}
          />
        )}
      </div>
      {answer.frontier.length > 1 && (
        <section aria-label="All points that can be reached" className="mt-5">
          <h3 className="text-lg">What each point costs</h3>
          <div className="grid gap-4 md:grid-cols-[1fr_15rem]">
            <Suspense fallback={<p className="text-soft">Drawing…</p>}>
              <FrontierChart
                frontier={answer.frontier}
                chosen={at}
                mark={eaters[varying]!.program.mark}
                onChoose={setAt}
              />
            </Suspense>
            <ul className="max-h-56 space-y-1 overflow-auto">
              {answer.frontier.map((f, i) => (
                <li key={f.points}>
                  <button
                    type="button"
                    className="chip w-full text-left aria-pressed:border-beet aria-pressed:bg-beet-wash"
                    aria-pressed={i === at}
                    onClick={() => setAt(i)}
                    onKeyDown={(e) => {
                      const step = e.key === 'ArrowDown' ? 1 : e.key === 'ArrowUp' ? -1 : 0;
                      if (step === 0) return;
                      e.preventDefault();
                      const next = Math.min(answer.frontier.length - 1, Math.max(0, i + step));
                      setAt(next);
                      const list = e.currentTarget.closest('ul');
                      list?.querySelectorAll('button')[next]?.focus();
                    }}
                  >
                    <strong>{formatPoints(f.points)}</strong>{' '}
                    <span className="text-soft text-sm">
                      departure {trimmed(f.departure, 1)}, {f.way.changes.length}{' '}
                      {f.way.changes.length === 1 ? 'change' : 'changes'}
                    </span>
                  </button>
                </li>
              ))}
            </ul>
          </div>
          {shown && shown.changes.length > 0 && (
            <div className="mt-3">
              <WayCard
                way={shown}
                title={`For ${formatPoints(shown.points[varying]!)}`}
                eaters={eaters}
                count={count}
                onTake={onTake}
              />
            </div>
          )}
        </section>
      )}
    </div>
  );
}

interface WayCardProps {
  readonly way: Way;
  readonly title: string;
  readonly eaters: readonly CountingEater[];
  readonly count: VersionCount;
  readonly onTake: FindWayProps['onTake'];
}

function WayCard({ way, title, eaters, count, onTake }: WayCardProps) {
  const smaller = way.grams < count.servingGrams * 0.9;
  return (
    <section aria-label={title} className="panel flex flex-col p-3">
      <h3 className="text-base first-letter:uppercase">{title}</h3>
      <p className="mt-1 flex flex-wrap items-baseline gap-x-3">
        {eaters.map((e, i) => (
          <span key={e.eater.id}>
            <span className="mark">{e.program.mark}</span>{' '}
            <strong className="font-head text-xl">{formatPoints(way.points[i]!)}</strong>
          </span>
        ))}
        <span className="text-soft text-sm">
          {way.kcal === null ? '' : `${Math.round(way.kcal)} kcal · `}
          {Math.round(way.grams)} g · departure {trimmed(way.departure, 1)}
        </span>
      </p>
      {smaller && (
        <p className="text-mustard text-sm">
          A smaller plate: {Math.round(way.grams)} g instead of {Math.round(count.servingGrams)} g.
        </p>
      )}
      <ul className="mt-2 flex-1 text-sm">
        {way.changes.length === 0 && <li className="text-soft">Nothing has to change.</li>}
        {way.changes.map((c) => (
          <li key={c.lineId} className="border-rule border-t py-1">
            <span className="text-soft line-through">{c.from}</span> → {c.to}
          </li>
        ))}
      </ul>
      {way.changes.length > 0 && (
        <button type="button" className="btn mt-2 self-start" onClick={() => onTake(way.changes, `Way: ${title}`)}>
          Take this way
        </button>
      )}
    </section>
  );
}
