import type { FoodState } from '../food/food.ts';
import { type Program, USUAL_WEEK } from './program.ts';
import type { Rule } from './rule.ts';
import { anyFood, type Exclusion, type UncountedEntry, type UncountedList } from './uncounted.ts';

/** One point per 45 of energy, corrected for what fills and what does not. */
const RULE: Rule = {
  coefficients: { kcal: 1, sugars: 2, satFat: 6.75, protein: -2, fibre: -2 },
  per: 45,
  caps: {},
  step: 1,
  rounding: 'nearest',
  floorAt: 'serving',
};

const ids = (text: string): string[] => text.split(/\s+/).filter(Boolean);
const foods = (words: string, text: string): UncountedEntry => ({
  ...anyFood(words),
  foods: ids(text),
});

/** They win over every list. */
const EXCLUSIONS: readonly Exclusion[] = [
  { words: 'a sweetened or milky drink', foods: [], kinds: ['drink'], except: ['coffee'] },
  // Lemon and lime juice are seasonings and of a kind of their own.
  { words: 'juice', foods: [], kinds: ['juice'], except: [] },
  { words: 'alcohol', foods: [], kinds: ['alcohol'], except: [] },
  { words: 'dried fruit', foods: [], kinds: ['driedfruit'], except: [] },
  { words: 'added fat', foods: [], kinds: ['addedfat'], except: [] },
  { words: 'added sugar', foods: [], kinds: ['addedsugar'], except: [] },
];
const MIXTURE: Exclusion = {
  words: 'a mixture',
  foods: ids('coleslaw-mix stir-fry-vegetables vegetables-mixed-frozen berries-mixed'),
  kinds: [],
  except: [],
};

/** What seasons and what leaves: the ledger's list, from which the house list starts. */
const SEASONS_AND_LEAVES: UncountedList = {
  entries: [
    foods('herb', 'parsley coriander-leaf dill chives basil thyme-fresh rosemary-fresh mint-fresh'),
    foods(
      'spice',
      `pepper-black paprika-powder cinnamon nutmeg cloves-ground ginger-ground ginger-root cumin caraway coriander-seed
      turmeric curry-powder chilli-powder cayenne five-spice cardamom star-anise sumac oregano marjoram thyme-dried bay-leaf garlic-powder onion-powder
      mustard-seed vanilla-bean`,
    ),
    foods('garlic', 'garlic'),
    foods('vinegar', 'vinegar'),
    foods('plain tea and coffee', 'coffee'),
    foods(
      'leaf vegetable',
      `lettuce lettuce-romaine lettuce-iceberg endive watercress spinach spinach-frozen chard kale rocket collard-greens cabbage-white cabbage-red
      cabbage-savoy chinese-cabbage pak-choi`,
    ),
  ],
  exclusions: EXCLUSIONS,
};

/** What keeps without a fridge. */
const KEEPS: UncountedList = {
  entries: [
    foods(
      'pulses',
      `lentils-dry lentils-red-dry lentils-cooked beans-black-canned beans-kidney-canned beans-white-canned
      beans-white-dry beans-kidney-dry chickpeas-canned chickpeas-dry peas-split-dry mung-beans`,
    ),
    foods(
      'whole or rolled grain',
      `oats-rolled oats-steelcut barley-pearl barley-cooked bulgur rice-brown rice-brown-cooked rice-wild buckwheat millet quinoa
      quinoa-cooked farro pasta-whole pasta-whole-cooked popcorn-kernels`,
    ),
    foods(
      'what lies in a cellar',
      `potato potato-baby potato-boiled sweet-potato carrot parsnip celeriac beetroot beetroot-cooked swede turnip onion onion-red
      shallot garlic squash-winter pumpkin cabbage-white cabbage-red cabbage-savoy`,
    ),
    foods('canned fish in water or brine', 'tuna-water salmon-canned'),
  ],
  exclusions: EXCLUSIONS,
};

const FRESH: readonly FoodState[] = ['raw', 'frozen'];

/** What is fresh and watery. */
const WATERY: UncountedList = {
  entries: [
    {
      ...anyFood('fresh plant food, nothing added'),
      kinds: ['plant'],
      states: FRESH,
      atMost: { kcal: 45 },
    },
    foods('lemon or lime juice as seasoning', 'lemon-juice lime-juice'),
  ],
  exclusions: [...EXCLUSIONS, MIXTURE],
};

/** The sample programs that Imbiss starts with: made up, and different in kind. A cook enters the own one. */
export const SAMPLE_PROGRAMS: readonly Program[] = [
  {
    id: 'program-ledger',
    revision: 2,
    mark: 'LE',
    name: 'Ledger',
    idea: 'Everything is written down; only what seasons and leaves does not count.',
    rule: RULE,
    taught: null,
    personal: false,
    by: 'ingredients',
    list: SEASONS_AND_LEAVES,
    allowance: 38,
    reserve: 20,
    floor: 30,
    week: USUAL_WEEK,
  },
  {
    id: 'program-larder',
    revision: 2,
    mark: 'LA',
    name: 'Larder',
    idea: 'What keeps without a fridge does not count: pulses, whole grains, what lies in a cellar, fish in a can.',
    rule: RULE,
    taught: null,
    personal: false,
    by: 'ingredients',
    list: KEEPS,
    allowance: 27,
    reserve: 30,
    floor: 21,
    week: USUAL_WEEK,
  },
  {
    id: 'program-harvest',
    revision: 2,
    mark: 'HA',
    name: 'Harvest',
    idea: 'What is fresh and watery does not count: a plant food with nothing added, at most 0.45 kcal a gram.',
    rule: RULE,
    taught: null,
    personal: false,
    by: 'ingredients',
    list: WATERY,
    allowance: 31,
    reserve: 14,
    floor: 24,
    week: USUAL_WEEK,
  },
  {
    id: 'program-house',
    revision: 2,
    mark: 'HO',
    name: 'House list',
    idea: 'One eater’s own: the ledger’s list and what was put on it; added sugars count, and half points.',
    rule: { ...RULE, coefficients: { kcal: 1, addedSugars: 2, satFat: 6.75, protein: -2, fibre: -2 }, step: 0.5 },
    taught: null,
    personal: true,
    by: 'ingredients',
    list: SEASONS_AND_LEAVES,
    allowance: 29.5,
    reserve: 25,
    floor: 23,
    week: USUAL_WEEK,
  },
];
