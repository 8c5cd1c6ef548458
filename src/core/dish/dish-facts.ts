import type { RecipeFacts } from '../page/recipe-text.ts';

export const APPLIANCES = [
  'oven',
  'hob',
  'slow cooker',
  'pressure cooker',
  'hot air',
  'microwave',
  'grill',
  'blender',
] as const;
export type Appliance = (typeof APPLIANCES)[number];

/** What a list is narrowed by: only what is read, nothing that is guessed. */
export interface DishFacts {
  /** From the first move to the table; null where the source does not say it. */
  readonly minutes: number | null;
  readonly appliances: readonly Appliance[];
  /** How many pots, pans and dishes something is cooked in; 0 where the steps name none. */
  readonly vessels: number;
}

/** What names an appliance, or what is done with it: common practice. */
const SIGNS: Readonly<Record<Appliance, RegExp>> = {
  oven: /\boven\b(?!-)|\b(?:bake|baked|roast|broil|gratinate)\b(?! (?:chicken|beef|pork|potatoes|peppers|red))/i,
  hob: /\b(?:(?<!air[- ])fry|sauté|saute|simmer|boil|stove|hob|poach|stew|braise|stir-fry|deglaze)\b|\b(?:brown|sweat|melt|heat|warm|cook|soften|toast|scramble)\b[^.]*\b(?:pan|pot|saucepan|skillet|wok)\b/i,
  'slow cooker': /\bslow[- ]?cooker\b/i,
  'pressure cooker': /\bpressure[- ]?cook(?:er|ed)?\b|\bmulti-?cooker\b/i,
  'hot air': /\bair[- ]?fr(?:y|ier|yer)\b|\bhot[- ]air\b/i,
  microwave: /\bmicrowave\b/i,
  grill: /\bcoals?\b|\bbarbecue\b|\bgrill(?:ed)?\b/i,
  blender: /\bblender\b|\bfood processor\b|\bblend\b[^.]*\bsmooth\b|\bpurée\b|\bpuree\b/i,
};

/** Vessels that something is cooked in; what has several names is one. */
const VESSELS: ReadonlyArray<readonly [vessel: string, named: RegExp]> = [
  ['saucepan', /\b(?:sauce ?pan|small pan)\b/i],
  ['pan', /\b(?:frying pan|skillet|wok|sauté pan|(?<!sauce |sauce|baking |roasting |cake |loaf )pan)\b/i],
  ['pot', /\b(?:stock ?pot|soup pot|dutch oven|kettle|casserole(?! dish)|pot)\b/i],
  [
    'dish',
    /\b(?:baking (?:dish|pan|tin|tray|sheet)|roasting (?:tin|pan)|casserole dish|(?:cake|loaf|tart|pie|muffin) (?:tin|pan|dish)|ramekins?|tray)\b/i,
  ],
  ['slow cooker', /\bslow[- ]?cooker\b/i],
  ['pressure cooker', /\bpressure[- ]?cooker\b|\bmulti-?cooker\b/i],
];
/** One more of the same: "in another saucepan". */
const ANOTHER = /\b(?:another|second|separate|other) (?:\w+ )?(?:pan|saucepan|sauce ?pan|pot|skillet|dish|tin)\b/gi;
/** A pan to cool on cooks nothing. */
const RESTS = /\b(?:cool|rest|serve|chill)\b[^.]*\b(?:on|from|in) (?:a|the) [^.]*\./gi;

/**
 * What a list is narrowed by, read from a recipe's steps and from what its source says.
 *
 * @example dishFacts([{ text: 'Bake for an hour.' }], facts).appliances // ['oven']
 */
export function dishFacts(steps: readonly { readonly text: string }[], facts: RecipeFacts): DishFacts {
  const { prep, cook, total } = facts.times;
  const said = steps.map((s) => (/[.!?]$/.test(s.text.trim()) ? s.text : `${s.text}.`)).join(' ');
  const cooked = said.replace(RESTS, '');
  const tools = facts.tools.join('. ');
  const named = VESSELS.filter(([, is]) => is.test(cooked)).length;
  return {
    minutes: total ?? (prep !== null && cook !== null ? prep + cook : null),
    appliances: APPLIANCES.filter((a) => SIGNS[a].test(cooked) || SIGNS[a].test(tools)),
    vessels: named + (cooked.match(ANOTHER)?.length ?? 0),
  };
}
