import type { Announcements, KeyboardCoordinateGetter, ScreenReaderInstructions } from '@dnd-kit/core';
import { format, parseISO } from 'date-fns';

const DIRECTIONS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowRight: [1, 0],
  ArrowLeft: [-1, 0],
  ArrowDown: [0, 1],
  ArrowUp: [0, -1],
};
/** What is picked up lies a little inside its cell, px. */
const INSIDE_CELL = 6;

/** By the arrows from cell to cell: the nearest one that way. */
export const toNextCell: KeyboardCoordinateGetter = (event, { context: { droppableRects, collisionRect } }) => {
  const direction = DIRECTIONS[event.code];
  if (direction === undefined || collisionRect === null) return undefined;
  event.preventDefault();
  const [dx, dy] = direction;
  const [x, y] = [collisionRect.left + INSIDE_CELL, collisionRect.top + INSIDE_CELL];
  let best: { readonly x: number; readonly y: number } | undefined;
  let nearest = Number.POSITIVE_INFINITY;
  for (const rect of droppableRects.values()) {
    const inCell = x >= rect.left && x < rect.right && y >= rect.top && y < rect.bottom;
    const along = dx * (rect.left - x) + dy * (rect.top - y);
    if (inCell || along <= 0) continue;
    // Straight on before aslant.
    const aside = dx !== 0 ? awayFrom(y, rect.top, rect.bottom) : awayFrom(x, rect.left, rect.right);
    const far = along + 4 * aside;
    if (far < nearest) [nearest, best] = [far, { x: rect.left + INSIDE_CELL, y: rect.top + INSIDE_CELL }];
  }
  return best;
};

const awayFrom = (at: number, from: number, to: number): number => (at < from ? from - at : at > to ? at - to : 0);

export const BOARD_INSTRUCTIONS: ScreenReaderInstructions = {
  draggable:
    'Space picks it up, the arrows move it from day to day and from one eater to the next, Space puts it down.',
};

/** What is said while something is moved. @param nameOf the words of what is moved, and of whose cell it is over */
export function boardSays(wordsOf: (id: string) => string, nameOf: (eaterId: string) => string): Announcements {
  const place = (id: string | number | undefined): string => {
    if (id === undefined) return 'nowhere';
    const [eaterId = '', day = ''] = String(id).split('~');
    return `${nameOf(eaterId)}, ${format(parseISO(day), 'EEEE')}`;
  };
  return {
    onDragStart: ({ active }) => `${wordsOf(String(active.id))} is picked up.`,
    onDragOver: ({ over }) => `Over ${place(over?.id)}.`,
    onDragEnd: ({ active, over }) => `${wordsOf(String(active.id))} is put down: ${place(over?.id)}.`,
    onDragCancel: ({ active }) => `${wordsOf(String(active.id))} stays where it was.`,
  };
}
