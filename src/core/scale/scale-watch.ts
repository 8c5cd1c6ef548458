import type { ScaleReading } from './scale-reading.ts';

/** What is wrong with a scale, and what to do about it. */
export interface ScaleTrouble {
  readonly kind: 'silent' | 'off' | 'nought lost' | 'overload' | 'jumps' | 'battery';
  readonly words: string;
}

/** Later than this it is silent, ms. */
const SILENT_MS = 3000;
/** It jumps when it turns round by so much, so often, within so long. */
const JUMP_G = 25;
const TURNS = 3;
const WITHIN_MS = 2500;

/**
 * What is wrong with a scale by what it said lately; null while all is well.
 *
 * @param readings the oldest first, since it was last set to zero
 * @param now ms, by the clock of the readings
 */
export function scaleTrouble(readings: readonly ScaleReading[], now: number): ScaleTrouble | null {
  const last = readings[readings.length - 1];
  if (last === undefined || now - Date.parse(last.at) > SILENT_MS)
    return {
      kind: 'silent',
      words: 'The scale says nothing. Is it on, and near enough? You can write the weight instead.',
    };
  if (last.state === 'off')
    return { kind: 'off', words: 'The scale went off. Switch it on; what is noted already stays noted.' };
  if (last.state === 'overload')
    return { kind: 'overload', words: 'That is too heavy for the scale. Take something off, or weigh it in parts.' };
  if (readings.some((r) => r.state === 'off'))
    return {
      kind: 'nought lost',
      words:
        'The scale was off in between and has forgotten its zero. Empty the bowl or start this one anew, and set it to zero again.',
    };
  if (jumps(readings, now))
    return { kind: 'jumps', words: 'The scale jumps. See that it stands even and that nothing leans on it.' };
  if (last.battery === 'low')
    return { kind: 'battery', words: 'The battery of the scale is low: it may go off while you pour.' };
  return null;
}

/** Whether it goes up and down, as nothing does that is poured. */
function jumps(readings: readonly ScaleReading[], now: number): boolean {
  const grams = readings.flatMap((r) => (now - Date.parse(r.at) <= WITHIN_MS && r.grams !== null ? [r.grams] : []));
  let turns = 0;
  let way = 0;
  for (let i = 1; i < grams.length; i++) {
    const by = grams[i]! - grams[i - 1]!;
    if (Math.abs(by) < JUMP_G) continue;
    if (way !== 0 && Math.sign(by) !== way) turns++;
    way = Math.sign(by);
  }
  return turns >= TURNS;
}
