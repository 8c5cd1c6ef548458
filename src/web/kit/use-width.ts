import { useSyncExternalStore } from 'react';

/** As the style sheet's `desk`. */
const DESK = '73.75rem';

const query = window.matchMedia?.(`(min-width: ${DESK})`);
const subscribe = (onChange: () => void): (() => void) => {
  query?.addEventListener('change', onChange);
  return () => query?.removeEventListener('change', onChange);
};

/** Whether the page is as wide as on a desk; else it is held in the hand. */
export const useIsDesk = (): boolean => useSyncExternalStore(subscribe, () => query?.matches ?? true);
