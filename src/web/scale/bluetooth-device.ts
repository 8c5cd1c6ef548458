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

/** Whether this browser reaches devices by Bluetooth: over https only. */
export const hasBluetooth = (): boolean => bluetooth() !== undefined;

/**
 * Asks the cook for a device that has a service, and hears what it says.
 *
 * @returns how it is let go
 * @throws Error in words where it cannot be reached
 */
export async function hearDevice(
  service: string,
  characteristic: string,
  hear: (message: DataView) => void,
): Promise<() => void> {
  const device = await bluetooth()!.requestDevice({ filters: [{ services: [service] }] });
  if (device.gatt === undefined) throw new Error('It cannot be connected. Switch it on, and try again.');
  const server = await device.gatt.connect();
  const said = await (await server.getPrimaryService(service)).getCharacteristic(characteristic);
  const on = (): void => {
    if (said.value) hear(said.value);
  };
  said.addEventListener('characteristicvaluechanged', on);
  await said.startNotifications();
  return () => {
    said.removeEventListener('characteristicvaluechanged', on);
    device.gatt?.disconnect();
  };
}
