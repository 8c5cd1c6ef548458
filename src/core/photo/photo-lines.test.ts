import { describe, expect, it } from 'vitest';
import { seenLine } from '../../../tests/support/paper/seen-line.ts';
import { columnsOf, gutterOf } from './gutter.ts';
import { photoLines } from './photo-lines.ts';
import { photoText } from './photo-text.ts';
import { inFirstSize, SECOND_LOOK } from './second-look.ts';

const lines = (...words: string[]) => words.map((w, i) => seenLine(w, 0, i * 30));

describe('a photograph that is looked at twice', () => {
  it('what both see alike is taken, though neither was sure', () => {
    const [line] = photoLines(lines('3·58 large·58 eggs'), lines('3·55 large·61 eggs'));
    expect(line).toMatchObject({ text: '3 large eggs', doubts: [] });
  });

  it('"1tbsp" and "1 tbsp" are the same', () =>
    expect(photoLines(lines('1·21 tbsp·21 oil'), lines('1tbsp·89 oil'))[0]!.doubts).toEqual([]));

  it('what they see differently is asked', () => {
    const [line] = photoLines(lines('1 thyme sprig'), lines('1 rhyme sprig'));
    expect(line!.doubts).toEqual([{ word: 1, why: 'word', offers: ['rhyme'] }]);
  });

  it('an amount that only one of them saw is asked about', () => {
    const [line] = photoLines(lines('onion, finely chopped'), lines('1 onion, finely chopped'));
    expect(line!.doubts).toEqual([{ word: 0, why: 'number', offers: ['1 onion,'] }]);
  });

  it('a line that only one of them saw stays, asked, in its place', () => {
    const seen = photoLines(
      [seenLine('1 egg', 0, 0), seenLine('2 pears', 0, 60)],
      lines('1 egg', 'some milk', '2 pears'),
    );
    expect(seen.map((l) => [l.text, l.doubts.length > 0])).toEqual([
      ['1 egg', false],
      ['some milk', true],
      ['2 pears', false],
    ]);
  });

  it('specks of the paper are left out, and an upright stroke in front is none', () => {
    const seen = photoLines(lines('.·10 —·5', '|·60 bunch parsley'), lines('.·5', '|·55 bunch parsley'));
    expect(seen).toHaveLength(1);
    expect(seen[0]!.doubts[0]).toMatchObject({ word: 0, offers: ['1'] });
  });

  it('the second look stands in the places of the first', () => {
    const small = seenLine('1 egg', 30, 60);
    expect(inFirstSize([small])[0]!.box.left).toBe(30 / SECOND_LOOK);
    expect(inFirstSize([small])[0]!.words[1]!.box.top).toBe(60 / SECOND_LOOK);
  });
});

describe('a page of two columns', () => {
  const across = ['1 cup flour', '2 eggs', '100 g butter', '1 tsp salt', '3 tbsp milk'].map((left, i) => {
    const a = seenLine(left, 0, 60 + i * 30);
    const b = seenLine('stir it well and bake it', 300, 60 + i * 30);
    return { words: [...a.words, ...b.words], box: { ...a.box, right: b.box.right } };
  });
  it('is parted where no word stands, under a title that goes across', () => {
    const gutter = gutterOf([seenLine('A very long title that goes across all of it', 0, 0), ...across]);
    expect(gutter!.x).toBeGreaterThan(170);
    expect(gutter!.x).toBeLessThan(300);
    expect(gutter!.top).toBe(60);
    expect(columnsOf(gutter!, 700)[1]).toMatchObject({ left: gutter!.x, right: 700 });
  });
  it('a page of one column has none, nor has a list of amounts and foods', () => {
    expect(gutterOf(lines('1 cup flour', '2 eggs', '100 g butter and more', '1 tsp salt', '3 tbsp milk'))).toBeNull();
    const list = ['1 cup', '2', '100 g', '1 tsp', '3 tbsp'].map((amount, i) => {
      const a = seenLine(amount, 0, i * 30);
      const b = seenLine('of a food with a name as long as this', 110, i * 30);
      return { words: [...a.words, ...b.words], box: { ...a.box, right: b.box.right } };
    });
    expect(gutterOf(list)).toBeNull();
  });
});

describe('the text of a photograph', () => {
  const text = (...words: string[]) => photoText(photoLines(lines(...words), lines(...words)));
  it('joins what was broken at the edge, and nothing else', () => {
    expect(text('Heat the oil in a pan and cook the onion', 'until soft.', 'Add the garlic.')).toBe(
      'Heat the oil in a pan and cook the onion until soft.\nAdd the garlic.',
    );
    expect(text('Heat the oil in a pan and cook the onion.', '2 eggs', 'salt')).toBe(
      'Heat the oil in a pan and cook the onion.\n2 eggs\nsalt',
    );
  });
});
