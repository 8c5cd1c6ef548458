import type { Draft } from './draft.ts';
import { readLine } from './read-line.ts';
import type { Reading } from './reading.ts';

/** A rule that had something to say about a line. */
export interface ReadingStep {
  readonly rule: string;
  /** The words it took off the line, as they stood there; empty where it only looked. */
  readonly words: string;
}

/**
 * Reads a line and tells which rule took which words. What no rule took is the food.
 *
 * @example explainLine('2 cups flour, sifted').steps // [{ rule: 'the amount in front', words: '2 cups' }, …]
 */
export function explainLine(
  line: string,
  group: string | null = null,
): { readonly reading: Reading; readonly steps: readonly ReadingStep[] } {
  const steps: ReadingStep[] = [];
  const reading = readLine(line, group, (rule, before, after) => {
    steps.push({ rule: rule.name, words: wordsTaken(before, after) });
  });
  return { reading, steps };
}

const WORD_OR_MARK = /[\p{L}\p{N}][\p{L}\p{N}'./%-]*|[^\s]/gu;

/** The words of a draft that its successor has no more: all between their common beginning and their common end. */
function wordsTaken(before: Draft, after: Draft): string {
  const had = [...before.text.matchAll(WORD_OR_MARK)];
  const has = [...after.text.matchAll(WORD_OR_MARK)].map((m) => m[0]);
  let front = 0;
  while (front < has.length && had[front]?.[0] === has[front]) front++;
  let back = 0;
  while (back < has.length - front && had.at(-1 - back)?.[0] === has.at(-1 - back)) back++;
  // Words that stayed between two that went, in their order.
  const stayed = has.slice(front, has.length - back);
  const runs: string[] = [];
  let from: number | null = null;
  const gone = had.slice(front, had.length - back);
  gone.forEach((word, i) => {
    const stays = word[0] === stayed[0];
    if (stays) stayed.shift();
    else from ??= word.index;
    const next = gone[i + 1];
    const ends = stays ? from !== null : next === undefined;
    if (!ends) return;
    runs.push(before.text.slice(from!, stays ? word.index : word.index + word[0].length));
    from = null;
  });
  return runs.map((run) => run.replace(/^[\s,;]+|[\s,;]+$/g, '')).join(' … ');
}
