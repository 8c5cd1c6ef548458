import type { Prep } from '../../core/prep/prep.ts';

/** Changes a prep day; the answer turns it round. */
export type PrepChange = (after: Prep, label: string) => Promise<() => Promise<void>>;
