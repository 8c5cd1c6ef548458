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
  },
];
