import type { ReadingRule } from '../rule.ts';

/** First words of a pair that share the last word with the second: "vegetable or chicken broth". */
const SHARED_HEAD = new Set(
  'vegetable chicken beef fish red white green yellow brown black light dark olive canola low-fat skim whole fresh dried lemon lime apple cider wine sweet sour heavy single double almond oat soy plain self-raising cherry plum turkey pork'.split(
    ' ',
  ),
);

export const thisOrThat: ReadingRule = {
  name: 'this or that',
  example: '1 cup vegetable or chicken broth',
  takes: 'or chicken',
  take: (d) => {
    const names = d.text.split(/ or /i).map((x) => x.trim());
    if (names.length < 2 || names.some((x) => x === '')) return null;
    const last = names.at(-1)!.split(' ');
    // "lemon or lime" has no last word to share.
    const share = (name: string) =>
      last.length > 1 && SHARED_HEAD.has(name.toLowerCase()) ? `${name} ${last.at(-1)}` : name;
    const [first, ...others] = names as [string, ...string[]];
    return {
      ...d,
      text: share(first),
      alternatives: [...d.alternatives, ...others.map(share)],
    };
  },
};
