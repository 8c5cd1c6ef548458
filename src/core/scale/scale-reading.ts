export const SCALE_UNITS = ['g', 'oz', 'lb'] as const;
export type ScaleUnit = (typeof SCALE_UNITS)[number];

export const SCALE_STATES = ['on', 'off', 'overload'] as const;
export type ScaleState = (typeof SCALE_STATES)[number];

/** What a scale says at an instant, be it the stand-in, one at a serial port, or one by radio. */
export interface ScaleReading {
  /** ISO 8601. */
  readonly at: string;
  readonly state: ScaleState;
  /** What its display shows, g, with what was tared away taken off: below 0 when that is lifted. Null when it shows none. */
  readonly grams: number | null;
  /** Whether it has settled. */
  readonly steady: boolean;
  /** What its display shows it in; grams are grams all the same. */
  readonly unit: ScaleUnit;
  readonly battery: 'ok' | 'low';
}
