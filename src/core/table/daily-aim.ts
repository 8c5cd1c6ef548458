/** The colours that vegetables are told apart by. */
export const VEGETABLE_COLOURS = ['green', 'red', 'orange', 'white', 'purple'] as const;
export type VegetableColour = (typeof VEGETABLE_COLOURS)[number];

/** What the days of a household look for. */
export const AIM_KINDS = ['oil', 'dairy', 'vegetables', 'fruit', 'fish', 'colours', 'ticked'] as const;
export type AimKind = (typeof AIM_KINDS)[number];

/** Something that a household would like of its days: shown, and never scolded for. */
export interface DailyAim {
  readonly id: string;
  readonly name: string;
  /** What is looked for in what is eaten; `ticked` is told by hand, as water is. */
  readonly kind: AimKind;
  /** How much: g of oil, dairy, vegetables, fruit and fish, how many colours, how many times. */
  readonly least: number;
  /** In a day or in a week. */
  readonly per: 'day' | 'week';
}
