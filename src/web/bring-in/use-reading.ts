import { type Remote, wrap } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Food } from '../../core/food/food.ts';
import type { MeasureSystem } from '../../core/quantity/measure-system.ts';
import type { PasteWorker } from './paste-worker.ts';
import type { PasteRead } from './preview-of.ts';

/** A text is read when nobody has typed for so long, ms. */
const PAUSE = 120;

/** A worker that reads, and when it knows the foods to read by. */
interface Reader {
  readonly remote: Remote<PasteWorker>;
  readonly knows: Promise<void>;
}

/**
 * What a worker reads of a text while it is typed; null for an empty one, the last reading while the next is under way.
 *
 * @param foods what lines are read by; nothing is read before they are there
 */
export function useReading(text: string, foods: readonly Food[] | undefined, system: MeasureSystem) {
  const [read, setRead] = useState<PasteRead | null>(null);
  const reader = useRef<Reader | null>(null);
  useEffect(() => {
    if (foods === undefined) return;
    const worker = new Worker(new URL('./paste-worker.ts', import.meta.url), { type: 'module' });
    const remote = wrap<PasteWorker>(worker);
    reader.current = { remote, knows: remote.know(foods, system) };
    return () => {
      worker.terminate();
      reader.current = null;
    };
  }, [foods, system]);
  /** Reads a text to its end; null while the foods are not there. */
  const readNow = useCallback(async (wanted: string): Promise<PasteRead | null> => {
    const at = reader.current;
    if (at === null) return null;
    await at.knows;
    return at.remote.read(wanted);
  }, []);
  useEffect(() => {
    let wanted = true;
    const timer = setTimeout(
      async () => {
        const answer = text.trim() === '' || foods === undefined ? null : await readNow(text).catch(() => null);
        if (wanted) setRead(answer);
      },
      text.trim() === '' ? 0 : PAUSE,
    );
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [text, foods, readNow]);
  return { read, readNow };
}
