import { describe, expect, it } from 'vitest';
import { foodProbe, probeShows, putInto, takenOut } from './food-probe.ts';
import { probeWords } from './probe-words.ts';
import { readTemperatureMeasurement } from './temperature-measurement.ts';

const AT = Date.parse('2026-11-28T12:00:00Z');
const min = (m: number): number => AT + m * 60_000;

describe('a food probe', () => {
  it('shows nothing before it is put in', () => {
    expect(probeShows(foodProbe(), AT)).toMatchObject({ state: 'off', celsius: null });
  });
  it('warms with the food, faster at first, and never beyond what is around it', () => {
    const roast = putInto(foodProbe(), 5, 180, AT);
    const seen = [0, 10, 20, 30, 60, 600].map((m) => probeShows(roast, min(m)).celsius!);
    expect(seen[0]).toBe(5);
    for (let i = 1; i < seen.length; i++) expect(seen[i]!).toBeGreaterThan(seen[i - 1]!);
    expect(seen[1]! - seen[0]!).toBeGreaterThan(seen[3]! - seen[2]!);
    expect(seen[5]).toBeLessThanOrEqual(180);
  });
  it('is out again', () => {
    expect(probeShows(takenOut(putInto(foodProbe(), 5, 180, AT)), min(5)).state).toBe('off');
  });
});

describe('what a probe says of the safe temperature', () => {
  const told = (celsius: number[], each = 60) =>
    probeWords(
      celsius.map((c, i) => ({ at: new Date(AT + i * each * 1000).toISOString(), state: 'on' as const, celsius: c })),
      74,
    );
  it('is how far it is, and how long about', () => {
    expect(told([40, 42, 44])).toEqual({ safe: false, words: '30 °C (54 °F) to go, about 15 min.' });
    expect(told([40])).toEqual({ safe: false, words: '34 °C (61 °F) to go.' });
    // What does not warm is no number of minutes.
    expect(told([40, 40, 40]).words).toBe('34 °C (61 °F) to go.');
  });
  it('is that it is reached, and never before it is', () => {
    expect(told([70, 73.9]).safe).toBe(false);
    expect(told([70, 74])).toEqual({ safe: true, words: 'It is safe inside: 74 °C (165 °F).' });
    expect(probeWords([], 74)).toEqual({
      safe: false,
      words: 'The probe says nothing. Put it into the middle, away from bone.',
    });
  });
});

// Bluetooth SIG, Health Thermometer Service 1.0: flags, then an IEEE 11073 32-bit float, little endian (from memory).
describe('a temperature by radio', () => {
  const bytes = (...b: number[]): DataView => new DataView(new Uint8Array(b).buffer);
  it('is read as the standard has it', () => {
    expect(readTemperatureMeasurement(bytes(0, 0x6c, 0x01, 0, 0xff), 'now')).toMatchObject({ celsius: 36.4 });
    expect(readTemperatureMeasurement(bytes(1, 0x72, 0x06, 0, 0xff), 'now')!.celsius).toBeCloseTo(73.9, 1);
  });
  it('is nothing where it is not a number, or too short', () => {
    expect(readTemperatureMeasurement(bytes(0, 0xff, 0xff, 0x7f, 0), 'now')).toBeNull();
    expect(readTemperatureMeasurement(bytes(0, 1), 'now')).toBeNull();
  });
});
