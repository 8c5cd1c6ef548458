import { type Program, USUAL_WEEK } from '../../src/core/program/program.ts';
import type { Rule } from '../../src/core/program/rule.ts';
import { anyFood, type Exclusion, type UncountedEntry } from '../../src/core/program/uncounted.ts';

/** One point per 45 of energy, corrected for what fills and what does not. */
const RULE: Rule = {
  coefficients: { kcal: 1, sugars: 2, satFat: 6.75, protein: -2, fibre: -2 },
  per: 45,
  caps: {},
  step: 1,
  rounding: 'nearest',
  floorAt: 'serving',
};

const entry = (words: string, kinds: UncountedEntry['kinds'], kcalAtMost: number | null = null): UncountedEntry => ({
  ...anyFood(words),
  kinds,
  atMost: kcalAtMost === null ? {} : { kcal: kcalAtMost },
});

const EXCLUSIONS: readonly Exclusion[] = [
  { words: 'a drink', foods: [], kinds: ['drink'], except: [] },
  // Lemon and lime juice are seasonings and of a kind of their own.
  { words: 'juice', foods: [], kinds: ['juice'], except: [] },
  { words: 'alcohol', foods: [], kinds: ['alcohol'], except: [] },
  { words: 'dried fruit', foods: [], kinds: ['driedfruit'], except: [] },
  { words: 'added fat', foods: [], kinds: ['addedfat'], except: [] },
  { words: 'added sugar', foods: [], kinds: ['addedsugar'], except: [] },
];

const VEGETABLES = entry('non-starchy vegetable', ['veg']);
const FRUIT = [entry('whole fruit', ['fruit', 'fruitpuree']), entry('citrus juice as seasoning', ['citrusjuice'])];

/**
 * Programs for tests of the engine, held still so that its hand-worked counts stay: lists that grow from vegetables to
 * most lean foods, and one in half points that counts added sugars. What ships is in `src/core/program/samples.ts`.
 */
export const FIXTURE_PROGRAMS: readonly Program[] = [
  {
    id: 'program-ledger',
    revision: 1,
    mark: 'LE',
    name: 'Ledger',
    idea: '',
    rule: RULE,
    by: 'ingredients',
    list: { entries: [VEGETABLES], exclusions: EXCLUSIONS },
    allowance: 33,
    reserve: 24,
    floor: 26,
    taught: null,
    personal: false,
    week: USUAL_WEEK,
  },
  {
    id: 'program-larder',
    revision: 1,
    mark: 'LA',
    name: 'Larder',
    idea: '',
    rule: RULE,
    by: 'ingredients',
    list: {
      entries: [
        VEGETABLES,
        ...FRUIT,
        entry('egg', ['egg']),
        entry('skinless poultry breast', ['poultrybreast']),
        entry('fish', ['fish']),
        entry('shellfish', ['shellfish']),
        entry('lentils and beans', ['legume']),
        entry('tofu', ['tofu']),
        entry('plain fat-free cultured dairy', ['cultured0']),
      ],
      exclusions: EXCLUSIONS,
    },
    allowance: 22,
    reserve: 24,
    floor: 17,
    taught: null,
    personal: false,
    week: USUAL_WEEK,
  },
  {
    id: 'program-harvest',
    revision: 1,
    mark: 'HA',
    name: 'Harvest',
    idea: '',
    rule: RULE,
    by: 'ingredients',
    list: {
      entries: [
        VEGETABLES,
        entry('starchy vegetable', ['starchy']),
        ...FRUIT,
        entry('lentils and beans', ['legume']),
        entry('whole grain', ['wholegrain']),
        entry('plant food of at most 0.6 kcal per gram', ['plant'], 60),
      ],
      exclusions: EXCLUSIONS,
    },
    allowance: 19,
    reserve: 24,
    floor: 15,
    taught: null,
    personal: false,
    week: USUAL_WEEK,
  },
  {
    id: 'program-house',
    revision: 1,
    mark: 'HO',
    name: 'House list',
    idea: '',
    rule: { ...RULE, coefficients: { kcal: 1, addedSugars: 2, satFat: 6.75, protein: -2, fibre: -2 }, step: 0.5 },
    by: 'ingredients',
    list: { entries: [VEGETABLES], exclusions: EXCLUSIONS },
    allowance: 30,
    reserve: 24,
    floor: 23,
    taught: null,
    personal: true,
    week: USUAL_WEEK,
  },
];
