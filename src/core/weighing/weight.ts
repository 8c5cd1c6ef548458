export type GramsFrom = 'weight' | 'measure' | 'count' | 'package' | 'density' | 'estimate' | 'none';

/** What a line weighs, g: a best value within an interval, and where it comes from. */
export interface Weight {
  readonly grams: number;
  readonly low: number;
  readonly high: number;
  readonly from: Exclude<GramsFrom, 'none'>;
}
