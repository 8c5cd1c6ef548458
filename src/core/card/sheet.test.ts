import { describe, expect, it } from 'vitest';
import { FIXTURE_PROGRAMS } from '../../../tests/support/fixture-programs.ts';
import { kitchenOf, readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { countVersion } from '../counting/count-version.ts';
import { count } from '../program/count.ts';
import { plainCounter } from '../program/program.ts';
import { roundPoints } from '../program/rule.ts';
import { makeSheet, type SheetWish } from './sheet.ts';
import { sheetText } from './sheet-text.ts';

const soup = { ...readVersion(['500 g potatoes', '200 ml cream'], { servings: 4 }), id: 'soup-v' };
const pie = { ...readVersion(['300 g flour', '150 g butter', '4 eggs'], { servings: 6 }), id: 'pie-v' };
const programs = FIXTURE_PROGRAMS;
const of = (id: string) => ({ kind: 'version' as const, recipeId: `${id}-r`, versionId: id });
const wish = (rest: Partial<SheetWish> = {}): SheetWish => ({
  kind: 'plate',
  title: 'Supper',
  words: '',
  sums: true,
  cards: false,
  programs: null,
  things: [
    { id: 'a-thing', heading: '', what: of('soup-v'), words: 'Soup', portion: 1, note: '' },
    { id: 'b-thing', heading: '', what: of('pie-v'), words: 'Pie', portion: 0.5, note: 'Warm, with the soup.' },
    {
      id: 'c-thing',
      heading: '',
      what: { kind: 'food', foodId: 'egg', grams: 100, low: 100, high: 100 },
      words: '2 eggs',
      portion: 1,
      note: '',
    },
  ],
  ...rest,
});
const sources = {
  kitchen: kitchenOf(),
  version: (id: string) => [soup, pie].find((v) => v.id === id) ?? null,
  cook: () => null,
  box: () => null,
  pot: () => null,
  feast: () => null,
  food: shippedFood,
};
const make = (rest: Partial<SheetWish> = {}) =>
  makeSheet({
    wish: wish(rest),
    programs,
    pins: [],
    sources,
    cardOf: () => null,
    allergensOf: (t) => (t.what.kind === 'version' ? ['milk'] : ['egg']),
    countedOn: '2026-12-01',
  });

describe('several dishes passed on as one', () => {
  it('has the points of each for every program, as the engine counts the portion', () => {
    const { parts } = make();
    const [first, second] = parts[0]!.things;
    programs.forEach((p, i) => {
      const counter = plainCounter(p, []);
      const at = (version: typeof soup, portion: number) =>
        count(countVersion(version, kitchenOf(), []).lines, counter, { servings: version.servings!, portion }).points;
      expect(first!.points[i]!.points).toBe(at(soup, 1));
      expect(second!.points[i]!.points).toBe(at(pie, 0.5));
    });
  });

  it('sums the plate as each program adds, and says the other way where it differs', () => {
    const { parts } = make();
    const [{ things, sum }] = parts as [(typeof parts)[0]];
    programs.forEach((p, i) => {
      const rounded = things.reduce((s, t) => s + t.points[i]!.points, 0);
      const raw = things.reduce((s, t) => s + t.points[i]!.raw, 0);
      const together = roundPoints(raw, p.rule);
      expect(sum!.points[i]).toMatchObject({ points: p.week.adds === 'rounded' ? rounded : together });
      expect([rounded, together]).toContain(sum!.points[i]!.points);
    });
    expect(sum!.kcal.value).toBeCloseTo(
      things.reduce((s, t) => s + t.kcal!, 0),
      6,
    );
  });

  it('has no sum where none is wanted, and what is not known is not nothing', () => {
    expect(make({ sums: false }).parts[0]!.sum).toBeNull();
    const gone = make({ things: [{ ...wish().things[0]!, what: of('gone-v') }] });
    expect(gone.parts[0]!.things[0]).toMatchObject({ points: programs.map(() => null), kcal: null });
    expect(gone.parts[0]!.sum!.points[0]!.complete).toBe(false);
  });

  it('has a part for every day of a week, each with its sum', () => {
    const [a, b, c] = wish().things;
    const { parts } = make({
      kind: 'week',
      things: [
        { ...a!, heading: 'Mon 7 Dec 2026' },
        { ...b!, heading: 'Mon 7 Dec 2026' },
        { ...c!, heading: 'Tue 8 Dec 2026' },
      ],
    });
    expect(parts.map((p) => [p.heading, p.things.length])).toEqual([
      ['Mon 7 Dec 2026', 2],
      ['Tue 8 Dec 2026', 1],
    ]);
    expect(parts[1]!.sum!.points[0]!.points).toBe(parts[1]!.things[0]!.points[0]!.points);
  });

  it('goes out as one text, with own words in between', () => {
    const sheet = make({ words: 'For the first frost.' });
    const lines = sheetText(sheet).split('\n');
    expect(lines[0]).toBe('Supper');
    expect(lines).toContain('For the first frost.');
    for (const t of sheet.parts[0]!.things)
      expect(lines.find((l) => l.startsWith(`- ${t.words}`))).toContain(
        `LE ${String(t.points[0]!.points).replace('.5', '½')}`,
      );
    const pieAt = lines.findIndex((l) => l.startsWith('- Pie'));
    expect(lines[pieAt]).toContain('½ serving');
    expect(lines[pieAt + 1]).toBe('  Warm, with the soup.');
    expect(lines.find((l) => l.startsWith('Together: '))).toContain(programs[0]!.name);
    expect(sheetText(sheet)).toContain('no medical advice');
    expect(sheetText(sheet)).toContain('Contains: milk, egg');
  });
});
