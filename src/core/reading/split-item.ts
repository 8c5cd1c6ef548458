/** Adjectives that a comma may follow inside a food's name: "boneless, skinless chicken breasts". */
const NAME_ADJECTIVES = new Set(
  `boneless skinless bone-in skin-on fresh ripe dried frozen cooked raw lean extra-lean low-fat nonfat fat-free
  reduced-fat light plain unsweetened sweet sour hot cold warm dry whole white brown red green yellow black dark large
  medium small unsalted salted low-sodium reduced-sodium good-quality high-quality day-old stale crusty thick thin
  soft firm tender young sharp mild smoked unsmoked uncooked canned tinned peeled pitted seedless`
    .split(/\s+/)
    .filter(Boolean),
);

/** Preparation that stands before the food: it says how, not what. Before meat, `minced` says what. */
const LEADING_PREPARATION =
  /^((?:(?:very|finely|roughly|coarsely|freshly|thinly|thickly|lightly|well) )*(?:chopped|diced|sliced|minced|grated|shredded|melted|softened|crumbled|toasted|beaten|sifted|cubed|mashed|julienned|squeezed|peeled|halved|quartered|rinsed|drained)(?:(?:,| and|, and) (?:chopped|diced|sliced|minced|grated|shredded|rinsed|drained|peeled|cored|seeded|cooled))*) (?=\S)/i;
const MEAT = /^(?:lean |extra[- ]lean |fatty )?(?:beef|pork|turkey|chicken|lamb|veal|meat)\b/i;
/** Foods sold under a name that begins with a preparation. */
const SOLD_AS =
  /^(?:(?:chopped|diced|crushed|sliced|peeled) (?:tinned |canned |plum )?tomato|sliced (?:turkey|ham|cheese)|shredded (?:coconut|chicken)|toasted sesame|peeled potato|melted cheese)/i;
/** First words of a pair that share the last word with the second: "vegetable or chicken broth". */
const SHARED_HEAD = new Set(
  'vegetable chicken beef fish red white green yellow brown black light dark olive canola low-fat skim whole fresh dried lemon lime apple cider wine sweet sour heavy single double almond oat soy plain self-raising cherry plum turkey pork'.split(
    ' ',
  ),
);

export interface ItemRead {
  readonly item: string;
  readonly notes: readonly string[];
  readonly alternatives: readonly string[];
}

/**
 * Splits what is left after the amount into the food, notes on its preparation, and alternatives.
 *
 * @example splitItem('boneless, skinless chicken breasts, cubed') // item 'boneless, skinless chicken breasts', notes ['cubed']
 */
export function splitItem(text: string): ItemRead {
  const notes: string[] = [];
  let name = text.trim();
  const cut = cutAt(name);
  if (cut !== null) {
    const tail = name
      .slice(cut)
      .replace(/^[\s,;-]+/, '')
      .trim();
    name = name.slice(0, cut).trim();
    if (tail !== '') notes.push(tail);
  }
  const garnish =
    / (for (?:the )?(?:garnish|garnishing|dusting|serving|topping|greasing|frying|brushing|sprinkling|decoration|rolling|pan|tin)\b.*|to (?:serve|garnish|finish|cover)\b.*|at room temperature|cut into .*|plus (?:more|extra)\b.*|with (?:its|their|the) (?:own )?(?:juices?|liquid|liquor|brine)\b.*|(?:in|with) (?:its|their|the) (?:shells?|pods?|husks?|skins?|peel|bones?)\b.*|on the bone\b.*)$/i.exec(
      name,
    );
  if (garnish && garnish.index > 0) {
    notes.unshift(garnish[1]!);
    name = name.slice(0, garnish.index).trim();
  }
  const lead = LEADING_PREPARATION.exec(name);
  if (lead && !SOLD_AS.test(name)) {
    const after = name.slice(lead[0].length);
    if (!(/minced$/i.test(lead[1]!) && MEAT.test(after))) {
      notes.unshift(lead[1]!);
      name = after;
    }
  }
  const alternatives: string[] = [];
  const or = name.split(/ or /i);
  if (or.length > 1 && or.every((x) => x.trim() !== '')) {
    const parts = or.map((x) => x.trim());
    const last = parts[parts.length - 1]!.split(' ');
    name = parts[0]!;
    if (SHARED_HEAD.has(name.toLowerCase()) && last.length > 1) name = `${name} ${last[last.length - 1]}`;
    alternatives.push(
      ...parts.slice(1).map((p) => (SHARED_HEAD.has(p.toLowerCase()) ? `${p} ${last[last.length - 1]}` : p)),
    );
  }
  return { item: name, notes, alternatives };
}

/** Where the food's name ends: at a comma, semicolon or spaced dash that is not part of the name. */
function cutAt(text: string): number | null {
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
