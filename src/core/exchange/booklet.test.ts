import { EpubCheck } from '@likecoin/epubcheck-ts';
import { zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { FIXTURE_PROGRAMS } from '../../../tests/support/fixture-programs.ts';
import { kitchenOf, readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { makeCard } from '../card/card.ts';
import { USUAL_PASS_ON } from '../card/pass-on.ts';
import { asEpub, type Booklet, howCounted, indexByIngredient, indexByPoints } from './booklet.ts';

const cardOf = (title: string, lines: string[], whose: 'own' | 'other' = 'own') => {
  const version = readVersion(lines, { servings: 4, steps: [{ id: 's', text: 'Stir & bake <well>.' }] });
  return makeCard({
    title,
    credit: {
      author: whose === 'other' ? 'A. Writer' : null,
      url: whose === 'other' ? 'https://example.org/a?b=1&c=2' : null,
      whose,
    },
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
    passOn: { ...USUAL_PASS_ON, words: 'Grandmother’s.' },
    picture: null,
    food: shippedFood,
  });
};
const booklet: Booklet = {
  id: '01a230bb-a798-772f-bf0b-9f9c8504f6cc',
  title: 'Winter & more',
  words: 'For the children.\nWith love.',
  countedOn: '2026-12-01',
  cards: [
    cardOf('Custard <rich>', ['2 cups whole milk', '3 eggs', '½ cup sugar, sifted']),
    cardOf('Milk rice', ['1 cup rice', '4 cups whole milk']),
    cardOf('Somebody’s cake', ['2 cups flour', '3 eggs'], 'other'),
  ],
};
const packed = (b: Booklet) =>
  zipSync(
    Object.fromEntries(
      [...asEpub(b)].map(([name, text]) => [
        name,
        [Buffer.from(text), { level: name === 'mimetype' ? 0 : 6 }] as const,
      ]),
    ) as never,
  );

describe('a booklet', () => {
  it.each([
    ['of three recipes', booklet],
    ['of one', { ...booklet, words: null, cards: booklet.cards.slice(0, 1) }],
    ['of another author’s alone', { ...booklet, cards: booklet.cards.slice(2) }],
    ['with words that are marks', { ...booklet, title: '</title><script>x</script>', words: '&amp; \u0007<b>' }],
  ])('is a valid EPUB 3, %s', async (_, b) => {
    const { valid, messages } = await EpubCheck.validate(packed(b));
    expect(messages.filter((m) => ['fatal', 'error', 'warning'].includes(m.severity)).map((m) => m.message)).toEqual(
      [],
    );
    expect(valid).toBe(true);
  });

  it('is the same files again', () => {
    expect([...asEpub(booklet)]).toEqual([...asEpub(booklet)]);
    expect([...asEpub(booklet).keys()][0]).toBe('mimetype');
  });

  it('has an index by points under each program, each recipe once', () => {
    const index = indexByPoints(booklet);
    expect(index.map((i) => i.program)).toEqual(FIXTURE_PROGRAMS.map((p) => p.name));
    for (const { program, entries } of index) {
      expect(entries.flatMap((e) => e.recipes).sort()).toEqual([1, 2, 3]);
      const points = entries.map(
        (e) => booklet.cards[e.recipes[0]! - 1]!.programs.find((p) => p.name === program)!.points,
      );
      expect(points).toEqual([...points].sort((a, b) => a - b));
    }
  });

  it('has an index by ingredient, by the bare name, and nothing of another author’s list', () => {
    expect(indexByIngredient(booklet)).toEqual([
      { words: 'eggs', recipes: [1] },
      { words: 'rice', recipes: [2] },
      { words: 'sugar', recipes: [1] },
      { words: 'whole milk', recipes: [1, 2] },
    ]);
    expect([...asEpub(booklet).values()].join('')).not.toContain('flour');
  });

  it('says how its points were counted, with the usual caution', () => {
    const said = howCounted(booklet).join(' ');
    for (const p of FIXTURE_PROGRAMS) expect(said).toContain(p.name);
    expect(said).toContain('1 Dec 2026');
    expect(said).toMatch(/no medical advice/);
  });

  it('holds what its cards show: numbers, points, words', () => {
    const text = [...asEpub(booklet).values()].join('\n');
    expect(text).toContain('1 Custard &lt;rich&gt;');
    expect(text).toContain('Stir &amp; bake &lt;well&gt;.');
    expect(text).toContain('The recipe is by A. Writer');
    expect(text).toContain('href="https://example.org/a?b=1&amp;c=2"');
  });
});
