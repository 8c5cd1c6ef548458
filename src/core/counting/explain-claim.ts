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

/** Compares a claim of points with one eater's count. */
export function checkPointsClaim(claim: Claim, counted: VersionCount, counter: Counter): ClaimCheck {
  const { lines, servings } = counted;
  const own = count(lines, counter, { servings });
  if (Math.abs(own.points - claim.value) < 1e-9) return { here: own.points, agrees: true, reasons: [] };
  const reasons: string[] = [];
  const other = compareWays(lines, counter, { servings }).find((w) => !w.own && w.count.points === claim.value);
  if (other) {
    const causes = other.causes.slice(0, 3).map((c) => c.label);
    reasons.push(
      `Counted by ${other.way} it is ${formatPoints(claim.value)}${causes.length > 0 ? `: ${causes.join(', ')} make the difference` : ''}.`,
    );
  }
  const without = (l: CountLine) =>
    count(
      lines.filter((x) => x.id !== l.id),
      counter,
      { servings },
    ).points === claim.value;
  const alone = own.points > claim.value ? lines.find((l) => l.parts.length > 0 && without(l)) : undefined;
  if (alone) reasons.push(`Without ${alone.label} it is ${formatPoints(claim.value)}.`);
  const uncounted = own.lines.filter((l) => l.uncounted !== null);
  if (own.points < claim.value && uncounted.length > 0 && !other)
    reasons.push(
      `Uncounted here: ${uncounted
        .slice(0, 4)
        .map((l) => l.label)
        .join(', ')}.`,
    );
  const divided = [...Array(MOST_SERVINGS_TRIED).keys()]
    .map((i) => i + 1)
    .find((s) => s !== servings && count(lines, counter, { servings: s }).points === claim.value);
  if (divided !== undefined && reasons.length === 0)
    reasons.push(`Divided into ${divided} it is ${formatPoints(claim.value)}.`);
  if (counted.open.length > 0) reasons.push('Lines without an answer are not counted yet.');
  return { here: own.points, agrees: false, reasons };
}
