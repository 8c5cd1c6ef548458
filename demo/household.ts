import type { Eater } from '../src/contract/household.ts';

/** The demo household, invented: three generations above a bakery in a small town on a lake. */
export const DEMO_HOUSEHOLD = { id: 'demo-household', name: 'Above the bakery' };

export const DEMO_EATERS: readonly Eater[] = [
  {
    id: 'demo-eater-runa',
    name: 'Runa',
    programId: 'program-ledger',
    exceptions: [],
    allergies: [],
    avoids: ['coriander leaf'],
  },
  {
    id: 'demo-eater-tomas',
    name: 'Tomas',
    programId: 'program-harvest',
    exceptions: [],
    allergies: ['tree-nuts'],
    avoids: [],
  },
  {
    id: 'demo-eater-milena',
    name: 'Milena',
    programId: 'program-house',
    exceptions: [{ foodId: 'egg', uncounted: true }],
    allergies: [],
    avoids: [],
  },
  { id: 'demo-eater-juri', name: 'Juri', programId: null, exceptions: [], allergies: [], avoids: [] },
  { id: 'demo-eater-ida', name: 'Ida', programId: null, exceptions: [], allergies: [], avoids: [] },
];
