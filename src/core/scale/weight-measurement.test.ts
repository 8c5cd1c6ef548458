import { expect, it } from 'vitest';
import { readWeightMeasurement } from './weight-measurement.ts';

const bytes = (...b: number[]): DataView => new DataView(new Uint8Array(b).buffer);

// Bluetooth SIG, Weight Scale Service 1.0: flags, then the weight, little endian, in 0.005 kg or 0.01 lb (from memory).
it('reads a weight as the standard has it', () => {
  expect(readWeightMeasurement(bytes(0x00, 0x64, 0x00), 'now')).toMatchObject({ state: 'on', grams: 500, unit: 'g' });
  const pounds = readWeightMeasurement(bytes(0x01, 0x64, 0x00), 'now');
  expect(pounds).toMatchObject({ unit: 'lb' });
  expect(pounds!.grams).toBeCloseTo(453.59, 1);
});
it('reads what could not be measured as no weight, and half a message as none', () => {
  expect(readWeightMeasurement(bytes(0x00, 0xff, 0xff), 'now')).toMatchObject({ state: 'overload', grams: null });
  expect(readWeightMeasurement(bytes(0x00, 0x64), 'now')).toBeNull();
});
