import { describe, expect, it } from 'vitest';
import { readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { applySwap } from '../swap/apply-swap.ts';
import { SWAPS } from '../swap/library.ts';
import { applyEntry } from '../version/entry.ts';
import { scaleChanges } from '../version/scale-version.ts';
import type { Version } from '../version/version.ts';
import { correctedUses } from './corrected-uses.ts';
import { stepsAtStove } from './steps-at-stove.ts';

const version = (lines: string[], ...steps: string[]): Version =>
  readVersion(lines, { servings: 4, steps: steps.map((text, i) => ({ id: `s${i}`, text })) });
const told = (v: Version) => stepsAtStove(v, shippedFood).steps.map((s) => s.uses.map((u) => u.words));
const stew = version(
  ['600 g chicken thighs', '2 onions', '4 tbsp olive oil, divided', '200 g rice', '1 tsp salt'],
  'Soften the onions in 1 tbsp of the olive oil.',
  'Brown the chicken in the remaining olive oil.',
  'Add the rice and bake at 180 °C for 35 to 40 minutes, until the rice is soft.',
);

describe('steps at the stove', () => {
  it('each say their own amounts, divided where they are divided', () => {
    expect(told(stew)).toEqual([
      ['2 onions', '1 tbsp (14 g) olive oil'],
      ['600 g chicken thighs', '3 tbsp (41 g) olive oil'],
      ['200 g rice'],
    ]);
  });
  it('keep apart what no step names', () => {
    expect(stepsAtStove(stew, shippedFood).inNoStep.map((l) => l.text)).toEqual(['1 tsp salt']);
  });
  it('say the amounts of a dish for more', () => {
    const changes = scaleChanges(stew, 8);
    const twice = applyEntry(stew, { id: 'e1', label: 'For 8', changes, undoes: null });
    expect(told(twice)).toEqual([
      ['4 onions', '2 tbsp (27 g) olive oil'],
      ['1200 g chicken thighs', '¼ cup + 2 tbsp (81 g) olive oil'],
      ['400 g rice'],
    ]);
  });
  it('say heat, times, signs, and what is safe inside where it is cooked', () => {
    const { steps } = stepsAtStove(stew, shippedFood);
    expect(steps[2]!.oven).not.toBeNull();
    expect(steps[2]!.times).toHaveLength(1);
    expect(steps[2]!.signs).toEqual(['until the rice is soft']);
    expect(steps.map((s) => s.inside?.celsius ?? null)).toEqual([null, null, 74]);
  });
  it('have each caution in one step, and lose none', () => {
    const { steps, cautions } = stepsAtStove(stew, shippedFood);
    const ids = [...cautions, ...steps.flatMap((s) => s.cautions)].map((c) => c.id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(steps[1]!.cautions.map((c) => c.id)).toContain('poultry');
    expect(ids).toContain('poultry');
  });
  it('are linked otherwise where the cook says so, also in versions made of it', () => {
    const steps = correctedUses(stew, stew.lines[4]!.originLineId, ['s1', 's2']);
    const salted = { ...stew, steps };
    expect(told(salted)[1]).toContain('½ tsp salt');
    expect(told(salted)[2]).toContain('½ tsp salt');
    expect(stepsAtStove(salted, shippedFood).inNoStep).toEqual([]);
    const none = { ...stew, steps: correctedUses(salted, stew.lines[4]!.originLineId, []) };
    expect(stepsAtStove(none, shippedFood).inNoStep.map((l) => l.text)).toEqual(['1 tsp salt']);
    // A copy has other ids of lines, and the same origin.
    const copy = { ...salted, lines: salted.lines.map((l) => ({ ...l, id: `${l.id}-copy` })) };
    expect(told(copy)[1]).toContain('½ tsp salt');
  });
  it('leave out what is left out', () => {
    const without = { ...stew, lines: stew.lines.map((l, i) => (i === 1 ? { ...l, leftOut: true } : l)) };
    expect(told(without)[0]).toEqual(['1 tbsp (14 g) olive oil']);
  });
  it('take what a swap brought along for advice: the food goes in where the family puts it in', () => {
    const swap = SWAPS.find((w) => w.id === 'thigh-to-breast')!;
    const was = version(
      ['1.2 kg chicken thighs', '2 onions', '250 g soured cream'],
      'Soften the onions.',
      'Add the chicken and simmer for 45 minutes, until the chicken reads 165 °F (74 °C) inside.',
      'Stir in the soured cream.',
    );
    let n = 0;
    const context = { food: shippedFood, system: 'us', newId: () => `n${n++}` } as const;
    const changes = applySwap(was, 'l0', swap, context, undefined);
    const now = applyEntry(was, { id: 'e1', label: 'Breast', changes, undoes: null });
    const { steps, inNoStep } = stepsAtStove(now, shippedFood, SWAPS);
    const advice = steps.findIndex((s) => /breast gently/.test(s.step.text));
    const add = steps.findIndex((s) => s.step.text.startsWith('Add the chicken'));
    expect(advice).toBeGreaterThan(-1);
    expect(steps[advice]!.uses).toEqual([]);
    expect(steps[add]!.uses.map((u) => u.words)).toEqual([expect.stringMatching(/chicken breast/)]);
    // Wherever a step says how hot, it is marked.
    expect(steps[add]!.inside?.fahrenheit).toBe(165);
    expect(inNoStep).toEqual([]);
  });
});
