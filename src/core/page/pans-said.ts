import type { PanSaid } from './recipe-text.ts';

const VESSEL =
  '(?:pan|dish|tin|tray|sheet|casserole|skillet|pot|oven|saucepan|roaster|mould|mold|ramekins?|springform|kettle|cooker|plate|wok)';
/** A vessel with its size before it: "9 x 13-inch baking dish", "30 x 20cm roasting tin", "2-quart casserole". */
const SIZED = new RegExp(
  String.raw`\b(\d{1,2}(?:[½¼¾]|\.\d)? ?(?:x|by|×) ?\d{1,2}(?:[½¼¾]|\.\d)?(?: ?(?:x|by|×) ?\d{1,2})?(?:[ -]?(?:inch(?:es)?|in\.?|cm|"))?|\d{1,2}(?:[½¼¾]|\.\d)?[ -]?(?:inch|in\.|cm|"|quart|qt\.?|litre|liter|l|cup))((?:[ -](?:\w{2,12}))? ?(?:\w{2,12} )?)\b${VESSEL}\b(?: pan| dish| tin)?`,
  'gi',
);

/** The pans that steps name with their size, each once, and whether a lid is spoken of. */
export function pansSaid(steps: readonly string[]): PanSaid[] {
  const found = new Map<string, PanSaid>();
  for (const step of steps) {
    if (step.length > 4000) continue;
    for (const m of step.matchAll(SIZED)) {
      const words = m[0].trim();
      const lid = /\blid\b|\bcover(?:ed)?\b/i.test(step);
      const known = found.get(words.toLowerCase());
      found.set(words.toLowerCase(), { words: known?.words ?? words, lid: lid || (known?.lid ?? false) });
    }
  }
  return [...found.values()];
}
