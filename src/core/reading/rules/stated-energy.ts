import type { ReadingRule } from '../rule.ts';

const ENERGY_WORDS = String.raw`(?:about |at )?(\d{1,4})[ -]?(?:kcal|calories|calorie|cals?)\b(?: (each)| (?:a|an|per) ((?:one|piece|slice|tortilla|wrap|bar|bun|roll|stick|link|cup|serving|packet|pouch|egg|cookie|biscuit|cracker|sausage|patty|burger|muffin|bagel)\b))?`;
const BEHIND_FOOD = [
  new RegExp(String.raw`\s*[([]${ENERGY_WORDS}[)\]]`, 'i'),
  new RegExp(String.raw`(?:,\s*|\s+at\s+|;\s*)${ENERGY_WORDS}`, 'i'),
];
/** "60-calorie wraps": each of them. */
const ENERGY_AHEAD = /\b(\d{2,3})[ -](?:kcal|calorie|cal)s? (?=[a-z])/i;

/** "45 kcal a slice", "(50 calories)": what the package says of its energy. It wins over the table's. */
export const statedEnergy: ReadingRule = {
  name: 'the energy that the line states',
  example: '2 slices bread (45 kcal a slice)',
  takes: '(45 kcal a slice)',
  take: (d) => {
    for (const pattern of BEHIND_FOOD) {
      const m = pattern.exec(d.text);
      if (m === null) continue;
      const text = `${d.text.slice(0, m.index)}${d.text.slice(m.index + m[0].length)}`.trim();
      const each = m[2] !== undefined || m[3] !== undefined;
      return /[a-z]/i.test(text) ? { ...d, text, energy: { kcal: Number(m[1]), each } } : null;
    }
    const m = ENERGY_AHEAD.exec(d.text);
    if (m === null || m.index === 0) return null;
    const text = `${d.text.slice(0, m.index)}${d.text.slice(m.index + m[0].length)}`;
    return { ...d, text, energy: { kcal: Number(m[1]), each: true } };
  },
};
