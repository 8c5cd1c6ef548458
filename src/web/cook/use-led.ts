import { type TouchEvent, useCallback, useEffect, useMemo, useRef } from 'react';
import { useSearchParams } from 'react-router';

/** How far a finger has to go for a swipe, px, and how little it may stray. */
const SWIPE_PX = 60;
const STRAY_PX = 50;
const NEXT_KEYS: readonly string[] = ['ArrowRight', 'PageDown', ' ', 'Enter'];
const BACK_KEYS: readonly string[] = ['ArrowLeft', 'PageUp', 'Backspace'];

/** What uses keys itself: a press on it is no step on. */
const usesKeys = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  target.closest('button, a, input, select, textarea, [role="menu"], [role="dialog"]') !== null;

/** Which step is led to, kept in the address so that a reload stays there. */
export interface Led {
  /** From 0; as many as there are steps when all are done. */
  readonly at: number;
  readonly go: (to: number) => void;
}

/** @param count how many steps there are @param first where it begins: what is not done yet */
export function useLed(count: number, first: number): Led {
  const [params, setParams] = useSearchParams();
  const said = Number(params.get('step'));
  const at = Math.min(count, Number.isInteger(said) && said >= 1 ? said - 1 : first);
  const go = useCallback(
    (to: number) => setParams({ step: String(Math.max(0, Math.min(count, to)) + 1) }, { replace: true }),
    [setParams, count],
  );
  return { at, go };
}

/**
 * Steps on and back by keys (arrows, space, page keys) and by a swipe.
 *
 * @returns what hears the fingers
 */
export function useKeysAndSwipe(onNext: () => void, onBack: () => void) {
  const latest = useRef({ onNext, onBack });
  latest.current = { onNext, onBack };
  useEffect(() => {
    const onKey = (e: KeyboardEvent): void => {
      if (usesKeys(e.target) || e.altKey || e.ctrlKey || e.metaKey) return;
      const isNext = NEXT_KEYS.includes(e.key);
      if (!isNext && !BACK_KEYS.includes(e.key)) return;
      e.preventDefault();
      if (isNext) latest.current.onNext();
      else latest.current.onBack();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  return useMemo(() => {
    let from: { readonly x: number; readonly y: number } | null = null;
    return {
      onTouchStart: (e: TouchEvent) => {
        const finger = e.touches[0];
        from = e.touches.length === 1 && finger ? { x: finger.clientX, y: finger.clientY } : null;
      },
      onTouchEnd: (e: TouchEvent) => {
        const finger = e.changedTouches[0];
        if (from === null || !finger) return;
        const across = finger.clientX - from.x;
        if (Math.abs(across) < SWIPE_PX || Math.abs(finger.clientY - from.y) > STRAY_PX) return;
        if (across < 0) latest.current.onNext();
        else latest.current.onBack();
      },
    };
  }, []);
}
