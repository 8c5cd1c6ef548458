import { describe, expect, it } from 'vitest';
import { readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { applySwap } from '../swap/apply-swap.ts';
import { SWAPS } from '../swap/library.ts';
import { applyEntry } from '../version/entry.ts';
import type { Version } from '../version/version.ts';
import { stepsAsChanged } from './steps-as-changed.ts';

const version = (lines: string[], ...steps: string[]): Version =>
  readVersion(lines, { servings: 4, steps: steps.map((text, i) => ({ id: `s${i}`, text })) });
let n = 0;
const swapped = (v: Version, line: number, id: string, share?: number): Version => {
  const swap = SWAPS.find((s) => s.id === id)!;
  const context = { food: shippedFood, system: 'us', newId: () => `n${n++}` } as const;
  const changes = applySwap(v, `l${line}`, swap, context, share);
  return applyEntry(v, { id: `e${n++}`, label: id, changes, undoes: null });
};
const texts = (was: Version, now: Version) => stepsAsChanged(was, now, SWAPS).map((s) => s.text);

describe('steps of a changed version', () => {
  const gratin = version(
    ['1 kg potatoes', '300 ml heavy cream', '200 ml milk', '150 g Gruyère', '40 g butter'],
    'Slice the potatoes.',
    'Warm the cream with the milk, then pour over the cream.',
    'Scatter the Gruyère.',
  );
  it('say what is in the dish now, wherever they name it', () => {
    const light = swapped(gratin, 1, 'cream-to-evaporated');
    expect(texts(gratin, light)).toContain(
      'Warm the evaporated milk with the milk, then pour over the evaporated milk.',
    );
    expect(texts(gratin, light)).toContain('Slice the potatoes.');
  });
  it('leave alone what still fits, and what is only less', () => {
    expect(texts(gratin, swapped(gratin, 2, 'milk-to-skim'))).toEqual(gratin.steps.map((s) => s.text));
    expect(texts(gratin, swapped(gratin, 3, 'cheese-less')).filter((t) => t.includes('('))).toEqual([]);
    expect(texts(gratin, gratin)).toEqual(gratin.steps.map((s) => s.text));
  });
  const without = (v: Version, id: string): Version => ({
    ...v,
    lines: v.lines.map((l) => (l.id === id ? { ...l, leftOut: true } : l)),
  });
  it('do not name what is left out', () => {
    expect(texts(gratin, without(gratin, 'l3'))).toEqual(gratin.steps.slice(0, 2).map((s) => s.text));
    const loaf = version(
      ['250 g flour', '100 g walnuts', '100 g raisins', '3 eggs'],
      'Toast the walnuts and chop them. Beat the eggs.',
      'Fold in the walnuts, the raisins and the flour.',
      'Bake for 40 minutes.',
    );
    expect(texts(loaf, without(loaf, 'l1'))).toEqual([
      'Beat the eggs.',
      'Fold in the raisins and the flour.',
      'Bake for 40 minutes.',
    ]);
    expect(texts(loaf, without(loaf, 'l2'))[1]).toBe('Fold in the walnuts and the flour.');
  });
  it('say beside a name that cannot be taken out what became of it', () => {
    const soup = version(
      ['500 g beetroot', '200 g soured cream'],
      'Simmer until the soured cream has melted, 5 minutes.',
    );
    expect(texts(soup, without(soup, 'l1'))).toEqual([
      'Simmer until the soured cream (left out) has melted, 5 minutes.',
    ]);
    expect(texts(soup, swapped(soup, 1, 'cream-to-plate')).join(' ')).toContain('soured cream (at the table)');
  });
  it('say both where a part is another food', () => {
    const soup = version(['500 g beetroot', '200 g soured cream'], 'Stir in the soured cream.');
    expect(texts(soup, swapped(soup, 1, 'soured-half'))).toEqual(['Stir in the soured cream and strained yogurt.']);
  });
  it('tell lines of like names apart, and leave a name alone that could be of two', () => {
    const both = version(
      ['200 ml heavy cream', '150 g soured cream'],
      'Whip the heavy cream.',
      'Fold in the soured cream.',
      'Serve with cream.',
    );
    const light = texts(both, swapped(both, 1, 'soured-to-quark'));
    expect(light).toContain('Whip the heavy cream.');
    expect(light).toContain('Fold in the quark.');
    expect(light).toContain('Serve with cream.');
  });
  it('put in by its own step alone what goes in another way, and contradict nothing', () => {
    const pan = version(['40 g butter', '500 g mushrooms'], 'Melt the butter and fry the mushrooms in the butter.');
    const method = (id: string) => SWAPS.find((s) => s.id === id)!.method!;
    expect(texts(pan, swapped(pan, 0, 'butter-pan-to-spray'))).toEqual([
      method('butter-pan-to-spray'),
      'Fry the mushrooms.',
    ]);
    const stew = version(
      ['500 g beef chuck', '200 g soured cream'],
      'Brown the beef.',
      'Stir in the soured cream.',
      'Simmer the stew for 10 minutes.',
      'Serve hot.',
    );
    expect(texts(stew, swapped(stew, 1, 'soured-to-yogurt'))).toEqual([
      'Brown the beef.',
      'Simmer the stew for 10 minutes.',
      'Take the pan off the heat and stir the yogurt in at the end.',
      'Serve hot.',
    ]);
    const fried = version(
      ['1 l vegetable oil for frying', '4 chicken drumsticks', '100 g flour'],
      'Turn the drumsticks in the flour.',
      'Heat the oil to 350 °F. Fry the drumsticks for 12 minutes.',
      'Serve at once.',
    );
    expect(texts(fried, swapped(fried, 0, 'frying-to-oven'))).toEqual([
      'Turn the drumsticks in the flour.',
      method('frying-to-oven'),
      'Serve at once.',
    ]);
  });
});
