import { partOfLine } from '../dish/part-of-line.ts';
import type { Food } from '../food/food.ts';
import type { Line, Version } from '../version/version.ts';
import { roleOfLine } from './role-of-line.ts';
import type { Swap } from './swap.ts';

/** A line that a swap of another one takes along, and how much of it. */
export interface GoesAlong {
  readonly line: Line;
  readonly share: number;
}

/**
 * The lines that a swap takes along: those of the part that it names which the same steps use as its line, or all of
 * that part where the steps do not say. Where more of its line is swapped, more of them goes.
 *
 * @param share how much of its line is swapped
 */
export function goesAlong(
  swap: Pick<Swap, 'also' | 'share'>,
  line: Line,
  share: number,
  {
    version,
    title,
    food,
  }: { readonly version: Version; readonly title: string; readonly food: (id: string) => Food | null },
): GoesAlong[] {
  if (swap.also === undefined) return [];
  const usedIn = (l: Line): readonly number[] => partOfLine(l, version, title, food).usedIn;
  const own = usedIn(line);
  return swap.also.flatMap((part) =>
    version.lines
      .filter((l) => {
        if (l.id === line.id || l.leftOut || l.weight === null || l.food.kind !== 'food') return false;
        if (roleOfLine(l, version, food, title) !== part.role) return false;
        const theirs = usedIn(l);
        return own.length === 0 || theirs.length === 0 || theirs.some((s) => own.includes(s));
      })
      .map((l) => ({ line: l, share: Math.min(1, (part.share * share) / swap.share) })),
  );
}
