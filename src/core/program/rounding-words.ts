import type { Rule } from './rule.ts';

/** How a raw count becomes points, in words: 'rounded once to the nearest whole point'. */
export function roundingWords(rule: Rule): string {
  const step = rule.step === 1 ? 'whole point' : 'half point';
  return rule.rounding === 'nearest' ? `rounded once to the nearest ${step}` : `rounded ${rule.rounding} to a ${step}`;
}
