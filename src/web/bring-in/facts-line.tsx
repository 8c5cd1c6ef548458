import type { RecipeFacts as Facts } from '../../core/page/recipe-text.ts';
import { formatAmount } from '../../core/quantity/format-amount.ts';

const TIME_WORDS = [
  ['prep', 'to prepare'],
  ['cook', 'to cook'],
  ['total', 'in all'],
] as const;

/** What the source says of times, pans and tools, in one line; nothing where it says none. */
export function FactsLine({ facts }: { readonly facts: Facts }) {
  const words = factWords(facts);
  return words === '' ? null : <p className="mt-2 break-words text-sm text-soft">{words}</p>;
}

/** Times, pans and tools in words. */
export const factWords = ({ times, pans, tools }: Facts): string =>
  [
    ...TIME_WORDS.flatMap(([kind, said]) => (times[kind] === null ? [] : [`${formatAmount(times[kind])} min ${said}`])),
    ...pans.map((p) => p.words + (p.lid ? ', covered' : '')),
    ...tools,
  ].join(' · ');
