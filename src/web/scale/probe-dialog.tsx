import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { PROBE_API } from '../../contract/probe.ts';
import { degreesShown, probeWords } from '../../core/scale/probe-words.ts';
import { readTemperatureMeasurement } from '../../core/scale/temperature-measurement.ts';
import type { Inside } from '../../core/stove/steps-at-stove.ts';
import { useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { Modal } from '../kit/modal.tsx';
import { sayError } from '../kit/say-error.ts';
import { hasBluetooth, hearDevice } from './bluetooth-device.ts';
import { useProbe } from './use-probe.ts';

interface ProbeDialogProps {
  readonly inside: Inside;
  /** Rings when it is reached; the answer ends it. */
  readonly ring: () => () => void;
  readonly onClose: () => void;
}

/** What its bar begins at, °C: a fridge. */
const COLDEST_C = 0;

/** What the food probe shows, with the safe temperature marked; it rings when that is reached. */
export function ProbeDialog({ inside, ring, onClose }: ProbeDialogProps) {
  const { household } = useHousehold();
  const readings = useProbe(household.id);
  const [quiet, setQuiet] = useState(false);
  const celsius = readings[readings.length - 1]?.celsius ?? null;
  const shown = celsius === null ? null : degreesShown(celsius);
  const { safe, words } = probeWords(readings, inside.celsius);
  useEffect(() => (safe && !quiet ? ring() : undefined), [safe, quiet, ring]);
  const most = inside.celsius * 1.25;
  const share = (c: number): string => `${Math.max(0, Math.min(100, ((c - COLDEST_C) / (most - COLDEST_C)) * 100))}%`;
  return (
    <Modal title="The food probe" onClose={onClose}>
      <p className="flex flex-wrap items-baseline gap-x-4">
        <output aria-label="Inside" className="font-bold font-head text-6xl leading-none">
          {shown === null ? '–' : `${shown.celsius} °C`}
        </output>
        {shown !== null && <span className="text-2xl text-soft">{shown.fahrenheit} °F</span>}
      </p>
      <div className="relative mt-3 h-9" aria-hidden="true">
        <div className="absolute inset-x-0 top-3 h-4 rounded-full border border-rule bg-sheet" />
        {celsius !== null && (
          <div className="bar absolute top-3 left-0 h-4 rounded-full bg-beet" style={{ width: share(celsius) }} />
        )}
        <div className="absolute top-1 h-8 w-1 rounded bg-mustard-rule" style={{ left: share(inside.celsius) }} />
      </div>
      <p className={`mt-1 text-lg ${safe ? 'font-semibold' : ''}`} role="status">
        {words}
      </p>
      <p className="text-soft">
        Safe from {inside.fahrenheit} °F ({inside.celsius} °C), in the thickest part. (USDA FSIS)
      </p>
      <div className="mt-4 flex flex-wrap gap-3">
        {safe && !quiet && (
          <button type="button" className="btn btn-main min-h-14 px-5 text-lg" onClick={() => setQuiet(true)}>
            Silence
          </button>
        )}
        <Link className="btn btn-plain" target="_blank" to={`/h/${household.id}/scale`}>
          The practice probe
        </Link>
        {hasBluetooth() && (
          <button
            type="button"
            className="btn btn-plain"
            onClick={() =>
              void hearDevice('health_thermometer', 'temperature_measurement', (message) => {
                const reading = readTemperatureMeasurement(message, new Date().toISOString());
                if (reading !== null) void ask(PROBE_API.sayProbe, { h: household.id, body: reading }).catch(() => {});
              }).catch((e) => sayError(e instanceof DOMException ? new Error('No probe was chosen.') : e))
            }
          >
            A probe by Bluetooth
          </button>
        )}
      </div>
    </Modal>
  );
}
