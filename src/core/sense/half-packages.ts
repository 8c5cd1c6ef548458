import type { Line } from '../version/version.ts';
import type { StepDoubt } from './doubt.ts';

const PACKAGED: ReadonlySet<string> = new Set(['package', 'packet', 'box', 'envelope', 'sachet', 'bag', 'can']);
const BY_ITS_DIRECTIONS =
  /\b(?:according to|as (?:directed|instructed) on|following|as per|per|by) (?:the )?(?:package|packet|box|bag)(?:'s)? ?(?:directions|instructions)?\b|\b(?:package|box|packet) (?:directions|instructions)\b/i;

/** Part of a package, made by the package's own directions: they are for all of it. */
export function halfPackages(lines: readonly Line[], text: string): StepDoubt[] {
  if (!BY_ITS_DIRECTIONS.test(text)) return [];
  return lines
    .filter((l) => l.amount !== null && PACKAGED.has(l.amount.unit ?? '') && l.amount.quantity % 1 !== 0 && !l.leftOut)
    .map((l) => ({
      kind: 'halfPackage',
      words: `Only part of a package of ${l.item} is listed, and its directions are for all of it: take what they ask for in the same part.`,
    }));
}
