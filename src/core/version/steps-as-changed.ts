import { foodWords } from '../food/food-words.ts';
import { pairLines } from './pair-lines.ts';
import { sameFood } from './same-food.ts';
import { namesOf } from './step-uses.ts';
import type { Line, Step, Version } from './version.ts';

/** What became of an ingredient that the steps name: "evaporated milk" for cream, "left out". */
interface Became {
  readonly names: readonly string[];
  readonly words: string;
}

/**
 * The steps of a changed version in the words of the family, with what became of an ingredient behind its name where
 * the step would send a cook for something that is not there: "Warm the cream (evaporated milk) with the milk". Steps
 * that a swap brought along stay as they are. A name that could be of two lines is left alone.
 *
 * @param onPlate whether a line that is left out stands on the table instead
 */
export function stepsAsChanged(
  asWritten: Version,
  version: Version,
  onPlate: (line: Line) => boolean = () => false,
): Step[] {
  const own = new Set(asWritten.steps.map((s) => s.text));
  const became = pairLines(asWritten, version).flatMap((p) => {
    const words = p.before !== null && p.changed ? becameWords(p.before, p.after, onPlate) : null;
    return words === null ? [] : [{ names: namesOf(p.before!.item), words }];
  });
  const all = asWritten.lines.map((l) => namesOf(l.item));
  return version.steps.map((s) => (own.has(s.text) ? { ...s, text: annotate(s.text, became, all) } : s));
}

function becameWords(before: Line, after: readonly Line[], onPlate: (line: Line) => boolean): string | null {
  const here = after.filter((l) => !l.leftOut);
  if (here.length === 0) return after.some(onPlate) ? 'at the table' : 'left out';
  const others = here.filter((l) => !sameFood(l, before));
  if (others.length === 0) return null;
  const old = new Set(foodWords(before.item));
  const names = others.map((l) => l.item.split(',')[0]!.trim());
  // Skimmed milk for milk: the step's word still fits.
  if (names.every((n) => foodWords(n).every((w) => old.has(w)))) return null;
  return `${others.length < here.length ? 'and ' : ''}${names.join(' and ')}`;
}

/** Puts words behind the first mention of every ingredient that became something else. */
function annotate(text: string, became: readonly Became[], all: readonly (readonly string[])[]): string {
  const tokens = [...text.matchAll(/[\p{L}\p{N}'’-]+/gu)].map((m) => ({
    word: foodWords(m[0])[0] ?? m[0].toLowerCase(),
    end: m.index + m[0].length,
  }));
  /** How many of these names end at a token: 0 when its last name does not stand there. */
  const score = (names: readonly string[], at: number): number => {
    if (!names.includes(tokens[at]!.word)) return 0;
    let n = 1;
    while (at - n >= 0 && names.includes(tokens[at - n]!.word)) n++;
    return n;
  };
  const notes: { end: number; words: string }[] = [];
  for (const b of became) {
    const at = tokens.findIndex((t, i) => {
      const next = tokens[i + 1];
      const mine = score(b.names, i);
      // The name goes on: "soured" in "soured cream".
      if (mine === 0 || (next && b.names.includes(next.word))) return false;
      const rivals = all.filter((names) => names !== b.names && names.join(' ') !== b.names.join(' '));
      return rivals.every((names) => score(names, i) < mine) && !endsWithin(b.names, rivals, t.word, mine);
    });
    if (at !== -1) notes.push({ end: tokens[at]!.end, words: b.words });
  }
  return notes
    .sort((a, b) => b.end - a.end)
    .reduce((s, n) => `${s.slice(0, n.end)} (${n.words})${s.slice(n.end)}`, text);
}

/** Whether a word alone names several lines: "cream" where there is cream and soured cream. */
const endsWithin = (
  names: readonly string[],
  rivals: readonly (readonly string[])[],
  word: string,
  matched: number,
): boolean => matched < names.length && rivals.some((r) => r.includes(word));
