import { proxy, wrap } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { WaysAnswer } from '../../core/ways/find-ways.ts';
import type { OtherWay } from '../../core/ways/other-ways.ts';
import { errorWords } from '../kit/say-error.ts';
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

/** What is known before anything is searched: the fewest points, and how the dish is lighter in other ways. */
export interface AroundWays {
  readonly least: readonly number[];
  readonly others: readonly OtherWay[];
}

/** What is known around a search, worked out beside the page; null until it is. */
export function useAroundWays(question: () => WaysQuestion): AroundWays | null {
  const [around, setAround] = useState<AroundWays | null>(null);
  const ask = useRef(question);
  useEffect(() => {
    const own = new Worker(new URL('./ways-worker.ts', import.meta.url), { type: 'module' });
    let wanted = true;
    wrap<WaysWorker>(own)
      .around(ask.current())
      .then((found) => wanted && setAround(found))
      .catch(() => undefined)
      .finally(() => own.terminate());
    return () => {
      wanted = false;
      own.terminate();
    };
  }, []);
  return around;
}
