import type { ReadingRule } from '../rule.ts';

/** Preparation that stands before the food: it says how, not what. Before meat, `minced` says what. */
const PREPARATION =
  /^((?:(?:very|finely|roughly|coarsely|freshly|thinly|thickly|lightly|well) )*(?:chopped|diced|sliced|minced|grated|shredded|melted|softened|crumbled|toasted|beaten|sifted|cubed|mashed|julienned|squeezed|peeled|halved|quartered|rinsed|drained)(?:(?:,| and|, and) (?:chopped|diced|sliced|minced|grated|shredded|rinsed|drained|peeled|cored|seeded|cooled))*) (?=\S)/i;
const MEAT = /^(?:lean |extra[- ]lean |fatty )?(?:beef|pork|turkey|chicken|lamb|veal|meat)\b/i;
/** Foods sold under a name that begins with a preparation. */
const SOLD_AS =
  /^(?:(?:chopped|diced|crushed|sliced|peeled) (?:tinned |canned |plum )?tomato|sliced (?:turkey|ham|cheese)|shredded (?:coconut|chicken)|toasted sesame|peeled potato|melted cheese|crumbled bacon)/i;

export const preparationInFront: ReadingRule = {
  name: 'preparation before the food',
  example: '½ cup finely chopped parsley',
  takes: 'finely chopped',
  take: (d) => {
    const name = d.text.trim();
    const m = PREPARATION.exec(name);
    if (m === null || SOLD_AS.test(name)) return null;
    const food = name.slice(m[0].length);
    if (/minced$/i.test(m[1]!) && MEAT.test(food)) return null;
    return { ...d, text: food, notes: [m[1]!, ...d.notes] };
  },
};
