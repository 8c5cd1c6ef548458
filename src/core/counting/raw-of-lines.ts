import type { Line } from '../version/version.ts';
import type { VersionCount } from './count-version.ts';

/** Unrounded points of a serving that these lines have together, by counter. */
export const rawOfLines = (count: VersionCount, lines: readonly Pick<Line, 'id'>[]): number[] =>
  count.counts.map((c) => lines.reduce((sum, l) => sum + (c.lines.find((x) => x.id === l.id)?.raw ?? 0), 0));
