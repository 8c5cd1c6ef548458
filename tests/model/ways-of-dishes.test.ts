import { describe, expect, it } from 'vitest';
import { isNamedAfter } from '../../src/core/dish/named-after.ts';
import { partOfLine } from '../../src/core/dish/part-of-line.ts';
import { plainCounter } from '../../src/core/program/program.ts';
import { mentionsOf } from '../../src/core/steps/mentions.ts';
import { takesTheName } from '../../src/core/swap/departure-of-swap.ts';
import { SWAPS } from '../../src/core/swap/library.ts';
import { pairLines } from '../../src/core/version/pair-lines.ts';
import { namesOf } from '../../src/core/version/step-uses.ts';
import { FIXTURE_PROGRAMS } from '../support/fixture-programs.ts';
import { type PrintedWay, printedWays } from '../support/printed-ways.ts';
import { shippedFood } from '../support/test-version.ts';

const MARKS = ['LE', 'LA', 'HA'];
const WAYS = MARKS.flatMap((mark) => printedWays(plainCounter(FIXTURE_PROGRAMS.find((p) => p.mark === mark)!)));
const METHODS = new Set(SWAPS.flatMap((s) => s.methods!.map((m) => m.text)));

/** Everything that a check finds in the printed ways, in words. */
const found = (check: (w: PrintedWay) => readonly string[]): string[] =>
  WAYS.flatMap((w) => check(w).map((what) => `${w.dish.title}, ${w.aim}: ${what}`));
const swapOf = (id: string | null) => SWAPS.find((s) => s.id === id) ?? null;
const lineOf = (w: PrintedWay, id: string) => w.dish.version.lines.find((l) => l.id === id)!;
const partOf = (w: PrintedWay, id: string) => partOfLine(lineOf(w, id), w.dish.version, w.dish.title, shippedFood);

describe('in no printed way of the ordinary dishes', () => {
  it('is fat taken out of a batter with nothing in its place', () => {
    expect(
      found((w) =>
        w.dish.kind !== 'batter cake'
          ? []
          : w.way.changes
              .filter((c) => partOf(w, c.lineId).role === 'fat' && (swapOf(c.swapId)?.into.length ?? 0) === 0)
              .map((c) => `${c.from} → ${c.to}`),
      ),
    ).toEqual([]);
  });
  it('does the food go that the dish is named after', () => {
    expect(
      found((w) =>
        w.way.changes
          .filter((c) => {
            const at = { line: lineOf(w, c.lineId), version: w.dish.version, title: w.dish.title, food: shippedFood };
            const swap = swapOf(c.swapId);
            if (!isNamedAfter(w.dish.title, at.line, w.dish.version)) return false;
            return c.kind === 'leaveOut' || (swap !== null && takesTheName(swap, c.share, at));
          })
          .map((c) => `${c.from} → ${c.to}`),
      ),
    ).toEqual([]);
  });
  it('is a pan spoken of where nothing is fried', () => {
    const pan = /\bpan\b/i;
    const cooks = /\b(?:fry|fries|brown|soften|saut|sear|sweat|heat|warm|cook|pan|melt|simmer|roast)/i;
    expect(
      found((w) =>
        w.steps.some((s) => METHODS.has(s) && pan.test(s)) && !w.dish.version.steps.some((s) => cooks.test(s.text))
          ? w.steps.filter((s) => METHODS.has(s) && pan.test(s))
          : [],
      ),
    ).toEqual([]);
  });
  it('does water or what is full of it go into hot fat', () => {
    const wet = new Set(['veg', 'broth', 'dairy', 'fruit', 'fruitpuree', 'cultured0', 'drink']);
    expect(
      found((w) =>
        w.way.changes
          .filter((c) => ['deep-fry', 'fry in'].includes(partOf(w, c.lineId).technique ?? '') && c.share < 1)
          .filter((c) => swapOf(c.swapId)?.into.some((t) => shippedFood(t.foodId)!.kinds.some((k) => wet.has(k))))
          .map((c) => `${c.from} → ${c.to}`),
      ),
    ).toEqual([]);
  });
  it('is a sauce left without what thickens it', () => {
    expect(
      found((w) =>
        w.way.changes
          .filter((c) => partOf(w, c.lineId).role === 'thickener' && c.kind === 'leaveOut')
          .filter((c) => !/thicken/i.test(swapOf(c.swapId)?.method ?? ''))
          .map((c) => `${c.from} → ${c.to}`),
      ),
    ).toEqual([]);
  });
  it('names a step what is not there', () => {
    expect(
      found((w) => {
        const all = w.dish.version.lines.map((l) => namesOf(l.item));
        const gone = pairLines(w.dish.version, w.after).filter((p) => {
          const here = p.after.filter((l) => !l.leftOut);
          const names = new Set(namesOf(p.before!.item));
          return p.changed && here.every((l) => !namesOf(l.item).some((n) => names.has(n)));
        });
        return w.steps
          .filter((s) => !METHODS.has(s))
          .flatMap((s) => {
            const said = s.replaceAll(/\([^)]*\)/g, '');
            return gone
              .filter((p) => mentionsOf(said, namesOf(p.before!.item), all).length > 0)
              .map((p) => `${p.before!.item} in "${s}"`);
          });
      }),
    ).toEqual([]);
  });
  it('is anything said twice', () => {
    expect(found((w) => w.steps.filter((s, i) => w.steps.indexOf(s) !== i))).toEqual([]);
    expect(found((w) => w.steps.filter((s) => /\b(\w{4,}) and \1\b/i.test(s)))).toEqual([]);
  });
});
