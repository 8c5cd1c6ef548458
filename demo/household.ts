import type { Eater } from '../src/core/table/table.ts';

/** The demo household, invented: three generations above a bakery in a small town on a lake. */
export const DEMO_HOUSEHOLD = { id: 'demo-household', name: 'Above the bakery' };

/** The harvest supper: everyone of the house and nine guests, on the first Saturday after the first start. */
export const DEMO_FEAST = {
  id: 'demo-feast-harvest',
  name: 'Harvest supper',
  guests: [
    { name: 'Aunt Berthe', allergies: ['crustaceans'], avoids: [] },
    { name: 'Lukas from the boathouse', allergies: [], avoids: ['liver'] },
  ],
  people: 14,
  /** Points of the whole plate at most, by eater. */
  targets: { 'demo-eater-runa': 20, 'demo-eater-tomas': 17 },
  /** In the order they are served, each as written, so that there is ground to give. */
  dishes: [
    { title: 'Beetroot and apple soup', mostDeparture: 15 },
    { title: 'Beef goulash', mostDeparture: null },
    { title: 'Cucumber salad in soured cream', mostDeparture: null },
    { title: 'Plum tray cake', mostDeparture: 30 },
  ],
} as const;

export const DEMO_EATERS: readonly Eater[] = [
  {
    id: 'demo-eater-runa',
    name: 'Runa',
    programId: 'program-ledger',
    exceptions: [],
    allowance: null,
    allergies: [],
    avoids: ['coriander leaf'],
    ratherNot: [],
    notOnTop: [],
    standing: [],
  },
  {
    id: 'demo-eater-tomas',
    name: 'Tomas',
    programId: 'program-harvest',
    exceptions: [],
    allowance: null,
    allergies: ['tree-nuts'],
    avoids: [],
    ratherNot: [],
    notOnTop: [],
    standing: [],
  },
  {
    id: 'demo-eater-milena',
    name: 'Milena',
    programId: 'program-house',
    exceptions: [{ foodId: 'egg', uncounted: true }],
    allowance: null,
    allergies: [],
    avoids: [],
    ratherNot: [],
    notOnTop: [],
    standing: [],
  },
  {
    id: 'demo-eater-juri',
    name: 'Juri',
    programId: null,
    exceptions: [],
    allowance: null,
    allergies: [],
    avoids: [],
    ratherNot: ['celeriac'],
    notOnTop: [],
    standing: [],
  },
  {
    id: 'demo-eater-ida',
    name: 'Ida',
    programId: null,
    exceptions: [],
    allowance: null,
    allergies: [],
    avoids: [],
    ratherNot: [],
    notOnTop: [],
    standing: [],
  },
];

export const DEMO_VESSELS = [
  { id: 'demo-vessel-pot', name: 'the red pot', grams: 1840, millilitres: 4500 },
  { id: 'demo-vessel-dish', name: 'the long baking dish', grams: 1210, millilitres: 3200 },
] as const;

export const DEMO_BOX_KINDS = [
  {
    id: 'demo-kind-flat',
    name: 'flat glass box',
    millilitres: 600,
    parts: 1,
    grams: 320,
    microwave: true,
    freezer: false,
  },
  {
    id: 'demo-kind-tub',
    name: 'freezer tub',
    millilitres: 750,
    parts: 1,
    grams: 45,
    microwave: false,
    freezer: true,
  },
] as const;

/** What was cooked lately, the oldest first: shares of all of it on plates and in boxes. */
export const DEMO_COOKS = [
  {
    id: 'demo-cook-pot-one',
    title: 'Lentil and smoked-sausage pot',
    lightened: false,
    daysAgo: 23,
    minutes: 95,
    gross: 4460,
    grams: 2620,
    plates: { 'demo-eater-runa': 0.18, 'demo-eater-tomas': 0.25, 'demo-eater-milena': 0.2, others: 0.37 },
    note: 'too thick the next day: a cup more broth',
    boxes: [],
  },
  {
    id: 'demo-cook-pot-two',
    title: 'Lentil and smoked-sausage pot',
    lightened: true,
    daysAgo: 1,
    minutes: 80,
    gross: 4590,
    grams: 2750,
    plates: { 'demo-eater-runa': 0.16, 'demo-eater-tomas': 0.17, others: 0.17 },
    note: 'right like this',
    boxes: [
      { id: 'demo-box-one', share: 0.16, eater: 'demo-eater-runa', place: 'fridge', kind: 'demo-kind-flat' },
      { id: 'demo-box-two', share: 0.17, eater: 'demo-eater-tomas', place: 'fridge', kind: 'demo-kind-flat' },
      { id: 'demo-box-three', share: 0.17, eater: null, place: 'freezer', kind: 'demo-kind-tub' },
    ],
  },
] as const;
