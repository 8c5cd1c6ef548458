import { expect, it } from 'vitest';
import { clockWords } from './clock-words.ts';
import { timeWords } from './time-words.ts';

it('says times as steps and as clocks do', () => {
  expect([timeWords(30, null), timeWords(2700, 3300), timeWords(5400, null), timeWords(7200, 9000)]).toEqual([
    '30 s',
    '45 to 55 min',
    '1 h 30 min',
    '2 h to 2 h 30 min',
  ]);
  expect([clockWords(0), clockWords(9), clockWords(252), clockWords(3852), clockWords(-3)]).toEqual([
    '0:00',
    '0:09',
    '4:12',
    '1:04:12',
    '0:00',
  ]);
});
