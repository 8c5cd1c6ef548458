import { readWeightMeasurement } from '../../core/scale/weight-measurement.ts';
import type { ScaleSource } from './scale-source.ts';

/** Of the Web Bluetooth interface what is used here: browsers' types do not have it yet. */
interface Characteristic extends EventTarget {
  readonly value?: DataView;
  startNotifications(): Promise<Characteristic>;
}
interface Bluetooth {
  requestDevice(options: { readonly filters: readonly { readonly services: readonly string[] }[] }): Promise<{
    readonly gatt?: {
      connect(): Promise<{
        getPrimaryService(name: string): Promise<{ getCharacteristic(name: string): Promise<Characteristic> }>;
      }>;
      disconnect(): void;
    };
  }>;
}
const bluetooth = (): Bluetooth | undefined => (navigator as Navigator & { readonly bluetooth?: Bluetooth }).bluetooth;

/** A scale by radio that speaks the Bluetooth SIG's Weight Scale Service. */
export const BLUETOOTH_SCALE: ScaleSource = {
  name: 'A scale by Bluetooth',
  canBe: () => bluetooth() !== undefined,
  open: async (hear) => {
    const device = await bluetooth()!.requestDevice({ filters: [{ services: ['weight_scale'] }] });
    if (device.gatt === undefined) throw new Error('This scale cannot be connected. Switch it on, and try again.');
    const server = await device.gatt.connect();
    const service = await server.getPrimaryService('weight_scale');
    const weight = await service.getCharacteristic('weight_measurement');
    const on = (): void => {
      const reading = weight.value && readWeightMeasurement(weight.value, new Date().toISOString());
      if (reading) hear(reading);
    };
    weight.addEventListener('characteristicvaluechanged', on);
    await weight.startNotifications();
    return () => {
      weight.removeEventListener('characteristicvaluechanged', on);
      device.gatt?.disconnect();
    };
  },
};
