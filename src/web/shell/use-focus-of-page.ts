import { useEffect, useRef } from 'react';

/** A page that takes longer to come than this keeps the focus where it is, ms. */
const WAITS_MS = 4000;
const LOOK_MS = 40;

/**
 * Where what had the focus is gone with the page that it was on, the heading of the next page gets it: who goes on by
 * keyboard does not begin again at the top, and a screen reader says where one is.
 */
export function useFocusOfPage(path: string): void {
  const last = useRef(path);
  useEffect(() => {
    if (last.current === path) return;
    last.current = path;
    const ends = performance.now() + WAITS_MS;
    const id = setInterval(() => {
      const active = document.activeElement;
      const heading = document.querySelector<HTMLElement>('h1');
      if (active !== null && active !== document.body) clearInterval(id);
      else if (heading !== null && document.querySelector('main') !== null) {
        heading.tabIndex = -1;
        heading.focus({ preventScroll: true });
        clearInterval(id);
      } else if (performance.now() > ends) clearInterval(id);
    }, LOOK_MS);
    return () => clearInterval(id);
  }, [path]);
}
