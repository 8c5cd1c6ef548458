import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { indexFoods } from '../../core/food/match-food.ts';
import { SHIPPED_FOODS } from '../../core/food/shipped/index.ts';
import { readRecipe } from '../../core/page/read-page.ts';
import { DoubtList } from './doubt-list.tsx';
import { LineToRead } from './line-to-read.tsx';
import { type PasteRead, previewOf } from './preview-of.ts';
import { ReadSoFar } from './read-so-far.tsx';

afterEach(cleanup);

const index = indexFoods(SHIPPED_FOODS);
const preview = (text: string) => previewOf(readRecipe(text), index, 'us');
const pageOf = (...texts: string[]): PasteRead => ({
  recipes: texts.map(preview),
  language: null,
  isSource: false,
  tooLong: false,
});
const nothing = { meant: null, onChoose: () => {}, servings: '', onServings: () => {} };

describe('the preview', () => {
  it('shows each line with its food, its grams and its doubt', () => {
    const page = pageOf('Dip\nServes 4\n\n200 g sour cream\n1 cup mystery dust\nsome cheddar\n\nStir it all together.');
    render(<ReadSoFar page={page} recipe={page.recipes[0]!} {...nothing} />);
    expect(screen.getByText('soured cream, 200 g')).toBeTruthy();
    expect(screen.getByText('What is it?')).toBeTruthy();
    expect(screen.getByText('an estimate, 5 to 50 g')).toBeTruthy();
    expect(screen.getByRole('status').textContent).toBe('3 ingredients, 1 to answer');
  });
  it('asks how many servings when nobody said, with what the source says instead', () => {
    const page = pageOf('Sauce\nMakes about 3 cups\n\n1 cup yogurt\n2 tbsp oil\n\nBlend it.');
    const onServings = vi.fn();
    render(<ReadSoFar page={page} recipe={page.recipes[0]!} {...nothing} onServings={onServings} />);
    const field = screen.getByLabelText(/How many servings does it make\?.*Makes about 3 cups/);
    fireEvent.change(field, { target: { value: '6' } });
    expect(onServings).toHaveBeenCalledWith('6');
  });
  it('asks which recipe is meant', () => {
    const page = pageOf('Soup\nServes 4\n\n2 leeks\n1 l water', 'Bread\nServes 8\n\n500 g flour\n7 g dry yeast');
    const onChoose = vi.fn();
    render(<ReadSoFar page={page} recipe={null} {...nothing} onChoose={onChoose} />);
    fireEvent.click(screen.getByRole('button', { name: 'Bread' }));
    expect(onChoose).toHaveBeenCalledWith(1);
  });
  it('says that a page is in another language, and that it is another author’s', () => {
    const page = { ...pageOf('Stew\nServes 4\nRecipe by Berta\n\n500 g beef\n2 onions'), language: 'fr' as const };
    render(<ReadSoFar page={page} recipe={page.recipes[0]!} {...nothing} />);
    expect(screen.getByText(/in French, which Imbiss does not read/)).toBeTruthy();
    expect(screen.getByText(/From Berta: another author’s/)).toBeTruthy();
  });
  it('lists what stood around the recipe', () => {
    const page = pageOf('Jump to Recipe\nStew\nServes 4\n500 g beef\n2 onions\nCook it all for an hour.');
    render(<ReadSoFar page={page} recipe={page.recipes[0]!} {...nothing} />);
    expect(screen.getByText('Jump to Recipe')).toBeTruthy();
  });
});

describe('a line', () => {
  const props = {
    raw: [],
    marks: [],
    byEye: false,
    onRewrite: () => {},
    onInstead: () => {},
    onPick: () => {},
    onRemove: () => {},
  };
  it('that is not quite sure asks whether it is right', () => {
    const { line } = preview('Pie\nServes 4\n\n3 apples').lines[0]!;
    const unsure = { ...line, taken: { confidence: 0.8, standIn: 'crab', asLastTime: false } };
    const onConfirm = vi.fn();
    const onAsk = vi.fn();
    render(<LineToRead {...props} line={unsure} foodName="apples" onConfirm={onConfirm} onAsk={onAsk} />);
    expect(screen.getByText('Read as apples, right? It knows nothing of "crab".')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Yes' }));
    fireEvent.click(screen.getByRole('button', { name: 'No, it is…' }));
    expect([onConfirm.mock.calls.length, onAsk.mock.calls.length]).toEqual([1, 1]);
  });
  it('that was answered before says so', () => {
    const { line } = preview('Pie\nServes 4\n\n3 apples').lines[0]!;
    const last = { ...line, taken: { confidence: 1, standIn: null, asLastTime: true } };
    render(<LineToRead {...props} line={last} foodName="apples" onConfirm={() => {}} onAsk={() => {}} />);
    expect(screen.getByText('as last time')).toBeTruthy();
  });
});

describe('doubts about the steps', () => {
  const doubt = {
    kind: 'notListed' as const,
    words: 'The steps use 2 tbsp oil, and the list has none.',
    add: '2 tbsp oil',
  };
  it('are settled by adding the line, or put aside', () => {
    const onAdd = vi.fn();
    const onAside = vi.fn();
    render(
      <DoubtList
        doubts={[doubt]}
        settled={[]}
        onAdd={onAdd}
        onLoss={() => {}}
        onAside={onAside}
        onBringBack={() => {}}
      />,
    );
    fireEvent.click(screen.getByRole('button', { name: 'Add it' }));
    fireEvent.click(screen.getByRole('button', { name: `It is right so: ${doubt.words}` }));
    expect(onAdd).toHaveBeenCalledWith('2 tbsp oil');
    expect(onAside).toHaveBeenCalledWith(doubt.words);
  });
  it('that were put aside can be shown again, and nothing shows without any', () => {
    const onBringBack = vi.fn();
    const props = { onLoss: () => {}, onAdd: () => {}, onAside: () => {}, onBringBack };
    const { container, rerender } = render(<DoubtList doubts={[doubt]} settled={[doubt.words]} {...props} />);
    expect(screen.queryByText(doubt.words)).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'One doubt is put aside: show it' }));
    expect(onBringBack).toHaveBeenCalledOnce();
    rerender(<DoubtList doubts={[]} settled={[]} {...props} />);
    expect(container.textContent).toBe('');
  });
});
