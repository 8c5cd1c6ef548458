import { format } from 'date-fns';
import { useEffect, useMemo, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { v7 as uuid } from 'uuid';
import type { Cook } from '../../core/cook/cook.ts';
import { weighedIn } from '../../core/cook/weighed-in.ts';
import { formatAmount, formatGrams } from '../../core/quantity/format-amount.ts';
import { cookingWays } from '../../core/stove/cooking-ways.ts';
import { gramsAtSteps } from '../../core/stove/grams-at-steps.ts';
import type { StepTime } from '../../core/stove/step-times.ts';
import type { StepUse } from '../../core/stove/steps-at-stove.ts';
import { tickOf } from '../../core/stove/tick.ts';
import { newTimer, type Timer } from '../../core/stove/timer.ts';
import { useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { type Cooks, useCooks } from '../dish-up/use-cook.ts';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';
import { keepOffline } from '../offline/keep-offline.ts';
import { NextOfPrep } from '../prep/next-of-prep.tsx';
import { type Row, useDocument } from '../saving/use-document.ts';
import type { ShownVersion, VersionEditor } from '../saving/version-editor.ts';
import { WeighLine } from '../scale/weigh-line.tsx';
import { serverNow } from '../stove/server-clock.ts';
import { useNow } from '../stove/use-now.ts';
import { askToNotify, readyBell } from './ring.ts';
import { StepChange } from './step-change.tsx';
import { StepLines } from './step-lines.tsx';
import { StepSaid } from './step-said.tsx';
import { TimerCard } from './timer-card.tsx';
import { useAsCooked } from './use-as-cooked.ts';
import { awakeWords, useAwake } from './use-awake.ts';
import { useKeysAndSwipe, useLed } from './use-led.ts';
import { useStepsAtStove } from './use-steps-at-stove.ts';
import { withoutTimer } from './without-timer.ts';

/** A dish that is led through step by step. */
export function AtStovePage() {
  const { cook: id = '' } = useParams();
  const { page } = useOpenRecipe();
  const cooks = useCooks(page.recipe.id);
  const cook = cooks.cooks.find((c) => c.id === id);
  if (cook === undefined) {
    return (
      <main className="p-edge py-10">
        {cooks.isLoading ? (
          <p role="status">Opening…</p>
        ) : !cooks.isKnown ? (
          <p role="alert">
            Imbiss cannot be reached, and this is not kept on this device. It opens when Imbiss is back.
          </p>
        ) : (
          <>
            <p>This is not at the stove any more.</p>
            <Link className="btn mt-3" to="..">
              Back to the recipe
            </Link>
          </>
        )}
      </main>
    );
  }
  return <OpenAtStove cook={cook} cooks={cooks} />;
}

interface OpenAtStoveProps {
  readonly cook: Row<Cook>;
  readonly cooks: Cooks;
}

function OpenAtStove({ cook, cooks }: OpenAtStoveProps) {
  const { household } = useHousehold();
  const open = useDocument(household.id, 'versions', cook.versionId);
  if (!open) {
    return (
      <p role="status" className="p-10 text-soft">
        Opening…
      </p>
    );
  }
  return <LedThrough cook={cook} cooks={cooks} editor={open.saved} shown={open.shown} />;
}

interface LedThroughProps extends OpenAtStoveProps {
  readonly editor: VersionEditor;
  readonly shown: ShownVersion;
}

function LedThrough({ cook, cooks, editor, shown }: LedThroughProps) {
  const { household } = useHousehold();
  const { page, food } = useOpenRecipe();
  const navigate = useNavigate();
  const version = shown.document;
  const led = useStepsAtStove(version);
  const { steps } = led;
  const undone = steps.findIndex((s) => cook.ticks[s.step.id] !== true);
  const { at, go } = useLed(steps.length, undone === -1 ? steps.length : undone);
  const step = steps[at];
  useEffect(() => void keepOffline(), []);
  const awake = awakeWords(useAwake());
  const timers = Object.values(cook.timers).sort((a, b) => (a.endsAt ?? '').localeCompare(b.endsAt ?? ''));
  const now = useNow(timers.length > 0);
  const [weighing, setWeighing] = useState<StepUse | null>(null);
  const asCooked = useAsCooked(cook, version, cooks);
  const heading = useRef<HTMLHeadingElement>(null);
  const way = useMemo(
    () => cookingWays(led.told, food).find((w) => w.id === cook.otherWay) ?? null,
    [led.told, food, cook.otherWay],
  );
  // The step that another way takes the place of is the one that takes longest.
  const longest = steps.reduce<number>(
    (best, s, i) => (timeOf(s.times) > timeOf(steps[best]?.times ?? []) ? i : best),
    0,
  );
  const stays = useRef(true);
  useEffect(() => {
    if (stays.current) {
      stays.current = false;
      return;
    }
    heading.current?.focus({ preventScroll: true });
    window.scrollTo({ top: 0 });
  }, [at]);
  const done = (stepId: string, isDone: boolean): void => {
    const { [stepId]: _, ...others } = cook.ticks;
    void cooks.change(
      cook,
      { ticks: isDone ? { ...others, [stepId]: true } : others },
      isDone ? 'Step done' : 'Not yet',
    );
  };
  const next = (): void => {
    if (step === undefined) return;
    if (cook.ticks[step.step.id] !== true) done(step.step.id, true);
    go(at + 1);
  };
  const back = (): void => {
    if (at === 0) navigate('../cook');
    else go(at - 1);
  };
  const swipe = useKeysAndSwipe(next, back);
  const setTimer = (timer: Timer): void =>
    void cooks.change(cook, { timers: { ...cook.timers, [timer.id]: timer } }, `Timer: ${timer.name}`);
  const startTimer = (time: Omit<StepTime, 'said'>): void => {
    readyBell();
    askToNotify();
    setTimer(
      newTimer(
        { id: uuid(), name: time.name, stepId: step?.step.id ?? null, from: time.from, to: time.to },
        serverNow(),
      ),
    );
  };
  const tick = (use: StepUse, ticked: boolean): void => {
    const key = tickOf(step!.step.id, use.originLineId);
    const { [key]: _, ...others } = cook.ticks;
    void cooks.change(
      cook,
      { ticks: ticked ? { ...others, [key]: true } : others },
      ticked ? 'It is in' : 'It is not in yet',
    );
  };
  const weighed = (use: StepUse, grams: number): void => {
    const line = version.lines.find((l) => l.id === use.lineId);
    if (line?.weight == null) return;
    const id = line.originLineId;
    const atSteps = gramsAtSteps(steps, id, at, grams);
    const total = Object.values(atSteps).reduce((a, b) => a + b, 0);
    const key = tickOf(step!.step.id, id);
    const noted = cooks.change(
      cook,
      { weighed: { ...cook.weighed, [id]: total }, ticks: { ...cook.ticks, [key]: true } },
      `Weighed: ${line.item}`.slice(0, 200),
    );
    const off = total - line.weight.grams;
    if (Math.abs(off) < AS_WANTED_G) {
      sayDone(`${formatGrams(grams)} ${line.item}, as wanted.`);
      return;
    }
    void asCooked(`${formatGrams(total)} ${line.item}`.slice(0, 200), (own) =>
      weighedIn(own, id, atSteps, food, household.system),
    )
      .then((undo) =>
        sayDone(
          `${formatGrams(Math.abs(off))} ${off > 0 ? 'more' : 'less'} ${line.item}: it is counted so.`,
          async () => {
            await undo();
            await (await noted)();
          },
        ),
      )
      .catch(sayError);
  };
  const running = new Set(timers.filter((t) => t.stepId === step?.step.id).map((t) => t.name));
  const otherStep = undone !== -1 && undone > at ? undone : null;
  return (
    <div className="flex min-h-dvh flex-col" {...swipe}>
      <header className="flex items-baseline justify-between gap-4 border-ink border-b px-edge py-2.5">
        <h1 className="min-w-0 font-semibold text-lg" dir="auto">
          <Link to=".." className="press hover:text-beet">
            {page.recipe.title}
          </Link>
        </h1>
        <p className="flex max-w-[50%] shrink-0 text-soft max-sm:text-sm">
          <span className="truncate">{version.kind === 'asCooked' ? 'as cooked' : version.name}</span>
          {version.servings !== null && <span className="shrink-0">, for {formatAmount(version.servings)}</span>}
          {cook.table !== null && <span className="shrink-0">, at {format(cook.table, 'HH:mm')}</span>}
        </p>
      </header>
      <NextOfPrep cookId={cook.id} />
      <main className="mx-auto w-full max-w-4xl flex-1 px-edge pt-4 pb-6">
        {step === undefined ? (
          <>
            <h2 ref={heading} tabIndex={-1} className="text-4xl leading-tight">
              That was the last step.
            </h2>
            <p className="mt-3 text-lg text-soft">Weigh or count what came out, and every plate is counted.</p>
            <Link className="btn btn-main mt-6 min-h-16 px-10 text-xl" to={`../dish-up?cook=${cook.id}`}>
              Dish it up
            </Link>
          </>
        ) : (
          <>
            <p className="font-bold text-beet">
              Step {at + 1} of {steps.length}
              {cook.ticks[step.step.id] && <span className="text-soft"> · done</span>}
            </p>
            <h2
              ref={heading}
              tabIndex={-1}
              dir="auto"
              className={`mt-0.5 font-head leading-[1.15] ${step.step.text.length > 160 ? 'text-2xl sm:text-4xl' : 'text-[1.95rem] sm:text-5xl'}`}
            >
              {step.step.text}
            </h2>
            <StepLines cook={cook} version={version} step={step} onTick={tick} onWeigh={setWeighing} />
            {way !== null && at === longest && (
              <div className="note mt-4 text-base">
                <p className="font-semibold">{way.name} instead</p>
                {way.liquid !== null && <p>{way.liquid}</p>}
                {way.words.map((w) => (
                  <p key={w}>{w}</p>
                ))}
                {way.cautions.map((c) => (
                  <p key={c.id}>
                    {c.words} ({c.source})
                  </p>
                ))}
                <p className="text-sm">{way.source}</p>
              </div>
            )}
            <StepSaid
              step={step}
              instead={way !== null && at === longest ? way.times : null}
              running={running}
              onTimer={startTimer}
            />
            {otherStep !== null && (
              <p className="mt-5">
                <button type="button" className="btn btn-plain" onClick={() => go(otherStep)}>
                  Done up to step {otherStep}: go on at {otherStep + 1}
                </button>
              </p>
            )}
          </>
        )}
      </main>
      {weighing !== null && (
        <WeighLine
          use={weighing}
          version={version}
          onTake={(grams) => weighed(weighing, grams)}
          onClose={() => setWeighing(null)}
        />
      )}
      <footer className="sticky bottom-0 z-20 bg-paper px-edge pt-2 pb-[max(0.75rem,env(safe-area-inset-bottom))]">
        {timers.length > 0 && (
          <ul
            aria-label="Timers"
            className="mx-auto mb-2 grid max-h-[34dvh] max-w-4xl gap-2 overflow-auto sm:grid-cols-2"
          >
            {timers.map((t) => (
              <TimerCard
                key={t.id}
                timer={t}
                now={now}
                onChange={setTimer}
                onStop={() => void cooks.change(cook, { timers: withoutTimer(cook, t.id) }, `End the timer: ${t.name}`)}
              />
            ))}
          </ul>
        )}
        <div className="mx-auto flex max-w-4xl flex-wrap items-stretch gap-2.5">
          <button type="button" className="btn min-h-16 px-4 text-lg sm:px-5" onClick={back}>
            Back
          </button>
          {step !== undefined && (
            <StepChange
              cook={cook}
              cooks={cooks}
              editor={editor}
              version={version}
              step={step}
              told={led.told}
              onTimer={startTimer}
            />
          )}
          {step !== undefined && (
            <button type="button" className="btn btn-main min-h-16 min-w-28 flex-1 text-xl" onClick={next}>
              {at === steps.length - 1 ? 'Done' : 'Next'}
            </button>
          )}
        </div>
        {awake !== null && <p className="mx-auto mt-1 max-w-4xl text-soft text-sm">{awake}</p>}
      </footer>
    </div>
  );
}

/** A scale of a kitchen is good to a gram: what is nearer is what was wanted. */
const AS_WANTED_G = 1;

const timeOf = (times: readonly Pick<StepTime, 'from'>[]): number => Math.max(0, ...times.map((t) => t.from));
