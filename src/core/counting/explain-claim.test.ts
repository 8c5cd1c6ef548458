import { describe, expect, it } from 'vitest';
import { sample } from '../../../tests/support/test-lines.ts';
import { kitchenOf, readVersion } from '../../../tests/support/test-version.ts';
import type { Claim } from '../page/recipe-text.ts';
import { plainCounter } from '../program/program.ts';
import { countVersion } from './count-version.ts';
import { canCompare, checkKcalClaim, checkPointsClaim } from './explain-claim.ts';

const version = readVersion(['200 g butter', '4 eggs', '1 kg potatoes', '100 g sugar'], { servings: 4 });
const counter = plainCounter(sample('LA'));
const counted = countVersion(version, kitchenOf(), [counter]);
const kcal = (value: number) =>
  checkKcalClaim({ kind: 'kcal', value, words: '', valueMax: null, per: null, of: null, programId: null }, counted);
const points = (value: number) =>
  checkPointsClaim(
    { kind: 'points', value, words: '', valueMax: null, per: null, of: null, programId: null },
    counted,
    counter,
  );

describe('a claim of the source', () => {
  // By hand: butter 1434, eggs 286, potatoes 770, sugar 387 kcal; 2877 in all, 719 a serving.
  it('agrees within a twentieth', () => {
    expect(kcal(700)).toMatchObject({ agrees: true, reasons: [] });
    expect(kcal(719).here).toBeCloseTo(719, 0);
  });
  it('of calories is explained by the line that was left out, or by another number of servings', () => {
    expect(kcal(360).reasons).toEqual(['Without butter (359 kcal) it is 361.', 'Divided into 8 it is 360.']);
    expect(kcal(480).reasons).toEqual(['Divided into 6 it is 480.']);
    expect(kcal(95).reasons[0]).toMatch(/Divided into|Most of it is butter/);
  });
  it('of points is explained by the way of counting and its lines', () => {
    const here = points(99).here!;
    const byServing = countVersion(version, kitchenOf(), [
      { ...counter, program: { ...counter.program, by: 'serving' } },
    ]).counts[0]!.points;
    expect(byServing).toBeGreaterThan(here);
    expect(points(byServing).reasons[0]).toMatch(/^Counted by serving it is \d+: eggs/);
    expect(points(here)).toMatchObject({ agrees: true, reasons: [] });
  });
  it('of points may be a range, or of the whole dish; of a cup it cannot be compared', () => {
    const here = points(99).here!;
    const as = (over: Partial<Claim>): Claim => ({
      kind: 'points',
      value: here,
      valueMax: null,
      per: null,
      of: null,
      programId: null,
      words: '',
      ...over,
    });
    expect(checkPointsClaim(as({ value: here - 2, valueMax: here + 1 }), counted, counter).agrees).toBe(true);
    expect(checkPointsClaim(as({ value: here + 1, valueMax: here + 2 }), counted, counter).agrees).toBe(false);
    const whole = countVersion({ ...version, servings: 1 }, kitchenOf(), [counter]).counts[0]!.points;
    expect(checkPointsClaim(as({ value: whole, per: 'whole' }), counted, counter)).toMatchObject({
      here: whole,
      agrees: true,
    });
    expect([as({}), as({ per: 'whole' }), as({ per: 'cup' })].map(canCompare)).toEqual([true, true, false]);
  });
  it('of points is explained by a line left out', () => {
    const withoutSugar = countVersion({ ...version, lines: version.lines.slice(0, 3) }, kitchenOf(), [counter])
      .counts[0]!.points;
    expect(points(withoutSugar).reasons.join(' ')).toContain('Without sugar it is');
  });
});

describe('the words for a claim of points', () => {
  it('name no causes where no line makes the difference', () => {
    // One line: counted by item it is rounded up, which no line alone explains.
    const cream = readVersion(['130 ml heavy cream'], { servings: 4 });
    const own = { ...counter, program: { ...counter.program, by: 'serving' as const } };
    const one = countVersion(cream, kitchenOf(), [own]);
    for (let value = 0; value < 12; value++) {
      const said = checkPointsClaim(
        { kind: 'points', value, words: '', valueMax: null, per: null, of: null, programId: null },
        one,
        own,
      ).reasons.join(' ');
      expect(said).not.toMatch(/: ?make the difference|:\s*\./);
    }
  });
  it('blame a line that is counted only where the count is above the claim', () => {
    const here = points(99).here!;
    for (let value = here + 1; value < here + 12; value++) {
      expect(points(value).reasons.join(' ')).not.toContain('Without ');
    }
  });
});

describe('a claim of points for another number of servings', () => {
  const sugar = readVersion(['100 g sugar'], { servings: 4 });
  const of = (value: number) => {
    const one = countVersion(sugar, kitchenOf(), [counter]);
    return checkPointsClaim(
      { kind: 'points', value, words: '', valueMax: null, per: null, of: null, programId: null },
      one,
      counter,
    );
  };
  it('says into how many it was divided, the fewest first, and only then', () => {
    const whole = countVersion({ ...sugar, servings: 1 }, kitchenOf(), [counter]).counts[0]!.points;
    expect(of(whole).reasons).toContain(`Divided into 1 it is ${whole}.`);
    expect(of(500).reasons).toEqual([]);
  });
});
