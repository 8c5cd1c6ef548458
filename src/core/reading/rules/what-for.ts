import type { ReadingRule } from '../rule.ts';

const WHAT_FOR =
  / (for (?:the )?(?:garnish|garnishing|dusting|serving|topping|greasing|frying|brushing|sprinkling|decoration|rolling|pan|tin)\b.*|to (?:serve|garnish|finish|cover)\b.*|at room temperature|cut into .*|plus (?:more|extra)\b.*|with (?:its|their|the) (?:own )?(?:juices?|liquid|liquor|brine)\b.*|(?:in|with) (?:its|their|the) (?:shells?|pods?|husks?|skins?|peel|bones?)\b.*|on the bone\b.*)$/i;

export const whatFor: ReadingRule = {
  name: 'what it is for, and how it comes',
  example: '2 tbsp flour for dusting',
  takes: 'for dusting',
  take: (d) => {
    const name = d.text.trim();
    const m = WHAT_FOR.exec(name);
    if (m === null || m.index === 0) return null;
    return { ...d, text: name.slice(0, m.index).trim(), notes: [m[1]!, ...d.notes] };
  },
};
