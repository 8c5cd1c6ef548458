import type { Claim } from '../page/recipe-text.ts';
import { compareWays } from '../program/compare-methods.ts';
import { type CountLine, count } from '../program/count.ts';
import { formatPoints } from '../program/format-points.ts';
import type { Counter } from '../program/program.ts';
import { nutritionOf, type VersionCount } from './count-version.ts';

/** A claim of the source beside what is counted here, and the lines that may explain the difference. */
export interface ClaimCheck {
  /** kcal or points of a serving as counted here; null when unknown. */
  readonly here: number | null;
  readonly agrees: boolean;
  /** What would explain the difference, the likeliest first, in words. */
  readonly reasons: readonly string[];
}

/** Energy within this share of a claim agrees with it: tables and rounding differ by as much. */
const KCAL_AGREES = 0.05;
const MOST_SERVINGS_TRIED = 24;

/** Compares a claim of calories with the count. */
export function checkKcalClaim(claim: Claim, counted: VersionCount): ClaimCheck {
  const here = counted.perServing.kcal.value;
  if (here === null) return { here, agrees: false, reasons: [] };
  const agrees = (kcal: number) => Math.abs(kcal - claim.value) <= Math.max(5, KCAL_AGREES * claim.value);
  if (agrees(here)) return { here, agrees: true, reasons: [] };
  const reasons: string[] = [];
  const kcalOf = (l: CountLine): number => (nutritionOf([l]).kcal.value ?? 0) / counted.servings;
  const lines = [...counted.lines].sort((a, b) => kcalOf(b) - kcalOf(a));
  const alone = lines.find((l) => kcalOf(l) > 5 && agrees(here - kcalOf(l)));
  if (alone)
    reasons.push(
      `Without ${alone.label} (${Math.round(kcalOf(alone))} kcal) it is ${Math.round(here - kcalOf(alone))}.`,
    );
  const whole = here * counted.servings;
  const servings = Math.round(whole / claim.value);
  if (servings >= 1 && servings <= MOST_SERVINGS_TRIED && servings !== counted.servings && agrees(whole / servings))
    reasons.push(`Divided into ${servings} it is ${Math.round(whole / servings)}.`);
  if (counted.open.length > 0) reasons.push('Lines without an answer are not counted yet.');
  if (reasons.length === 0)
    reasons.push(
      `Most of it is ${lines
        .slice(0, 3)
        .map((l) => `${l.label} (${Math.round(kcalOf(l))} kcal)`)
        .join(', ')}.`,
    );
  return { here, agrees: false, reasons };
}

/** Whether points can be compared with a claim: what a cup of a dish weighs nobody knows before it is cooked. */
export const canCompare = (claim: Claim): boolean => claim.per === null || claim.per === 'whole';

/** Whether points are the claimed ones, or within the range that is claimed. */
const isClaimed = (claim: Claim, points: number): boolean =>
  points >= claim.value - 1e-9 && points <= (claim.valueMax ?? claim.value) + 1e-9;

/**
 * Compares a claim of points with the count of one program.
 *
 * @param claim one that `canCompare`
 */
export function checkPointsClaim(claim: Claim, counted: VersionCount, counter: Counter): ClaimCheck {
  const { lines } = counted;
  const servings = claim.per === 'whole' ? 1 : counted.servings;
  const own = count(lines, counter, { servings });
  if (isClaimed(claim, own.points)) return { here: own.points, agrees: true, reasons: [] };
  const reasons: string[] = [];
  const other = compareWays(lines, counter, { servings }).find((w) => !w.own && isClaimed(claim, w.count.points));
  if (other) {
    const causes = other.causes.slice(0, 3).map((c) => c.label);
    reasons.push(
      `Counted by ${other.way} it is ${formatPoints(other.count.points)}${causes.length > 0 ? `: ${causes.join(', ')} make the difference` : ''}.`,
    );
  }
  const without = (l: CountLine): number =>
    count(
      lines.filter((x) => x.id !== l.id),
      counter,
      { servings },
    ).points;
  const alone =
    own.points > (claim.valueMax ?? claim.value)
      ? lines.find((l) => l.parts.length > 0 && isClaimed(claim, without(l)))
      : undefined;
  if (alone) reasons.push(`Without ${alone.label} it is ${formatPoints(without(alone))}.`);
  const uncounted = own.lines.filter((l) => l.uncounted !== null);
  if (own.points < claim.value && uncounted.length > 0 && !other)
    reasons.push(
      `Uncounted here: ${uncounted
        .slice(0, 4)
        .map((l) => l.label)
        .join(', ')}.`,
    );
  const dividedInto = (s: number): number => count(lines, counter, { servings: s }).points;
  const divided = [...Array(MOST_SERVINGS_TRIED).keys()]
    .map((i) => i + 1)
    .find((s) => s !== servings && isClaimed(claim, dividedInto(s)));
  if (divided !== undefined && reasons.length === 0)
    reasons.push(`Divided into ${divided} it is ${formatPoints(dividedInto(divided))}.`);
  if (counted.open.length > 0) reasons.push('Lines without an answer are not counted yet.');
  return { here: own.points, agrees: false, reasons };
}
