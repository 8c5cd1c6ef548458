import type { Feast } from './feast.ts';

/**
 * A feast of which nothing is said yet but how many come.
 *
 * @param people how many sit at the table; at least one
 */
export const blankFeast = (id: string, people: number): Feast => ({
  id,
  name: 'A feast',
  day: null,
  guests: [],
  people: Math.max(1, people),
  dishes: [],
  bought: [],
  targets: {},
  revision: 0,
});
