import type { FeastDish } from '../../core/feast/feast.ts';
import type { Version } from '../../core/version/version.ts';

/** A dish of a feast with its recipe and the version that is served. */
export interface Served {
  readonly dish: FeastDish;
  readonly title: string;
  readonly versions: readonly Version[];
  readonly version: Version;
}
