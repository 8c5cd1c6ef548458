import type { ReadingRule } from '../rule.ts';

const PLACE =
  'plate|bowl|cup|glass|muffin|cupcake|roll|bun|piece|box|jar|serving|portion|one|person|head|slice|wrap|taco|tortilla|pancake|waffle|sandwich|burger|cookie|square|toast|cracker|potato|pepper|ramekin|dumpling';
const EACH = new RegExp(
  String.raw`,?\s*\(?\b(?:(?:in|on|for|to|over|onto|into|inside) (?:each|every)(?: (?:${PLACE}))?|per (?:${PLACE})|(?<=\s)(?:a|each) (?:serving|portion|person|plate|head))\)?\s*$`,
  'i',
);
const IN_BETWEEN = new RegExp(
  `^(.{1,40}?) (?:(?:in|on|for|to|over|onto|into) (?:each|every)|per) (?:${PLACE}) (?:of )?(?=[a-z])`,
  'i',
);

/** "4 chips in each", "2 tbsp sugar per muffin": an amount for one piece, to be taken as often as there are pieces. */
export const perServing: ReadingRule = {
  name: 'per serving',
  example: '10 g parmesan on each plate',
  takes: 'on each plate',
  take: (d) => {
    const m = EACH.exec(d.text);
    if (m !== null && m.index > 0)
      return { ...d, text: d.text.slice(0, m.index).trim(), modifiers: [...d.modifiers, 'per serving'] };
    const between = IN_BETWEEN.exec(d.text);
    if (between === null) return null;
    const text = `${between[1]} ${d.text.slice(between[0].length)}`;
    return { ...d, text, modifiers: [...d.modifiers, 'per serving'] };
  },
};
