import { type Change, lineChange } from './entry.ts';
import type { Line, Version } from './version.ts';

const hasModifier = (line: Line, modifier: string): boolean => line.read?.modifiers.includes(modifier) ?? false;

/** Whether a line's amount is for one serving, and is taken as often as there are servings. */
export const isPerServing = (line: Line): boolean => hasModifier(line, 'per serving');

/**
 * Lines that say their amount by the pieces or by another line, tied to them: "4 chips in each" weigh as often as there
 * are servings, and are a question while nobody says how many; "the rest of the cheese" counts where the cheese does.
 *
 * @param lines as they were read, each for itself.
 */
export function tiedLines(lines: readonly Line[], servings: number | null): Line[] {
  return lines.map((line, i) => {
    if (isPerServing(line)) return timesServings(line, servings);
    if (!hasModifier(line, 'the rest') || line.food.kind !== 'food' || line.weight !== null) return line;
    const { foodId } = line.food;
    const first = lines.find(
      (l, k) => k !== i && l.weight !== null && l.food.kind === 'food' && l.food.foodId === foodId,
    );
    if (first === undefined) return line;
    return { ...line, food: { kind: 'nothing', why: `counted with "${first.text.slice(0, 120)}"` } };
  });
}

const PIECES_UNKNOWN = 'It is for each piece or plate. Say how many servings it makes.';

/** A line for one piece, for so many; while nobody says how many it counts once, and says so. */
function timesServings(line: Line, servings: number | null): Line {
  if (line.weight === null) return line;
  if (servings === null) return { ...line, warnings: [...line.warnings, PIECES_UNKNOWN].slice(-10) };
  const warnings = line.warnings.filter((w) => w !== PIECES_UNKNOWN);
  return { ...line, weight: weightTimes(line.weight, servings), warnings };
}

const weightTimes = (weight: NonNullable<Line['weight']>, factor: number): NonNullable<Line['weight']> => ({
  ...weight,
  grams: weight.grams * factor,
  low: weight.low * factor,
  high: weight.high * factor,
});

/**
 * The changes that another number of servings makes: of the servings, and of the lines whose amount is for each of them.
 * All other amounts stay: the same dish is cut into other pieces.
 */
export function servingsChanges(version: Version, after: number | null): Change[] {
  const { servings } = version;
  if (servings === after) return [];
  const lines = version.lines.flatMap((line) => {
    if (!isPerServing(line) || line.weight === null) return [];
    const one = servings === null ? line : { ...line, weight: weightTimes(line.weight, 1 / servings) };
    return [lineChange(version, line.id, timesServings(one, after))];
  });
  return [{ kind: 'servings', before: servings, after }, ...lines];
}
