import { SCALE_API } from '../../contract/scale.ts';
import type { ScaleReading } from '../../core/scale/scale-reading.ts';
import { ask } from '../data/api.ts';
import { BLUETOOTH_SCALE } from './bluetooth-scale.ts';
import type { ScaleSource } from './scale-source.ts';
import { SERIAL_SCALE } from './serial-scale.ts';

/** The kinds of scales that may be at a device. */
export const SCALE_SOURCES: readonly ScaleSource[] = [SERIAL_SCALE, BLUETOOTH_SCALE];

/** So often others are told what the scale here shows, ms. */
const TELL_MS = 200;

type HearReading = (reading: ScaleReading) => void;

let connected: { readonly name: string; readonly close: () => void } | null = null;
const hearers = new Set<HearReading>();

/** The name of the scale that is connected to this device; null for none. */
export const connectedScale = (): string | null => connected?.name ?? null;

/** Hears a scale at this device itself, without the way over the server. */
export function hearHere(hear: HearReading): () => void {
  hearers.add(hear);
  return () => hearers.delete(hear);
}

/** Connects a scale to this device: what it shows is said here at once, and to every device of the household. */
export async function connectScale(householdId: string, source: ScaleSource): Promise<void> {
  connected?.close();
  let told = 0;
  const close = await source.open((reading) => {
    for (const hear of hearers) hear(reading);
    if (Date.now() - told < TELL_MS) return;
    told = Date.now();
    // Where there is no network, it is weighed here all the same.
    ask(SCALE_API.sayScale, { h: householdId, body: reading }).catch(() => undefined);
  });
  connected = { name: source.name, close };
}

/** Lets go of the scale at this device. */
export function disconnectScale(): void {
  connected?.close();
  connected = null;
}
