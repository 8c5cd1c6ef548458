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
/** Vague words in front: nobody said how much, and it is little. */
export const aLittle: ReadingRule = {
  name: 'a little',
  example: 'a little oil',
  takes: 'a little',
  take: (d) => {
    const m =
      d.amount === null
        ? /^(?:some|an? (?:little(?: bit(?: of)?)?(?! gem)|(?:bit|touch|sprinkling|sprinkle|scattering|hint) of))\s+(?=[a-z])/i.exec(
            d.text,
          )
        : null;
    return m === null ? null : { ...d, text: d.text.slice(m[0].length), modifiers: [...d.modifiers, 'a little'] };
  },
};
export const optional = condition(
  'optional',
  /^optional:?\s*|,?\s*\(?\boptional\b\)?/i,
  '1 tbsp honey (optional)',
  '(optional)',
);
export const divided = condition(
  'divided',
  /,?\s*\(?\bdivided\b(?: (?:in|into) (?:half|two|three|four|\d|thirds|quarters)(?: parts?)?)?\)?/i,
  '2 tbsp oil, divided',
  'divided',
);
