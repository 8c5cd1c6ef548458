import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, it } from 'vitest';
import { useKeysAndSwipe } from './use-led.ts';

afterEach(cleanup);

/** What was stepped, and where fingers and keys are heard. */
function stepped(): string[] {
  const steps: string[] = [];
  const Page = () => {
    const swipe = useKeysAndSwipe(
      () => steps.push('on'),
      () => steps.push('back'),
    );
    return (
      <div {...swipe} data-testid="page">
        <button type="button">Timer</button>
        <input aria-label="minutes" />
      </div>
    );
  };
  render(<Page />);
  return steps;
}
const finger = (x: number, y = 0) => ({ clientX: x, clientY: y });
const swipe = (from: object, to: object): void => {
  const page = screen.getByTestId('page');
  fireEvent.touchStart(page, { touches: [from] });
  fireEvent.touchEnd(page, { changedTouches: [to] });
};

it('steps on and back by keys, but not by those that a button or a field uses', () => {
  const steps = stepped();
  for (const key of ['ArrowRight', ' ', 'PageDown', 'Enter', 'ArrowLeft', 'Backspace', 'PageUp', 'x'])
    fireEvent.keyDown(document.body, { key });
  expect(steps).toEqual(['on', 'on', 'on', 'on', 'back', 'back', 'back']);
  fireEvent.keyDown(screen.getByRole('button'), { key: ' ' });
  fireEvent.keyDown(screen.getByLabelText('minutes'), { key: 'Backspace' });
  fireEvent.keyDown(document.body, { key: 'ArrowRight', ctrlKey: true });
  expect(steps).toHaveLength(7);
});

it('steps by a swipe to the side, and not by one that scrolls or hardly moves', () => {
  const steps = stepped();
  swipe(finger(300), finger(180));
  swipe(finger(100), finger(240));
  swipe(finger(300), finger(270));
  swipe(finger(300, 0), finger(200, 200));
  expect(steps).toEqual(['on', 'back']);
});
