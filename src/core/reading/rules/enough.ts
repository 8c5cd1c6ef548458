import type { ReadingRule } from '../rule.ts';

const ENOUGH_AHEAD = /^(?:just )?enough (?=[a-z])/i;
const ENOUGH_BEHIND =
  /,?\s*\(?\b(?:until (?:it|they) (?:look|feel|seem)s? (?:right|good|enough)|as much as (?:it|you) \w+|by eye|by feel|to make an? [a-z ]{3,30})\)?$/i;

/** "Flour until it looks right", "enough flour to make a soft dough": as much as it takes, and nobody says how much. */
export const enough: ReadingRule = {
  name: 'enough',
  example: 'flour until it looks right',
  takes: 'until it looks right',
  take: (d) => {
    if (d.amount !== null || /^\d/.test(d.text)) return null;
    const behind = ENOUGH_BEHIND.exec(d.text);
    const ahead = ENOUGH_AHEAD.exec(d.text);
    if (behind === null && ahead === null) return null;
    const text = d.text.slice(ahead?.[0].length ?? 0, behind?.index ?? d.text.length).trim();
    return text === '' ? null : { ...d, text, modifiers: [...d.modifiers, 'enough'] };
  },
};
