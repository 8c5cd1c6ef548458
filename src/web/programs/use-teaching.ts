import { wrap } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import { errorWords } from '../kit/say-error.ts';
import type { TeachFound, TeachQuestion, TeachWorker } from './teach-worker.ts';

/** What was learnt last, and whether something newer is being learnt. */
export interface TeachingState {
  readonly found: TeachFound | null;
  readonly learning: boolean;
  readonly wrong: string | null;
  /** Ends what is being learnt; what was learnt before stays. */
  readonly stop: () => void;
}

/** Learns in a worker; a newer question ends the one before. @param question null to learn nothing yet */
export function useTeaching(question: TeachQuestion | null): TeachingState {
  const [state, setState] = useState<Omit<TeachingState, 'stop'>>({ found: null, learning: false, wrong: null });
  const ends = useRef(() => {});
  useEffect(() => {
    if (question === null) {
      setState({ found: null, learning: false, wrong: null });
      return;
    }
    const worker = new Worker(new URL('./teach-worker.ts', import.meta.url), { type: 'module' });
    let isOn = true;
    ends.current = () => {
      isOn = false;
      worker.terminate();
      setState((s) => ({ ...s, learning: false }));
    };
    setState((s) => ({ ...s, learning: true, wrong: null }));
    wrap<TeachWorker>(worker)
      .learn(question)
      .then(
        (found) => isOn && setState({ found, learning: false, wrong: null }),
        (e) => isOn && setState((s) => ({ ...s, learning: false, wrong: errorWords(e) })),
      )
      .finally(() => worker.terminate());
    return () => {
      isOn = false;
      worker.terminate();
    };
  }, [question]);
  return { ...state, stop: () => ends.current() };
}
