import type { Region } from './region.ts';
import { PAIRS } from './region-words.data.ts';

const rows = PAIRS.trim()
  .split('\n')
  .map((row) => row.split('|').map((c) => c.trim()) as [us: string, gb: string]);

/** For each region, the other's words with its own; the longer one wins where two begin alike. */
const OTHER_WORDS: Record<Region, ReadonlyMap<string, string>> = {
  us: new Map(rows.map(([us, gb]) => [gb, us])),
  // The first pair of a word is the one that is said for it.
  gb: new Map([...rows].reverse().map(([us, gb]) => [us, gb])),
};
const patternOf = (words: ReadonlyMap<string, string>): RegExp =>
  new RegExp(`\\b(?:${[...words.keys()].sort((a, b) => b.length - a.length).join('|')})\\b`, 'gi');
const OTHER_PATTERN: Record<Region, RegExp> = { us: patternOf(OTHER_WORDS.us), gb: patternOf(OTHER_WORDS.gb) };

/**
 * Imbiss's own words as a region says them: of swaps, cautions, hints. Never for what a cook wrote.
 *
 * @example sayIn('us', 'Grated courgette keeps it moist.') // 'Grated zucchini keeps it moist.'
 */
export const sayIn = (region: Region, text: string): string =>
  text.replace(OTHER_PATTERN[region], (word) => {
    const said = OTHER_WORDS[region].get(word.toLowerCase()) ?? word;
    return /^[A-Z]/.test(word) ? said[0]!.toUpperCase() + said.slice(1) : said;
  });
