import { expect, it } from 'vitest';
import { readOvenOff } from './oven-off.ts';

it('reads how much too hot an oven is', () => {
  expect(['15', '-10', '−10', '7,5', '20 °C', '', '101', 'hot'].map(readOvenOff)).toEqual([
    ...[15, -10, -10, 7.5, 20, null, undefined, undefined],
  ]);
});
