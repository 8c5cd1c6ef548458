import { proxy, wrap } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { WaysAnswer } from '../../core/ways/find-ways.ts';
import { errorWords } from '../components/say-error.ts';
import type { WaysQuestion, WaysWorker } from './ways-worker.ts';

export type WaysState =
  | { readonly kind: 'idle' }
  | { readonly kind: 'searching'; readonly done: number }
  | { readonly kind: 'found'; readonly answer: WaysAnswer }
  | { readonly kind: 'failed'; readonly words: string };

/** A search for ways in a worker: started, watched, cancelled. */
export function useWays(): { state: WaysState; find: (q: WaysQuestion) => void; cancel: () => void } {
  const [state, setState] = useState<WaysState>({ kind: 'idle' });
  const worker = useRef<Worker | null>(null);
  const end = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
  }, []);
  useEffect(() => end, [end]);
  const find = useCallback(
    (q: WaysQuestion) => {
      end();
      const own = new Worker(new URL('./ways-worker.ts', import.meta.url), { type: 'module' });
      worker.current = own;
      setState({ kind: 'searching', done: 0 });
      wrap<WaysWorker>(own)
        .find(
          q,
          proxy((done: number) => worker.current === own && setState({ kind: 'searching', done })),
        )
        .then((answer) => {
          if (worker.current !== own) return;
          setState({ kind: 'found', answer });
          end();
        })
        .catch((e: unknown) => {
          if (worker.current === own) setState({ kind: 'failed', words: errorWords(e) });
        });
    },
    [end],
  );
  const cancel = useCallback(() => {
    end();
    setState({ kind: 'idle' });
  }, [end]);
  return { state, find, cancel };
}

/** How few points each counter can surely come to, worked out beside the page; null until it is known. */
export function useLeastPoints(question: () => WaysQuestion): readonly number[] | null {
  const [least, setLeast] = useState<readonly number[] | null>(null);
  const ask = useRef(question);
  useEffect(() => {
    const own = new Worker(new URL('./ways-worker.ts', import.meta.url), { type: 'module' });
    let wanted = true;
    wrap<WaysWorker>(own)
      .least(ask.current())
      .then((points) => wanted && setLeast(points))
      .catch(() => undefined)
      .finally(() => own.terminate());
    return () => {
      wanted = false;
      own.terminate();
    };
  }, []);
  return least;
}
