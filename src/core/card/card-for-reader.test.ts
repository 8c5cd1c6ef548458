import { describe, expect, it } from 'vitest';
import { FIXTURE_PROGRAMS } from '../../../tests/support/fixture-programs.ts';
import { kitchenOf, readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { countVersion } from '../counting/count-version.ts';
import { count } from '../program/count.ts';
import { type Program, plainCounter } from '../program/program.ts';
import { hasCaps } from '../program/rule.ts';
import { type CardInput, makeCard } from './card.ts';
import { cardForReader, readReaderWish } from './card-for-reader.ts';
import { USUAL_PASS_ON } from './pass-on.ts';

const version = readVersion(
  [
    '1 kg potatoes',
    '¾ cup cream',
    '2 (14.5 oz) cans tomatoes',
    '3 eggs',
    '6 tbsp flour',
    'salt to taste',
    '1 to 2 onions',
  ],
  { servings: 6, steps: [{ id: 's1', text: 'Cook it.' }] },
);
const byItems = FIXTURE_PROGRAMS.map((p): Program => ({ ...p, by: 'items' }));
const cardOf = (programs: readonly Program[] = FIXTURE_PROGRAMS, rest: Partial<CardInput> = {}) =>
  makeCard({
    title: 'Pot',
    credit: { author: null, url: null, whose: 'family' },
    version,
    asWritten: version,
    kitchen: kitchenOf(),
    programs,
    pins: [],
    swaps: [],
    system: 'us',
    region: 'us',
    countedOn: '2026-12-01',
    weighed: null,
    passOn: USUAL_PASS_ON,
    picture: null,
    food: shippedFood,
    ...rest,
  });

describe('a card as its reader asks for it', () => {
  it.each([
    ['as each program counts', FIXTURE_PROGRAMS],
    ['item by item', byItems],
  ])('has the points of any portion that the engine counts, %s', (_, programs) => {
    const card = cardOf(programs);
    const counters = programs.map((p) => plainCounter(p));
    const { lines } = countVersion(version, kitchenOf(), counters);
    for (const portion of [0.25, 0.5, 1, 1.5, 2, 3.75]) {
      const reader = cardForReader(card, { servings: null, portion })!;
      programs.forEach((p, i) => {
        const counted = count(lines, counters[i]!, { servings: 6, portion });
        if (hasCaps(p.rule)) expect(reader.programs[i]!.points).toBeNull();
        else
          expect(reader.programs[i]).toMatchObject({
            mark: p.mark,
            points: counted.points,
            low: counted.pointsRange.low,
            high: counted.pointsRange.high,
          });
      });
      expect(reader.kcal!).toBeCloseTo(card.kcal! * portion, 6);
    }
  });

  it('has the amounts for other servings, and those of the card for its own', () => {
    const card = cardOf();
    const told = (servings: number | null) =>
      cardForReader(card, { servings, portion: null })!.ingredients.map((i) =>
        [i.amount, i.name].filter(Boolean).join(' '),
      );
    const own = card.ingredients.map((i) => [i.amount, i.name].filter(Boolean).join(' '));
    expect(told(null)).toEqual(own);
    expect(told(6)).toEqual(own);
    const twice = told(12);
    expect(twice[0]).toBe('2 kg potatoes');
    expect(twice[1]).toMatch(/^1½ cups \(\d+ g\) cream$/);
    expect(twice[2]).toMatch(/^4 cans \(\d+ g each\) tomatoes$/);
    expect(twice[3]).toMatch(/^6 eggs \(300 g\)$/);
    expect(twice[5]).toBe(own[5]);
    expect(twice[6]).toMatch(/^2 to 4 onions/);
    // A portion stays a portion: for more people it counts the same.
    expect(cardForReader(card, { servings: 12, portion: null })!.programs.map((p) => p.points)).toEqual(
      card.programs.map((p) => p.points),
    );
  });

  it('says no amounts for so many where the card says no servings', () => {
    const whole = { ...cardOf(), servings: null };
    const reader = cardForReader(whole, { servings: 4, portion: 0.5 })!;
    expect(reader.servings).toBeNull();
    expect(reader.ingredients.map((i) => i.amount)).toEqual(whole.ingredients.map((i) => i.amount));
  });

  it('is nothing for a card from before, and shows no more than the card does', () => {
    expect(cardForReader({ ...cardOf(), reader: null }, { servings: 4, portion: 1 })).toBeNull();
    const others = cardOf(FIXTURE_PROGRAMS, {
      credit: { author: 'Somebody', url: 'https://example.org', whose: 'other' },
    });
    expect(JSON.stringify(others.reader)).not.toContain('potato');
    expect(cardForReader(others, { servings: 12, portion: 1 })!.ingredients).toEqual([]);
  });
});

describe('what a reader writes', () => {
  it.each([
    [
      { for: '4', portion: '1.5' },
      { servings: 4, portion: 1.5, wrong: null },
    ],
    [{ for: '4,5' }, { servings: 4.5, portion: null, wrong: null }],
    [{ portion: '½' }, { servings: null, portion: 0.5, wrong: null }],
    [{}, { servings: null, portion: null, wrong: null }],
    [
      { for: '', portion: ' ' },
      { servings: null, portion: null, wrong: null },
    ],
  ])('%j', (query, wish) => {
    expect(readReaderWish(query)).toEqual(wish);
  });
  it.each([
    { for: '0' },
    { for: '501' },
    { for: 'lots' },
    { for: '-2' },
    { portion: '0.1' },
    { portion: '11' },
    { portion: '1e9' },
    { for: ['4', '5'] },
    { for: '<script>' },
  ])('and what cannot be is said, and nothing of it shown: %j', (query) => {
    const { servings, portion, wrong } = readReaderWish(query);
    expect([servings, portion]).toEqual([null, null]);
    expect(wrong).toMatch(/^Write /);
    expect(wrong).not.toMatch(/script|lots/);
  });
});
