import { useState } from 'react';
import type { ScaleAct } from '../../contract/scale.ts';
import { formatAmount, formatGrams, trimmed } from '../../core/quantity/format-amount.ts';
import { OUNCE_G, POUND_G } from '../../core/quantity/units.ts';
import { useHousehold } from '../context/household-context.ts';
import { NumberField } from '../kit/number-field.tsx';
import { PageTitle } from '../kit/page-title.tsx';
import { sayError } from '../kit/say-error.ts';
import { PracticeProbe } from './practice-probe.tsx';
import { useScale } from './use-scale.ts';

const WEIGHTS = [5, 10, 50, 100, 250, 1000] as const;
const POURS = [-10, 3, 10, 30] as const;
const UNIT_G = { g: 1, oz: OUNCE_G, lb: POUND_G } as const;

/** The practice scale: things are put on it and taken off, as they would be at the stove, and it does what scales do. */
export function ScalePage() {
  const { household } = useHousehold();
  const scale = useScale(household.id);
  const [stands, setStands] = useState<number | null>(null);
  const [own, setOwn] = useState<number | null>(null);
  const [pours, setPours] = useState(0);
  const [battery, setBattery] = useState(1);
  const { last, trouble } = scale;
  const act = (a: ScaleAct): void => void scale.act(a).then(setStands, sayError);
  const put = (grams: number): void => {
    setPours(0);
    act({ do: 'put', grams });
  };
  const pour = (perSecond: number): void => {
    setPours(perSecond);
    act({ do: 'pour', perSecond });
  };
  return (
    <main className="page">
      <PageTitle of={['The practice scale']} />
      <h1 className="text-3xl">The practice scale</h1>
      <p className="mt-1 max-w-xl text-soft">
        It stands in for a kitchen scale: put things on it here, and weigh them at the stove, on this device or another.
      </p>
      <div className="mt-5 grid max-w-4xl gap-6 md:grid-cols-2">
        <section aria-label="Its display" className="rounded-2xl border-2 border-ink p-5">
          <p className="min-h-20 rounded-lg bg-ink px-4 py-3 text-right font-bold font-head text-6xl text-paper">
            {last === null || last.state === 'off'
              ? ''
              : last.state === 'overload'
                ? 'Err'
                : last.unit === 'g'
                  ? formatGrams(last.grams ?? 0)
                  : `${trimmed((last.grams ?? 0) / UNIT_G[last.unit], last.unit === 'oz' ? 1 : 2)} ${last.unit}`}
          </p>
          <p className="mt-1 min-h-6 text-right text-soft text-sm">
            {last?.state === 'on' ? (last.steady ? 'steady' : 'settling') : last?.state === 'off' ? 'off' : ''}
            {last?.battery === 'low' && ', battery low'}
          </p>
          <div className="mt-3 flex flex-wrap gap-2">
            <button
              type="button"
              className="btn"
              onClick={() => act({ do: 'press', key: last?.state === 'off' ? 'on' : 'off' })}
            >
              {last?.state === 'off' ? 'On' : 'Off'}
            </button>
            <button type="button" className="btn" onClick={() => act({ do: 'press', key: 'tare' })}>
              Zero
            </button>
            <button type="button" className="btn" onClick={() => act({ do: 'press', key: 'unit' })}>
              g / oz / lb
            </button>
            <button
              type="button"
              className="btn btn-plain"
              onClick={() => {
                const left = battery > 0.5 ? 0.1 : 1;
                setBattery(left);
                act({ do: 'battery', left });
              }}
            >
              {battery > 0.5 ? 'Let its battery run low' : 'A new battery'}
            </button>
          </div>
          {trouble !== null && trouble.kind !== 'off' && trouble.kind !== 'nought lost' && (
            <p className="note mt-3" role="status">
              {trouble.words}
            </p>
          )}
        </section>
        <section aria-label="What stands on it">
          <p className="min-h-7 text-lg">
            {stands !== null && (
              <>
                On it: <strong className="font-head">{formatGrams(Math.round(stands))}</strong>
              </>
            )}
            {pours !== 0 && ', and it runs'}
          </p>
          <div className="mt-3 flex flex-wrap gap-2">
            {WEIGHTS.map((g) => (
              <button key={g} type="button" className="btn min-w-24" onClick={() => put(g)}>
                + {formatAmount(g)} g
              </button>
            ))}
            {WEIGHTS.map((g) => (
              <button key={g} type="button" className="btn btn-plain min-w-24" onClick={() => put(-g)}>
                − {formatAmount(g)} g
              </button>
            ))}
          </div>
          <div className="mt-3 flex flex-wrap items-end gap-2">
            <NumberField label="other, g" className="w-28" value={own} onValue={setOwn} />
            <button type="button" className="btn" disabled={own === null} onClick={() => put(own ?? 0)}>
              Put it on
            </button>
            <button type="button" className="btn" disabled={own === null} onClick={() => put(-(own ?? 0))}>
              Take it off
            </button>
            <button type="button" className="btn btn-plain" onClick={() => put(-20_000)}>
              Clear it
            </button>
          </div>
          <h2 className="mt-5 text-xl">Pour</h2>
          <div className="mt-2 flex flex-wrap gap-2">
            {POURS.map((p) => (
              <button key={p} type="button" className="btn" aria-pressed={pours === p} onClick={() => pour(p)}>
                {p < 0 ? `take ${-p} g a second` : `${p} g a second`}
              </button>
            ))}
            <button type="button" className="btn btn-main" disabled={pours === 0} onClick={() => pour(0)}>
              Stop
            </button>
          </div>
        </section>
      </div>
      <PracticeProbe />
    </main>
  );
}
