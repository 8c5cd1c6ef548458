import type { ReadingRule } from '../rule.ts';

/** Adjectives that a comma may follow inside a food's name: "boneless, skinless chicken breasts". */
const NAME_ADJECTIVES = new Set(
  `boneless skinless bone-in skin-on fresh ripe dried frozen cooked raw lean extra-lean low-fat nonfat fat-free
  reduced-fat light plain unsweetened sweet sour hot cold warm dry whole white brown red green yellow black dark large
  medium small unsalted salted low-sodium reduced-sodium good-quality high-quality day-old stale crusty thick thin
  soft firm tender young sharp mild smoked unsmoked uncooked canned tinned peeled pitted seedless`
    .split(/\s+/)
    .filter(Boolean),
);

/** Where the food's name ends: at a comma, semicolon or spaced dash that is not part of the name. */
function endOfName(text: string): number | null {
  for (let i = 0; i < text.length; i++) {
    const c = text[i]!;
    if (c === ';' || (c === '-' && text[i - 1] === ' ' && text[i + 1] === ' ')) return i;
    if (c === ',') {
      const before = text
        .slice(0, i)
        .split(/[\s,]+/)
        .filter(Boolean);
      if (before.length > 0 && before.every((w) => NAME_ADJECTIVES.has(w.toLowerCase()))) continue;
      return i;
    }
  }
  return null;
}

export const behindComma: ReadingRule = {
  name: 'what stands behind the comma',
  example: 'boneless, skinless chicken breasts, cubed',
  takes: 'cubed',
  take: (d) => {
    const name = d.text.trim();
    const end = endOfName(name);
    if (end === null) return null;
    const note = name
      .slice(end)
      .replace(/^[\s,;-]+/, '')
      .trim();
    return { ...d, text: name.slice(0, end).trim(), notes: note === '' ? d.notes : [note, ...d.notes] };
  },
};
