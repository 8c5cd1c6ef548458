import { foodWords } from '../food/food-words.ts';

/** Where a text names an ingredient. */
export interface Mention {
  readonly start: number;
  readonly end: number;
}

interface Token extends Mention {
  readonly word: string;
}

const tokensOf = (text: string): Token[] =>
  [...text.matchAll(/[\p{L}\p{N}'’-]+/gu)].map((m) => ({
    word: foodWords(m[0])[0] ?? m[0].toLowerCase(),
    start: m.index,
    end: m.index + m[0].length,
  }));

/**
 * Where a text names an ingredient, in order. A name that could be of two is none: "cream" where there is cream and
 * soured cream.
 *
 * @param names the words that a step uses for it
 * @param all those of every ingredient of the dish
 */
export function mentionsOf(text: string, names: readonly string[], all: readonly (readonly string[])[]): Mention[] {
  const tokens = tokensOf(text);
  /** How many of these names end at a token: 0 when its last name does not stand there. */
  const score = (of: readonly string[], at: number): number => {
    if (!of.includes(tokens[at]!.word)) return 0;
    let n = 1;
    while (at - n >= 0 && of.includes(tokens[at - n]!.word) && isBeside(text, tokens[at - n]!, tokens[at - n + 1]!))
      n++;
    return n;
  };
  const rivals = all.filter((other) => other !== names && other.join(' ') !== names.join(' '));
  return tokens.flatMap((t, i): Mention[] => {
    const mine = score(names, i);
    const next = tokens[i + 1];
    // The name goes on: "soured" in "soured cream".
    if (mine === 0 || (next && names.includes(next.word) && isBeside(text, t, next))) return [];
    const isMine = rivals.every((other) => score(other, i) < mine) && !endsWithin(names, rivals, t.word, mine);
    return isMine ? [{ start: tokens[i - mine + 1]!.start, end: t.end }] : [];
  });
}

/** Whether two words stand side by side, with nothing but a blank or a hyphen between. */
const isBeside = (text: string, a: Token, b: Token): boolean => /^[\s-]*$/.test(text.slice(a.end, b.start));

/** Whether a word alone names several lines: "cream" where there is cream and soured cream. */
const endsWithin = (
  names: readonly string[],
  rivals: readonly (readonly string[])[],
  word: string,
  matched: number,
): boolean => matched < names.length && rivals.some((r) => r.includes(word));
