import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, expect, it } from 'vitest';
import ListWishes from './list-wishes.tsx';
import { NO_WISH, type RecipeWish } from './recipe-wish.ts';

afterEach(cleanup);

function Wishing({ onWish }: { readonly onWish: (wish: RecipeWish) => void }) {
  const [wish, setWish] = useState<RecipeWish>(NO_WISH);
  onWish(wish);
  return <ListWishes wish={wish} eaters={[]} people={[]} onWish={(change) => setWish({ ...wish, ...change })} />;
}

it('keeps the field while a number of several digits is typed, and empties it when all are shown again', () => {
  let wish = NO_WISH;
  render(<Wishing onWish={(w) => (wish = w)} />);
  fireEvent.click(screen.getByRole('button', { name: 'Narrow' }));
  const field = screen.getByLabelText<HTMLInputElement>('kcal at most');
  field.focus();
  for (const value of ['4', '45', '450']) {
    fireEvent.change(field, { target: { value } });
    expect(document.activeElement, value).toBe(field);
  }
  expect(wish.kcalAtMost).toBe(450);
  fireEvent.click(screen.getByRole('button', { name: 'Show all' }));
  expect(wish).toEqual(NO_WISH);
  expect(screen.getByLabelText<HTMLInputElement>('kcal at most').value).toBe('');
});
