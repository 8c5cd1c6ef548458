import type { VersionCount } from '../counting/count-version.ts';
import type { Program } from '../program/program.ts';
import { hasCaps, type Rule } from '../program/rule.ts';
import type { LineSize } from './line-size.ts';

/** Unrounded points of a serving, and what they may be. */
export interface RawPart {
  readonly raw: number;
  readonly low: number;
  readonly high: number;
}

/** How a program's points of another portion come about. */
export interface ReaderWay {
  readonly step: Rule['step'];
  readonly rounding: Rule['rounding'];
  /** What is rounded and added: the whole serving, or each of its lines. */
  readonly parts: readonly RawPart[];
}

/** What a card is counted again from, for another portion and for other servings. */
export interface ReaderCounts {
  /** By program; null where caps on a portion make another of it than so many times as much. */
  readonly ways: readonly (ReaderWay | null)[];
  /** By ingredient of the card. */
  readonly sizes: readonly LineSize[];
}

/** What of a count a card keeps for its readers. */
export const readerCounts = (
  programs: readonly Program[],
  now: VersionCount,
  sizes: readonly LineSize[],
): ReaderCounts => ({
  ways: programs.map((p, i) => {
    if (hasCaps(p.rule)) return null;
    const c = now.counts[i]!;
    const part = (of: Pick<typeof c, 'raw' | 'range'>): RawPart => ({ raw: of.raw, ...of.range });
    const parts = c.by === 'items' ? c.lines.map(part) : [part(c)];
    return { step: p.rule.step, rounding: p.rule.rounding, parts };
  }),
  sizes,
});
