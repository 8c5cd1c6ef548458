/**
 * Work that shares hands, places and tools, as a question of when each piece begins so that all of it is done soonest.
 * It knows no recipe: minutes are whole, jobs and pools are known by their place in a list.
 */
export interface ScheduleProblem {
  readonly jobs: readonly Job[];
  readonly pools: readonly Pool[];
  readonly holds: readonly Hold[];
  /** How many can work at a time. */
  readonly cooks: number;
  readonly oven: Oven;
}

/** A piece of work that is done at a stretch. */
export interface Job {
  /** How long it takes, min; whole, above 0. */
  readonly minutes: number;
  /** Whether it takes a cook's hands all the time. */
  readonly hands: boolean;
  /** Jobs that have to be over before it begins. */
  readonly after: readonly number[];
  /** At which heat it stands in the oven, on one tray; null where it does not. */
  readonly heat: number | null;
  /** It begins no sooner, min from the beginning. */
  readonly notBefore: number;
}

/** The oven: some trays, one heat at a time. */
export interface Oven {
  readonly trays: number;
  /** From one heat to another, or from cold, with nothing in it, min. */
  readonly change: number;
}

/** Things that are alike: burners, bowls, a blender. */
export interface Pool {
  readonly count: number;
  /** How long a cook takes to wash one of them, min. */
  readonly wash: number;
}

/** One thing of a pool, in use from the beginning of one job to the end of another, or of the same. */
export interface Hold {
  readonly pool: number;
  readonly from: number;
  readonly to: number;
  /** How dirty it may be before: 0 is clean. What is dirtier has to be washed first. */
  readonly bears: number;
  /** How dirty it is afterwards. */
  readonly soils: number;
}

/** Something of a pool that is washed on the way. */
export interface Wash {
  readonly pool: number;
  readonly start: number;
  readonly minutes: number;
}

/** When everything begins, min from the beginning. */
export interface Schedule {
  readonly starts: readonly number[];
  readonly washes: readonly Wash[];
  /** When the last of it is over. */
  readonly minutes: number;
}
