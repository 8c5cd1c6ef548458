import { readWeightMeasurement } from '../../core/scale/weight-measurement.ts';
import { hasBluetooth, hearDevice } from './bluetooth-device.ts';
import type { ScaleSource } from './scale-source.ts';

/** A scale by radio that speaks the Bluetooth SIG's Weight Scale Service. */
export const BLUETOOTH_SCALE: ScaleSource = {
  name: 'A scale by Bluetooth',
  canBe: hasBluetooth,
  open: (hear) =>
    hearDevice('weight_scale', 'weight_measurement', (message) => {
      const reading = readWeightMeasurement(message, new Date().toISOString());
      if (reading !== null) hear(reading);
    }),
};
