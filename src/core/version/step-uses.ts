import { foodWords, isNoise } from '../food/food-words.ts';
import type { Line, Step } from './version.ts';

/** Words in foods' names that say what they are like, and in steps mean something else: "trim the fat", "to the boil". */
const NOT_NAMES = new Set(
  `to with without for or on from at as is low fat free lean light reduced part skim skimmed half whole white red green
  brown black dark sweet hot dry dried canned frozen cooked plain strained granular spray second water`
    .split(/\s+/)
    .filter(Boolean),
);

/** The words that a step would use for a food: those before the first comma, without what only qualifies. */
export function namesOf(item: string): string[] {
  const words = foodWords(item.split(',')[0]!).filter((w) => !isNoise(w));
  const names = words.filter((w) => !NOT_NAMES.has(w));
  return names.length > 0 ? names : words;
}

/** A step's text without what it leaves out by name: "add everything but the cheese". */
export const withoutExcepted = (text: string): string =>
  text.replace(
    /\b(everything|all)( the ingredients| ingredients| of it)? (?:but|except)(?: for)? (?:the )?[\p{L}-]+/giu,
    '$1$2',
  );

/**
 * Which lines each step uses first, by the words they share. A line named in no step belongs to none.
 *
 * @param alsoCalled what a line was called before a swap: the family's steps still say "soured cream" where yogurt
 * goes in now.
 * @returns line ids for each step, in the steps' order.
 */
export function stepUses(
  steps: readonly Step[],
  lines: readonly Line[],
  alsoCalled: (line: Line) => string | null = () => null,
): string[][] {
  const words = steps.map((s) => new Set(foodWords(withoutExcepted(s.text))));
  const uses: string[][] = steps.map(() => []);
  for (const line of lines) {
    if (line.leftOut) continue;
    const before = alsoCalled(line);
    // The family's words come first: a swap's own step may name its food before the step that uses it.
    const at = [before, line.item]
      .flatMap((item) => (item === null ? [] : [stepNaming(namesOf(item), words)]))
      .find((i) => i !== -1);
    if (at !== undefined) uses[at]!.push(line.id);
  }
  return uses;
}

/** The first step that shares most of the names; -1 when none shares any. "soured cream" and "cream" differ by that. */
function stepNaming(names: readonly string[], steps: readonly ReadonlySet<string>[]): number {
  const hits = steps.map((w) => names.filter((n) => w.has(n)).length);
  const most = Math.max(0, ...hits);
  return most === 0 ? -1 : hits.indexOf(most);
}
