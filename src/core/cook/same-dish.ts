import { NUTRIENTS } from '../food/nutrients.ts';
import type { Frozen } from './frozen.ts';

/** Grams and nutrients are the same within this. */
const SAME_WITHIN = 1e-6;

/** Whether two records are of the same dish: the same in it, whoever counts it and by what. */
export function sameDish(a: Frozen, b: Frozen): boolean {
  const parts = (f: Frozen) => f.lines.flatMap((l) => l.parts);
  const [mine, other] = [parts(a), parts(b)];
  return (
    mine.length === other.length &&
    mine.every((p, i) => {
      const q = other[i]!;
      const near = (x: number | null, y: number | null) => x === y || Math.abs((x ?? 0) - (y ?? 0)) < SAME_WITHIN;
      return p.name === q.name && near(p.grams, q.grams) && NUTRIENTS.every((n) => near(p.of[n], q.of[n]));
    })
  );
}
