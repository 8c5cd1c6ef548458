import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FIXTURE_PROGRAMS } from '../../../tests/support/fixture-programs.ts';
import { kitchenOf, readVersion } from '../../../tests/support/test-version.ts';
import { countVersion } from '../counting/count-version.ts';
import { type Program, plainCounter } from '../program/program.ts';
import { roundPoints } from '../program/rule.ts';
import { cookProblems } from './cook-problems.ts';
import { countShare } from './count-share.ts';
import { cutFor, gramsFor, piecesEach, potNet, shareOf } from './divide.ts';
import { freeze } from './freeze.ts';

const version = readVersion(['600 g ground turkey', '400 g rice', '2 tbsp oil', '1 can beans', '300 g carrots'], {
  servings: 6,
});
const frozenUnder = (programs: readonly Program[]) => {
  const eaters = programs.map((program) => ({ key: program.id, program, counter: plainCounter(program) }));
  const counted = countVersion(
    version,
    kitchenOf(),
    eaters.map((e) => e.counter),
  );
  return { frozen: freeze(counted, eaters, '2026-11-27T18:00:00Z'), counted };
};

describe('a dish that was divided', () => {
  const { frozen, counted } = frozenUnder(FIXTURE_PROGRAMS);
  it('counts a serving as it was counted before it was frozen', () => {
    for (const [i, program] of FIXTURE_PROGRAMS.entries()) {
      const share = countShare(frozen, program.id, 1 / 6);
      expect(share.points).toBe(counted.counts[i]!.points);
      expect(share.raw).toBeCloseTo(counted.counts[i]!.raw, 9);
    }
  });
  it('keeps its grams, nutrients and raw points, however it is divided and in whatever order it is taken', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.001, max: 1, noNaN: true }), { minLength: 1, maxLength: 12 }),
        fc.double({ min: 100, max: 9000, noNaN: true }),
        (weights, pot) => {
          const sum = weights.reduce((a, b) => a + b, 0);
          const out = { by: 'grams', amount: pot, grams: pot, cut: null } as const;
          const taken = weights.map((w) => ({ grams: (w / sum) * pot }));
          for (const order of [taken, [...taken].reverse()]) {
            const shares = order.map((t) => shareOf(out, t));
            expect(shares.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
            for (const program of FIXTURE_PROGRAMS) {
              const raw = shares.reduce((s, share) => s + countShare(frozen, program.id, share).raw, 0);
              expect(Math.abs(raw - countShare(frozen, program.id, 1).raw)).toBeLessThan(1e-9);
            }
            const kcal = shares.reduce(
              (s, share) => s + countShare(frozen, 'program-ledger', share).nutrition.kcal.value!,
              0,
            );
            expect(Math.abs(kcal - countShare(frozen, 'program-ledger', 1).nutrition.kcal.value!)).toBeLessThan(1e-6);
          }
        },
      ),
      { numRuns: 25 },
    );
  });
  it('counts a share under a rule that does not add up as the rule does: capped, by items, by serving', () => {
    const [ledger] = FIXTURE_PROGRAMS;
    const capped: Program = {
      ...ledger!,
      id: 'capped',
      rule: { ...ledger!.rule, caps: { protein: 10 } },
      by: 'serving',
    };
    const items: Program = { ...ledger!, id: 'items', by: 'items' };
    const own = frozenUnder([capped, items]);
    // A quarter of the dish is a serving of four.
    const quarter = countVersion(
      { ...version, servings: 4 },
      kitchenOf(),
      [capped, items].map((p) => plainCounter(p)),
    );
    expect(countShare(own.frozen, 'capped', 1 / 4).points).toBe(quarter.counts[0]!.points);
    expect(countShare(own.frozen, 'items', 1 / 4).points).toBe(quarter.counts[1]!.points);
    // By hand: each line of a half is rounded by itself.
    const half = countVersion({ ...version, servings: 2 }, kitchenOf(), [plainCounter(items)]).counts[0]!;
    const byHand = half.lines.reduce((s, l) => s + roundPoints(l.raw, items.rule), 0);
    expect(countShare(own.frozen, 'items', 1 / 2).points).toBe(byHand);
  });
});

describe('what comes out of the pot', () => {
  it('is what the scale says without the pot; a pot lighter than empty is none', () => {
    expect(potNet(3450, 1230)).toBe(2220);
    expect(potNet(1000, 1230)).toBeNull();
    expect(potNet(1230, 1230)).toBeNull();
  });
  it('is taken by grams, by pieces, by cups or by parts of a pan', () => {
    expect(shareOf({ by: 'grams', amount: 2220, grams: 2220, cut: null }, { grams: 370 })).toBeCloseTo(1 / 6);
    expect(shareOf({ by: 'pieces', amount: 14, grams: null, cut: null }, { pieces: 3 })).toBeCloseTo(3 / 14);
    expect(
      shareOf({ by: 'pieces', amount: 12, grams: 1800, cut: { shape: 'grid', rows: 3, columns: 4 } }, { pieces: 1 }),
    ).toBeCloseTo(1 / 12);
    // A piece that was weighed is what it weighs, larger or smaller than the others.
    expect(shareOf({ by: 'pieces', amount: 12, grams: 1800, cut: null }, { grams: 180 })).toBeCloseTo(0.1);
    expect(shareOf({ by: 'cups', amount: 7.5, grams: null, cut: null }, { cups: 1.25 })).toBeCloseTo(1 / 6);
  });
  it('says what each plate gets of pieces that do not divide', () => {
    expect(piecesEach(17, 4)).toEqual([5, 4, 4, 4]);
    expect(piecesEach(12, 4)).toEqual([3, 3, 3, 3]);
    expect(piecesEach(2, 3)).toEqual([1, 1, 0]);
  });
  it('is cut so that a piece counts at most so much, and no piece more than is needed', () => {
    const { frozen } = frozenUnder(FIXTURE_PROGRAMS);
    const pieces = cutFor(frozen, 'program-ledger', 4)!;
    expect(countShare(frozen, 'program-ledger', 1 / pieces).points).toBeLessThanOrEqual(4);
    expect(countShare(frozen, 'program-ledger', 1 / (pieces - 1)).points).toBeGreaterThan(4);
    const grams = gramsFor(frozen, 'program-ledger', 4, 2220)!;
    expect(countShare(frozen, 'program-ledger', grams / 2220).points).toBe(4);
    expect(countShare(frozen, 'program-ledger', (grams + 1) / 2220).points).toBeGreaterThan(4);
    expect(gramsFor(frozen, 'program-ledger', 500, 2220)).toBe(2220);
  });
});

describe('a cook that cannot be', () => {
  const out = { by: 'grams', amount: 2000, grams: 2000, cut: null } as const;
  const said = (over: Partial<Parameters<typeof cookProblems>[0]>) =>
    cookProblems({ out, gross: null, tare: null, taken: [], ...over }).join(' ');
  it('is told in words that say what to do', () => {
    expect(said({})).toBe('');
    expect(said({ gross: 900, tare: 1200 })).toMatch(/lighter than when it is empty.*Weigh it again/);
    expect(said({ out: { ...out, by: 'pieces', amount: 0 } })).toMatch(/0 pieces.*Count them/);
    expect(said({ out: { ...out, amount: -5, grams: -5 } })).toMatch(/below nothing/);
    expect(said({ taken: [0.7, 0.5] })).toMatch(/more than came out/);
    expect(said({ taken: [0.5, 0.5 + 1e-12] })).toBe('');
    expect(said({ out: { ...out, amount: Number.NaN } })).toMatch(/number/);
  });
});
