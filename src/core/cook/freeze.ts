import type { VersionCount } from '../counting/count-version.ts';
import { NUTRIENTS, type Nutrient } from '../food/nutrients.ts';
import type { Part } from '../program/count.ts';
import { pinOf } from '../program/pin-of.ts';
import type { Counter, Program } from '../program/program.ts';
import { isUncounted } from '../program/uncounted.ts';
import type { Frozen, FrozenCounter, FrozenPart } from './frozen.ts';

/** Somebody that a dish is frozen for. */
export interface CountsAtTable {
  readonly key: string;
  readonly program: Program;
  readonly counter: Counter;
}

/**
 * Keeps what a dish was counted from.
 *
 * @param counted the version that was cooked, for these eaters in their order
 * @param at the instant, ISO 8601
 */
export function freeze(
  counted: Pick<VersionCount, 'lines' | 'counts' | 'servings' | 'hasServings' | 'servingGrams'>,
  eaters: readonly CountsAtTable[],
  at: string,
): Frozen {
  const { lines, servings } = counted;
  return {
    at,
    servings: counted.hasServings ? servings : null,
    raw: counted.servingGrams * servings,
    lines: lines.map((l) => ({ label: l.label, parts: l.parts.map(frozenPart) })),
    counters: eaters.map(({ key, program, counter }, i): FrozenCounter => {
      const { raw, range } = counted.counts[i]!;
      return {
        key,
        mark: program.mark,
        programId: program.id,
        programRevision: program.revision,
        rule: program.rule,
        by: program.by,
        pinned: lines.map((l) => l.parts.map((p) => pinnedPoints(p, counter))),
        uncounted: lines.map((l) =>
          l.parts.map((p) => isUncounted(p.food, program.list, counter.exceptions).uncounted),
        ),
        below: Math.max(0, raw - range.low) * servings,
        above: Math.max(0, range.high - raw) * servings,
      };
    }),
  };
}

const frozenPart = ({ food, grams }: Part): FrozenPart => ({
  name: food.name,
  grams,
  of: Object.fromEntries(
    NUTRIENTS.map((n) => {
      const { value } = food.per100g[n];
      return [n, value === null ? null : (value * grams) / 100];
    }),
  ) as Record<Nutrient, number | null>,
});

function pinnedPoints({ food, grams }: Part, counter: Counter): number | null {
  const pin = pinOf(counter, food);
  return pin ? (grams * pin.points) / pin.grams : null;
}
