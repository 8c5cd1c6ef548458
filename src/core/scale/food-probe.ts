/** What a food probe says at an instant. */
export interface ProbeReading {
  /** ISO 8601. */
  readonly at: string;
  readonly state: 'on' | 'off';
  /** Inside, °C; null while it is in nothing. */
  readonly celsius: number | null;
}

/** A food probe as a stand-in: what it was put into, from which what it shows follows for every later instant. */
export interface FoodProbe {
  /** What the food was like inside when it was put in, and what is around it, °C; null while it is in nothing. */
  readonly food: { readonly start: number; readonly around: number; readonly since: number } | null;
}

/** How long food takes to come within a third of what is around it, s: a loaf of two pounds, about. */
const SLOWNESS_S = 4500;

/** A probe that is in nothing. */
export const foodProbe = (): FoodProbe => ({ food: null });

/** The probe in food. @param start inside, °C @param around the oven, °C @param now ms */
export const putInto = (_probe: FoodProbe, start: number, around: number, now: number): FoodProbe => ({
  food: { start, around, since: now },
});

export const takenOut = (_probe: FoodProbe): FoodProbe => ({ food: null });

/** What it shows. @param now ms */
export function probeShows({ food }: FoodProbe, now: number): ProbeReading {
  const at = new Date(now).toISOString();
  if (food === null) return { at, state: 'off', celsius: null };
  const warmed = 1 - Math.exp(-(now - food.since) / 1000 / SLOWNESS_S);
  return { at, state: 'on', celsius: Math.round((food.start + (food.around - food.start) * warmed) * 10) / 10 };
}
