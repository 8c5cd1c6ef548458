import { describe, expect, it } from 'vitest';
import { type BoxKind, boxKindWords, kindProblems } from './box-kind.ts';

const kind = (over: Partial<BoxKind> = {}): BoxKind => ({
  id: 'small',
  name: 'small glass box',
  millilitres: 500,
  parts: 1,
  grams: 310,
  microwave: true,
  freezer: false,
  ...over,
});

describe('a kind of box', () => {
  it('is said as people say it', () => {
    expect(boxKindWords(kind())).toBe('500 ml, 310 g empty, for the microwave, not for the freezer');
    expect(boxKindWords(kind({ parts: 3, grams: null, millilitres: null, microwave: false, freezer: true }))).toBe(
      '3 parts, not for the microwave, for the freezer',
    );
  });
  it('is told of where it does not do', () => {
    expect(kindProblems(kind(), 'fridge', 400)).toEqual([]);
    expect(kindProblems(kind(), 'freezer', 400)).toEqual([
      'The small glass box is not for the freezer: glass and thin plastic can break there.',
    ]);
    // A gram of a dish takes up about a millilitre; frozen, it needs a tenth more room.
    expect(kindProblems(kind(), 'fridge', 620)[0]).toMatch(/holds about 500 g, and 620 g are to go into it/);
    expect(kindProblems(kind({ freezer: true }), 'freezer', 480)[0]).toMatch(/needs room to freeze/);
    expect(kindProblems(kind({ millilitres: null }), 'fridge', 5000)).toEqual([]);
    expect(kindProblems(kind(), 'fridge', null)).toEqual([]);
  });
});
