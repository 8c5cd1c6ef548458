import { describe, expect, it } from 'vitest';
import { seenAlike } from '../../../tests/support/paper/seen-line.ts';
import { answerWord } from './answer-word.ts';
import { wordDoubts } from './word-doubts.ts';

/** What is asked about a line, as `why word`. */
const asked = (line: string): string[] => {
  const words = seenAlike(line);
  return wordDoubts(words).map((d) => `${d.why} ${words[d.word]!.text}`);
};

describe('the words of a photographed line', () => {
  // How printed fractions came out of a recogniser, seen on pages of several faces: common practice is to look at each.
  it.each([
    ['% cup sugar', 'fraction %'],
    ['1% cups flour', 'fraction 1%'],
    ['Y2 cup sugar', 'fraction Y2'],
    ['Ya cup grated parmesan', 'fraction Ya'],
    ['V4 tsp salt', 'fraction V4'],
    ['¥ cup plain yogurt', 'fraction ¥'],
    ["'/3 cup honey", "fraction '/3"],
    ["1'/3 cups bread crumbs", "fraction 1'/3"],
    ['#/3 cup rolled oats', 'fraction #/3'],
    ['/s tsp nutmeg', 'fraction /s'],
    ['¥2 lemon, juiced', 'fraction ¥2'],
    ['11/2 cups chicken stock', 'fraction 11/2'],
    ['31/2 oz dark chocolate', 'fraction 31/2'],
    ['2-3 cup rolled oats', 'fraction 2-3'],
    ['5 cup sugar', 'fraction 5'],
    ['cup sugar', 'fraction cup'],
    ['S tbsp sour cream', 'fraction S'],
    ['14·19 cups flour', 'fraction 14'],
    ['2·36 lemon, juiced', 'fraction 2'],
  ])('asks for the fraction of %s', (line, question) => expect(asked(line)).toContain(question));

  it.each([
    ['11b lean ground beef', 'number 11b'],
    ['3/4 1b potatoes', 'number 1b'],
    ['1 Ib beef', 'number Ib'],
    ['8 0z cream cheese', 'fraction 8', 'number 0z'],
    ['| onion, chopped', 'number |'],
    ['I bunch parsley', 'number I'],
    ['2 thsp olive oil', 'number thsp'],
    ['1S g walnuts', 'fraction 1S', 'number 1S'],
    ['add f1our and stir', 'number f1our'],
    ['bake for 40·12 minutes', 'word 40'],
    ['stir in the yo}urt', 'word yo}urt'],
    ['onion until soft, about &', 'word &'],
    ['r', 'word r'],
  ])('asks about what was taken for something else: %s', (line, ...possible) =>
    expect(possible.some((q) => asked(line).includes(q as string))).toBe(true),
  );

  it.each([
    '1 cup flour',
    '2 1/2 cups flour',
    '3/4 lb potatoes, peeled',
    '2/3 cup oats',
    '1 can (15 oz) black beans, drained',
    '250g butter',
    '1kg apples',
    '1red pepper',
    'a cup of tea',
    'half cup sugar',
    'Bake at 180 C for 40 minutes, until the top is golden.',
    '½ cup sugar',
    '1½ cups flour',
    '4-6 carrots',
    'Salt & pepper',
    'Serves 4',
  ])('takes %s as it is', (line) => expect(asked(line)).toEqual([]));

  it('offers the fractions behind the whole number that is left, and alone', () => {
    const [doubt] = wordDoubts(seenAlike('1% cups flour'));
    expect(doubt?.offers).toEqual(expect.arrayContaining(['1½', '1¾', '½', '⅛']));
    expect(wordDoubts(seenAlike('11/2 cups stock'))[0]?.offers).toEqual(['1 1/2']);
  });

  it('a figure as wide as it is high was a fraction', () => {
    const [two, ...rest] = seenAlike('2 lemon, juiced');
    const wide = { ...two!, box: { ...two!.box, right: two!.box.left + 20 } };
    expect(wordDoubts([wide, ...rest]).map((d) => d.why)).toEqual(['fraction']);
  });

  it('what the two looks saw differently is asked, and what the other saw is offered', () => {
    const words = seenAlike('add the thyme').map((w, i) => (i === 2 ? { ...w, otherwise: 'rhyme' } : w));
    expect(wordDoubts(words)).toEqual([{ word: 2, why: 'word', offers: ['rhyme'] }]);
  });

  it('an answer takes the place of its word, with the signs around it', () => {
    const words = seenAlike('1 can (IS oz) beans');
    const line = { text: words.map((w) => w.text).join(' '), words: words.map((w) => w.text), box: words[0]!.box };
    const doubts = wordDoubts(words);
    const doubt = doubts.find((d) => d.word === 2)!;
    const answered = answerWord({ ...line, doubts }, doubt, '15');
    expect(answered.text).toBe('1 can (15 oz) beans');
    expect(answered.doubts).toEqual([]);
  });
});
