import { readdirSync, readFileSync } from 'node:fs';
import { normalizeText } from '../../src/core/reading/normalize-text.ts';

/** What was read of a page, by kind of fact: the words of each, in order. */
export type FactsRead = Readonly<Record<string, readonly string[]>>;

/** A page of `tests/data/pages`, with what is to be read on it. */
export interface ExpectedPage {
  readonly name: string;
  readonly page: string;
  readonly facts: readonly { readonly kind: string; readonly words: string }[];
}

const DIRECTORY = new URL('../data/pages/', import.meta.url);
const RULE = /^-----\n/m;

/** All pages, in order of their names. */
export const EXPECTED_PAGES: readonly ExpectedPage[] = readdirSync(DIRECTORY)
  .filter((f) => f.endsWith('.txt'))
  .sort()
  .map((file) => {
    const text = readFileSync(new URL(file, DIRECTORY), 'utf8');
    const at = RULE.exec(text)!.index;
    const facts = text
      .slice(0, at)
      .split('\n')
      .filter((l) => l !== '')
      .map((l) => ({ kind: l.slice(0, l.indexOf(':')), words: l.slice(l.indexOf(':') + 1).trim() }));
    return { name: file.replace('.txt', ''), page: text.slice(at + '-----\n'.length), facts };
  });

/** Words as they are compared: without case, bullets, numbering and the stop at the end. */
const plain = (words: string): string =>
  normalizeText(words)
    .replace(/^(\[[^\]]*\] )?(?:[-*•▢]|\d{1,2}[.)]) /, '$1')
    .replace(/[\s.:!]+$/, '')
    .toLowerCase();

/** Kinds of which anything read besides is a fact that is wrong. */
const COMPLETE = ['title', 'servings', 'line', 'step', 'claim', 'which', 'language'];

/** What is right and what is wrong of a page; `wrong` says what, in words. */
export function judgePage(expected: ExpectedPage, read: FactsRead): { right: number; wrong: string[] } {
  const left = new Map(Object.entries(read).map(([kind, all]) => [kind, all.map(plain)]));
  const wrong: string[] = [];
  let right = 0;
  for (const { kind, words } of expected.facts) {
    // What has to be asked is read when its words are.
    const of = kind === 'ask' ? ['line', 'open'] : [kind];
    const found = of.find((k) => left.get(k)?.includes(plain(words)));
    if (found === undefined) {
      wrong.push(`${kind}: ${words}`);
      continue;
    }
    const rest = left.get(found)!;
    rest.splice(rest.indexOf(plain(words)), 1);
    right++;
  }
  const listed = (kind: string) => left.get(kind) ?? [];
  for (const kind of COMPLETE) wrong.push(...listed(kind).map((words) => `not there, ${kind}: ${words}`));
  // A line that is asked about although it is plain, and was not counted as missing yet.
  wrong.push(...listed('open').map((words) => `asked: ${words}`));
  return { right, wrong };
}
