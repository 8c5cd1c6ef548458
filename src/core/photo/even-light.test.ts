import { describe, expect, it } from 'vitest';
import { evenLight } from './even-light.ts';

const WIDTH = 400;
const HEIGHT = 300;
/** Paper under a light that falls off to the right, with a letter stroke every 40 px. */
const shaded = Uint8Array.from({ length: WIDTH * HEIGHT }, (_, i) => {
  const x = i % WIDTH;
  const light = 1 - (0.8 * x) / WIDTH;
  return Math.round((x % 40 < 3 ? 40 : 240) * light);
});

describe('even light', () => {
  const { shades } = evenLight({ width: WIDTH, height: HEIGHT, shades: shaded });
  const at = (x: number, y: number): number => shades[y * WIDTH + x]!;
  it('paper is as bright in the shadow as beside it', () => {
    const paper = [20, 100, 220, 300].map((x) => at(x, 150));
    expect(Math.max(...paper) - Math.min(...paper)).toBeLessThan(25);
  });
  it('a letter stays dark in both', () => {
    for (const x of [41, 161, 321]) expect(at(x, 150)).toBeLessThan(at(x + 20, 150) / 3);
  });
  it('a table as dark as night is not made paper', () => {
    const dark = evenLight({ width: 50, height: 50, shades: new Uint8Array(2500).fill(4) });
    expect(dark.shades.every((s) => s < 60)).toBe(true);
  });
});
