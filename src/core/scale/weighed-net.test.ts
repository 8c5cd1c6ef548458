import { describe, expect, it } from 'vitest';
import { weighedNet } from './weighed-net.ts';

describe('what was weighed', () => {
  it('is what came onto the scale, or what left the tub', () => {
    expect(weighedNet('put in', 412, 477)).toBe(65);
    expect(weighedNet('taken from', 520, 455)).toBe(65);
    expect(weighedNet('left over', 0, 40)).toBe(40);
  });
  it('is nothing below nought', () => {
    expect(weighedNet('put in', 412, 400)).toBe(0);
    expect(weighedNet('taken from', 455, 520)).toBe(0);
  });
});
