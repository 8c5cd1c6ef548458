import { expect, it } from 'vitest';
import { minutesSaid } from './minutes-said.ts';

it.each([
  [0, '0 min'],
  [45, '45 min'],
  [60, '1 h'],
  [95, '1 h 35 min'],
  [59.6, '1 h'],
])('%d minutes are said as %s', (minutes, said) => {
  expect(minutesSaid(minutes)).toBe(said);
});
