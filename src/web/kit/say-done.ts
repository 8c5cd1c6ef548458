import { sayError } from './say-error.ts';

/** Says in passing what was done, with the way back. */
export function sayDone(words: string, undo?: () => Promise<unknown>): void {
  // It comes with the place where it is said, after the first screen.
  void import('sonner').then(({ toast }) =>
    toast(words, undo === undefined ? {} : { action: { label: 'Undo', onClick: () => void undo().catch(sayError) } }),
  );
}
