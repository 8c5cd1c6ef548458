import type { Mention } from './mentions.ts';

/** What cooks do: a clause begins with one of them. */
const COOKING_VERBS = `add arrange bake beat blanch blend boil braise bring brown brush chill chop cook cool cover cream crumble crush cut
decorate deep-fry dice dip dissolve divide dot drain dredge drizzle drop dust fill finish fold form freeze fry garnish glaze grate grease
grill grind halve heat hold keep knead lay layer leave let lift line make marinate mash melt mince mix mound open pack pat peel pile
pinch place poach pour press process puree put quarter reduce refrigerate remove reserve rest return rinse roast roll rub salt saute
scatter scoop scrape sear season separate serve set shape shred sieve sift simmer skim slice slide smooth soak soften spoon spread
sprinkle squeeze stand steam steep stir strain strew stuff swirl take taste tear thicken thin tip toast top toss transfer trim turn
unmould use warm wash weigh whip whisk work wrap`;
const COOKING_VERB = `(?:${COOKING_VERBS.trim().split(/\s+/).join('|')})`;
/** What stands before a name and belongs to it: "the remaining chopped". */
const BEFORE =
  /(?:\b(?:the|a|an|some|all|both|half|most|rest|remaining|other|of|about|more|reserved|cold|warm|hot|soft|softened|melted|toasted|chopped|grated|sliced|diced|crumbled|shredded|drained|whole|fresh|finely|roughly|coarsely|beaten|cooked|crushed|ground)\s+)+$/i;
/** Small words after which the name is what something is done with or in. */
const DONE_WITH =
  /(?:^|\s|,)(?:with|in|over|into|onto|on|to|through|under|from|of|around|using|together with|along with|as well as|plus)\s+$/i;
const CLAUSE_VERB_ONLY = new RegExp(
  `^(?:\\s*(?:and|then|now|also|finally|first|next|,)\\s*)*${COOKING_VERB}(?:\\s+(?:in|on|over|with|through|out|up|together|evenly|well|gently|finally))*\\s*$`,
  'i',
);
const NEXT_IS_VERB = new RegExp(`^\\s*(?:,\\s*)?(?:and\\s+)?(?:then\\s+)?(?:gently\\s+)?${COOKING_VERB}\\b`, 'i');

/**
 * A sentence without one thing that it names, where that can be taken out and the rest still reads: from a list, from
 * behind "with", or with the clause that is about nothing else. Null where it cannot.
 *
 * @example withoutMention('Fold in the walnuts and raisins.', walnuts) // 'Fold in the raisins.'
 */
export function withoutMention(sentence: string, { start, end }: Mention): string | null {
  const before = sentence.slice(0, start);
  const own = BEFORE.exec(before)?.[0] ?? '';
  const head = before.slice(0, before.length - own.length);
  const tail = sentence.slice(end);
  const article = /\bthe\s/i.test(own) ? 'the ' : '';
  const fromList = listWithout(head, tail, article);
  if (fromList !== null) return tidy(fromList);
  const clause = head.slice(clauseStart(head));
  if (CLAUSE_VERB_ONLY.test(clause)) {
    // The clause is about nothing else: what follows it stays, if anything does.
    const rest = restOfClause(tail);
    if (rest === null) return null;
    return tidy(putTogether(head.slice(0, clauseStart(head)), rest));
  }
  if (DONE_WITH.test(head) && /^\s*(?:[,.;]|$|and\b|then\b|for\b|until\b|with\b|over\b|on\b)/i.test(tail))
    return tidy(head.replace(DONE_WITH, '') + tail);
  return null;
}

/** Takes an item out of "a, b and c". */
function listWithout(head: string, tail: string, article: string): string | null {
  const next = /^\s*(,|,?\s+and\b|,?\s+or\b)\s*/i.exec(tail);
  const nextIsItem = next !== null && !NEXT_IS_VERB.test(tail);
  const last = /(,?\s+(?:and|or)|,)\s+$/i.exec(head);
  const lastIsItem = last !== null && !CLAUSE_VERB_ONLY.test(last.input.slice(clauseStart(head))) && hasObject(head);
  if (last !== null && lastIsItem) {
    const isEnd = /and|or/i.test(last[1]!);
    if (!isEnd && nextIsItem) return head.slice(0, last.index) + tail;
    if (isEnd && !nextIsItem) return withAnd(head.slice(0, last.index)) + tail;
    if (!isEnd && !nextIsItem) return head.slice(0, last.index) + tail;
  }
  if (nextIsItem && last === null) {
    const following = tail.slice(next[0].length);
    return head + (/^(?:the|a|an)\b/i.test(following) ? '' : article) + following;
  }
  return null;
}

/** Whether a clause says more than its verb before its last comma or "and": something is listed there. */
const hasObject = (head: string): boolean => {
  const clause = head.slice(clauseStart(head.replace(/(?:,|\s+and|\s+or)\s+$/i, '')));
  return clause.trim().split(/\s+/).length >= 2;
};

/** "a, b" becomes "a and b" where the last of a list went. */
const withAnd = (head: string): string => {
  const at = head.lastIndexOf(',');
  if (at === -1 || head.slice(clauseStart(head)).indexOf(',') === -1) return head;
  const item = head.slice(at + 1);
  return new RegExp(`^\\s*(?:then\\s+)?${COOKING_VERB}\\b`, 'i').test(item) ? head : `${head.slice(0, at)} and${item}`;
};

/** Where the clause begins that a head ends in: behind the last full stop, semicolon, or comma or "and" before a verb. */
function clauseStart(head: string): number {
  let at = 0;
  const ends = new RegExp(
    `[.;:!?]\\s+|,\\s*(?:and\\s+|then\\s+)*(?=${COOKING_VERB}\\b)|\\s+and\\s+(?:then\\s+)?(?=${COOKING_VERB}\\b)|\\s+then\\s+(?=${COOKING_VERB}\\b)`,
    'gi',
  );
  for (const m of head.matchAll(ends)) at = m.index + m[0].length;
  return at;
}

/** What is left behind a clause that goes: another clause, or nothing; null where more is said in the clause. */
function restOfClause(tail: string): string | null {
  if (/^\s*(?:over|on top|in|on|through|together|evenly|well)?\s*[.!;]?\s*$/i.test(tail)) return '';
  const next = new RegExp(
    `^\\s*(?:over|on top|in|through)?\\s*(?:[,;]\\s*(?:and\\s+)?(?:then\\s+)?|\\s+and\\s+(?:then\\s+)?|\\.\\s+)(?=\\b(?:${COOKING_VERB}|then)\\b)`,
    'i',
  );
  const m = next.exec(` ${tail}`);
  return m === null ? null : ` ${tail}`.slice(m[0].length);
}

/** Two pieces of a sentence whose middle went. */
function putTogether(head: string, rest: string): string {
  const kept = head.replace(/(?:,|;|\s+and|\s+then)\s*$/i, '').trimEnd();
  if (rest === '') return kept === '' ? '' : `${kept.replace(/[,;]$/, '')}.`;
  if (kept === '') return rest.charAt(0).toUpperCase() + rest.slice(1);
  return /[.!?]$/.test(kept) ? `${kept} ${rest.charAt(0).toUpperCase()}${rest.slice(1)}` : `${kept} and ${rest}`;
}

const tidy = (text: string): string =>
  text
    .replaceAll(/\s+([,.;])/g, '$1')
    .replaceAll(/,\s*,/g, ',')
    .replaceAll(/,\./g, '.')
    .replaceAll(/\.\./g, '.')
    .replaceAll(/\s{2,}/g, ' ')
    .trim();

/** A sentence whose clauses of a pattern went: what stands before them, and what stands behind. */
export interface Parted {
  readonly before: string;
  readonly behind: string;
}

/** A sentence without the clauses that have a pattern, each part a sentence of its own; null where none has it. */
export function withoutClauses(sentence: string, pattern: RegExp): Parted | null {
  if (!pattern.test(sentence)) return null;
  const ends = new RegExp(
    `(?<=[.;:!?])\\s+|,\\s*(?:and\\s+|then\\s+)*(?=${COOKING_VERB}\\b)|\\s+and\\s+(?:then\\s+)?(?=${COOKING_VERB}\\b)`,
    'gi',
  );
  const clauses = sentence
    .replace(/[.!]\s*$/, '')
    .split(ends)
    .filter((clause) => clause.trim() !== '');
  const first = clauses.findIndex((c) => pattern.test(c));
  const kept = (of: readonly string[]): string => asSentence(of.filter((c) => !pattern.test(c)));
  return { before: kept(clauses.slice(0, first)), behind: kept(clauses.slice(first)) };
}

function asSentence(clauses: readonly string[]): string {
  const [last, ...others] = [...clauses].reverse();
  if (last === undefined) return '';
  const text = others.length === 0 ? last : `${others.reverse().join(', ')} and ${last}`;
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
}
