import { useLayoutEffect, useMemo, useRef } from 'react';

/**
 * Functions that are always the newest, behind ones that never change: what is drawn only when its props change can
 * hold them.
 */
export function useLatest<T extends object>(functions: T): T {
  const latest = useRef(functions);
  useLayoutEffect(() => {
    latest.current = functions;
  });
  return useMemo(() => {
    const stable = {} as Record<string, unknown>;
    for (const key of Object.keys(latest.current)) {
      stable[key] = (...args: unknown[]) =>
        (latest.current as Record<string, (...a: unknown[]) => unknown>)[key]!(...args);
    }
    return stable as T;
  }, []);
}
