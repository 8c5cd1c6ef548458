import type { Db } from '../db/open.ts';

/** What the routes work with. */
export interface ApiContext {
  readonly db: Db;
  readonly publicUrl: string;
  readonly clock: () => Date;
}
