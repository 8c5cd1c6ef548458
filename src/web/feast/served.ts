import type { FeastDish } from '../../core/feast/feast.ts';
import type { Version } from '../../core/version/version.ts';

/** A place on the menu: a dish of one's own with the version that is served, or something bought. */
export interface Served {
  /** The recipe's id, or that of what was bought. */
  readonly id: string;
  readonly title: string;
  readonly version: Version;
  readonly portions: FeastDish['portions'];
  /** null for what was bought: it is as it is. */
  readonly dish: FeastDish | null;
  /** The versions that could be served instead. */
  readonly versions: readonly Version[];
}
