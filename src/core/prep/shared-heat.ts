/** Degrees that a step allows, °C. */
export interface HeatRange {
  readonly low: number;
  readonly high: number;
}

/** What is so near is one place on the dial, °C. Common practice. */
const SAME_ON_DIAL_C = 5;

/**
 * As few heats as can be, so that what may bake together does: for each range one of them that lies within it, or a
 * place on the dial beside it.
 *
 * @returns by range, °C
 */
export function sharedHeats(ranges: readonly HeatRange[]): number[] {
  const heats: number[] = new Array(ranges.length).fill(0);
  const left = ranges
    .map((r, i) => ({ i, low: r.low - SAME_ON_DIAL_C, high: r.high + SAME_ON_DIAL_C }))
    .sort((a, b) => a.high - b.high);
  while (left.length > 0) {
    // Whatever still bears the heat of the one with the lowest most bakes with it.
    const most = left[0]!.high;
    const group = left.filter((r) => r.low <= most);
    const low = Math.max(...group.map((r) => r.low));
    const own = group.map(({ i }) => ranges[i]!);
    const heat = best(own, low, most);
    for (const { i } of group) heats[i] = heat;
    left.splice(0, left.length, ...left.filter((r) => !group.includes(r)));
  }
  return heats;
}

/** Of the heats that all bear, one that is within the most of their own ranges; of several the lowest. */
function best(ranges: readonly HeatRange[], low: number, high: number): number {
  const within = (h: number): number => ranges.filter((r) => r.low <= h && h <= r.high).length;
  const candidates = [...ranges.flatMap((r) => [r.low, r.high]), low, high].filter((h) => h >= low && h <= high);
  return candidates.sort((a, b) => within(b) - within(a) || a - b)[0]!;
}
