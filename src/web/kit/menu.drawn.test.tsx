import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { DropdownMenu } from 'radix-ui';
import { afterEach, expect, it } from 'vitest';
import { Menu } from './menu.tsx';

afterEach(cleanup);

const shown = () => {
  const chosen: string[] = [];
  render(
    <main>
      <Menu button="What to do" buttonClass="">
        <DropdownMenu.Item onSelect={() => chosen.push('leave it out')}>Leave it out</DropdownMenu.Item>
      </Menu>
    </main>,
  );
  return { chosen, button: screen.getByRole('button') };
};

it('opens when the press ends, so that the press chooses nothing of it', () => {
  const { chosen, button } = shown();
  fireEvent.pointerDown(button, { button: 0 });
  expect(screen.queryByRole('menu')).toBeNull();
  fireEvent.pointerUp(button);
  fireEvent.click(button);
  expect(screen.getByRole('menu')).toBeTruthy();
  expect(chosen).toEqual([]);
});

it('closes by a press on its button, and by Escape, which gives the focus back', () => {
  const { button } = shown();
  fireEvent.click(button);
  fireEvent.pointerDown(button, { button: 0 });
  fireEvent.keyDown(screen.getByRole('menu'), { key: 'Escape' });
  expect(screen.queryByRole('menu')).toBeNull();
  fireEvent.click(button);
  expect(screen.queryByRole('menu')).toBeNull();
  fireEvent.click(button);
  expect(screen.getByRole('menu')).toBeTruthy();
});
