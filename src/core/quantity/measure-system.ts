import { unitNamed } from './units.ts';

/** Whose cups and spoons a household measures with. */
export type MeasureSystem = 'us' | 'label' | 'metric';

/** ml a household measure holds where it differs from the US customary one. */
const OTHER: Record<Exclude<MeasureSystem, 'us'>, Readonly<Record<string, number>>> = {
  // 21 CFR 101.9(b)(5)(viii)
  label: { cup: 240, tablespoon: 15, teaspoon: 5, 'fluid ounce': 30 },
  // Common practice outside the US.
  metric: { cup: 250, tablespoon: 15, teaspoon: 5 },
};

/** Millilitres of one unit of volume in a household's system; null when the unit is none. */
export function millilitersOf(unitName: string, system: MeasureSystem): number | null {
  const unit = unitNamed(unitName);
  if (unit === null || unit.kind !== 'volume') return null;
  return (system === 'us' ? undefined : OTHER[system][unitName]) ?? unit.factor;
}

/** How a household's measure compares with the US one that the pantry's grams were taken for, such as 250/236.6. */
export function measureScale(unitName: string, system: MeasureSystem): number {
  const own = millilitersOf(unitName, system);
  const us = millilitersOf(unitName, 'us');
  return own === null || us === null ? 1 : own / us;
}

/** How a household measures, as it chooses it. */
export const SYSTEM_WORDS: Readonly<Record<MeasureSystem, string>> = {
  us: 'US customary: a cup of 236.6 ml',
  label: 'as on US labels: a cup of 240 ml',
  metric: 'metric: a cup of 250 ml',
};
export const SYSTEMS = Object.keys(SYSTEM_WORDS) as MeasureSystem[];
