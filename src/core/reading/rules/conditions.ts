import type { ReadingRule } from '../rule.ts';

/** Words anywhere in the line that say when or how an amount goes in. They are kept as modifiers. */
function condition(modifier: string, pattern: RegExp, example: string, takes: string): ReadingRule {
  return {
    name: modifier,
    example,
    takes,
    take: (d) => {
      const m = pattern.exec(d.text);
      if (m === null) return null;
      const text = `${d.text.slice(0, m.index)}${d.text.slice(m.index + m[0].length)}`.trim();
      return { ...d, text, modifiers: [...d.modifiers, modifier] };
    },
  };
}

export const toTaste = condition(
  'to taste',
  /,?\s*\(?\b(?:to taste|as needed|as desired|as required)\b\)?/i,
  'salt, to taste',
  'to taste',
);
export const optional = condition(
  'optional',
  /^optional:?\s*|,?\s*\(?\boptional\b\)?/i,
  '1 tbsp honey (optional)',
  '(optional)',
);
export const divided = condition('divided', /,?\s*\(?\bdivided\b\)?/i, '2 tbsp oil, divided', 'divided');
