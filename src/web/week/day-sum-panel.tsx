import { format, parseISO } from 'date-fns';
import { useState } from 'react';
import type { ToldDay } from '../../core/day/eater-week.ts';
import { leftWords, pointsOfDay } from '../../core/day/points-of-day.ts';
import type { SumOf } from '../../core/day/sum-day.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { Check } from '../kit/check.tsx';
import { sayError } from '../kit/say-error.ts';
import { useTyped } from '../kit/use-typed.ts';
import { AimsOfDay } from './aims-of-day.tsx';
import type { OpenWeek } from './use-week.ts';

interface DaySumPanelProps {
  readonly week: OpenWeek;
  readonly told: ToldDay;
  readonly days: readonly ToldDay[];
  readonly eaterId: string;
  readonly onDay: (day: string) => void;
}

/** What a day comes to, what is left of it, and the week around it. */
export function DaySumPanel({ week, told, days, eaterId, onDay }: DaySumPanelProps) {
  const { sum, rules, reckoned } = told;
  return (
    <aside aria-label="The day" className="desk:sticky desk:top-6 desk:self-start">
      {rules !== null && reckoned !== null ? (
        <>
          <div className="max-desk:hidden">
            <DayHead told={told} />
          </div>
          {told.eaten.things < sum.things && told.eaten.things > 0 && (
            <p className="text-soft">{pointsOfDay(told.eaten)[0]} eaten, the rest is planned.</p>
          )}
          <BothSums told={told} />
          <ReserveLines told={told} />
        </>
      ) : (
        <p className="text-soft">Eats along and does not count: the day has energy, and no points.</p>
      )}
      <NutritionOfDay told={told} />
      {told.floor !== null && (
        <div className="note mt-4">
          <p>{told.floor.words}</p>
          <p className="mt-1">{told.floor.caution}</p>
          <button
            type="button"
            className="btn btn-small mt-2"
            onClick={() => void week.say(eaterId, told.day, { told: true }, 'Told').catch(sayError)}
          >
            I know
          </button>
        </div>
      )}
      {rules !== null && <WeekStrip days={days} day={told.day} onDay={onDay} />}
      {rules !== null && <OfThisDay key={told.day} week={week} told={told} eaterId={eaterId} />}
      <AimsOfDay week={week} told={told} eaterId={eaterId} />
      <p className="mt-6 border-rule border-t pt-3 text-soft text-sm">
        No medical advice. Who is pregnant or breastfeeding, under 18, has diabetes or takes medicine that lowers blood
        sugar, or has had an eating disorder talks to a clinician or a dietitian first.
      </p>
    </aside>
  );
}

/** The day in a number: its points, its allowance, what is left; nothing for somebody who does not count. */
export function DayHead({ told }: { readonly told: ToldDay }) {
  const { sum, rules, reckoned } = told;
  if (rules === null || reckoned === null) return null;
  const [points, perhaps] = pointsOfDay(sum);
  return (
    <>
      <p className="flex flex-wrap items-baseline gap-x-2">
        <strong className="font-head text-6xl leading-none">{points}</strong>
        {perhaps !== '' && <span className="text-lg text-mustard">{perhaps}</span>}
        <span className="text-lg">
          of {formatPoints(rules.allowance)} <span className="mark">{rules.program.mark}</span>
        </span>
      </p>
      <DayBar told={told} />
      <p className="mt-2 text-lg" role="status">
        {leftWords(reckoned)}
      </p>
    </>
  );
}

/** The day as a bar: what is eaten, what is planned, the allowance, the floor, and the reserve behind it. */
function DayBar({ told }: { readonly told: ToldDay }) {
  const { sum, eaten, rules, reckoned } = told;
  const points = sum.points ?? 0;
  const reserve = (reckoned?.carriedIn ?? 0) + (reckoned?.fromReserve ?? 0) + (reckoned?.reserveFree ?? 0);
  const whole = Math.max(rules!.allowance + reserve, points, 1);
  const at = (n: number): string => `${(100 * n) / whole}%`;
  return (
    <div className="relative mt-3 h-9" aria-hidden="true">
      <div className="absolute inset-x-0 top-1 h-7 overflow-hidden rounded-md border-[1.5px] border-ink bg-sheet">
        <div
          className="absolute inset-y-0 bg-[repeating-linear-gradient(135deg,var(--hatch)_0_2px,transparent_2px_7px)]"
          style={{ left: at(rules!.allowance), right: 0 }}
        />
        <div className="absolute inset-y-0 left-0 bg-beet/35" style={{ width: at(points) }} />
        <div className="absolute inset-y-0 left-0 bg-beet" style={{ width: at(eaten.points ?? 0) }} />
      </div>
      <div className="absolute top-0 h-9 w-0.5 bg-ink" style={{ left: at(rules!.allowance) }} />
      <div className="absolute top-6 h-3 w-0.5 bg-mustard-rule" style={{ left: at(rules!.program.floor) }} />
    </div>
  );
}

/** What was rounded and added beside what was added and rounded, where they differ; the program says which counts. */
function BothSums({ told: { sum, rules } }: { readonly told: ToldDay }) {
  if (sum.rounded === sum.together || sum.rounded === null) return null;
  const adds = rules!.program.week.adds;
  return (
    <p className="mt-1 text-soft">
      {formatPoints(sum.rounded)} with each thing rounded, {formatPoints(sum.together!)} all together and rounded once.{' '}
      {rules!.program.name} takes {adds === 'rounded' ? 'the first' : 'the second'}.
    </p>
  );
}

function ReserveLines({ told: { rules, reckoned } }: { readonly told: ToldDay }) {
  const r = reckoned!;
  const { reserve, week, floor } = rules!.program;
  return (
    <dl className="mt-3 grid grid-cols-[1fr_auto] gap-x-4 border-rule border-t pt-2">
      <dt>Reserve of the week</dt>
      <dd className="text-right">
        {formatPoints(r.reserveLeft)} of {formatPoints(reserve)}
      </dd>
      {r.reserveLeft - r.reserveFree > 0 && (
        <>
          <dt className="text-soft">kept for later days</dt>
          <dd className="text-right text-soft">{formatPoints(r.reserveLeft - r.reserveFree)}</dd>
        </>
      )}
      {r.missingForSaved > 0 && (
        <>
          <dt className="text-mustard">missing of what is kept</dt>
          <dd className="text-right text-mustard">{formatPoints(r.missingForSaved)}</dd>
        </>
      )}
      {week.carriesOver > 0 && (
        <>
          <dt>Left by earlier days</dt>
          <dd className="text-right">{formatPoints(r.carriedIn)}</dd>
        </>
      )}
      <dt>May still take, all in all</dt>
      <dd className="text-right">{formatPoints(r.mayTake)}</dd>
      {floor > 0 && (
        <>
          <dt className="text-soft">
            <span className="mr-1.5 inline-block h-3 w-0.5 bg-mustard-rule align-middle" aria-hidden="true" />
            not to stay below
          </dt>
          <dd className="text-right text-soft">{formatPoints(floor)}</dd>
        </>
      )}
    </dl>
  );
}

const sumSaid = (of: SumOf, unit: string, digits = 0): string =>
  `${of.complete ? '' : 'at least '}${of.value.toFixed(digits)} ${unit}`;

function NutritionOfDay({ told: { sum } }: { readonly told: ToldDay }) {
  return (
    <dl className="mt-3 grid grid-cols-[1fr_auto] gap-x-4 border-rule border-t pt-2">
      <dt>Energy</dt>
      <dd className="text-right">{sumSaid(sum.kcal, 'kcal')}</dd>
      <dt>Protein</dt>
      <dd className="text-right">{sumSaid(sum.protein, 'g')}</dd>
      <dt>Fibre</dt>
      <dd className="text-right">{sumSaid(sum.fibre, 'g')}</dd>
      <dt>Sodium</dt>
      <dd className="text-right">{sumSaid(sum.sodium, 'mg')}</dd>
    </dl>
  );
}

interface WeekStripProps {
  readonly days: readonly ToldDay[];
  readonly day: string;
  readonly onDay: (day: string) => void;
}

/** The week around a day: each with its points, against its allowance. */
function WeekStrip({ days, day, onDay }: WeekStripProps) {
  const most = Math.max(1, ...days.map((d) => Math.max(d.sum.points ?? 0, d.rules?.allowance ?? 0)));
  return (
    <section aria-label="The week" className="mt-4">
      <h2 className="text-lg">The week</h2>
      <ol className="mt-1 grid grid-cols-7 gap-1">
        {days.map((d) => {
          const isGap = d.entries.length === 0;
          const words = isGap ? 'nothing told' : `${formatPoints(d.sum.points ?? 0)} points`;
          return (
            <li key={d.day}>
              <button
                type="button"
                aria-label={`${format(parseISO(d.day), 'EEEE')}: ${words}${d.said.low ? ', a low day on purpose' : ''}`}
                aria-current={d.day === day ? 'date' : undefined}
                onClick={() => onDay(d.day)}
                className="flex w-full flex-col items-center rounded-md px-0.5 py-1 hover:bg-beet-wash aria-[current=date]:bg-beet-wash"
              >
                <span className="text-soft text-sm">{format(parseISO(d.day), 'EEEEE')}</span>
                <span className="relative block h-16 w-full max-w-7 border-ink border-b-[1.5px]" aria-hidden="true">
                  {!isGap && (
                    <span
                      className={`absolute inset-x-1 bottom-0 ${d.isOver || d.eaten.things === d.sum.things ? 'bg-beet' : 'bg-beet/35'}`}
                      style={{ height: `${(100 * (d.sum.points ?? 0)) / most}%` }}
                    />
                  )}
                  {d.rules !== null && (
                    <span
                      className="absolute inset-x-0 h-0.5 bg-ink"
                      style={{ bottom: `${(100 * d.rules.allowance) / most}%` }}
                    />
                  )}
                </span>
                <span className="font-head">{isGap ? '–' : formatPoints(d.sum.points ?? 0)}</span>
              </button>
            </li>
          );
        })}
      </ol>
    </section>
  );
}

interface OfThisDayProps {
  readonly week: OpenWeek;
  readonly told: ToldDay;
  readonly eaterId: string;
}

/** Points as they are typed; nothing is 0. */
function pointsToKeep(text: string): number | undefined {
  const n = text.trim() === '' ? 0 : Number(text.replace(',', '.'));
  return n >= 0 && n <= 1000 ? n : undefined;
}

/** What somebody says of a day: points that are saved for it, and that it is to be a low one. */
function OfThisDay({ week, told, eaterId }: OfThisDayProps) {
  const [open, setOpen] = useState(told.said.saves > 0 || told.said.low);
  const say = (patch: Parameters<OpenWeek['say']>[2], label: string) =>
    void week.say(eaterId, told.day, patch, label).catch(sayError);
  const event = useTyped(
    told.said.event,
    (text) => text.trim().slice(0, 80),
    (event) => say({ event }, 'What for'),
  );
  const saves = useTyped(told.said.saves === 0 ? '' : String(told.said.saves), pointsToKeep, (n) =>
    say({ saves: n }, 'Points kept'),
  );
  return (
    <details className="mt-4 border-rule border-t pt-2" open={open} onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="cursor-pointer py-1">An event, or a low day</summary>
      <div className="mt-1 flex flex-wrap gap-3">
        <label className="block w-36">
          <span className="label">Points kept for it</span>
          <input className="field" inputMode="decimal" {...saves.field} />
        </label>
        <label className="block min-w-40 flex-1">
          <span className="label">What for</span>
          <input className="field" maxLength={80} {...event.field} />
        </label>
      </div>
      <Check checked={told.said.low} onCheck={(low) => say({ low }, 'A low day')}>
        It is to be a low day, as an exception
      </Check>
    </details>
  );
}
