import { countVersion, type VersionCount } from '../counting/count-version.ts';
import { dishKindOf } from '../dish/dish-kind.ts';
import { formatAmount } from '../quantity/format-amount.ts';
import { applySwap, whyNot } from '../swap/apply-swap.ts';
import { avoidedBy } from '../swap/avoided.ts';
import { departureOfSwap } from '../swap/departure-of-swap.ts';
import { swapsFitting } from '../swap/fits-line.ts';
import { roleOfLine } from '../swap/role-of-line.ts';
import type { Swap } from '../swap/swap.ts';
import { placeOf } from '../swap/verdict.ts';
import type { DishKind } from '../version/dish-words.ts';
import { applyEntry, type Change } from '../version/entry.ts';
import { withNewest } from '../version/kitchen.ts';
import { scaleChangesBy } from '../version/scale-version.ts';
import type { Line, Version } from '../version/version.ts';
import type { ChoiceContext } from './line-choices.ts';

/** A way to a lighter plate that swaps nothing for good: what it is, and what a plate then counts and weighs. */
export interface OtherWay {
  readonly kind: 'morePieces' | 'smallerPan' | 'halfAndHalf' | 'moreVegetable' | 'toPlate';
  readonly words: string;
  readonly points: readonly number[];
  /** What a serving weighs, g: eating less is no swap, and is shown. */
  readonly grams: number;
  /** 0 where nothing of the dish moves. */
  readonly departure: number;
  readonly changes: readonly Change[];
}

/** Of each kind so many are offered, those that buy most first. */
const OF_A_KIND = 3;
/** Dishes that are made in pieces, and such that are made in a pan: common practice. */
const IN_PIECES: ReadonlySet<DishKind> = new Set<DishKind>(['cookie', 'filled', 'yeast dough', 'fried']);
const IN_A_PAN: ReadonlySet<DishKind> = new Set<DishKind>(['bake', 'gratin', 'crumble', 'custard', 'pastry']);
const SMALL_CAKES = /\b(?:muffins?|cupcakes?|cakes|buns|pieces|squares|bars)\b/i;
const MORE_PIECES = 1.25;
const SMALLER_PAN = 0.75;

/**
 * Lighter in other ways: more pieces of the same dough, a smaller pan, half and half of two twins, more of a vegetable
 * before anything is cut, a topping at the table.
 */
export function otherWays(version: Version, context: ChoiceContext): OtherWay[] {
  const kitchen = withNewest(context.kitchen, context.food);
  const count = (v: Version): VersionCount => countVersion(v, kitchen, context.counters);
  const before = count(version);
  let n = 0;
  const newId = (): string => `other-${n++}`;
  const way = (kind: OtherWay['kind'], words: string, changes: readonly Change[], departure = 0): OtherWay => {
    const after = count(applyEntry(version, { id: 'other', label: 'other', changes, undoes: null }));
    return {
      kind,
      words,
      points: after.counts.map((c) => c.points),
      grams: after.servingGrams,
      departure,
      changes,
    };
  };
  const gains = (w: OtherWay): boolean => w.points.some((p, i) => p < before.counts[i]!.points);
  const swaps = fittingSwaps(version, context).map(
    ({ line, swap, share, departure }): OtherWay & { kindOf: Swap['kind'] } => {
      const { food, system, title = '' } = context;
      const changes = applySwap(version, line.id, swap, { food, system, title, newId }, share);
      const item = line.item.split(',')[0]!;
      const words =
        swap.kind === 'twin'
          ? `half and half: ${item}, and ${swap.name}`
          : swap.kind === 'bulkUp'
            ? `${swap.name}, before anything is cut`
            : swap.name;
      const kind = swap.kind === 'twin' ? 'halfAndHalf' : swap.kind === 'bulkUp' ? 'moreVegetable' : 'toPlate';
      return { ...way(kind, words, changes, departure), kindOf: swap.kind };
    },
  );
  const best = (kind: Swap['kind'], keep: (w: OtherWay) => boolean, order: (w: OtherWay) => number): OtherWay[] =>
    swaps
      .filter((w) => w.kindOf === kind && keep(w))
      .sort((a, b) => order(a) - order(b))
      .slice(0, OF_A_KIND)
      .map(({ kindOf: _, ...w }) => w);
  const points = (w: OtherWay): number => w.points.reduce((a, b) => a + b, 0);
  return [
    ...best(
      'bulkUp',
      (w) => w.points.every((p, i) => p <= before.counts[i]!.points),
      (w) => -w.grams,
    ),
    ...best('twin', gains, points),
    ...best('toPlate', gains, points),
    ...otherSizes(version, context, way).filter(gains),
  ];
}

interface Fitting {
  readonly line: Line;
  readonly swap: Swap;
  readonly share: number;
  readonly departure: number;
}

/** Twins for half of a line, more of a vegetable, and what may go to the plate. */
function fittingSwaps(version: Version, context: ChoiceContext): Fitting[] {
  const { food, title = '', without, departureOf } = context;
  return version.lines.flatMap((line) => {
    if (line.kept || line.leftOut) return [];
    const role = roleOfLine(line, version, food, title);
    return swapsFitting(context.swaps, line, { version, title, role, food }).flatMap((swap): Fitting[] => {
      if (swap.sameAgain || (swap.kind !== 'twin' && swap.kind !== 'bulkUp' && swap.kind !== 'toPlate')) return [];
      if (
        avoidedBy(
          without,
          swap.into.flatMap((t) => food(t.foodId) ?? []),
        ).length > 0
      )
        return [];
      if (swap.into.some((t) => context.lacking.has(t.foodId))) return [];
      const share = swap.kind === 'twin' ? 0.5 : swap.share;
      if (whyNot(swap, line, share, version.servings) !== null) return [];
      const own = departureOf?.(swap, placeOf(role)) ?? swap.departure;
      return [{ line, swap, share, departure: departureOfSwap(swap, share, own, { line, version, title, food }) }];
    });
  });
}

/** The same dish in more pieces, or less of it in a smaller pan. */
function otherSizes(
  version: Version,
  { food, title = '' }: ChoiceContext,
  way: (kind: OtherWay['kind'], words: string, changes: readonly Change[]) => OtherWay,
): OtherWay[] {
  const { servings } = version;
  if (servings === null) return [];
  const dish = dishKindOf(version, title, food);
  const said = `${title}\n${version.steps.map((s) => s.text).join('\n')}`;
  const out: OtherWay[] = [];
  if (IN_PIECES.has(dish) || (dish === 'batter cake' && SMALL_CAKES.test(said))) {
    const more = Math.min(500, Math.ceil(servings * MORE_PIECES));
    const changes: Change[] = [{ kind: 'servings', before: servings, after: more }];
    out.push(way('morePieces', `${formatAmount(more)} smaller ones instead of ${formatAmount(servings)}`, changes));
  }
  if (IN_A_PAN.has(dish)) {
    const changes = scaleChangesBy(version, SMALLER_PAN).filter((c) => c.kind !== 'servings');
    out.push(way('smallerPan', 'three quarters of it in a smaller pan, for as many plates', changes));
  }
  return out;
}
