import { sameFood } from './same-food.ts';
import type { Line, Version } from './version.ts';

/** A line of the parent beside what became of it. */
export interface LinePair {
  readonly originLineId: string;
  readonly before: Line | null;
  /** What stands in its place: none when it is gone, two after a part swap. */
  readonly after: readonly Line[];
  readonly changed: boolean;
}

/** Pairs the lines of any two versions of a recipe by their origin, in the first one's order, new lines behind. */
export function pairLines(before: Version, after: Version): LinePair[] {
  const pairs: LinePair[] = [];
  const scale = before.servings !== null && after.servings !== null ? after.servings / before.servings : 1;
  const seen = new Set<string>();
  for (const line of before.lines) {
    const mates = after.lines.filter((l) => l.originLineId === line.originLineId);
    seen.add(line.originLineId);
    pairs.push({
      originLineId: line.originLineId,
      before: line,
      after: mates,
      changed: !isSameLine(line, mates, scale),
    });
  }
  const added = after.lines.filter((l) => !seen.has(l.originLineId));
  for (const line of added) pairs.push({ originLineId: line.originLineId, before: null, after: [line], changed: true });
  return pairs;
}

/** The same food in the same amount a serving: a dish made for twice as many is not another dish. */
function isSameLine(line: Line, mates: readonly Line[], scale: number): boolean {
  const [mate] = mates;
  if (mate === undefined || mates.length !== 1) return false;
  const [was, now] = [line.weight?.grams ?? null, mate.weight?.grams ?? null];
  const sameAmount =
    was === null || now === null ? was === now : Math.abs(was * scale - now) <= 1e-9 * Math.max(1, now);
  return mate.leftOut === line.leftOut && sameFood(mate, line) && sameAmount;
}
