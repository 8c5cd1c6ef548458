import type { Food, FoodKind } from '../food/food.ts';
import type { DailyAim, VegetableColour } from '../table/daily-aim.ts';
import type { DaySources } from './count-entry.ts';
import type { DayEntry } from './day-entry.ts';
import { foodsInEntry } from './foods-in-entry.ts';

/** Groups of foods that a household may look for, g in all. */
export interface DailyGroups {
  readonly oil: number;
  readonly dairy: number;
  readonly vegetables: number;
  readonly fruit: number;
  readonly fish: number;
  /** The colours of the vegetables of which there is more than a sprinkle. */
  readonly colours: readonly VegetableColour[];
}
type Group = Exclude<keyof DailyGroups, 'colours'>;

const GROUP_KINDS: Readonly<Record<Group, readonly FoodKind[]>> = {
  oil: ['oil'],
  dairy: ['dairy', 'cultured0'],
  vegetables: ['veg'],
  fruit: ['fruit', 'fruitinjuice'],
  fish: ['fish', 'fishsweet', 'shellfish'],
};

/** The colours of vegetables, by what stands in their ids. */
const COLOURS: ReadonlyArray<readonly [VegetableColour, RegExp]> = [
  ['purple', /^(?:aubergine|cabbage-red|beetroot|onion-red)/],
  ['red', /^(?:tomato|pepper-bell-red|peppers-roasted|radish|chilli)/],
  ['orange', /^(?:carrot|pumpkin|squash)/],
  ['white', /^(?:onion|shallot|garlic|leek|celeriac|cauliflower|mushroom|kohlrabi|turnip|fennel|bean-sprouts|daikon)/],
  [
    'green',
    /^(?:spinach|kale|chard|lettuce|rocket|cucumber|courgette|broccoli|green-beans|asparagus|brussels|pak|cabbage|celery|pepper-bell-green|spring-onion|peas|sugar-snap|okra|endive|collard|watercress|chinese)/,
  ],
];
/** Less than this of a colour is a sprinkle, g. */
const SPRINKLE_G = 20;

const NO_GRAMS: DailyGroups = { oil: 0, dairy: 0, vegetables: 0, fruit: 0, fish: 0, colours: [] };

const isIn = (food: Food, group: Group): boolean => food.kinds.some((k) => GROUP_KINDS[group].includes(k));

/** What of the groups is in these things, as their recipes are now. */
export function dailyGroups(entries: readonly DayEntry[], from: DaySources): DailyGroups {
  const sums = { oil: 0, dairy: 0, vegetables: 0, fruit: 0, fish: 0 };
  const byColour = new Map<VegetableColour, number>();
  for (const entry of entries)
    for (const { food, grams } of foodsInEntry(entry, from)) {
      if (grams <= 0) continue;
      for (const group of Object.keys(sums) as Group[]) if (isIn(food, group)) sums[group] += grams;
      const colour = isIn(food, 'vegetables') ? COLOURS.find(([, id]) => id.test(food.id))?.[0] : undefined;
      if (colour !== undefined) byColour.set(colour, (byColour.get(colour) ?? 0) + grams);
    }
  return { ...NO_GRAMS, ...sums, colours: [...byColour].filter(([, g]) => g >= SPRINKLE_G).map(([c]) => c) };
}

/** How an aim stands: shown, and never scolded for. */
export interface AimStands {
  readonly aim: DailyAim;
  readonly has: number;
  readonly isMet: boolean;
}

/**
 * How the aims of a household stand, for a day or a week of somebody's.
 *
 * @param ticked what was told by hand, by the aim's id
 */
export function aimsStand(
  aims: readonly DailyAim[],
  groups: DailyGroups,
  ticked: Readonly<Record<string, number>>,
): AimStands[] {
  return aims.map((aim) => {
    const has =
      aim.kind === 'ticked' ? (ticked[aim.id] ?? 0) : aim.kind === 'colours' ? groups.colours.length : groups[aim.kind];
    return { aim, has: Math.round(has), isMet: has >= aim.least };
  });
}
