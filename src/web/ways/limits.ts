/** What a search has to keep to besides points, as it was typed. */
export interface Limits {
  /** The most points of each eater, in their order; empty for none. */
  readonly points: readonly string[];
  readonly kcal: string;
  readonly protein: string;
  readonly sodium: string;
  readonly grams: string;
  readonly changes: string;
  readonly without: string;
  readonly onlyHouse: boolean;
}

export const noLimits = (eaters: number): Limits => ({
  points: Array.from({ length: eaters }, () => ''),
  kcal: '',
  protein: '',
  sodium: '',
  grams: '',
  changes: '',
  without: '',
  onlyHouse: false,
});

/**
 * The limits in one line.
 *
 * @param names the eaters, in their order
 * @example limitsSaid(limits, ['Runa']) // 'at most 400 kcal, without nuts'
 */
export function limitsSaid(limits: Limits, names: readonly string[]): string {
  const said = [
    ...limits.points.map((p, i) => p && `${names[i]} at most ${p}`),
    limits.kcal && `at most ${limits.kcal} kcal`,
    limits.protein && `at least ${limits.protein} g protein`,
    limits.sodium && `at most ${limits.sodium} mg sodium`,
    limits.grams && `at least ${limits.grams} g a serving`,
    limits.changes && `at most ${limits.changes} lines changed`,
    limits.without && `without ${limits.without}`,
    limits.onlyHouse && 'only with what is in the house',
  ].filter(Boolean);
  return said.length === 0 ? 'no limits' : said.join(', ');
}
