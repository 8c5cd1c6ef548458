import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FIXTURE_PROGRAMS } from '../../../tests/support/fixture-programs.ts';
import { kitchenOf, readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { MEDICAL_CAUTION } from '../caution/cautions.ts';
import { formatPoints } from '../program/format-points.ts';
import { makeCard } from './card.ts';
import { USUAL_PASS_ON } from './pass-on.ts';
import { postText } from './post-text.ts';

const version = readVersion(['200 g dried kidney beans', '2 tbsp oil', '1 onion (110 g), chopped', '100 g Gruyère'], {
  servings: 4,
  steps: [
    { id: 's1', text: 'Soak the beans overnight.' },
    { id: 's2', text: 'Fry the onion in the oil and simmer everything for an hour.' },
  ],
});
const card = makeCard({
  title: 'Bean pot',
  credit: { author: 'the notebook', url: null, whose: 'family' },
  version,
  asWritten: version,
  kitchen: kitchenOf(),
  programs: FIXTURE_PROGRAMS,
  pins: [],
  swaps: [],
  system: 'us',
  region: 'us',
  countedOn: '2026-12-01',
  weighed: null,
  food: shippedFood,
  picture: null,
  passOn: { ...USUAL_PASS_ON, words: 'For cold days.' },
});
const URL = 'https://cards.example/c/abc';
const long = { length: 'long', steps: true, most: null, url: null } as const;
const short = { length: 'short', steps: false, most: null, url: URL } as const;

describe('a card as text for under a post', () => {
  it('begins with the points of all programs', () => {
    for (const wish of [long, short]) {
      const [first] = postText(card, wish).text.split('\n');
      expect(first).toMatch(/^Bean pot: /);
      for (const p of card.programs) expect(first).toContain(`${p.name} ${formatPoints(p.points)}`);
      expect(first).toContain(`${Math.round(card.kcal!)} kcal`);
    }
  });

  it('is whole when it is long: words, amounts, steps, cautions, the day of the count', () => {
    const { text, left } = postText(card, long);
    for (const words of [
      'For cold days.',
      'Serves 4',
      'From the notebook',
      '1 onion (110 g), chopped',
      '1. Soak the beans',
      '2. Fry',
      'Contains: milk',
      'Counted 1 Dec 2026',
      MEDICAL_CAUTION,
    ])
      expect(text).toContain(words);
    expect(left).toEqual([]);
  });

  it('has no steps where none are wanted, and says where they are when there is a link', () => {
    expect(postText(card, { ...long, steps: false }).text).not.toContain('Soak the beans overnight');
    const { text } = postText(card, short);
    expect(text).not.toContain('Soak the beans overnight');
    expect(text).toContain(URL);
    expect(text).toContain('2 tbsp');
  });

  it('keeps what keeps its readers safe in the short one, too', () => {
    const { text } = postText(card, short);
    expect(text).toContain('Contains: milk');
    for (const c of card.cautions) expect(text).toContain(c.words);
  });

  it('stays within a length, gives up the least needed first, and names what it gave up', () => {
    const whole = postText(card, long);
    const most = [...whole.text].length - 20;
    const cut = postText(card, { ...long, most });
    expect([...cut.text].length).toBeLessThanOrEqual(most);
    expect(cut.left.length).toBeGreaterThan(0);
    expect(cut.over).toBe(0);
    expect(cut.text).toContain('Contains: milk');
    // Never in the middle of a word or a line: every line of it is one of the whole.
    const lines = new Set(whole.text.split('\n'));
    for (const line of cut.text.split('\n')) expect(lines).toContain(line);
  });

  it('says by how much it is too long where even the least does not fit, and loses nothing of that', () => {
    const { text, over } = postText(card, { ...short, most: 60 });
    expect(over).toBe([...text].length - 60);
    expect(text).toContain('Contains: milk');
    expect(text.split('\n')[0]).toContain(card.programs[0]!.name);
  });

  it('is within any length that it says it is within', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 3000 }),
        fc.boolean(),
        fc.constantFrom('long', 'short'),
        (most, steps, length) => {
          const { text, over } = postText(card, { length, steps, most, url: URL });
          expect(over).toBe(Math.max(0, [...text].length - most));
        },
      ),
    );
  });
});
