import { beginsWithVerb } from './kitchen-verbs.ts';

/** Where "until" names no sign: "until needed", "until ready to serve". */
const NO_SIGN =
  /^(?:until|when)\s+(?:needed|ready|required|serving|the next|tomorrow|you|use|then|just before|morning)\b/i;

/** How long, and how meanwhile. */
const ASIDE = /^(?:(?:about |some |another )?\d|stirring|turning|shaking|covered|uncovered|then\b)/i;

/**
 * The signs by which a step is done, in its own words: "until they bend". A time is only when to begin to look.
 *
 * @example signsOfDone('Bake for 20 minutes or until set.') // ['until set']
 */
export function signsOfDone(text: string): string[] {
  return text.split(/(?<=[.;!?])\s+/).flatMap((sentence) => {
    const m = /\b(?:until|(?<=\bdone )when|(?<=\bready )when)\b.*$/i.exec(sentence);
    if (m === null || NO_SIGN.test(m[0])) return [];
    // What is done after it is no sign any more.
    const clauses = m[0].replace(/[.;!?]+$/, '').split(/,\s+/);
    const end = clauses.findIndex((c, i) => i > 0 && (beginsWithVerb(c) || ASIDE.test(c)));
    const sign = clauses.slice(0, end === -1 ? undefined : end).join(', ');
    return [sign.trim().replace(/^[A-Z]/, (c) => c.toLowerCase())];
  });
}
