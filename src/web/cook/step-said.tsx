import { Thermometer, Timer as TimerIcon } from 'lucide-react';
import { useState } from 'react';
import { ovenSetWords, ovenWords } from '../../core/stove/oven-heat.ts';
import type { StepTime } from '../../core/stove/step-times.ts';
import type { StepAtStove } from '../../core/stove/steps-at-stove.ts';
import { timeWords } from '../../core/stove/time-words.ts';
import { useHousehold } from '../context/household-context.ts';
import { ProbeDialog } from '../scale/probe-dialog.tsx';
import { ring } from './ring.ts';

interface StepSaidProps {
  readonly step: StepAtStove;
  /** Times of another way of cooking that stand instead. */
  readonly instead: readonly Omit<StepTime, 'said'>[] | null;
  /** Names of timers that run for this step. */
  readonly running: ReadonlySet<string>;
  readonly onTimer: (time: Omit<StepTime, 'said'>) => void;
}

/** What a step says besides its words: the oven, times as timers, the sign, what is safe inside, cautions. */
export function StepSaid({ step, instead, running, onTimer }: StepSaidProps) {
  const { household } = useHousehold();
  const { oven, inside, signs, cautions } = step;
  const [probing, setProbing] = useState(false);
  const times = instead ?? step.times;
  const set = oven === null ? null : ovenSetWords(oven, household.ovenRunsHot);
  return (
    <div className="mt-4 grid gap-3 text-lg">
      {oven !== null && (
        <p>
          Oven <strong className="font-head">{ovenWords(oven)}</strong>
          {set !== null && <span className="block font-semibold text-mustard">{set}</span>}
        </p>
      )}
      {times.length > 0 && (
        <div className="flex flex-wrap gap-2">
          {times.map((t) => (
            <button
              key={`${t.name} ${t.from}`}
              type="button"
              className="btn min-h-14 px-5 text-lg"
              disabled={running.has(t.name)}
              onClick={() => onTimer(t)}
            >
              <TimerIcon size={22} aria-hidden="true" />
              {running.has(t.name) ? 'Runs: ' : 'Timer: '}
              {times.length > 1 && `${t.name}, `}
              {timeWords(t.from, t.to)}
            </button>
          ))}
        </div>
      )}
      {signs.map((s) => (
        <p key={s}>
          Done <strong>{s}</strong>
        </p>
      ))}
      {inside !== null && (
        <p className="flex items-center gap-2">
          <Thermometer size={24} aria-hidden="true" className="text-beet" />
          <span>
            Safe inside from <strong className="font-head">{`${inside.fahrenheit} °F (${inside.celsius} °C)`}</strong>
          </span>
          <button type="button" className="btn btn-small" onClick={() => setProbing(true)}>
            Probe
          </button>
        </p>
      )}
      {probing && inside !== null && <ProbeDialog inside={inside} ring={ring} onClose={() => setProbing(false)} />}
      {cautions.map((c) => (
        <p key={c.id} className="note text-base">
          {c.words} <span className="text-sm">({c.source})</span>
        </p>
      ))}
    </div>
  );
}
