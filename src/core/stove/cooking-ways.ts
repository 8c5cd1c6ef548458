import { type Caution, cautionsFor } from '../caution/cautions.ts';
import type { Food } from '../food/food.ts';
import { namedTogether } from '../quantity/named-together.ts';
import type { Line, Version } from '../version/version.ts';
import { COMMON_PRACTICE } from './common-practice.ts';
import { ovenHeat } from './oven-heat.ts';
import type { StepTime } from './step-times.ts';
import { stepsAtStove } from './steps-at-stove.ts';

export const COOKING_WAYS = ['slow-cooker', 'pressure-cooker', 'hot-air', 'pan-for-oven', 'small-tins'] as const;
export type CookingWayId = (typeof COOKING_WAYS)[number];

/** Another way of cooking a dish than its steps say. */
export interface CookingWay {
  readonly id: CookingWayId;
  readonly name: string;
  /** Instead of the longest time that the steps say, s. */
  readonly times: readonly Omit<StepTime, 'said'>[];
  /** How much goes in of what is wet; null where nothing changes. */
  readonly liquid: string | null;
  /** What else is done otherwise. */
  readonly words: readonly string[];
  readonly cautions: readonly Caution[];
  readonly source: string;
}

interface Cooked {
  readonly simmers: boolean;
  readonly bakes: boolean;
  /** The longest time of a step that cooks, min; null where none says any. */
  readonly minutes: number | null;
  readonly liquids: readonly Line[];
  readonly late: readonly string[];
  readonly inside: string | null;
  readonly heatC: number | null;
  readonly loaf: boolean;
  readonly runny: boolean;
}

const inMinutes = (from: number, to: number | null = null): Pick<StepTime, 'from' | 'to'> => ({
  from: Math.round(from) * 60,
  to: to === null ? null : Math.round(to) * 60,
});

/** The ways in which a dish can be cooked besides its own, each with times, liquid and cautions. */
export function cookingWays(version: Version, food: (id: string) => Food | null): CookingWay[] {
  const how = cookedHow(version, food);
  const made: (CookingWay | null)[] = [
    slowCooker(how),
    pressureCooker(how),
    hotAir(how),
    panForOven(how),
    smallTins(how),
  ];
  const foods = version.lines.flatMap((l) => (!l.leftOut && l.food.kind === 'food' ? (food(l.food.foodId) ?? []) : []));
  return made.flatMap((way) => (way === null ? [] : [{ ...way, cautions: cautionsOf(way, foods) }]));
}

/** The cautions that the way itself calls for, by the rules that hold everywhere. */
const cautionsOf = (way: CookingWay, foods: readonly Food[]): Caution[] => {
  const said: Readonly<Record<CookingWayId, string>> = {
    'slow-cooker': 'cook in the slow cooker',
    'pressure-cooker': 'pressure cook, then pressure release',
    'hot-air': 'roast in hot air',
    'pan-for-oven': 'fry in the pan',
    'small-tins': 'bake in the oven',
  };
  const own: Readonly<Record<CookingWayId, readonly string[]>> = {
    'slow-cooker': ['slow-cooker', 'kidney-beans', 'poultry', 'ground-meat', 'whole-meat'],
    'pressure-cooker': ['pressure', 'kidney-beans', 'poultry', 'ground-meat', 'whole-meat'],
    'hot-air': ['poultry', 'ground-meat', 'whole-meat', 'fish', 'egg'],
    'pan-for-oven': ['poultry', 'ground-meat', 'whole-meat', 'fish', 'egg'],
    'small-tins': ['poultry', 'ground-meat', 'egg'],
  };
  return cautionsFor(foods, said[way.id]).filter((c) => own[way.id].includes(c.id));
};

const LIQUID = /\b(?:water|stock|broth|wine|beer|cider|passata|tomatoes, (?:canned|crushed)|coconut milk)\b/i;
/** What curdles, goes soft or loses its taste in hours: it goes in at the end. */
const LATE =
  /\b(?:cream|yogurt|milk|quark|cr[eè]me fra[iî]che|parsley|dill|basil|coriander|chives|peas|spinach|pasta|noodles)\b/i;

function cookedHow(version: Version, food: (id: string) => Food | null): Cooked {
  const { steps } = stepsAtStove(version, food);
  const all = version.steps.map((s) => s.text).join('\n');
  const there = version.lines.filter((l) => !l.leftOut);
  const cooking = steps.filter((s) => /\b(?:simmer|brais|stew|bak|roast|oven|boil|cook)/i.test(s.step.text));
  const times = cooking.flatMap((s) => s.times.map((t) => (t.from + (t.to ?? t.from)) / 120));
  const longest = steps.flatMap((s) => s.times.filter(() => cooking.includes(s)));
  const range = longest.reduce<StepTime | null>((a, t) => (a === null || t.from > a.from ? t : a), null);
  const inside = steps.flatMap((s) => (s.inside === null ? [] : [s.inside])).sort((a, b) => b.celsius - a.celsius)[0];
  const heat = steps.map((s) => s.oven).find((o) => o !== null);
  return {
    simmers: /\b(?:simmer|brais|stew|swell)/i.test(all),
    bakes: /\b(?:bake|roast|oven)\b/i.test(all),
    minutes: range === null || times.length === 0 ? null : range.from / 60,
    liquids: there.filter((l) => LIQUID.test(l.item)),
    late: there.filter((l) => LATE.test(l.item) && !/coconut|evaporated/i.test(l.item)).map((l) => l.item),
    inside: inside === undefined ? null : `${inside.fahrenheit} °F (${inside.celsius} °C)`,
    heatC: heat?.celsius[0] ?? null,
    loaf: /\bloaf\b/i.test(all) || /\bloaf\b/i.test(version.name),
    runny: /\b(?:batter|pour|soup|casserole|layer)\b/i.test(all),
  };
}

/** Hours on low and on high for what simmers or braises so long otherwise, min: common practice. */
const SLOW: ReadonlyArray<readonly [upTo: number, low: readonly [number, number], high: readonly [number, number]]> = [
  [15, [2, 4], [1, 2]],
  [30, [4, 6], [2, 3]],
  [50, [6, 8], [3, 4]],
  [Number.POSITIVE_INFINITY, [8, 10], [4, 6]],
];

function slowCooker(how: Cooked): CookingWay | null {
  if (!how.simmers || how.minutes === null || how.minutes < 15) return null;
  const [, low, high] = SLOW.find(([upTo]) => how.minutes! <= upTo)!;
  const liquids = how.liquids.map((l) => l.text.split(',')[0]!.trim());
  return {
    id: 'slow-cooker',
    name: 'Slow cooker',
    times: [
      { name: 'On low', ...inMinutes(low[0] * 60, low[1] * 60) },
      { name: 'On high', ...inMinutes(high[0] * 60, high[1] * 60) },
    ],
    liquid:
      liquids.length === 0
        ? 'At least ½ cup (120 ml): nothing boils away.'
        : `Take half of the ${namedTogether(liquids)}, and at least ½ cup (120 ml): nothing boils away.`,
    words: [
      'Brown and soften in a pan first, as the steps say; then fill it half to two thirds full, roots at the bottom.',
      'Each look under the lid costs 20 minutes.',
      ...lateWords(how.late),
      ...insideWords(how.inside),
    ],
    cautions: [],
    source: `${COMMON_PRACTICE}; USDA FSIS, slow cookers and food safety`,
  };
}

function pressureCooker(how: Cooked): CookingWay | null {
  if (!how.simmers || how.minutes === null || how.minutes < 20) return null;
  const third = how.minutes / 3;
  return {
    id: 'pressure-cooker',
    name: 'Pressure cooker',
    times: [{ name: 'Under pressure', ...inMinutes(third, third + Math.max(2, Math.round(third / 4))) }],
    liquid: 'It needs at least 1 cup (240 ml) of something wet, and at most as much as it says inside.',
    words: [
      'Fill it two thirds at most, half with beans and grains: they foam.',
      'Let the pressure go by itself for 10 minutes, then let out the rest.',
      ...lateWords(how.late),
      ...insideWords(how.inside),
    ],
    cautions: [],
    source: `${COMMON_PRACTICE}; the maker's manual goes first`,
  };
}

function hotAir(how: Cooked): CookingWay | null {
  if (!how.bakes || how.minutes === null || (how.runny && !how.loaf)) return null;
  const c = (how.heatC ?? 180) - 15;
  const heat = ovenHeat(`Bake at ${c} °C`)!;
  return {
    id: 'hot-air',
    name: 'Hot air',
    times: [{ name: 'In hot air', ...inMinutes(how.minutes * 0.75, how.minutes * 0.9) }],
    liquid: null,
    words: [
      `Less heat: ${heat.fahrenheit[0]} °F (${c} °C), and look after three quarters of the time.`,
      'In one layer with air around it; shake or turn it halfway. In two goes where it does not fit.',
      ...insideWords(how.inside),
    ],
    cautions: [],
    source: COMMON_PRACTICE,
  };
}

function panForOven(how: Cooked): CookingWay | null {
  if (!how.bakes || how.minutes === null) return null;
  return {
    id: 'pan-for-oven',
    name: 'In a pan, where there is no oven',
    times: [{ name: 'Covered, on low heat', ...inMinutes(how.minutes * 0.5, how.minutes * 0.75) }],
    liquid: 'A splash of water or stock (¼ cup, 60 ml) when it sticks.',
    words: [
      'In flat pieces or a flat layer, at most 4 cm thick: brown it on one side, turn it, then cover it and cook it on low heat.',
      'Its top does not brown. Scatter what should be crisp over it toasted.',
      ...insideWords(how.inside),
    ],
    cautions: [],
    source: COMMON_PRACTICE,
  };
}

function smallTins(how: Cooked): CookingWay | null {
  if (!how.bakes || !how.loaf || how.minutes === null) return null;
  return {
    id: 'small-tins',
    name: 'In small tins',
    times: [
      { name: 'Twelve muffin cups', ...inMinutes(how.minutes / 3) },
      { name: 'Small loaf tins', ...inMinutes((how.minutes * 2) / 3) },
    ],
    liquid: null,
    words: ['Fill them two thirds. The heat stays; look 5 minutes before the time.', ...insideWords(how.inside)],
    cautions: [],
    source: COMMON_PRACTICE,
  };
}

const lateWords = (late: readonly string[]): string[] =>
  late.length === 0 ? [] : [`Stir in ${namedTogether(late)} at the end.`];
const insideWords = (inside: string | null): string[] =>
  inside === null ? [] : [`By its inside, not by the clock: ${inside}.`];
