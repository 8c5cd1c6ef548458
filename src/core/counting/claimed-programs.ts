import { ALL_PROGRAMS } from '../page/claims-said.ts';
import type { Claim } from '../page/recipe-text.ts';
import type { Program } from '../program/program.ts';
import type { SourceWords } from '../program/source-words.ts';

/** Whom a recipe is from. */
interface FromWhom {
  readonly author: string | null;
  readonly url: string | null;
}

/** Whose points a claim states. */
export type ClaimedPrograms =
  | { readonly kind: 'known'; readonly programs: readonly Program[] }
  /** The household has said that none of its programs is meant. */
  | { readonly kind: 'none'; readonly word: string }
  /** Nobody has said yet: it is shown, and compared with nothing. */
  | { readonly kind: 'unknown'; readonly word: string };

/**
 * The word that a claim's program goes by: the source's own, or, where it gives none, whose points they are. Two authors
 * rarely count alike.
 */
export function wordOfClaim(claim: Claim, credit: FromWhom): string {
  if (claim.of !== null) return claim.of;
  const whose = credit.author?.trim() || siteOf(credit.url);
  return whose ? `the points of ${whose}` : 'points without a name';
}

const siteOf = (url: string | null): string | null =>
  url === null || !URL.canParse(url) ? null : new URL(url).hostname.replace(/^www\./, '');

/** Which of the household's programs a claim is of. */
export function claimedPrograms(
  claim: Claim,
  credit: FromWhom,
  words: SourceWords,
  programs: readonly Program[],
): ClaimedPrograms {
  const word = wordOfClaim(claim, credit);
  const among = (ids: ReadonlySet<string>): ClaimedPrograms => {
    const found = programs.filter((p) => ids.has(p.id));
    return found.length === 0 ? { kind: 'unknown', word } : { kind: 'known', programs: found };
  };
  if (claim.programId !== null) return among(new Set([claim.programId]));
  const said = Object.hasOwn(words, word) ? words[word] : undefined;
  if (said === null) return { kind: 'none', word };
  if (said !== undefined) return among(new Set([said]));
  if (word === ALL_PROGRAMS) return among(new Set(Object.values(words).filter((id) => id !== null)));
  return { kind: 'unknown', word };
}
