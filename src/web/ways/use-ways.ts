import { proxy, type Remote, wrap } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { WaysAnswer } from '../../core/ways/find-ways.ts';
import type { OtherWay } from '../../core/ways/other-ways.ts';
import type { WayStair } from '../../core/ways/stair-of-ways.ts';
import { errorWords } from '../kit/say-error.ts';
import type { WaysQuestion, WaysWorker } from './ways-worker.ts';

export type SearchState<A> =
  | { readonly kind: 'idle' }
  | { readonly kind: 'searching'; readonly done: number }
  | { readonly kind: 'found'; readonly answer: A }
  | { readonly kind: 'failed'; readonly words: string };
export type WaysState = SearchState<WaysAnswer>;

type Work<A> = (worker: Remote<WaysWorker>, progress: (done: number) => void) => Promise<A>;

/** Work of a search in a worker: started, watched, ended. A newer one ends the one before. */
function useSearch<A>() {
  const [state, setState] = useState<SearchState<A>>({ kind: 'idle' });
  const worker = useRef<Worker | null>(null);
  const end = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
  }, []);
  useEffect(() => end, [end]);
  const start = useCallback(
    (work: Work<A>) => {
      end();
      const own = new Worker(new URL('./ways-worker.ts', import.meta.url), { type: 'module' });
      worker.current = own;
      setState({ kind: 'searching', done: 0 });
      work(
        wrap<WaysWorker>(own),
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
  return { state, start, cancel };
}

/** A search for ways to an aim. */
export function useWays(): { state: WaysState; find: (q: WaysQuestion) => void; cancel: () => void } {
  const { state, start, cancel } = useSearch<WaysAnswer>();
  const find = useCallback((q: WaysQuestion) => start((w, progress) => w.find(q, progress)), [start]);
  return { state, find, cancel };
}

/**
 * The stair of a question, looked for by itself, and anew whenever the question is another.
 *
 * @param key what tells one question from the next
 */
export function useWayStair(question: () => WaysQuestion, key: string): SearchState<WayStair> {
  const { state, start } = useSearch<WayStair>();
  const ask = useRef(question);
  ask.current = question;
  // The key is what tells one question from the next.
  useEffect(() => {
    const q = ask.current();
    start((w, progress) => w.stair(q, progress));
  }, [key, start]);
  return state;
}

/** Looks for ways once. */
export async function findOnce(q: WaysQuestion): Promise<WaysAnswer> {
  const own = new Worker(new URL('./ways-worker.ts', import.meta.url), { type: 'module' });
  try {
    return await wrap<WaysWorker>(own).find(
      q,
      proxy(() => undefined),
    );
  } finally {
    own.terminate();
  }
}

/** How one dish is lighter in other ways, worked out beside the page; empty until it is. */
export function useOtherWays(question: () => WaysQuestion): readonly OtherWay[] {
  const [others, setOthers] = useState<readonly OtherWay[]>([]);
  const ask = useRef(question);
  useEffect(() => {
    const own = new Worker(new URL('./ways-worker.ts', import.meta.url), { type: 'module' });
    let wanted = true;
    wrap<WaysWorker>(own)
      .others(ask.current())
      .then((found) => wanted && setOthers(found))
      .catch(() => undefined)
      .finally(() => own.terminate());
    return () => {
      wanted = false;
      own.terminate();
    };
  }, []);
  return others;
}
