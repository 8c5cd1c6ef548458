import { type Count, type CountLine, type CountOptions, count } from './count.ts';
import type { Counter } from './program.ts';
import { COUNTING_METHODS, type CountingMethod, EPSILON, hasCaps, roundPoints } from './rule.ts';

/** A line that makes another way of counting come out differently, and by how much. */
export interface WayCause {
  readonly lineId: string;
  readonly label: string;
  readonly difference: number;
  readonly words: string;
}

export interface WayComparison {
  readonly way: CountingMethod;
  readonly count: Count;
  /** The program's own way. */
  readonly own: boolean;
  /** Lines that cause a difference from the program's own way, largest first. */
  readonly causes: readonly WayCause[];
}

/** Counts a portion all three ways and names, for each that differs from the program's own, the lines that cause it. */
export function compareWays(lines: readonly CountLine[], counter: Counter, options: CountOptions): WayComparison[] {
  const own = count(lines, counter, { ...options, by: counter.program.by });
  return COUNTING_METHODS.map((way) => {
    const other = count(lines, counter, { ...options, by: way });
    const causes =
      way === own.by
        ? []
        : other.lines
            .map((l, i): WayCause => {
              const mine = own.lines[i]!;
              const a = way === 'items' ? roundPoints(l.raw, counter.program.rule) : l.raw;
              const b = own.by === 'items' ? roundPoints(mine.raw, counter.program.rule) : mine.raw;
              const words =
                mine.uncounted !== null && l.uncounted === null
                  ? `uncounted by ${own.by}, counted by ${way}`
                  : mine.uncounted === null && l.uncounted !== null
                    ? `counted by ${own.by}, uncounted by ${way}`
                    : way === 'items' || own.by === 'items'
                      ? 'rounded on its own'
                      : hasCaps(counter.program.rule)
                        ? 'capped differently'
                        : 'some of it uncounted in one of the two';
              return { lineId: l.id, label: l.label, difference: a - b, words };
            })
            .filter((c) => Math.abs(c.difference) > EPSILON)
            .sort((x, y) => Math.abs(y.difference) - Math.abs(x.difference));
    return { way, count: other, own: way === own.by, causes };
  });
}
