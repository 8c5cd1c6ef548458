import { describe, expect, it } from 'vitest';
import { readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { applySwap } from '../swap/apply-swap.ts';
import { SWAPS } from '../swap/library.ts';
import { applyEntry } from './entry.ts';
import { stepsAsChanged } from './steps-as-changed.ts';
import type { Version } from './version.ts';

const version = (lines: string[], ...steps: string[]): Version =>
  readVersion(lines, { servings: 4, steps: steps.map((text, i) => ({ id: `s${i}`, text })) });
let n = 0;
const swapped = (v: Version, line: number, id: string, share?: number): Version => {
  const swap = SWAPS.find((s) => s.id === id)!;
  const context = { food: shippedFood, system: 'us', newId: () => `n${n++}` } as const;
  const changes = applySwap(v, `l${line}`, swap, context, share);
  return applyEntry(v, { id: `e${n++}`, label: id, changes, undoes: null });
};
const texts = (was: Version, now: Version) =>
  stepsAsChanged(was, now, (l) => l.swapId === 'cream-to-plate').map((s) => s.text);

describe('steps of a changed version', () => {
  const gratin = version(
    ['1 kg potatoes', '300 ml heavy cream', '200 ml milk', '150 g Gruyère', '40 g butter'],
    'Slice the potatoes.',
    'Warm the cream with the milk, then pour over the cream.',
    'Scatter the Gruyère.',
  );
  it('say what became of an ingredient, once a step', () => {
    const light = swapped(gratin, 1, 'cream-to-evaporated');
    expect(texts(gratin, light)).toContain('Warm the cream (evaporated milk) with the milk, then pour over the cream.');
    expect(texts(gratin, light)).toContain('Slice the potatoes.');
  });
  it('leave alone what still fits, and what is only less', () => {
    expect(texts(gratin, swapped(gratin, 2, 'milk-to-skim'))).toEqual(gratin.steps.map((s) => s.text));
    expect(texts(gratin, swapped(gratin, 3, 'cheese-less')).filter((t) => t.includes('('))).toEqual([]);
    expect(texts(gratin, gratin)).toEqual(gratin.steps.map((s) => s.text));
  });
  it('name what is left out, what is at the table, and what is only partly another', () => {
    const out = { ...gratin, lines: gratin.lines.map((l) => (l.id === 'l3' ? { ...l, leftOut: true } : l)) };
    expect(texts(gratin, out)).toContain('Scatter the Gruyère (left out).');
    const soup = version(['500 g beetroot', '200 g soured cream'], 'Stir in the soured cream.');
    expect(texts(soup, swapped(soup, 1, 'cream-to-plate'))).toContain('Stir in the soured cream (at the table).');
    expect(texts(soup, swapped(soup, 1, 'soured-half'))).toContain('Stir in the soured cream (and strained yogurt).');
  });
  it('tell lines of like names apart, and leave a name alone that could be of two', () => {
    const both = version(
      ['200 ml heavy cream', '150 g soured cream'],
      'Whip the heavy cream.',
      'Fold in the soured cream.',
      'Serve with cream.',
    );
    const light = texts(both, swapped(both, 1, 'soured-to-yogurt'));
    expect(light).toContain('Whip the heavy cream.');
    expect(light).toContain('Fold in the soured cream (strained yogurt).');
    expect(light).toContain('Serve with cream.');
  });
  it('leave the steps alone that a swap brought along', () => {
    const pan = version(['40 g butter', '500 g mushrooms'], 'Melt the butter and fry the mushrooms.');
    const light = swapped(pan, 0, 'butter-pan-to-spray');
    const method = SWAPS.find((s) => s.id === 'butter-pan-to-spray')!.method!;
    expect(texts(pan, light)).toEqual([method, 'Melt the butter (oil spray) and fry the mushrooms.']);
  });
});
