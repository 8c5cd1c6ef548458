import { describe, expect, it } from 'vitest';
import { FIXTURE_PROGRAMS } from '../../../tests/support/fixture-programs.ts';
import { kitchenOf, readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { makeCard } from './card.ts';
import { correctedWords, correctionOf, correctionText } from './correction.ts';
import { USUAL_PASS_ON } from './pass-on.ts';

const cardOf = (lines: string[], countedOn: string) => {
  const version = readVersion(lines, { servings: 2 });
  return makeCard({
    title: 'Toast',
    credit: { author: null, url: null, whose: 'own' },
    version,
    asWritten: version,
    kitchen: kitchenOf(),
    programs: FIXTURE_PROGRAMS.slice(0, 2),
    pins: [],
    swaps: [],
    system: 'us',
    region: 'us',
    countedOn,
    weighed: null,
    food: shippedFood,
    picture: null,
    passOn: USUAL_PASS_ON,
  });
};
const before = cardOf(['2 slices white bread', '2 tbsp butter'], '2026-11-01');
const now = cardOf(['2 slices white bread', '1 tbsp butter'], '2026-12-01');

describe('a card that is published again', () => {
  it('says in one line what was wrong before', () => {
    const corrected = correctionOf(before, now, { why: 'food', words: 'The butter is a salted one.' });
    expect(corrected).toMatchObject({
      on: '2026-12-01',
      why: 'food',
      words: 'The butter is a salted one.',
      kcalWas: before.kcal,
    });
    const words = correctedWords({ ...now, corrected })!;
    expect(words).not.toContain('\n');
    expect(words).toMatch(/^Corrected 1 Dec 2026: the values of a food were wrong\. The butter is a salted one\./);
    before.programs.forEach((p) => {
      expect(words).toContain(`${p.mark} ${p.points}`);
    });
    expect(correctedWords(now)).toBeNull();
  });

  it('says each kind of fault in plain words', () => {
    const said = (['reading', 'food', 'program', 'cook'] as const).map(
      (why) => correctedWords({ ...now, corrected: correctionOf(before, now, { why, words: '' }) })!,
    );
    expect(new Set(said).size).toBe(4);
    expect(said[0]).toContain('read wrongly');
    expect(said[2]).toContain('program');
    expect(said[3]).toContain('the cook');
  });

  it('has a short correction to paste under the old post', () => {
    const corrected = correctionOf(before, now, { why: 'reading', words: '' });
    const text = correctionText({ ...now, corrected }, 'https://cards.example/c/x')!;
    expect(text).toMatch(/^Correction to Toast: /);
    now.programs.forEach((p, i) => {
      expect(text).toContain(`${p.name} ${p.points}, not ${before.programs[i]!.points}`);
    });
    expect(text).toContain('https://cards.example/c/x');
    expect([...text].length).toBeLessThan(400);
    expect(correctionText(now, null)).toBeNull();
  });

  it('says so where the numbers are the same as before', () => {
    const corrected = correctionOf(now, now, { why: 'cook', words: 'The pan is 20 cm.' });
    expect(correctionText({ ...now, corrected }, null)).toMatch(/The points stay/);
  });
});
