import { readScaleLine } from '../../core/scale/read-scale-line.ts';
import type { ScaleSource } from './scale-source.ts';

/** Of the Web Serial interface what is used here: browsers' types do not have it yet. */
interface SerialPort {
  open(options: { readonly baudRate: number }): Promise<void>;
  close(): Promise<void>;
  readonly readable: ReadableStream<Uint8Array> | null;
}
interface Serial {
  requestPort(): Promise<SerialPort>;
}
const serial = (): Serial | undefined => (navigator as Navigator & { readonly serial?: Serial }).serial;

/** What nearly all scales with a serial port speak. */
const BAUD = 9600;

/** A scale at a serial port, or at USB as one, that sends its weight as lines of text. */
export const SERIAL_SCALE: ScaleSource = {
  name: 'A scale by cable',
  canBe: () => serial() !== undefined,
  open: async (hear) => {
    const port = await serial()!.requestPort();
    await port.open({ baudRate: BAUD });
    const reader = port.readable?.getReader();
    if (reader === undefined)
      throw new Error('Nothing can be read from this port. Unplug the scale, and plug it in again.');
    let ended = false;
    const decoder = new TextDecoder();
    void (async () => {
      let text = '';
      while (!ended) {
        const { value, done } = await reader.read();
        if (done) break;
        text += decoder.decode(value, { stream: true });
        const lines = text.split(/[\r\n]+/);
        // A device that never ends its line fills no memory.
        text = lines.pop()!.slice(-200);
        for (const line of lines) {
          const reading = readScaleLine(line, new Date().toISOString());
          if (reading !== null) hear(reading);
        }
      }
    })().catch(() => undefined);
    return () => {
      ended = true;
      void reader.cancel().then(
        () => port.close(),
        () => undefined,
      );
    };
  },
};
