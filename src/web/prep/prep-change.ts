import type { Prep } from '../../core/prep/prep.ts';

/** Changes a prep day; the answer turns it round. */
export type PrepChange = (after: Prep, label: string) => Promise<() => Promise<void>>;

/** Changes a prep day from how it was seen; the answer turns it round. */
export type PrepChangeFrom = (seen: Prep, after: Prep, label: string) => Promise<() => Promise<void>>;
