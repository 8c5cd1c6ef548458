import type { Version } from '../version/version.ts';

/** Something that is used on the way. */
export interface KitchenTool {
  readonly name: string;
  /** The steps that use it, from 0; none where only the lines ask for it. */
  readonly steps: readonly number[];
}

/**
 * What is used, and the words that say so: vessels first, then what is held in the hand. A tin for a loaf is no pan, and
 * a pan once named is meant by "the pan" later. Common practice.
 */
const TOOL_WORDS: ReadonlyArray<readonly [name: string, named: RegExp, inLine: boolean]> = [
  ['loaf tin', /\bloaf (?:tin|pan)\b/i, false],
  ['muffin tin', /\bmuffin (?:tin|pan|cups?)\b/i, false],
  ['springform', /\bspringform\b/i, false],
  [
    'baking dish',
    /\b(?:baking|casserole|gratin|oven(?:proof)?) dish\b|\b(?:in|into) (?:a|the) (?:\w+ )?dish\b|\bramekins?\b|\b\d+ ?[x×] ?\d+[- ]?(?:inch|cm)? ?(?:dish|pan)\b/i,
    false,
  ],
  ['baking tray', /\b(?:baking )?(?:tray|sheet)\b|\broasting (?:tin|pan)\b/i, false],
  ['cake tin', /\bcake (?:tin|pan)\b/i, false],
  ['grater', /\bgrat(?:e|ed|er)\b|\bzest\b|\bshredded\b/i, true],
  ['peeler', /\bpeel(?:ed|er)?\b/i, true],
  [
    'knife and board',
    /\b(?:slic|chop|dic|cub|quarter|shred|halv)(?:e|es|ed)?\b|\bminced?\b(?! (?:pork|beef|veal|lamb|turkey|chicken|meat))|\bchopped\b|\bcut\b(?! of)/i,
    true,
  ],
  ['bowl', /\bbowl\b|\b(?:beat|whisk|knead|toss) (?:the |both |eggs|flour|butter)|\bfold\b/i, false],
  ['whisk', /\bwhisk\b/i, false],
  ['saucepan', /\b(?:sauce ?pan|small pan)\b/i, false],
  ['frying pan', /\b(?:frying pan|skillet)\b/i, false],
  ['wok', /\bwok\b/i, false],
  ['pot', /\b(?:stock ?pot|soup pot|dutch oven|large pot|pot)\b/i, false],
  ['slow cooker', /\bslow[- ]?cooker\b/i, false],
  ['pressure cooker', /\bpressure[- ]?cooker\b/i, false],
  ['blender', /\bblend(?:er)?\b(?! of)|\bpur[eé]e\b|\bfood processor\b/i, false],
  ['sieve', /\b(?:sieve|strain(?!ed yogurt)|sift|colander|drain)\b/i, false],
  ['masher', /\bmash\b/i, false],
  ['rolling pin', /\broll (?:the (?:dough|pastry) )?out\b|\brolling pin\b|\broll the dough\b/i, false],
  ['baking paper', /\b(?:parchment|baking paper|greaseproof)\b|\bline (?:a|the) /i, false],
  ['foil', /\bfoil\b/i, false],
  ['skewer', /\bskewers?\b/i, false],
  ['ladle', /\bladle\b/i, false],
  ['lid', /\blid\b|\bcover(?:ed)?\b(?! (?:the )?(?:apples|them|it) with)/i, false],
  ['oven', /\boven\b(?!-|proof| dish)|\bbake\b(?![^.]*\b(?:butter|pan)\b)/i, false],
  ['thermometer', /\b(?:thermometer|reads \d{3})\b/i, false],
];

/** What to get out before the first step, vessels first. */
export function getOut(version: Pick<Version, 'lines' | 'steps'>): KitchenTool[] {
  const lines = version.lines.filter((l) => !l.leftOut).map((l) => `${l.text} ${l.note ?? ''}`);
  const usedAt = (named: RegExp): number[] => version.steps.flatMap((s, i) => (named.test(s.text) ? [i] : []));
  const tools = TOOL_WORDS.flatMap(([name, named, inLine]): KitchenTool[] => {
    const steps = usedAt(named);
    return steps.length > 0 || (inLine && lines.some((l) => named.test(l))) ? [{ name, steps }] : [];
  });
  // What simmers or fries does it in something, whether it is named or not.
  if (tools.some((t) => ON_THE_HOB.has(t.name))) return tools;
  const implied = IMPLIED.map(([name, does]): KitchenTool => ({ name, steps: usedAt(does) }));
  return [...implied.filter((t) => t.steps.length > 0), ...tools];
}

const ON_THE_HOB: ReadonlySet<string> = new Set([
  ...['pot', 'saucepan', 'frying pan', 'wok', 'slow cooker', 'pressure cooker'],
]);
const IMPLIED: ReadonlyArray<readonly [name: string, does: RegExp]> = [
  ['pot', /\b(?:simmer|boil|stew|brais|poach|swell)/i],
  ['frying pan', /\b(?:fry|brown|soften|saut[eé]|render|sear)\b/i],
];

/** What is not washed by hand between two steps. */
const NOT_WASHED: ReadonlySet<string> = new Set(['oven', 'foil', 'baking paper']);
/** What is put on the table, or stands in the oven to the end. */
const STAYS_IN_USE: ReadonlySet<string> = new Set([
  'loaf tin',
  'muffin tin',
  'springform',
  'baking dish',
  'baking tray',
  'cake tin',
  'pot',
  'slow cooker',
  'pressure cooker',
]);

/** What can be washed up on the way, and what is last. */
export interface WashUp {
  /** After which step, from 1, which tools are used no more. */
  readonly before: readonly { readonly after: number; readonly tools: readonly string[] }[];
  readonly last: readonly string[];
}

/** When what is used no more: while something simmers, hands are free. */
export function washUp(version: Pick<Version, 'lines' | 'steps'>): WashUp {
  const tools = getOut(version).filter((t) => !NOT_WASHED.has(t.name));
  const end = version.steps.length;
  // What only the lines ask for is used before the things go in.
  const firstUse = version.steps.findIndex((s) => /\b(?:slice|chop|dice|grate|cut|peel)\b/i.test(s.text));
  const early = Math.min(end, Math.max(2, firstUse + 1));
  const lastOf = (t: KitchenTool): number =>
    STAYS_IN_USE.has(t.name) ? end : t.steps.length === 0 ? early : t.steps[t.steps.length - 1]! + 1;
  const done = [...new Set(tools.map(lastOf))].filter((n) => n < end).sort((a, b) => a - b);
  return {
    before: done.map((after) => ({ after, tools: tools.filter((t) => lastOf(t) === after).map((t) => t.name) })),
    last: tools.filter((t) => lastOf(t) >= end).map((t) => t.name),
  };
}
