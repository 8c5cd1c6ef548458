import { methodsOf } from '../steps/steps-as-changed.ts';
import { SWAPS } from '../swap/library.ts';
import type { Swap } from '../swap/swap.ts';
import type { Version } from '../version/version.ts';
import { stepParts } from './step-parts.ts';

/** It says when something is done, or for how much longer, and not that something else is done. */
const COMPARES = /\b(?:inside|longer|less|sooner|only until|only to|is done in|twice as long)\b/i;
/** A pan is sprayed as the first move of what is fried in it. */
const SPRAYS = /^spray\b/i;
const TAKES_TIME = /\b(?:blend|drain|soak|press out)\b/i;

/**
 * The steps of swaps that only say how the next step is done ("spray the hot pan once", "cook it a minute less"), by
 * their texts. What one has to cook, blend or wait for is work of its own.
 */
export function hintsIn(version: Version, swaps: readonly Swap[]): ReadonlySet<string> {
  // A recipe keeps the words with which a swap came in, also where the household talks otherwise now.
  const methods = [...swaps, ...SWAPS].flatMap((s) =>
    methodsOf(s).filter((m) => m.place === 'before' && (!m.takesOver || SPRAYS.test(m.text))),
  );
  const texts = new Set(methods.map((m) => m.text));
  return new Set(version.steps.map((s) => s.text).filter((t) => texts.has(t) && (COMPARES.test(t) || !isWork(t))));
}

const isWork = (text: string): boolean =>
  TAKES_TIME.test(text) || stepParts(text).some((p) => !p.hands || p.place !== null || p.minutes !== null);
