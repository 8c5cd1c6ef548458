import { describe, expect, it } from 'vitest';
import { pairSteps } from './pair-steps.ts';

const steps = (...texts: string[]) => texts.map((text, i) => ({ id: `s${i}-${text.length}`, text }));
const words = (before: string[], after: string[]) =>
  pairSteps(steps(...before), steps(...after)).map((p) => [p.before?.text ?? '', p.after?.text ?? '', p.same]);

describe('steps of two versions', () => {
  const slice = 'Slice the potatoes 3 mm thin.';
  const bake = 'Bake at 180 °C for 45 minutes, until golden.';
  it('stand beside each other when they are the same', () => {
    expect(words([slice, bake], [slice, bake])).toEqual([
      [slice, slice, true],
      [bake, bake, true],
    ]);
  });
  it('stand alone when only one version has them', () => {
    const stir = 'Stir the yogurt in off the heat.';
    expect(words([slice, bake], [slice, stir, bake])).toEqual([
      [slice, slice, true],
      ['', stir, false],
      [bake, bake, true],
    ]);
    expect(words([slice, stir, bake], [bake])).toEqual([
      [slice, '', false],
      [stir, '', false],
      [bake, bake, true],
    ]);
  });
  it('stand beside each other when one was reworded', () => {
    const longer = 'Bake at 160 °C for 60 minutes, until golden.';
    expect(words([slice, bake], [slice, longer])).toEqual([
      [slice, slice, true],
      [bake, longer, false],
    ]);
  });
  it('keeps every step, once, in order', () => {
    const before = ['a a1', 'b b1', 'c c1', 'b b1'];
    const after = ['b b1', 'x x1', 'c c1', 'a a1'];
    const pairs = words(before, after);
    expect(pairs.map((p) => p[0]).filter(Boolean)).toEqual(before);
    expect(pairs.map((p) => p[1]).filter(Boolean)).toEqual(after);
  });
  it('is empty for no steps', () => expect(words([], [])).toEqual([]));
});

describe('steps that went and came', () => {
  const [slice, fry, bake] = [
    'Slice the potatoes 3 mm thin.',
    'Fry the onions in butter.',
    'Bake at 180 °C for an hour.',
  ];
  it('stand where they were: gone before come, at the beginning, in the middle, at the end', () => {
    expect(words([slice!, fry!, bake!], [slice!, bake!])).toEqual([
      [slice, slice, true],
      [fry, '', false],
      [bake, bake, true],
    ]);
    expect(words([slice!], [fry!])).toEqual([
      [slice, '', false],
      ['', fry, false],
    ]);
    expect(words([slice!], [fry!, slice!, bake!])).toEqual([
      ['', fry, false],
      [slice, slice, true],
      ['', bake, false],
    ]);
    expect(words([fry!, bake!], [])).toEqual([
      [fry, '', false],
      [bake, '', false],
    ]);
    expect(words([], [bake!])).toEqual([['', bake, false]]);
  });
});
