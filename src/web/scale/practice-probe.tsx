import { useState } from 'react';
import { PROBE_API } from '../../contract/probe.ts';
import { useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { NumberField } from '../kit/number-field.tsx';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';

/** The practice probe: put into food that is so warm, in an oven that is so hot. */
export function PracticeProbe() {
  const { household } = useHousehold();
  const [celsius, setCelsius] = useState<number | null>(8);
  const [around, setAround] = useState<number | null>(180);
  const act = (body: Parameters<typeof ask<typeof PROBE_API.actOnProbe>>[1]['body'], words: string): void =>
    void ask(PROBE_API.actOnProbe, { h: household.id, body }).then(() => sayDone(words), sayError);
  return (
    <section aria-label="The practice probe" className="mt-8 max-w-4xl">
      <h2 className="text-xl">The practice probe</h2>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <NumberField label="the food, °C inside" className="w-40" value={celsius} onValue={setCelsius} />
        <NumberField label="the oven, °C" className="w-32" value={around} onValue={setAround} />
        <button
          type="button"
          className="btn"
          disabled={celsius === null || around === null}
          onClick={() => act({ do: 'put in', celsius: celsius!, around: around! }, 'The probe is in.')}
        >
          Put it in
        </button>
        <button type="button" className="btn btn-plain" onClick={() => act({ do: 'take out' }, 'The probe is out.')}>
          Take it out
        </button>
      </div>
    </section>
  );
}
